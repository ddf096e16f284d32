import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { api, take, type Job } from '../../api/client';
import { queries } from '../../api/queries';
import { newId } from '../../bench/ids';
import { serverNow } from '../../bench/useNow';
import { Note } from '../../shell/Note';
import { Refusal } from '../../shell/Refusal';
import { useChange } from '../../shell/useChange';
import { say, sentences } from '../../words/words';

type Possible = Schemas['TroublePossible'];

/** What can go wrong at this step, and what would follow: said before it is confirmed. */
export function Troubles({ job, step, close }: { job: Job; step: string; close: () => void }) {
    const possible = useQuery(queries.possibleTroubles(job.id, step)).data?.data ?? [];
    const [chosen, setChosen] = useState<Possible | null>(null);
    const report = useChange(
        job,
        (p: Possible) =>
            take(
                api.POST('/api/jobs/{job}/troubles', {
                    params: { path: { job: job.id } },
                    body: {
                        id: newId(),
                        at: serverNow(),
                        sentAt: serverNow(),
                        step,
                        trouble: p.trouble,
                        subject: p.subject,
                    },
                }),
            ),
        close,
    );
    if (possible.length === 0) {
        return null;
    }
    if (chosen === null) {
        return (
            <Box component="section" aria-label={say('page.troubles.went-wrong')} sx={{ display: 'grid', gap: 0.75 }}>
                <Typography variant="body2" color="textSecondary">
                    {say('page.troubles.what-can-go-wrong-here')}
                </Typography>
                <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
                    {possible.map((p) => (
                        <Button
                            key={p.trouble + p.subject}
                            variant="outlined"
                            color="inherit"
                            onClick={() => setChosen(p)}
                        >
                            {say(`trouble.${p.trouble}`)}: {p.name}
                        </Button>
                    ))}
                </Box>
            </Box>
        );
    }
    return (
        <Box component="section" aria-label={say('page.what-follows')} sx={{ display: 'grid', gap: 1 }}>
            <Note tone={chosen.stops ? 'stop' : 'care'}>
                <b>
                    {say(`trouble.${chosen.trouble}`)}: {chosen.name}.
                </b>{' '}
                {sentences(chosen.because)}
            </Note>
            <Refusal error={report.error} job={job.id} />
            <Box sx={{ display: 'flex', gap: 1 }}>
                <Button variant="contained" disabled={report.isPending} onClick={() => report.mutate(chosen)}>
                    {say('page.troubles.it-happened-change-the-plan')}
                </Button>
                <Button onClick={() => setChosen(null)}>{say('page.troubles.no')}</Button>
            </Box>
        </Box>
    );
}
