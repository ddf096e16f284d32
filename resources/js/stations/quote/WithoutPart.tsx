import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useNavigate } from 'react-router';
import { api, take, type Job, type Schemas } from '../../api/client';
import { Refusal } from '../../shell/Refusal';
import { useChange } from '../../shell/useChange';
import { say } from '../../words/words';

type Kind = Schemas['Kind'];

/** What would suit and has no part here: with one press it is chosen, and its part can be ordered. */
export function WithoutPart({ job, kinds }: { job: Job; kinds: Kind[] }) {
    const navigate = useNavigate();
    const choose = useChange(
        job,
        (kind: Kind) =>
            take(
                api.PUT('/api/jobs/{job}/scope', {
                    params: { path: { job: job.id } },
                    body: { version: job.version, kind, reason: null },
                }),
            ),
        () => void navigate(`/jobs/${job.id}/part`),
    );
    return (
        <>
            {kinds.map((kind) => (
                <Box key={kind} sx={{ display: 'flex', gap: 2, alignItems: 'center' }}>
                    <span>{say('page.quote.no-part-here', { kind: say(`kind.${kind}`) })}</span>
                    <Button variant="outlined" disabled={choose.isPending} onClick={() => choose.mutate(kind)}>
                        {say('page.quote.order-its-part')}
                    </Button>
                </Box>
            ))}
            <Refusal error={choose.error} job={job.id} />
        </>
    );
}
