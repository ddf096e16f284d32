import Box from '@mui/material/Box';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, take, type Schemas } from '../../api/client';
import { CORNER_CUTS, type CornerCut } from '../../api/sets';
import { queries } from '../../api/queries';
import { queryClient } from '../../api/queryClient';
import { say } from '../../words/words';
import { KeepForm } from './KeepForm';
import { Percent } from './Percent';
import { PhoneAmounts } from './PhoneAmounts';
import { RulesEffect } from './RulesEffect';

type Rules = Schemas['Rules'];
type Kept = Schemas['RulesKept'];

type Amount =
    'taxRate' | 'marginFloor' | 'hourlyRate' | 'roundTo' | 'sundries' | 'tapeMetre' | 'seal' | 'glueMl' | 'glassKit';

const AMOUNTS: [Amount, string][] = [
    ['hourlyRate', say('page.shop-rules.an-hour-of-work-costs')],
    ['roundTo', say('page.shop-rules.round-prices-up-to')],
    ['sundries', say('page.shop-rules.wipes-alcohol-gloves')],
    ['tapeMetre', say('page.shop-rules.a-metre-of-tape')],
    ['seal', say('page.shop-rules.a-pre-cut-seal')],
    ['glueMl', say('page.shop-rules.a-ml-of-adhesive')],
    ['glassKit', say('page.shop-rules.a-glass-only-kit')],
];

/** How prices are computed; the owner's. */
export function ShopRules() {
    const rules = useQuery(queries.rules());
    return rules.data ? <RulesForm kept={rules.data} /> : null;
}

function RulesForm({ kept }: { kept: Kept }) {
    const [rules, setRules] = useState<Rules>(kept.rules);
    // What was loaded is what is changed: somebody else's change meanwhile is told, not overwritten.
    const [version, setVersion] = useState(kept.version);
    const save = useMutation({
        mutationFn: () => take(api.PUT('/api/rules', { body: { version, rules } })),
        onSuccess: (now) => {
            setVersion(now.version);
            queryClient.setQueryData(queries.rules().queryKey, now);
        },
    });
    const text = (key: Amount, label: string) => (
        <TextField
            key={key}
            size="small"
            label={label}
            value={rules[key]}
            onChange={(e) => setRules({ ...rules, [key]: e.target.value.replace(',', '.') })}
        />
    );
    const percent = (key: 'taxRate' | 'marginFloor', label: string) => (
        <Percent key={key} label={label} share={rules[key]} set={(share) => setRules({ ...rules, [key]: share })} />
    );
    const whole = (key: 'warrantyDays' | 'insurerDays' | 'picks' | 'chance', label: string) => (
        <TextField
            size="small"
            label={label}
            value={String(rules[key])}
            onChange={(e) => setRules({ ...rules, [key]: Number(e.target.value.replace(/\D/g, '')) })}
        />
    );
    return (
        <KeepForm
            title={say('page.shop-rules.rules-of-pricing')}
            whatFor={say('page.shop-rules.price-expected-cost-1-margin-floor')}
            kept={say('page.shop-rules.kept-quotes-follow-from-now-on')}
            keep={say('page.shop-rules.keep-the-rules')}
            saving={save}
        >
            <Box
                sx={{
                    display: 'grid',
                    gridTemplateColumns: { xs: 'repeat(2, minmax(0, 1fr))', md: 'repeat(4, 1fr)' },
                    gap: 2,
                }}
            >
                <TextField
                    size="small"
                    label={say('page.shop-rules.currency')}
                    value={rules.currency}
                    onChange={(e) => setRules({ ...rules, currency: e.target.value })}
                />
                {percent('taxRate', say('page.shop-rules.tax'))}
                {percent('marginFloor', say('page.shop-rules.margin-floor'))}
                {AMOUNTS.map(([key, label]) => text(key, label))}
                {whole('warrantyDays', say('page.shop-rules.warranty-days'))}
                {whole('insurerDays', say('page.shop-rules.insurers-pay-within-days'))}
                {whole('picks', say('page.shop-rules.opening-picks-for-one-phone'))}
                {whole('chance', say('page.shop-rules.chance'))}
                <TextField
                    select
                    size="small"
                    label={say('page.shop-rules.tape-round-a-corner')}
                    value={rules.corner}
                    onChange={(e) => setRules({ ...rules, corner: e.target.value as CornerCut })}
                >
                    {CORNER_CUTS.map((c) => (
                        <MenuItem key={c} value={c}>
                            {say(`corner-cut.${c}`)}
                        </MenuItem>
                    ))}
                </TextField>
            </Box>
            <FormControlLabel
                control={
                    <Checkbox checked={rules.holds} onChange={(e) => setRules({ ...rules, holds: e.target.checked })} />
                }
                label={say('page.shop-rules.holds')}
            />
            <PhoneAmounts
                title={say('page.shop-rules.fixed-prices')}
                fresh={(phone) => ({ phone, kind: 'display-assembly', amount: '' })}
                rows={rules.fixed}
                set={(fixed) => setRules({ ...rules, fixed })}
            />
            <PhoneAmounts
                title={say('page.shop-rules.what-phones-are-worth')}
                fresh={(phone) => ({ phone, amount: '' })}
                rows={rules.worth}
                set={(worth) => setRules({ ...rules, worth })}
            />
            <RulesEffect rules={rules} />
        </KeepForm>
    );
}
