import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, take, type Schemas } from '../../api/client';
import { queries } from '../../api/queries';
import { queryClient } from '../../api/queryClient';
import { every } from '../../api/sets';
import { say } from '../../words/words';
import { KeepForm } from './KeepForm';
import { Left, spans } from './Left';
import { People } from './People';
import { ShopEffect } from './ShopEffect';
import { ShownAs } from './ShownAs';

type Kept = Schemas['ShopKept'];
type Settings = Schemas['ShopSettings'];
type Equipment = keyof Settings['equipment'];

const DAYS = [1, 2, 3, 4, 5, 6, 7] as const;
const EQUIPMENT = every<Equipment>({
    plate: true,
    'hot-air': true,
    'grain-bag': true,
    'clamp-set': true,
    charger: true,
    'uv-lamp': true,
});
const CERTAINTIES = [80, 90, 95] as const;

const whole = (text: string): number => Number(text.replace(/\D/g, ''));

/** When the shop is open and what it has: promises keep to it. The owner's. */
export function ShopDay() {
    const shop = useQuery(queries.shop());
    return shop.data ? <Form kept={shop.data} /> : null;
}

function Form({ kept }: { kept: Kept }) {
    const [settings, setSettings] = useState<Settings>(kept.settings);
    // What was loaded is what is changed: somebody else's change meanwhile is told, not overwritten.
    const [version, setVersion] = useState(kept.version);
    const set = (change: Partial<Settings>) => setSettings({ ...settings, ...change });
    const save = useMutation({
        mutationFn: () => take(api.PUT('/api/shop', { body: { version, settings } })),
        onSuccess: (now) => {
            setVersion(now.version);
            queryClient.setQueryData(queries.shop().queryKey, now);
        },
    });
    const openOn = (day: number): string => (settings.week.find((d) => d.day === day)?.open ?? []).join(', ');
    const opens = (day: number, text: string) =>
        set({
            week: DAYS.map((d) => ({ day: d, open: d === day ? spans(text) : spans(openOn(d)) })),
        });
    return (
        <KeepForm
            title={say('page.shop-day.the-shop')}
            whatFor={say('page.shop-day.what-for')}
            kept={say('page.shop-day.kept')}
            keep={say('page.shop-day.keep')}
            saving={save}
        >
            <TextField
                label={say('page.shop-day.name')}
                value={settings.name ?? ''}
                onChange={(e) => set({ name: e.target.value })}
                required
                slotProps={{ htmlInput: { maxLength: 80 } }}
                sx={{ maxWidth: 520 }}
            />
            <Box sx={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fill, minmax(240px, 1fr))', gap: 2 }}>
                {DAYS.map((day) => (
                    <Left
                        key={day}
                        label={say(`weekday.${day}`)}
                        value={openOn(day)}
                        placeholder={say('page.shop-day.closed')}
                        keep={(text) => opens(day, text)}
                    />
                ))}
                <Left
                    label={say('page.shop-day.closed-on')}
                    value={settings.closed.join(', ')}
                    placeholder="2026-12-25"
                    keep={(text) => set({ closed: spans(text) })}
                />
            </Box>
            <People kept={kept} people={settings.people} set={(people) => set({ people })} />
            <Box sx={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fill, minmax(160px, 1fr))', gap: 2 }}>
                {EQUIPMENT.map((kind) => (
                    <TextField
                        key={kind}
                        size="small"
                        label={say(`equipment.${kind}`)}
                        value={settings.equipment[kind]}
                        onChange={(e) => set({ equipment: { ...settings.equipment, [kind]: whole(e.target.value) } })}
                    />
                ))}
                <TextField
                    select
                    size="small"
                    sx={{ gridColumn: { sm: 'span 2' } }}
                    label={say('page.shop-day.certainty')}
                    value={settings.certainty}
                    onChange={(e) => set({ certainty: Number(e.target.value) })}
                >
                    {[...new Set([...CERTAINTIES, settings.certainty])].map((c) => (
                        <MenuItem key={c} value={c}>
                            {say('page.shop-day.of-100-days', { days: c })}
                        </MenuItem>
                    ))}
                </TextField>
            </Box>
            <ShopEffect settings={settings} />
            <ShownAs kept={kept} settings={settings} set={set} />
        </KeepForm>
    );
}
