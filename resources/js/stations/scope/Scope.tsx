import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { api, take, type Schemas } from '../../api/client';
import { queries } from '../../api/queries';
import { GoOn } from '../../shell/GoOn';
import { Note } from '../../shell/Note';
import { Refusal } from '../../shell/Refusal';
import { useChange } from '../../shell/useChange';
import { useJob } from '../../shell/jobContext';
import { say, sayReason, sentence } from '../../words/words';
import { NextCheck } from '../pieces/NextCheck';
import { Ways } from './Ways';
import { Main } from '../../shell/Main';

type Likelihood = Schemas['Finding']['layers'][number]['likelihood'];
const ROLE = { broken: 'stop', possible: 'now', whole: 'done' } as const satisfies Record<Likelihood, string>;
const MARK = { broken: '◆', possible: '◇', whole: '●' } satisfies Record<Likelihood, string>;

/** Which layer is broken, and what would do. */
export function Scope() {
    const { job, phone } = useJob();
    const scope = useQuery(queries.scope(job.id));
    const [reason, setReason] = useState(job.kindReason ?? '');
    const [worth, setWorth] = useState(job.worth ?? '');
    const navigate = useNavigate();
    const choose = useChange(
        job,
        (kind: Schemas['Kind']) =>
            take(
                api.PUT('/api/jobs/{job}/scope', {
                    params: { path: { job: job.id } },
                    body: {
                        version: job.version,
                        kind,
                        reason: reason.trim() === '' ? null : reason,
                        worth: worth.trim() === '' ? null : worth.trim(),
                    },
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
        <Main
            widest={1400}
            sx={{ display: 'grid', gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '340px minmax(0, 1fr)' }, gap: 3 }}
        >
            <Box
                component="section"
                aria-label={say('page.scope.what-is-broken')}
                sx={{ display: 'grid', gap: 1.5, alignContent: 'start' }}
            >
                <Typography component="h1" variant="h1">
                    {say('page.scope.what-is-broken')}
                </Typography>
                <Box>
                    {s?.finding.layers
                        // What the box below weighs is not said twice.
                        .filter((l) => !l.because.every((b) => b.code.startsWith('cause-')))
                        .map((l) => (
                            <Layer key={l.layer} layer={l} />
                        ))}
                </Box>
                {s && s.finding.suspects.length > 0 && <NextCheck finding={s.finding} />}
                {s?.finding.suspects.length === 0 &&
                    s.finding.contradictions.map((c) => <Contradiction key={c.code} reason={c} />)}
                {s?.finding.proveFirst && (
                    <Note tone="care">
                        {s.finding.chance !== null &&
                            `${say('ui.chance-of-mending', { percent: Math.round(100 * s.finding.chance) })} `}
                        {say('ui.known-good-first')}
                    </Note>
                )}
                {s && !s.finding.pointsToDisplay && (
                    <Note tone="stop">{say('page.scope.nothing-seen-points-to-the-display')}</Note>
                )}
            </Box>
            <Box component="section" aria-label={say('page.scope.what-to-fit')} sx={{ minWidth: 0 }}>
                <Box sx={{ display: 'flex', alignItems: 'center', gap: 2, mb: 1.5 }}>
                    <Typography component="h2" variant="h1" sx={{ flex: 1 }}>
                        {say('page.scope.what-to-fit')}
                    </Typography>
                    <TextField
                        size="small"
                        label={say('page.scope.phone-is-worth', { currency: s?.currency ?? '' })}
                        value={worth}
                        onChange={(e) => setWorth(e.target.value.replace(',', '.'))}
                        slotProps={{ htmlInput: { inputMode: 'decimal', maxLength: 9 } }}
                        sx={{ width: 190 }}
                    />
                </Box>
                {s && (
                    <Ways
                        phone={phone}
                        ways={s.kinds}
                        currency={s.currency}
                        chosen={job.kind}
                        busy={choose.isPending || job.handedOverAt !== null}
                        choose={(kind) => choose.mutate(kind)}
                    />
                )}
                <TextField
                    label={say('page.scope.why-another-than-the-recommended-one')}
                    value={reason}
                    onChange={(e) => setReason(e.target.value)}
                    fullWidth
                    sx={{ mt: 2 }}
                    slotProps={{ htmlInput: { maxLength: 300 } }}
                    helperText={say('page.scope.kept-with-the-job')}
                />
                <Box sx={{ mt: 2 }}>
                    <Refusal error={choose.error} job={job.id} />
                </Box>
                <GoOn job={job} at="scope" />
            </Box>
        </Main>
    );
}

function Layer({ layer }: { layer: Schemas['Finding']['layers'][number] }) {
    return (
        <Box sx={{ py: 1, borderBottom: 1, borderColor: 'divider' }}>
            <Box
                sx={(t) => ({
                    display: 'flex',
                    gap: 1,
                    fontWeight: 700,
                    color: t.palette.role[ROLE[layer.likelihood]],
                })}
            >
                <span aria-hidden>{MARK[layer.likelihood]}</span>
                <Box sx={{ flex: 1, color: 'text.primary' }}>{say(`layer.${layer.layer}`)}</Box>
                {say(`likelihood.${layer.likelihood}`)}
            </Box>
            {layer.because.map((b) => (
                <Box key={b.code} sx={{ color: 'text.secondary', pl: 3 }}>
                    {sayReason(b)}
                </Box>
            ))}
        </Box>
    );
}

function Contradiction({ reason }: { reason: Schemas['Reason'] }) {
    return (
        <Note tone="stop">
            {say('page.scope.this-does-not-go-together-look', { reason: sentence(sayReason(reason)) })}
        </Note>
    );
}
