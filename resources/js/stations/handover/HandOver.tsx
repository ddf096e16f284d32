import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, take } from '../../api/client';
import { queries } from '../../api/queries';
import { AT_HAND_OVER } from '../../bench/ledger';
import { Note } from '../../shell/Note';
import { Refusal } from '../../shell/Refusal';
import { useChange } from '../../shell/useChange';
import { useJob } from '../../shell/jobContext';
import { moment, say, sayReason, sentence } from '../../words/words';
import { stepTitle } from '../../words/stepWords';
import { useRun } from '../../bench/useRun';

/** What is still open, what the customer hears, the sheet, and the job closed. */
export function HandOver() {
    const { job } = useJob();
    const view = useRun(job.id);
    const proof = useQuery(queries.proof(job.id));
    const unpriced = (useQuery(queries.troubles(job.id)).data?.data ?? []).filter((t) => t.quote && t.agreed === null);
    const [told, setTold] = useState(false);
    const [bare, setBare] = useState(false);
    const [reason, setReason] = useState('');
    const close = useChange(job, () =>
        take(
            api.PUT('/api/jobs/{job}/hand-over', {
                params: { path: { job: job.id } },
                body: {
                    version: job.version,
                    customerTold: told,
                    filmOff: bare,
                    newFaultsReason: reason.trim() === '' ? null : reason,
                },
            }),
        ),
    );
    if (view.kind !== 'ready') {
        return (
            <Box component="main" sx={{ p: 3 }}>
                {view.kind === 'error' && <Refusal error={view.error} job={job.id} />}
            </Box>
        );
    }
    const left = view.plan.steps.filter((s) => !view.run.done.has(s.id));
    const newFaults = proof.data?.newFaults ?? [];
    const final = proof.data?.gates.find((g) => g.gate === 'finished');
    const film = (view.run.ledger.on[AT_HAND_OVER] ?? 0) > 0;
    const closed = job.handedOverAt !== null;
    const steps = view.plan.steps.length;
    return (
        <Box
            component="main"
            sx={{
                p: 3,
                maxWidth: 1280,
                width: '100%',
                mx: 'auto',
                display: 'grid',
                gridTemplateColumns: '1fr 420px',
                gap: 4,
                alignItems: 'start',
            }}
        >
            <Box sx={{ display: 'grid', gap: 2 }}>
                <Typography component="h1" variant="h1">
                    {closed ? `Handed over ${moment(job.handedOverAt ?? '')}` : 'Hand over'}
                </Typography>
                {left.length > 0 && (
                    <Note tone="care">
                        {steps - left.length} of {steps} steps done. Next at the{' '}
                        <Link to={`/jobs/${job.id}/bench`}>bench</Link>: {left[0] ? stepTitle(left[0]) : ''}.
                    </Note>
                )}
                {left.length === 0 && !closed && (
                    <Note tone="done">All {steps} steps are done, every gate is tested or left out with a reason.</Note>
                )}
                {newFaults.length > 0 && (
                    <Note tone="stop">
                        New since check-in: {newFaults.map((f) => say(`function.${f}`)).join(', ')}.
                    </Note>
                )}
                {(proof.data?.early.length ?? 0) > 0 && (
                    <Box component="section" aria-label={say('ui.ended-early')}>
                        <Typography component="h2" variant="h2">
                            {say('ui.ended-early')}
                        </Typography>
                        <Box component="ul" sx={{ m: 0, pl: 3 }}>
                            {proof.data?.early.map((e) => (
                                <li key={e.step}>{e.text}</li>
                            ))}
                        </Box>
                    </Box>
                )}
                {!closed && unpriced.length > 0 && (
                    <Note tone="care">
                        The price changed at the bench ({unpriced.map((t) => t.name).join(', ')}). Agree on it at{' '}
                        <Link to={`/jobs/${job.id}/quote`}>Quote</Link> first.
                    </Note>
                )}
                <Box component="section" aria-label="Customer hears">
                    <Typography component="h2" variant="h2">
                        Customer hears
                    </Typography>
                    <Box component="ul" sx={{ m: 0, pl: 3 }}>
                        {view.plan.customer.map((r) => (
                            <li key={r.code + JSON.stringify(r.figures)}>{sentence(sayReason(r))}</li>
                        ))}
                        <li>{say('caution.waste')}</li>
                        <li>Keep it dry and unloaded until the adhesive has set.</li>
                    </Box>
                </Box>
                {final && (
                    <Box component="section" aria-label="Tests before and after">
                        <Typography component="h2" variant="h2">
                            Tests before and after
                        </Typography>
                        <Table size="small">
                            <TableHead>
                                <TableRow>
                                    {['Function', 'At check-in', 'Finished', ''].map((h) => (
                                        <TableCell key={h}>{h}</TableCell>
                                    ))}
                                </TableRow>
                            </TableHead>
                            <TableBody>
                                {final.rows.map((r) => (
                                    <TableRow key={r.function}>
                                        <TableCell>{say(`function.${r.function}`)}</TableCell>
                                        <TableCell>{say(`state.${r.before}`)}</TableCell>
                                        <TableCell>
                                            {r.after === null ? 'Not tested' : say(`outcome.${r.after}`)}
                                        </TableCell>
                                        <TableCell
                                            sx={(t) =>
                                                r.change === 'new-fault'
                                                    ? { color: t.palette.role.stop, fontWeight: 700 }
                                                    : {}
                                            }
                                        >
                                            {say(`change.${r.change}`)}
                                        </TableCell>
                                    </TableRow>
                                ))}
                            </TableBody>
                        </Table>
                    </Box>
                )}
                <Box component="section" aria-label="At the customer’s eye">
                    <Typography component="h2" variant="h2">
                        At the customer’s eye
                    </Typography>
                    <Box component="ul" sx={{ m: 0, pl: 3 }}>
                        {film && <li>Outer film off</li>}
                        <li>Power on, picture and touch over the whole glass</li>
                        <li>Tray and stylus back, case and card returned</li>
                    </Box>
                </Box>
            </Box>
            <Box
                sx={{
                    bgcolor: 'background.paper',
                    border: 1,
                    borderColor: 'divider',
                    borderRadius: 1,
                    p: 2.5,
                    display: 'grid',
                    gap: 2,
                }}
            >
                <Typography component="h2" variant="h2">
                    {job.tag} · {job.customer}
                </Typography>
                <Typography>
                    {job.part
                        ? `${job.part.label} ${job.part.name}, ${job.part.supplier}, batch ${job.part.batch}`
                        : 'No part'}
                    {job.kind ? ` · ${say(`kind.${job.kind}`).toLowerCase()}` : ''}
                </Typography>
                <Button
                    variant="outlined"
                    component="a"
                    href={`/api/jobs/${job.id}/sheet.pdf`}
                    target="_blank"
                    rel="noreferrer"
                >
                    Job sheet (PDF)
                </Button>
                <Button variant="outlined" component="a" href={`/api/jobs/${job.id}/export.json`} download>
                    Whole job (JSON)
                </Button>
                {!closed && (
                    <>
                        {newFaults.length > 0 && (
                            <TextField
                                label="What was agreed about the new fault"
                                value={reason}
                                onChange={(e) => setReason(e.target.value)}
                                multiline
                                slotProps={{ htmlInput: { maxLength: 300 } }}
                            />
                        )}
                        {film && (
                            <FormControlLabel
                                sx={{ minHeight: 48 }}
                                control={<Checkbox checked={bare} onChange={(_, v) => setBare(v)} />}
                                label="The outer film came off before their eyes"
                            />
                        )}
                        <FormControlLabel
                            sx={{ minHeight: 48 }}
                            control={<Checkbox checked={told} onChange={(_, v) => setTold(v)} />}
                            label="The customer was told all of this"
                        />
                        <Refusal error={close.error} job={job.id} />
                        <Button
                            variant="contained"
                            onClick={() => close.mutate(undefined)}
                            disabled={close.isPending}
                            sx={{ minHeight: 76, fontSize: '1.2rem' }}
                        >
                            Hand over and close
                        </Button>
                    </>
                )}
            </Box>
        </Box>
    );
}
