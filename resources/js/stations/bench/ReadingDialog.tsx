import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import FormControlLabel from '@mui/material/FormControlLabel';
import MenuItem from '@mui/material/MenuItem';
import Radio from '@mui/material/Radio';
import RadioGroup from '@mui/material/RadioGroup';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState, type SyntheticEvent } from 'react';
import { tenthsOf, type Heated } from '../../bench/heat';
import { report } from '../../bench/useOutbox';
import { Refusal } from '../../shell/Refusal';
import { say } from '../../words/words';
import { shown, useThermometer, type Probe } from '../../bench/useThermometer';
import { every } from '../../api/sets';

const PROBES = every<Probe>({ 'outer-face': true, edge: true, panel: true, battery: true });

/** What the thermometer shows at this moment, and where it sits. */
/** A thermometer gives a figure, a heat-indicating sticker a bound. */
type By = 'thermometer' | NonNullable<Heated['readings'][number]['sticker']>;
const BY = every<By>({ thermometer: true, turned: true, 'not-yet': true });

export function ReadingDialog({ job, step, close }: { job: string; step: string; close: () => void }) {
    const [probe, setProbe] = useState<Probe>('outer-face');
    const [typed, setTyped] = useState('');
    const [by, setBy] = useState<By>('thermometer');
    const tenths = tenthsOf(typed);
    const keep = (event: SyntheticEvent) => {
        event.preventDefault();
        if (tenths !== null) {
            report(job, 'reading', { step, probe, tenths, ...(by === 'thermometer' ? {} : { sticker: by }) });
            close();
        }
    };
    return (
        <Dialog open onClose={close} aria-labelledby="reading-title">
            <DialogTitle id="reading-title">{say('page.reading-of-the-thermometer')}</DialogTitle>
            <DialogContent>
                <Box component="form" onSubmit={keep} sx={{ display: 'grid', gap: 1.5, pt: 1 }}>
                    <TextField
                        select
                        size="small"
                        label={say('page.reading-dialog.where')}
                        value={probe}
                        onChange={(e) => setProbe(e.target.value as Probe)}
                    >
                        {PROBES.map((p) => (
                            <MenuItem key={p} value={p}>
                                {say(`probe.${p}`)}
                            </MenuItem>
                        ))}
                    </TextField>
                    <RadioGroup
                        row
                        aria-label={say('page.reading-dialog.read-from')}
                        value={by}
                        onChange={(e) => setBy(e.target.value as By)}
                    >
                        {BY.map((b) => (
                            <FormControlLabel key={b} value={b} control={<Radio />} label={say(`readby.${b}`)} />
                        ))}
                    </RadioGroup>
                    <TextField
                        size="small"
                        autoFocus
                        label={say(
                            by === 'thermometer'
                                ? 'page.reading-dialog.temperature-c'
                                : 'page.reading-dialog.sticker-turns-at-c',
                        )}
                        value={typed}
                        error={typed !== '' && tenths === null}
                        helperText={typed !== '' && tenths === null ? say('page.reading-dialog.20-to-250-c') : ' '}
                        onChange={(e) => setTyped(e.target.value)}
                        slotProps={{ htmlInput: { inputMode: 'decimal' } }}
                    />
                    <Typography variant="body2" color="textSecondary">
                        {say('page.reading-dialog.it-counts-from-this-moment-one')}
                    </Typography>
                    <Button type="submit" variant="contained" disabled={tenths === null}>
                        {say('page.reading-dialog.keep-the-reading')}
                    </Button>
                    <FromThermometer job={job} step={step} probe={probe} close={close} />
                </Box>
            </DialogContent>
        </Dialog>
    );
}

/** A thermometer that is heard: its figure taken once, or followed from here on. */
function FromThermometer({ job, step, probe, close }: { job: string; step: string; probe: Probe; close: () => void }) {
    const { thermometer, follow } = useThermometer(job);
    if (thermometer === null) {
        return null;
    }
    const { celsius } = thermometer;
    const elsewhere = thermometer.follows !== null && thermometer.follows.job !== job;
    const put = () =>
        follow.mutate(
            { thermometer: thermometer.id, step, probe, ...(elsewhere ? { over: true } : {}) },
            { onSuccess: close },
        );
    return (
        <Box
            component="section"
            aria-label={say('page.reading-dialog.from-the-thermometer')}
            sx={{ borderTop: 1, borderColor: 'divider', pt: 1.5, display: 'grid', gap: 1 }}
        >
            <Typography>
                <b>{shown(thermometer)}</b>
                {elsewhere && say('page.reading-dialog.read-for-now', { tag: thermometer.follows?.tag })}
            </Typography>
            <Refusal error={follow.error} />
            <Box sx={{ display: 'flex', gap: 1 }}>
                <Button
                    variant="outlined"
                    disabled={thermometer.state !== 'live' || celsius === null}
                    onClick={() => {
                        report(job, 'reading', { step, probe, tenths: Math.round(10 * (celsius ?? 0)) });
                        close();
                    }}
                >
                    {say('page.reading-dialog.take-it-once')}
                </Button>
                <Button variant="outlined" disabled={thermometer.state === 'silent' || follow.isPending} onClick={put}>
                    {elsewhere
                        ? say('page.reading-dialog.take-it-over-and-follow-it')
                        : say('page.reading-dialog.follow-it-from-here-on')}
                </Button>
            </Box>
        </Box>
    );
}
