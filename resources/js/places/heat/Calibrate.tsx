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
import { say } from '../../words/words';

type Probe = 'outer-face' | 'edge' | 'panel' | 'battery';
const PROBES: Record<Probe, string> = {
    'outer-face': say('page.calibrate.heated-glass'),
    edge: say('page.calibrate.edge'),
    panel: say('page.panel'),
    battery: say('page.calibrate.battery'),
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
            aria-label={say('page.calibrate.calibrate')}
            sx={{ borderTop: 1, borderColor: 'divider', pt: 2, display: 'grid', gap: 1.5 }}
        >
            <Typography component="h2" variant="h2">
                {say('page.calibrate.calibrate-by-a-reading')}
            </Typography>
            <Box
                component="form"
                onSubmit={submit}
                sx={{ display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap' }}
            >
                <TextField
                    select
                    size="small"
                    label={say('page.calibrate.read-at')}
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
                    label={say('page.calibrate.seconds-on-the-source')}
                    value={second}
                    onChange={(e) => setSecond(e.target.value)}
                    sx={{ width: 170 }}
                />
                <TextField
                    size="small"
                    label={say('page.calibrate.thermometer-c')}
                    value={celsius}
                    onChange={(e) => setCelsius(e.target.value.replace(',', '.'))}
                    sx={{ width: 150 }}
                />
                <Button
                    type="submit"
                    variant="outlined"
                    disabled={fit.isPending || celsius.trim() === '' || Number.isNaN(Number(celsius))}
                >
                    {say('page.calibrate.fit-the-contact')}
                </Button>
            </Box>
            <Refusal error={fit.error ?? keep.error} />
            {fit.data &&
                (fit.data.implausible ? (
                    <Note tone="stop" role="alert">
                        {say('page.calibrate.no-contact-explains-this-reading-it', {
                            misfit: fit.data.misfit,
                            implausible:
                                fit.data.implausible === 'too-cold'
                                    ? say('page.calibrate.the-probe-is-loose-or-sits')
                                    : say('page.calibrate.it-sits-on-another-spot-or'),
                        })}
                    </Note>
                ) : (
                    <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap' }}>
                        <Typography role="status">
                            {say('page.calibrate.contact-w-m-k-between-and', {
                                coefficient: fit.data.coefficient,
                                low: fit.data.low,
                                high: fit.data.high,
                            })}
                        </Typography>
                        <Button variant="outlined" onClick={() => choose(measured)}>
                            {say('page.calibrate.see-it')}
                        </Button>
                        <TextField
                            size="small"
                            label={say('page.calibrate.name-of-the-source')}
                            value={name}
                            onChange={(e) => setName(e.target.value)}
                            slotProps={{ htmlInput: { maxLength: 60 } }}
                        />
                        <Button
                            variant="contained"
                            disabled={keep.isPending || name.trim().length < 2}
                            onClick={() => keep.mutate()}
                        >
                            {say('page.calibrate.keep-the-source')}
                        </Button>
                    </Box>
                ))}
        </Box>
    );
}
