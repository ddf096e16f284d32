import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Typography from '@mui/material/Typography';
import { useMutation, useQuery } from '@tanstack/react-query';
import { api, take } from '../../api/client';
import { queries } from '../../api/queries';
import { queryClient } from '../../api/queryClient';
import { Refusal } from '../../shell/Refusal';
import { say, ago, sayReason, sentence } from '../../words/words';

/** Every version that was kept, with what changed in it. */
export function Versions({ phone, close }: { phone: string; close: () => void }) {
    const all = useQuery(queries.phoneVersions(phone)).data?.data ?? [];
    const review = useMutation({
        mutationFn: ({ version, good }: { version: number; good: boolean }) =>
            take(
                api.POST('/api/phone-files/{phone}/versions/{version}/review', {
                    params: { path: { phone, version } },
                    body: { good },
                }),
            ),
        onSettled: () => queryClient.invalidateQueries(),
    });
    return (
        <Dialog open onClose={close} fullWidth maxWidth="sm" aria-labelledby="versions-title">
            <DialogTitle id="versions-title">{say('page.versions')}</DialogTitle>
            <DialogContent>
                {all.length === 0 && <Typography>{say('page.versions.no-version-has-been-kept-here')}</Typography>}
                {all.map((v) => (
                    <Box
                        component="section"
                        key={v.version}
                        aria-label={say('page.versions.version', { version: v.version })}
                        sx={{ mb: 2 }}
                    >
                        <Typography component="h3" variant="h3">
                            {say('page.versions.version-2', { version: v.version, by: v.by, at: ago(v.at) })}
                        </Typography>
                        <Typography color="textSecondary">
                            {say(`drawing-standing.${v.standing}`)}
                            {v.reviewedBy === null ? '' : ` · ${say('page.versions.looked-at', { by: v.reviewedBy })}`}
                        </Typography>
                        {v.changes.length === 0 && (
                            <Typography color="textSecondary">
                                {say('page.versions.the-first-that-was-kept')}
                            </Typography>
                        )}
                        <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
                            {v.changes.map((c, i) => (
                                <li key={i}>{sentence(sayReason(c))}</li>
                            ))}
                        </Box>
                        {v.standing === 'proposed' && (
                            <Box sx={{ display: 'flex', gap: 1, pt: 1 }}>
                                <Button
                                    variant="contained"
                                    onClick={() => review.mutate({ version: v.version, good: true })}
                                >
                                    {say('page.versions.take-over')}
                                </Button>
                                <Button onClick={() => review.mutate({ version: v.version, good: false })}>
                                    {say('page.versions.leave')}
                                </Button>
                            </Box>
                        )}
                        {v.standing === 'kept' && v.reviewedBy === null && (
                            <Button onClick={() => review.mutate({ version: v.version, good: true })}>
                                {say('page.versions.look-good')}
                            </Button>
                        )}
                    </Box>
                ))}
                <Refusal error={review.error} />
                <Button onClick={close}>{say('page.close')}</Button>
            </DialogContent>
        </Dialog>
    );
}
