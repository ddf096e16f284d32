import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, take } from '../../api/client';
import { queries } from '../../api/queries';
import { AT_HAND_OVER } from '../../bench/ledger';
import { GoOn } from '../../shell/GoOn';
import { Note } from '../../shell/Note';
import { Refusal } from '../../shell/Refusal';
import { useChange } from '../../shell/useChange';
import { useJob } from '../../shell/jobContext';
import { moment, say, sayReason, sentence } from '../../words/words';
import { stepTitle } from '../../words/stepWords';
import { useRun } from '../../bench/useRun';
import { CameBack } from './CameBack';
import { CloseJob, type Said } from './CloseJob';
import { going, KeptOldParts, OldParts, type Going } from './OldParts';
import { PhoneReview } from './PhoneReview';
import { PostBack } from './PostBack';
import { TestsBeforeAndAfter } from './TestsBeforeAndAfter';
import { Main } from '../../shell/Main';

/** What is still open, what the customer hears, the sheet, and the job closed. */
export function HandOver() {
    const { job, phone } = useJob();
    const view = useRun(job.id);
    const proof = useQuery(queries.proof(job.id));
    const unpriced = (useQuery(queries.troubles(job.id)).data?.data ?? []).filter((t) => t.quote && t.agreed === null);
    const [said, setSaid] = useState<Said>({ told: false, bare: false, reason: '' });
    const after = useQuery(queries.after(job.id)).data;
    const review = useQuery(queries.phoneReview(job.id)).data?.review ?? null;
    const [keepPhone, setKeepPhone] = useState(true);
    const [changed, setChanged] = useState<Record<string, Going>>({});
    const goes = going(after?.oldParts ?? [], changed);
    const close = useChange(job, () =>
        take(
            api.PUT('/api/jobs/{job}/hand-over', {
                params: { path: { job: job.id } },
                body: {
                    version: job.version,
                    customerTold: said.told,
                    filmOff: said.bare,
                    keepPhone,
                    newFaultsReason: said.reason.trim() === '' ? null : said.reason,
                    oldParts: goes.map((g) => ({ ...g, place: g.place.trim() === '' ? null : g.place })),
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
        <Main
            sx={{
                display: 'grid',
                gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 1fr) 420px' },
                gap: 4,
                alignItems: 'start',
            }}
        >
            <Box sx={{ display: 'grid', gap: 2, minWidth: 0 }}>
                <Typography component="h1" variant="h1">
                    {closed
                        ? say('page.hand-over.handed-over', { handedOverAt: moment(job.handedOverAt ?? '') })
                        : say('page.hand-over.hand-over')}
                </Typography>
                {left.length > 0 && (
                    <Note tone="care">
                        {say('page.hand-over.of-steps-done-next-at-the', { done: steps - left.length, steps })}{' '}
                        <Link to={`/jobs/${job.id}/bench`}>{say('page.hand-over.bench')}</Link>:{' '}
                        {left[0] ? stepTitle(left[0]) : ''}.
                    </Note>
                )}
                {left.length === 0 && !closed && (
                    <Note tone="done">{say('page.hand-over.all-steps-are-done-every-gate', { steps })}</Note>
                )}
                {newFaults.length > 0 && (
                    <Note tone="stop">
                        {say('page.new-since-check-in', {
                            newFaults: newFaults.map((f) => say(`function.${f}`)).join(', '),
                        })}
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
                        {say('page.hand-over.the-price-changed-at-the-bench', {
                            unpriced: unpriced.map((t) => t.name).join(', '),
                        })}{' '}
                        <Link to={`/jobs/${job.id}/quote`}>{say('page.hand-over.quote')}</Link>{' '}
                        {say('page.hand-over.first')}
                    </Note>
                )}
                <Box component="section" aria-label={say('page.customer-hears')}>
                    <Typography component="h2" variant="h2">
                        {say('page.customer-hears')}
                    </Typography>
                    <Box component="ul" sx={{ m: 0, pl: 3 }}>
                        {view.plan.customer.map((r) => (
                            <li key={r.code + JSON.stringify(r.figures)}>{sentence(sayReason(r))}</li>
                        ))}
                        {proof.data?.data.map((r) => (
                            <li key={r.code + JSON.stringify(r.figures)}>{sentence(sayReason(r))}</li>
                        ))}
                        <li>{say('caution.waste')}</li>
                        <li>{say('page.hand-over.keep-it-dry-and-unloaded-until')}</li>
                    </Box>
                </Box>
                {review && (
                    <PhoneReview
                        phone={phone}
                        review={review}
                        keep={closed ? null : { on: keepPhone, set: setKeepPhone }}
                    />
                )}
                {!closed && after && after.oldParts.length > 0 && (
                    <OldParts
                        left={after.oldParts}
                        said={goes}
                        say={(one) => setChanged({ ...changed, [one.part]: one })}
                    />
                )}
                {closed && after && <KeptOldParts kept={after.kept} />}
                {final && <TestsBeforeAndAfter rows={final.rows} />}
                {after?.post && <PostBack job={job} post={after.post} />}
                <Box component="section" aria-label={say('page.hand-over.at-the-customers-eye')}>
                    <Typography component="h2" variant="h2">
                        {say('page.hand-over.at-the-customers-eye')}
                    </Typography>
                    <Box component="ul" sx={{ m: 0, pl: 3 }}>
                        {film && <li>{say('page.hand-over.outer-film-off')}</li>}
                        <li>{say('page.hand-over.power-on-picture-and-touch-over')}</li>
                        <li>{say('page.hand-over.tray-and-stylus-back-case-and')}</li>
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
                        ? say('page.hand-over.batch', {
                              label: job.part.label,
                              name: job.part.name,
                              supplier: job.part.supplier,
                              batch: job.part.batch,
                          })
                        : say('page.hand-over.no-part')}
                    {job.kind ? ` · ${say(`kind.${job.kind}`).toLowerCase()}` : ''}
                </Typography>
                <Button
                    variant="outlined"
                    component="a"
                    href={`/api/jobs/${job.id}/sheet.pdf`}
                    target="_blank"
                    rel="noreferrer"
                >
                    {say('page.hand-over.job-sheet-pdf')}
                </Button>
                <Button variant="outlined" component="a" href={`/api/jobs/${job.id}/export.json`} download>
                    {say('page.hand-over.whole-job-json')}
                </Button>
                {closed && <GoOn job={job} at="hand-over" />}
                {closed && job.closedAs === 'handed-over' && (
                    <CameBack job={job} functions={final?.rows.map((r) => r.function) ?? []} />
                )}
                {!closed && (
                    <CloseJob
                        job={job.id}
                        newFaults={newFaults.length > 0}
                        film={film}
                        stepsLeft={left.length}
                        said={said}
                        tell={setSaid}
                        error={close.error}
                        busy={close.isPending}
                        close={() => close.mutate(undefined)}
                    />
                )}
            </Box>
        </Main>
    );
}
