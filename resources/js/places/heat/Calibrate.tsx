import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useState, type SyntheticEvent } from 'react';
import { api, take } from '../../api/client';
import { queries } from '../../api/queries';
import { queryClient } from '../../api/queryClient';
import { newId } from '../../bench/ids';
import type { HeatSource } from '../../heat/source';
import { Note } from '../../shell/Note';
import { Refusal } from '../../shell/Refusal';

type Probe = 'outer-face' | 'edge' | 'panel' | 'battery';
const PROBES: Record<Probe, string> = {
    'outer-face': 'Heated glass',
    edge: 'Edge',
    panel: 'Panel',
    battery: 'Battery',
};

interface Props {
    phone: string;
    bond: string;
    source: HeatSource;
    room: number;
    take: (s: HeatSource) => void;
}

/** A source calibrated once by a reading against a thermometer, and kept with the shop's own figure. */
export function Calibrate({ phone, bond, source, room, take: choose }: Props) {
    const me = useQuery(queries.me()).data;
    const [probe, setProbe] = useState<Probe>('outer-face');
    const [second, setSecond] = useState('120');
    const [celsius, setCelsius] = useState('');
    const [name, setName] = useState('');
    const fit = useMutation({
        mutationFn: () =>
            take(
                api.POST('/api/heat/refit', {
                    body: {
                        phone,
                        bond,
                        source,
                        room,
                        readings: [{ probe, second: Number(second), celsius: Number(celsius) }],
                    },
                }),
            ),
    });
    const measured: HeatSource = fit.data ? { ...source, coefficient: fit.data.coefficient } : source;
    const keep = useMutation({
        mutationFn: () =>
            take(
                api.POST('/api/heat/sources', {
                    body: {
                        id: newId(),
                        name,
                        source: measured,
                        fit: fit.data
                            ? { coefficient: fit.data.coefficient, low: fit.data.low, high: fit.data.high }
                            : null,
                    },
                }),
            ),
        onSuccess: async (kept) => {
            await queryClient.invalidateQueries({ queryKey: queries.heatSources().queryKey });
            choose(kept.source);
            setName('');
        },
    });
    const submit = (event: SyntheticEvent) => {
        event.preventDefault();
        fit.mutate();
    };
    if (me === undefined || me.role === 'front-desk') {
        return null;
    }
    return (
        <Box
            component="section"
            aria-label="Calibrate"
            sx={{ borderTop: 1, borderColor: 'divider', pt: 2, display: 'grid', gap: 1.5 }}
        >
            <Typography component="h2" variant="h2">
                Calibrate by a reading
            </Typography>
            <Box
                component="form"
                onSubmit={submit}
                sx={{ display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap' }}
            >
                <TextField
                    select
                    size="small"
                    label="Read at"
                    value={probe}
                    onChange={(e) => setProbe(e.target.value as Probe)}
                    sx={{ width: 150 }}
                >
                    {Object.entries(PROBES).map(([value, label]) => (
                        <MenuItem key={value} value={value}>
                            {label}
                        </MenuItem>
                    ))}
                </TextField>
                <TextField
                    size="small"
                    label="Seconds on the source"
                    value={second}
                    onChange={(e) => setSecond(e.target.value)}
                    sx={{ width: 170 }}
                />
                <TextField
                    size="small"
                    label="Thermometer, °C"
                    value={celsius}
                    onChange={(e) => setCelsius(e.target.value.replace(',', '.'))}
                    sx={{ width: 150 }}
                />
                <Button
                    type="submit"
                    variant="outlined"
                    disabled={fit.isPending || celsius.trim() === '' || Number.isNaN(Number(celsius))}
                >
                    Fit the contact
                </Button>
            </Box>
            <Refusal error={fit.error ?? keep.error} />
            {fit.data &&
                (fit.data.implausible ? (
                    <Note tone="stop" role="alert">
                        No contact explains this reading, it is {fit.data.misfit} K off:{' '}
                        {fit.data.implausible === 'too-cold'
                            ? 'the probe is loose, or sits elsewhere'
                            : 'it sits on another spot, or touches the source'}
                        . It is not used.
                    </Note>
                ) : (
                    <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap' }}>
                        <Typography role="status">
                            Contact {fit.data.coefficient} W/m²K, between {fit.data.low} and {fit.data.high} (95 %).
                        </Typography>
                        <Button variant="outlined" onClick={() => choose(measured)}>
                            See it
                        </Button>
                        <TextField
                            size="small"
                            label="Name of the source"
                            value={name}
                            onChange={(e) => setName(e.target.value)}
                            slotProps={{ htmlInput: { maxLength: 60 } }}
                        />
                        <Button
                            variant="contained"
                            disabled={keep.isPending || name.trim().length < 2}
                            onClick={() => keep.mutate()}
                        >
                            Keep the source
                        </Button>
                    </Box>
                ))}
        </Box>
    );
}
