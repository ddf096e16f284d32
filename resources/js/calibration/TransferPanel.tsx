import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { api, take } from '../api/client';
import { queries } from '../api/queries';
import { queryClient } from '../api/queryClient';
import { report } from '../bench/useOutbox';
import { Note } from '../shell/Note';
import { Refusal } from '../shell/Refusal';
import { say, sayReason, sentence } from '../words/words';
import { Blocks, Differences, Dumps, Ends } from './pieces';
import type { Transfer, Transferring } from './useTransfer';

interface Props {
    job: string;
    transferring: Transferring;
    /** What was said when the old display was given up; null if it was not. */
    givenUp: string | null;
    mayWork: boolean;
}

/** The data on its way: what is in which socket, how far it is, what went wrong and what helps, how they differ. */
export function TransferPanel({ job, transferring, givenUp, mayWork }: Props) {
    const { state, socket, progress, busy, plugged, refused, ready } = transferring;
    if (!state) {
        return null;
    }
    const trouble = !busy && state.trouble !== null && state.ending === null;
    return (
        <Box component="section" aria-label={say('page.transfer.data')} sx={{ display: 'grid', gap: 1.25 }}>
            <Ends state={state} now={progress?.socket ?? (busy ? socket : null)} />
            <Blocks state={state} progress={progress} busy={busy} />
            {!busy && plugged && <Note tone="stop">{sentence(sayReason(plugged))}</Note>}
            {!busy && refused !== null && <Note tone="stop">{refused || say('page.transfer.no-answer')}</Note>}
            {!busy && !plugged && refused === null && (
                <Note tone={trouble || state.unknown ? 'stop' : tone(state)} role="status">
                    {trouble && state.trouble && (
                        <b>
                            {say('page.transfer.trouble', { what: say(`fault.${state.trouble}`), times: state.failed })}
                        </b>
                    )}{' '}
                    {sentence(sayReason(state.advice))}
                </Note>
            )}
            {givenUp !== null && !state.mayGo && (
                <Note tone="care">{say('page.transfer.given-up', { why: givenUp })}</Note>
            )}
            {socket === 'new' && state.differs && <Differences differs={state.differs} ended={state.ending !== null} />}
            {mayWork && socket === 'old' && !ready && state.failed > 0 && !busy && <GiveUp job={job} state={state} />}
            {mayWork && socket === 'new' && !busy && <OtherWays job={job} state={state} />}
            <Dumps job={job} dumps={state.dumps} />
        </Box>
    );
}

const tone = (state: Transfer) =>
    state.ending === null ? 'plain' : state.ending === 'copied' || state.ending === 'held-already' ? 'done' : 'care';

/** Nobody can read it: only with a reason, which the job sheet and the customer's sentence carry. */
function GiveUp({ job, state }: { job: string; state: Transfer }) {
    const [why, setWhy] = useState('');
    const usual = say('page.transfer.usual-reason', {
        what: say(`fault.${state.trouble ?? 'no-contact'}`),
        times: state.failed,
    });
    return (
        <Box component="details">
            <Box component="summary" sx={{ minHeight: 44, py: 1, cursor: 'pointer' }}>
                {say('page.transfer.it-cannot-be-read')}
            </Box>
            <Box sx={{ display: 'grid', gap: 1, pt: 1 }}>
                <TextField
                    size="small"
                    label={say('page.transfer.why')}
                    value={why}
                    placeholder={usual}
                    onChange={(e) => setWhy(e.target.value)}
                    onFocus={() => setWhy((w) => w || usual)}
                    slotProps={{ htmlInput: { maxLength: 200 } }}
                />
                <Button
                    variant="outlined"
                    color="inherit"
                    disabled={why.trim().length < 5}
                    onClick={() => report(job, 'data', { state: 'given-up', why: why.trim() })}
                >
                    {say('page.transfer.give-it-up')}
                </Button>
            </Box>
        </Box>
    );
}

/** Another new display, or to leave it at what is on it. */
function OtherWays({ job, state }: { job: string; state: Transfer }) {
    const [error, setError] = useState<Error | null>(null);
    const keep = (call: Promise<Transfer>) => {
        call.then((now) => {
            setError(null);
            queryClient.setQueryData(queries.transfer(job).queryKey, now);
            void queryClient.invalidateQueries({ queryKey: ['job', job] });
        }).catch((e: unknown) => setError(e instanceof Error ? e : new Error(String(e))));
    };
    const params = { path: { job } };
    const untouched = state.new.panel === null;
    const may = state.mayGo && !untouched;
    return (
        <>
            {error && <Refusal error={error} job={job} />}
            {may && (
                <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
                    <Button
                        size="small"
                        color="inherit"
                        onClick={() => keep(take(api.POST('/api/jobs/{job}/transfer/other-part', { params })))}
                    >
                        {say('page.transfer.another-part')}
                    </Button>
                    {state.ending === null && !state.unknown && (
                        <Button
                            size="small"
                            color="inherit"
                            onClick={() =>
                                keep(
                                    take(
                                        api.POST('/api/jobs/{job}/transfer/end', {
                                            params,
                                            body: { why: say('page.transfer.left-as-it-is') },
                                        }),
                                    ),
                                )
                            }
                        >
                            {say('page.transfer.leave-it')}
                        </Button>
                    )}
                </Box>
            )}
            {state.ending !== null && state.ending !== 'copied' && state.ending !== 'held-already' && (
                <Typography>
                    <b>
                        {say('page.transfer.lost', {
                            functions: state.serves.map((f) => say(`function.${f}`)).join(', '),
                        })}
                    </b>{' '}
                    {say('page.transfer.tell-the-customer')}
                </Typography>
            )}
        </>
    );
}
