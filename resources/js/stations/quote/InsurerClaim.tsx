import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMutation } from '@tanstack/react-query';
import { useState, type SyntheticEvent } from 'react';
import { api, take, type Job, type Schemas } from '../../api/client';
import { queries } from '../../api/queries';
import { queryClient } from '../../api/queryClient';
import { newId } from '../../bench/ids';
import { Refusal } from '../../shell/Refusal';
import { amount, say } from '../../words/words';

/** Asking the insurer for the price of the option chosen in Scope. */
export function InsurerClaim({ job, quote }: { job: Job; quote: Schemas['Quote'] }) {
    const claim = quote.claim;
    const gross = (quote.options.find((o) => o.kind === job.kind) ?? quote.options[0])?.money?.gross;
    const [policy, setPolicy] = useState(claim?.policy ?? '');
    const [id, setId] = useState(newId);
    const ask = useMutation({
        mutationFn: () =>
            take(
                api.PUT('/api/jobs/{job}/claim', {
                    params: { path: { job: job.id } },
                    body: { id: claim?.state === 'asked' ? claim.id : id, policy, amount: gross ?? '0.00' },
                }),
            ),
        onSettled: async () => {
            setId(newId());
            await queryClient.invalidateQueries({ queryKey: queries.quote(job.id).queryKey });
        },
    });
    const submit = (event: SyntheticEvent) => {
        event.preventDefault();
        ask.mutate();
    };
    return (
        <Box
            component="section"
            aria-label={say('page.insurer')}
            sx={(t) => ({ bgcolor: t.palette.role.careFill, borderRadius: 1, p: 2, display: 'grid', gap: 1 })}
        >
            <Typography component="h2" variant="h2">
                {say('page.insurer-claim.the-insurer-pays')}
            </Typography>
            <Typography>
                {claim === null || claim.authorised === null
                    ? say('page.insurer-claim.nothing-is-due-at-the-counter')
                    : say('page.insurer-claim.of-reference', {
                          claim: say(`claim.${claim.state}`),
                          authorised: amount(claim.authorised, quote.currency),
                          asked: amount(claim.asked, quote.currency),
                          reference: claim.reference,
                      })}
            </Typography>
            {job.accepted === null && (
                <Box component="form" onSubmit={submit} sx={{ display: 'flex', gap: 1, maxWidth: 640 }}>
                    <TextField
                        size="small"
                        label={say('page.insurer-claim.policy-number')}
                        value={policy}
                        onChange={(e) => setPolicy(e.target.value)}
                        fullWidth
                        slotProps={{ htmlInput: { maxLength: 40 } }}
                    />
                    <Button
                        type="submit"
                        variant="contained"
                        disabled={ask.isPending || policy.trim().length < 3 || gross === undefined}
                        sx={{ flex: 'none' }}
                    >
                        {ask.isPending
                            ? say('page.asking')
                            : say('page.insurer-claim.ask-for', {
                                  gross: gross === undefined ? '' : amount(gross, quote.currency),
                              })}
                    </Button>
                </Box>
            )}
            <Refusal error={ask.error} />
        </Box>
    );
}
