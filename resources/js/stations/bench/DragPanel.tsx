import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { api, take, type Job, type Step } from '../../api/client';
import { newId } from '../../bench/ids';
import { standsAt, through, type Way } from '../../bench/drag';
import { serverNow } from '../../bench/useNow';
import { Note } from '../../shell/Note';
import { Refusal } from '../../shell/Refusal';
import { useChange } from '../../shell/useChange';
import { say } from '../../words/words';

interface Props {
    job: Job;
    step: Step;
    way: Way;
    /** Where the blade stands, mm from the side's left or top end. */
    at: number;
    move: (mm: number) => void;
    close: () => void;
}

/** The blade drags: where it stands, and the rest planned again at once. */
export function DragPanel({ job, step, way, at, move, close }: Props) {
    const drag = useChange(
        job,
        (mm: number) =>
            take(
                api.POST('/api/jobs/{job}/drags', {
                    params: { path: { job: job.id } },
                    body: { id: newId(), at: serverNow(), sentAt: serverNow(), step: step.id, mm },
                }),
            ),
        close,
    );
    return (
        <Note tone="care">
            <Box component="section" aria-label={say('page.drag.title')} sx={{ display: 'grid', gap: 1 }}>
                <Typography component="h2" variant="h3">
                    {say('page.drag.title')}
                </Typography>
                <Typography variant="body2">{say('page.drag.tap-or-move')}</Typography>
                <input
                    type="range"
                    aria-label={say('page.drag.blade-stands')}
                    aria-valuetext={said(way, at)}
                    min={0}
                    max={way.stretch.to - way.stretch.from}
                    step={0.5}
                    value={through(way, at)}
                    style={{ width: '100%', height: 40 }}
                    onChange={(e) => move(standsAt(way, Number(e.target.value)))}
                />
                <Typography>{said(way, at)}</Typography>
                <Refusal error={drag.error} job={job.id} />
                <Button
                    variant="contained"
                    disabled={drag.isPending}
                    onClick={() => drag.mutate(at)}
                    sx={{ minHeight: 56 }}
                >
                    {say('page.drag.plan-again')}
                </Button>
                <Button onClick={close} sx={{ minHeight: 48 }}>
                    {say('page.drag.not-after-all')}
                </Button>
            </Box>
        </Note>
    );
}

const said = (way: Way, at: number): string =>
    say('page.drag.through', {
        mm: through(way, at).toFixed(0),
        all: (way.stretch.to - way.stretch.from).toFixed(0),
    });
