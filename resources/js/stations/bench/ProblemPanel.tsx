import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState, type SyntheticEvent } from 'react';
import { Link } from 'react-router';
import type { Job, Step } from '../../api/client';
import type { Heated } from '../../bench/heat';
import type { Place, Run } from '../../bench/run';
import { screwsOf } from '../../bench/ledger';
import { report } from '../../bench/useOutbox';
import { Troubles } from './Troubles';
import { say, sayReason, sentence } from '../../words/words';
import { every } from '../../api/sets';

const PLACES = every<Place>({ edge: true, back: true, 'battery-well': true });

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

/**
 * What does not go as planned at a step: notes, alcohol, battery, screws, a bond that holds, a bad part, troubles.
 */
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
            aria-label={say('page.problem')}
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
                    label={say('page.problem-panel.what-happened')}
                    fullWidth
                    autoFocus
                    value={note}
                    onChange={(e) => setNote(e.target.value)}
                    slotProps={{ htmlInput: { maxLength: 300 } }}
                />
                <Button type="submit" variant="contained" disabled={note.trim() === ''}>
                    {say('page.keep')}
                </Button>
            </Box>
            <Troubles job={whole} step={step.id} close={close} />
            {ladder && <Holds job={job} ladder={ladder} place={face === 'front' ? 'edge' : 'back'} close={close} />}
            <Typography variant="body2" color="textSecondary">
                {say('page.problem-panel.alcohol-used-or-dry-again')}
            </Typography>
            <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
                {PLACES.map((place) => (
                    <Button
                        key={place}
                        variant="outlined"
                        color="inherit"
                        onClick={() => report(job, run.wet.has(place) ? 'dried' : 'wetted', { place })}
                    >
                        {run.wet.has(place)
                            ? say('page.problem-panel.dry', { place: say(`place.${place}`) })
                            : say('page.problem-panel.wet', { place: say(`place.${place}`) })}
                    </Button>
                ))}
            </Box>
            <Button
                variant="outlined"
                color="inherit"
                onClick={() => report(job, 'battery', { state: run.batteryIn ? 'out' : 'in' })}
            >
                {run.batteryIn
                    ? say('page.problem-panel.battery-unplugged-again')
                    : say('page.problem-panel.battery-plugged-in-for-a-look')}
            </Button>
            <Button component={Link} to={`/jobs/${job}/part`} variant="outlined" color="inherit">
                {say('page.problem-panel.the-new-part-is-bad-return')}
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
        <Box sx={{ display: 'grid', gridTemplateColumns: { xs: 'minmax(0, 1fr)', sm: '90px 1fr auto' }, gap: 1 }}>
            <TextField
                size="small"
                select
                label={say('page.screws')}
                value={count}
                onChange={(e) => setCount(Number(e.target.value))}
            >
                {Array.from({ length: planned }, (_, i) => (
                    <MenuItem key={i} value={i}>
                        {say('page.problem-panel.of', { i, planned })}
                    </MenuItem>
                ))}
            </TextField>
            <TextField
                size="small"
                select
                label={say('page.problem-panel.because')}
                value={reason}
                onChange={(e) => setReason(e.target.value)}
            >
                <MenuItem value="missing-at-check-in">{say('page.problem-panel.missing-at-check-in')}</MenuItem>
                <MenuItem value="no-hole">{say('page.problem-panel.new-part-has-no-hole')}</MenuItem>
                <MenuItem value="lost-and-replaced">{say('page.problem-panel.lost-and-replaced')}</MenuItem>
            </TextField>
            <Button
                variant="contained"
                onClick={() => {
                    report(job, 'step-done', { step: step.id, count, reason });
                    close();
                }}
            >
                {say('page.problem-panel.done-so')}
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
        <Box
            component="section"
            aria-label={say('page.problem-panel.the-bond-holds')}
            sx={{ display: 'grid', gap: 0.75 }}
        >
            <Typography>
                <b>{say('page.problem-panel.the-bond-holds-next', { rung: say(`rung.${ladder.next}`) })}</b>{' '}
                {sentence(sayReason(ladder.because))}
            </Typography>
            <Button variant="outlined" color="inherit" onClick={tried} disabled={ladder.tried.includes(ladder.next)}>
                {say('page.problem-panel.done', { rung: say(`rung.${ladder.next}`) })}
            </Button>
        </Box>
    );
}
