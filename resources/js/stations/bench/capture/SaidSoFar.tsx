import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { api, take, type Job, type PhoneFile } from '../../../api/client';
import { queries } from '../../../api/queries';
import type { Capture } from '../../../bench/outbox';
import { outbox, useOutbox } from '../../../bench/useOutbox';
import { Note } from '../../../shell/Note';
import { Refusal } from '../../../shell/Refusal';
import { useChange } from '../../../shell/useChange';
import { say } from '../../../words/words';

/** What was said of this phone, newest first; each can be taken back as long as nothing was done about it. */
export function SaidSoFar({ job, phone }: { job: Job; phone: PhoneFile }) {
    const { waiting, unsaid } = useOutbox();
    const kept = useQuery(queries.captures(job.id)).data?.data ?? [];
    const back = useChange(job, (capture: string) =>
        take(api.DELETE('/api/jobs/{job}/captures/{capture}', { params: { path: { job: job.id, capture } } })),
    );
    const unsent = waiting.flatMap((w) => (w.job === job.id && w.said !== undefined ? [w.said] : []));
    return (
        <Box sx={{ pt: 2 }}>
            {unsaid
                .filter((u) => u.job === job.id)
                .map((u) => (
                    <Note key={u.said.id} tone="stop" role="alert">
                        <b>{say('page.capture.not-kept')}</b> {words(u.said, phone)}. {u.message}{' '}
                        <Button size="small" onClick={() => outbox.forget(u.said.id)}>
                            {say('page.step-card.understood')}
                        </Button>
                    </Note>
                ))}
            <Refusal error={back.error} job={job.id} />
            {kept.length + unsent.length > 0 && (
                <Typography component="h2" variant="h2">
                    {say('page.capture.said-so-far')}
                </Typography>
            )}
            <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
                {[...unsent].reverse().map((s) => (
                    <Box component="li" key={s.id} sx={{ py: 0.5, color: 'text.secondary' }}>
                        {words(s, phone)} ({say('page.capture.waits')})
                    </Box>
                ))}
                {[...kept].reverse().map((s) => (
                    <Box
                        component="li"
                        key={s.id}
                        sx={{ display: 'flex', alignItems: 'center', justifyContent: 'space-between', minHeight: 48 }}
                    >
                        {words(s, phone)}
                        <Button
                            onClick={() => back.mutate(s.id)}
                            disabled={back.isPending}
                            aria-label={say('page.capture.take-back-what', { what: words(s, phone) })}
                        >
                            {say('page.capture.take-back')}
                        </Button>
                    </Box>
                ))}
            </Box>
        </Box>
    );
}

/** In one line: what it is, and what it is about. */
function words(said: Capture, phone: PhoneFile): string {
    const named = (id: string) =>
        [...phone.parts, ...phone.connectors, ...phone.fasteners, ...phone.bonds].find((e) => e.id === id)?.name;
    const of = [said.of, ...said.under].map(named).find((n) => n !== undefined) ?? '';
    const name = said.name === '' ? say(`capture.${said.kind}`) : said.name;
    const count = said.count > 0 ? `${said.count} × ` : '';
    return of === '' ? `${count}${name}` : `${count}${name}: ${of}`;
}
