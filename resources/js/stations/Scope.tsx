import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { api, take, type Schemas } from '../api/client';
import { queries } from '../api/queries';
import { Note } from '../shell/Note';
import { Refusal } from '../shell/Refusal';
import { useChange } from '../shell/useChange';
import { useJob } from '../shell/jobContext';
import { mono } from '../theme/tokens';
import { minutes, say, sayReason } from '../words/words';

type Kind = Schemas['Scope']['kinds'][number];
const ROLE = { broken: 'stop', possible: 'now', whole: 'done' } as const;
const MARK = { broken: '◆', possible: '◇', whole: '●' } as const;

/** Which layer is broken, and what would do. */
export function Scope() {
    const { job } = useJob();
    const scope = useQuery(queries.scope(job.id));
    const [reason, setReason] = useState(job.kindReason ?? '');
    const navigate = useNavigate();
    const choose = useChange(
        job,
        (kind: Kind['kind']) =>
            take(
                api.PUT('/api/jobs/{job}/scope', {
                    params: { path: { job: job.id } },
                    body: { version: job.version, kind, reason: reason.trim() === '' ? null : reason },
                }),
            ),
        () => void navigate(`/jobs/${job.id}/part`),
    );
    if (scope.isError && scope.data === undefined) {
        return (
            <Box component="main" sx={{ p: 3 }}>
                <Refusal error={scope.error} job={job.id} />
            </Box>
        );
    }
    const s = scope.data;
    return (
        <Box component="main" sx={{ p: 3, display: 'grid', gridTemplateColumns: '400px 1fr', gap: 4, maxWidth: 1280, width: '100%', mx: 'auto' }}>
            <Box component="section" aria-label="What is broken">
                <Typography component="h1" variant="h1" sx={{ mb: 1.5 }}>
                    What is broken
                </Typography>
                {s?.layers.map((l) => (
                    <Box key={l.layer} sx={{ py: 1.25, borderBottom: 1, borderColor: 'divider' }}>
                        <Box sx={{ display: 'flex', gap: 1 }}>
                            <Box
                                aria-hidden
                                sx={(t) => ({
                                    color: t.palette.role[ROLE[l.likelihood]],
                                })}
                            >
                                {MARK[l.likelihood]}
                            </Box>
                            <Box sx={{ flex: 1, fontWeight: 700 }}>{say(`layer.${l.layer}`)}</Box>
                            <Box
                                sx={(t) => ({
                                    fontWeight: 700,
                                    color: t.palette.role[ROLE[l.likelihood]],
                                })}
                            >
                                {say(`likelihood.${l.likelihood}`)}
                            </Box>
                        </Box>
                        {l.because.map((b) => (
                            <Box key={b.code} sx={{ color: 'text.secondary', pl: 3 }}>
                                {sayReason(b)}
                            </Box>
                        ))}
                    </Box>
                ))}
                <Box sx={{ display: 'grid', gap: 1.5, mt: 2 }}>
                    {s?.contradictions.map((c) => (
                        <Note key={c.code} tone="care">
                            This does not go together: {sayReason(c)}. Look again at Check-in.
                        </Note>
                    ))}
                    {s?.proveFirst && (
                        <Note tone="care">
                            More than one layer is possible. Connect a known-good panel before anything is taken apart; the plan puts the trial first.
                        </Note>
                    )}
                    {s && !s.pointsToDisplay && <Note tone="stop">Nothing seen points to the display. A new screen would not help.</Note>}
                </Box>
            </Box>
            <Box component="section" aria-label="What to fit">
                <Typography component="h2" variant="h1" sx={{ mb: 1.5 }}>
                    What to fit
                </Typography>
                <Box sx={{ display: 'grid', gap: 2 }}>
                    {s?.kinds.map((k) => (
                        <KindCard
                            key={k.kind}
                            kind={k}
                            chosen={job.kind === k.kind}
                            busy={choose.isPending || job.handedOverAt !== null}
                            choose={() => choose.mutate(k.kind)}
                        />
                    ))}
                </Box>
                <TextField
                    label="Why another than the recommended one"
                    value={reason}
                    onChange={(e) => setReason(e.target.value)}
                    fullWidth
                    sx={{ mt: 2 }}
                    slotProps={{ htmlInput: { maxLength: 300 } }}
                    helperText="Kept with the job"
                />
                <Box sx={{ mt: 2 }}>
                    <Refusal error={choose.error} job={job.id} />
                </Box>
            </Box>
        </Box>
    );
}

function KindCard({ kind, chosen, busy, choose }: { kind: Kind; chosen: boolean; busy: boolean; choose: () => void }) {
    return (
        <Box
            sx={(t) => ({
                bgcolor: 'background.paper',
                border: kind.recommended ? `2px solid ${t.palette.role.action}` : `1px solid ${t.palette.role.rule}`,
                borderRadius: 1,
                p: 2,
                display: 'grid',
                gridTemplateColumns: '1fr auto',
                gap: 2,
            })}
        >
            <Box>
                <Typography component="h3" variant="h2">
                    {say(`kind.${kind.kind}`)}
                    {kind.recommended && (
                        <Box component="span" sx={{ color: 'primary.main', ml: 1.5, fontSize: '0.9375rem' }}>
                            recommended
                        </Box>
                    )}
                </Typography>
                <Typography color="textSecondary">{kind.name}</Typography>
                <Box sx={{ display: 'flex', gap: 3, my: 1, flexWrap: 'wrap' }}>
                    <Figure name="hands-on" value={minutes(kind.handsOn)} />
                    <Figure name="waiting" value={minutes(kind.waiting)} />
                    <Figure name="removals" value={String(kind.removals)} />
                    <Figure name="screws" value={String(kind.screws)} />
                    <Figure name="parts moved" value={String(kind.moved.length)} />
                </Box>
                {kind.because.map((b) => (
                    <Typography key={b.code}>{sayReason(b)}.</Typography>
                ))}
                <Typography color="textSecondary">{kind.moved.length === 0 ? 'Nothing has to move over.' : `Moves over: ${kind.moved.join(', ')}.`}</Typography>
            </Box>
            <Button
                variant={kind.recommended ? 'contained' : 'outlined'}
                disabled={busy}
                onClick={choose}
                sx={{ alignSelf: 'center', minWidth: 130, minHeight: 56 }}
                aria-label={`Fit: ${say(`kind.${kind.kind}`)}`}
            >
                {chosen ? 'Chosen ●' : 'Fit this'}
            </Button>
        </Box>
    );
}

export function Figure({ name, value }: { name: string; value: string }) {
    return (
        <Box>
            <Box sx={{ fontFamily: mono, fontWeight: 700, fontSize: '1.125rem', fontVariantNumeric: 'tabular-nums' }}>{value}</Box>
            <Box sx={{ color: 'text.secondary', fontSize: '0.9375rem' }}>{name}</Box>
        </Box>
    );
}
