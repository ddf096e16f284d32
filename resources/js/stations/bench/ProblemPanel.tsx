import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState, type SyntheticEvent } from 'react';
import { Link } from 'react-router';
import type { Job, Step } from '../../api/client';
import type { Heated } from '../../bench/heat';
import type { Run } from '../../bench/run';
import { screwsOf } from '../../bench/ledger';
import { report } from '../../bench/useOutbox';
import { Troubles } from './Troubles';
import { say, sayReason, sentence } from '../../words/words';

const PLACES = ['edge', 'back', 'battery-well'] as const;

/** What the plan did not foresee: a note, alcohol somewhere, the battery in for a look, screws that are not there. */
interface Props {
    job: Job;
    run: Run;
    step: Step;
    ladder: Heated['ladder'] | null;
    /** The face under which the bond at hand lies. */
    face: Step['face'];
    close: () => void;
}

export function ProblemPanel({ job: whole, run, step, ladder, face, close }: Props) {
    const job = whole.id;
    const [note, setNote] = useState('');
    const screws = step.kind === 'unscrew' || step.kind === 'screw-in';
    const keep = (event: SyntheticEvent) => {
        event.preventDefault();
        report(job, 'problem', { text: note, step: step.id });
        close();
    };
    return (
        <Box
            component="section"
            aria-label="Problem"
            sx={(t) => ({
                border: `2px solid ${t.palette.role.care}`,
                borderRadius: 1,
                p: 1.5,
                display: 'grid',
                gap: 1.25,
            })}
        >
            <Box component="form" onSubmit={keep} sx={{ display: 'flex', gap: 1 }}>
                <TextField
                    size="small"
                    label="What happened"
                    fullWidth
                    autoFocus
                    value={note}
                    onChange={(e) => setNote(e.target.value)}
                    slotProps={{ htmlInput: { maxLength: 300 } }}
                />
                <Button type="submit" variant="contained" disabled={note.trim() === ''}>
                    Keep
                </Button>
            </Box>
            <Troubles job={whole} step={step.id} close={close} />
            {ladder && <Holds job={job} ladder={ladder} place={face === 'front' ? 'edge' : 'back'} close={close} />}
            <Typography variant="body2" color="textSecondary">
                Alcohol used, or dry again
            </Typography>
            <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
                {PLACES.map((place) => (
                    <Button
                        key={place}
                        variant="outlined"
                        color="inherit"
                        onClick={() => report(job, run.wet.has(place) ? 'dried' : 'wetted', { place })}
                    >
                        {run.wet.has(place) ? `Dry: ${say(`place.${place}`)}` : `Wet: ${say(`place.${place}`)}`}
                    </Button>
                ))}
            </Box>
            <Button
                variant="outlined"
                color="inherit"
                onClick={() => report(job, 'battery', { state: run.batteryIn ? 'out' : 'in' })}
            >
                {run.batteryIn ? 'Battery unplugged again' : 'Battery plugged in for a look'}
            </Button>
            <Button component={Link} to={`/jobs/${job}/part`} variant="outlined" color="inherit">
                The new part is bad: return it, take another
            </Button>
            {screws && <ScrewCount job={job} step={step} close={close} />}
        </Box>
    );
}

function ScrewCount({ job, step, close }: { job: string; step: Step; close: () => void }) {
    const planned = screwsOf(step);
    const [count, setCount] = useState(planned - 1);
    const [reason, setReason] = useState(step.kind === 'unscrew' ? 'missing-at-check-in' : 'lost-and-replaced');
    return (
        <Box sx={{ display: 'grid', gridTemplateColumns: '90px 1fr auto', gap: 1 }}>
            <TextField
                size="small"
                select
                label="Screws"
                value={count}
                onChange={(e) => setCount(Number(e.target.value))}
            >
                {Array.from({ length: planned }, (_, i) => (
                    <MenuItem key={i} value={i}>
                        {i} of {planned}
                    </MenuItem>
                ))}
            </TextField>
            <TextField size="small" select label="Because" value={reason} onChange={(e) => setReason(e.target.value)}>
                <MenuItem value="missing-at-check-in">Missing at check-in</MenuItem>
                <MenuItem value="no-hole">New part has no hole</MenuItem>
                <MenuItem value="lost-and-replaced">Lost and replaced</MenuItem>
            </TextField>
            <Button
                variant="contained"
                onClick={() => {
                    report(job, 'step-done', { step: step.id, count, reason });
                    close();
                }}
            >
                Done so
            </Button>
        </Box>
    );
}

/** The bond holds fast: the next rung, and the one rule that ends the trying. */
function Holds({
    job,
    ladder,
    place,
    close,
}: {
    job: string;
    ladder: Heated['ladder'];
    place: 'edge' | 'back';
    close: () => void;
}) {
    const tried = () => {
        report(job, 'rung', { rung: ladder.next });
        if (ladder.next === 'alcohol' || ladder.next === 'remover') {
            report(job, 'wetted', { place });
        }
        close();
    };
    return (
        <Box component="section" aria-label="The bond holds" sx={{ display: 'grid', gap: 0.75 }}>
            <Typography>
                <b>The bond holds. Next: {say(`rung.${ladder.next}`)}.</b> {sentence(sayReason(ladder.because))}
            </Typography>
            <Button variant="outlined" color="inherit" onClick={tried} disabled={ladder.tried.includes(ladder.next)}>
                Done: {say(`rung.${ladder.next}`)}
            </Button>
        </Box>
    );
}
