import Box from '@mui/material/Box';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useState, type SyntheticEvent } from 'react';
import { api, take, type Schemas } from '../../api/client';
import { CORNER_CUTS, type CornerCut } from '../../api/sets';
import { queries } from '../../api/queries';
import { queryClient } from '../../api/queryClient';
import { Note } from '../../shell/Note';
import { Refusal } from '../../shell/Refusal';
import { say } from '../../words/words';

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
    return rules.data ? <RulesForm key={rules.data.version} kept={rules.data} /> : null;
}

function RulesForm({ kept }: { kept: Kept }) {
    const [rules, setRules] = useState<Rules>(kept.rules);
    const save = useMutation({
        mutationFn: () => take(api.PUT('/api/rules', { body: { version: kept.version, rules } })),
        onSuccess: (now) => queryClient.setQueryData(queries.rules().queryKey, now),
    });
    const submit = (event: SyntheticEvent) => {
        event.preventDefault();
        save.mutate();
    };
    const text = (key: Amount, label: string) => (
        <TextField
            key={key}
            size="small"
            label={label}
            value={rules[key]}
            onChange={(e) => setRules({ ...rules, [key]: e.target.value.replace(',', '.') })}
        />
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
        <Box
            component="form"
            onSubmit={submit}
            aria-label={say('page.shop-rules.rules-of-pricing')}
            sx={{ display: 'grid', gap: 2 }}
        >
            <Typography component="h2" variant="h1">
                {say('page.shop-rules.rules-of-pricing')}
            </Typography>
            <Typography color="textSecondary">{say('page.shop-rules.price-expected-cost-1-margin-floor')}</Typography>
            <Box sx={{ display: 'grid', gridTemplateColumns: 'repeat(4, 1fr)', gap: 2 }}>
                <TextField
                    size="small"
                    label={say('page.shop-rules.currency')}
                    value={rules.currency}
                    onChange={(e) => setRules({ ...rules, currency: e.target.value })}
                />
                {text('taxRate', say('page.shop-rules.tax-as-a-share-0-19'))}
                {text('marginFloor', say('page.shop-rules.margin-floor-as-a-share-0'))}
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
            <Pairs
                title={say('page.shop-rules.fixed-prices')}
                hint={say('page.shop-rules.phone-id-and-kind-brasca-fern')}
                rows={rules.fixed}
                set={(fixed) => setRules({ ...rules, fixed })}
            />
            <Pairs
                title={say('page.shop-rules.what-phones-are-worth')}
                hint={say('page.shop-rules.phone-id-quillon-vesper')}
                rows={rules.worth}
                set={(worth) => setRules({ ...rules, worth })}
            />
            <Refusal error={save.error} />
            {save.isSuccess && (
                <Note tone="done" role="status">
                    {say('page.shop-rules.kept-quotes-follow-from-now-on')}
                </Note>
            )}
            <Button
                type="submit"
                variant="contained"
                disabled={save.isPending}
                sx={{ justifySelf: 'start', minHeight: 56, px: 4 }}
            >
                {say('page.shop-rules.keep-the-rules')}
            </Button>
        </Box>
    );
}

function Pairs({
    title,
    hint,
    rows,
    set,
}: {
    title: string;
    hint: string;
    rows: Rules['fixed'];
    set: (rows: Rules['fixed']) => void;
}) {
    return (
        <Box component="fieldset" sx={{ border: 0, m: 0, p: 0, display: 'grid', gap: 1, justifyItems: 'start' }}>
            <Box component="legend" sx={{ fontWeight: 700, mb: 0.5 }}>
                {title}
            </Box>
            {rows.map((row, i) => (
                <Box key={i} sx={{ display: 'flex', gap: 1 }}>
                    <TextField
                        size="small"
                        label={hint}
                        value={row.for}
                        onChange={(e) => set(rows.map((r, j) => (j === i ? { ...r, for: e.target.value } : r)))}
                        sx={{ width: 420 }}
                    />
                    <TextField
                        size="small"
                        label={say('page.shop-rules.amount')}
                        value={row.amount}
                        onChange={(e) =>
                            set(rows.map((r, j) => (j === i ? { ...r, amount: e.target.value.replace(',', '.') } : r)))
                        }
                        sx={{ width: 120 }}
                    />
                    <Button
                        onClick={() => set(rows.filter((_, j) => j !== i))}
                        aria-label={say('page.shop-rules.remove', { for: row.for })}
                    >
                        {say('page.remove')}
                    </Button>
                </Box>
            ))}
            <Button onClick={() => set([...rows, { for: '', amount: '' }])}>{say('page.shop-rules.add-a-line')}</Button>
        </Box>
    );
}
