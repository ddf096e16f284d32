import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import type { Job, PhoneFile, Plan, Step } from '../../api/client';
import { queries } from '../../api/queries';
import type { BenchView } from '../../bench/benchView';
import type { Heated } from '../../bench/heat';
import type { Run } from '../../bench/run';
import { screwsOf } from '../../bench/ledger';
import { outbox, useOutbox } from '../../bench/useOutbox';
import { moveOf } from '../../mat/marks';
import { TransferPanel } from '../../calibration/TransferPanel';
import type { Transferring } from '../../calibration/useTransfer';
import type { Laying } from '../../seal/useLaying';
import { Key, KeyedButton } from '../../shell/KeyedButton';
import { Note } from '../../shell/Note';
import { mono } from '../../theme/tokens';
import { say, sayReason, sentence } from '../../words/words';
import { GateList } from '../pieces/GateList';
import { PartOrder } from '../pieces/PartOrder';
import { DragPanel } from './DragPanel';
import { DryFitPanel } from './DryFitPanel';
import { LayingPanel } from './LayingPanel';
import { ProblemPanel } from './ProblemPanel';
import { Question } from './Question';
import { StepClock, type HeatingEnd } from './StepClock';
import type { Drag } from './useDrag';
import { stepFigures, stepText, stepTitle } from '../../words/stepWords';

interface Props {
    job: Job;
    phone: PhoneFile;
    plan: Plan;
    run: Run;
    view: BenchView;
    /** The heating as it really went; null until one has begun and the server has answered. */
    heated: Heated | null;
    /** The panel of what can go wrong is open. */
    problem: boolean;
    mayWork: boolean;
    go: () => void;
    undo: () => void;
    heatAgain: () => void;
    /** The step is done, and it went easily. */
    easily: () => void;
    drag: Drag;
    laying: Laying | null;
    /** Null at any step that the programmer has no part in. */
    transferring: Transferring | null;
    /** Says what is met that is not in the plan; null for a phone that was drawn. */
    more: (() => void) | null;
    /** The seal is not renewed. */
    leaveOut: () => void;
    showProblem: (shown: boolean) => void;
    backToNow: (() => void) | null;
}

type Hazard = Step['hazards'][number];

/** How loud a caution is. */
const LOUD = {
    'broken-glass': 'care',
    'hot-plate': 'care',
    'hot-air': 'care',
    'hot-face': 'care',
    'no-flame-ipa': 'care',
    'battery-limit': 'stop',
    cell: 'stop',
    'bent-cell': 'stop',
    live: 'stop',
    'may-be-live': 'stop',
    'wrist-strap': 'care',
    paired: 'stop',
    'screw-length': 'stop',
    'no-pinch': 'care',
    'water-resistance': 'care',
    eyes: 'care',
    uv: 'care',
    waste: 'care',
    fumes: 'stop',
    dust: 'care',
    'heat-beside': 'care',
} satisfies Record<Hazard, 'stop' | 'care'>;

/** What to do at the step that is shown, and the buttons for it; needs the view of it and what a hand may do. */
export function StepCard(p: Props) {
    const { job, plan, run } = p;
    const { step, done, untested: open } = p.view;
    const heating = p.view.heat.kind === 'heating';
    const { refused } = useOutbox();
    const mine = refused.filter((r) => r.job === job.id && r.kind !== 'unless-said-why');
    const question = refused.find((r) => r.job === job.id && r.kind === 'unless-said-why');
    const waits = step !== null && step.wait > 0 && p.view.started === undefined && !done;
    const label =
        step === null
            ? say('page.all-steps-done')
            : done
              ? say('page.step-card.done')
              : open.length > 0
                ? say('page.step-card.not-tested', { open: open.length })
                : programs(p.transferring)
                  ? transferLabel(p.transferring)
                  : waits
                    ? startLabel(step)
                    : doneLabel(plan, step);
    return (
        <Box
            component="section"
            aria-label={say('page.step-card.step')}
            sx={{ display: 'flex', flexDirection: 'column', minHeight: 0, borderLeft: 1, borderColor: 'divider' }}
        >
            <Box
                tabIndex={0}
                role="group"
                aria-label={say('page.step-card.what-to-do')}
                sx={{ flex: 1, overflow: 'auto', p: 2.5, pb: 1, display: 'grid', gap: 1.75, alignContent: 'start' }}
            >
                {p.backToNow && (
                    <Button variant="outlined" onClick={p.backToNow}>
                        {say('page.step-card.back-to-the-step-now')}
                    </Button>
                )}
                <Happened job={job.id} plan={plan} run={run} />
                {question && <Question key={question.event.id} refused={question} />}
                {mine.map((r) => (
                    <Note key={r.event.id} tone="stop" role="alert">
                        <b>{say('page.step-card.not-kept')}</b> {sentence(sayReason(r.reason))}{' '}
                        <Button size="small" onClick={() => outbox.dismiss(r.event.id)}>
                            {say('page.step-card.understood')}
                        </Button>
                    </Note>
                ))}
                {/* First, so that what helps is in sight without scrolling. */}
                {p.problem && step && (
                    <ProblemPanel
                        job={job}
                        run={run}
                        step={step}
                        ladder={p.heated?.ladder ?? null}
                        face={bondFace(p.phone, step)}
                        close={() => p.showProblem(false)}
                    />
                )}
                {p.drag.blade && step && <DragPanel job={job} step={step} {...p.drag.blade} close={p.drag.close} />}
                {step === null ? (
                    <>
                        <Typography component="h1" variant="h1">
                            {say('page.step-card.all-steps-are-done')}
                        </Typography>
                        <Button
                            component={Link}
                            to={`/jobs/${job.id}/hand-over`}
                            variant="contained"
                            sx={{ minHeight: 76, fontSize: '1.2rem' }}
                        >
                            {say('page.step-card.to-hand-over')}
                        </Button>
                    </>
                ) : (
                    <StepBody {...p} step={step} />
                )}
                {!p.mayWork && (
                    <Note tone="plain">
                        {job.handedOverAt
                            ? say('page.step-card.this-job-is-handed-over-and')
                            : say('page.step-card.your-account-may-look-at-the')}
                    </Note>
                )}
            </Box>
            <Box sx={{ p: 2.5, pt: 1, display: 'grid', gap: 1.25 }}>
                <Button
                    variant="contained"
                    onClick={p.go}
                    disabled={!p.mayWork || step === null || done || open.length > 0 || p.transferring?.busy === true}
                    sx={{ minHeight: 76, justifyContent: 'space-between', px: 2.5, fontSize: '1.25rem' }}
                >
                    {label}
                    <Key>{say('page.step-card.space')}</Key>
                </Button>
                {p.drag.way && (
                    <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1.25 }}>
                        <KeyedButton k="D" onClick={p.drag.toggle} expanded={p.drag.blade !== null}>
                            {say('page.drag.dragged-here')}
                        </KeyedButton>
                        <KeyedButton k="E" onClick={p.easily}>
                            {say('page.drag.went-easily')}
                        </KeyedButton>
                    </Box>
                )}
                {p.more && (
                    <KeyedButton k="A" onClick={p.more} disabled={false}>
                        {say('page.step-card.more-here')}
                    </KeyedButton>
                )}
                <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr 1fr', gap: 1.25 }}>
                    <KeyedButton k="H" onClick={p.heatAgain} disabled={!p.mayWork || !p.view.mayHeatAgain}>
                        {heating ? say('page.step-card.heat-off') : say('page.step-card.heat-again')}
                    </KeyedButton>
                    <KeyedButton
                        k="P"
                        onClick={() => p.showProblem(!p.problem)}
                        disabled={!p.mayWork}
                        expanded={p.problem}
                    >
                        {say('page.problem')}
                    </KeyedButton>
                    <KeyedButton k="⌫" onClick={p.undo} disabled={!p.mayWork || run.done.size === 0}>
                        {say('page.undo')}
                    </KeyedButton>
                </Box>
            </Box>
        </Box>
    );
}

/** True once a part that was ordered has been confirmed to be here. */
const awaited = (plan: Plan, run: Run, part: string): boolean =>
    plan.steps.some((s) => s.kind === 'await-part' && s.subjects[0] === part && run.done.has(s.id));

/** What a trouble has changed in the plan: the price may no longer hold. */
function Happened({ job, plan, run }: { job: string; plan: Plan; run: Run }) {
    const all = useQuery(queries.troubles(job)).data?.data ?? [];
    const lacks = (t: (typeof all)[number]) =>
        t.part !== null && t.order?.state !== 'ordered' && !awaited(plan, run, t.part.id);
    const price = all.filter((t) => t.quote && (t.agreed === null || lacks(t)));
    return (
        <>
            {price.map((t) => (
                <Note key={t.id} tone="care">
                    <b>
                        {say(`trouble.${t.trouble}`)}: {t.name}.
                    </b>{' '}
                    {t.agreed === null ? `${say('reason.quote-no-longer-holds')}. ` : ''}
                    {lacks(t) ? say('page.step-card.is-not-ordered-yet', { name: t.part?.name }) : ''}
                    <Link to={`/jobs/${job}/quote`}>{say('page.step-card.to-the-quote')}</Link>
                </Note>
            ))}
        </>
    );
}

/**
 * Where the order of a part stands that a step waits for; what is not ordered yet is said above, and is ordered at
 * the quote.
 */
function Awaited({ job, part }: { job: Job; part: string }) {
    const all = useQuery(queries.troubles(job.id)).data?.data ?? [];
    return all
        .filter((t) => t.part?.id === part && t.order !== null)
        .map((t) => t.part && <PartOrder key={t.id} job={job} trouble={t} part={t.part.name} />);
}

function StepBody({
    job,
    phone,
    plan,
    run,
    view,
    step,
    heated,
    mayWork,
    laying,
    transferring,
    leaveOut,
}: Props & { step: Step }) {
    const { done, started, heat } = view;
    const [first, ...further] = stepText(step);
    return (
        <>
            <Typography component="h1" variant="h1">
                {stepTitle(step)}
            </Typography>
            <Typography>{first}</Typography>
            {transferring && (
                <TransferPanel
                    job={job.id}
                    transferring={transferring}
                    givenUp={run.data.givenUp}
                    mayWork={mayWork && !done && !view.looking}
                />
            )}
            {laying && (
                <LayingPanel
                    job={job.id}
                    laying={laying}
                    leaveOut={mayWork && !done && !view.looking ? leaveOut : null}
                />
            )}
            {further.map((t) => (
                <Typography key={t}>{t}</Typography>
            ))}
            <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
                {stepFigures(step, moveOf(plan, step)?.way ?? null).map((f) => (
                    <Box
                        key={f.name + f.value}
                        sx={{ border: 1, borderColor: 'text.primary', borderRadius: 1, px: 1.25, py: 0.5 }}
                    >
                        {f.name} <b style={{ fontFamily: mono }}>{f.value}</b>
                    </Box>
                ))}
            </Box>
            {step.kind === 'dry-fit' && <DryFitPanel job={job} plan={plan} step={step} mayWork={mayWork && !done} />}
            {!done && (
                <StepClock step={step} started={started} heat={heat} heated={heated} end={heatingEnd(plan, step)} />
            )}
            {[...run.wet].map((place) => (
                <Note key={place} tone="care">
                    {say('page.step-card.alcohol-is-wet-at-the-no', { place: say(`place.${place}`) })}
                </Note>
            ))}
            {run.soaked && <Note tone="stop">{say('reason.soaked')}.</Note>}
            {run.batteryIn && !done && step.battery === 'off' && (
                <Note tone="care">{say('page.step-card.the-battery-is-plugged-in-unplug')}</Note>
            )}
            {step.hazards.map((c) => (
                <Note key={c} tone={LOUD[c]}>
                    {say(`caution.${c}`)}
                </Note>
            ))}
            {step.kind === 'await-part' && <Awaited job={job} part={step.subjects[0] ?? ''} />}
            {step.gate && (
                <GateList
                    job={job.id}
                    plan={plan}
                    run={run}
                    gate={step.gate}
                    located
                    phone={phone}
                    condition={job.condition}
                    mayWork={mayWork && !done}
                />
            )}
            <Box component="details" sx={{ color: 'text.secondary' }}>
                <Box component="summary" sx={{ minHeight: 40, py: 1, cursor: 'pointer' }}>
                    {say('page.step-card.why-it-stands-here')}
                </Box>
                {step.because.map((b) => (
                    <Typography key={b.code + JSON.stringify(b.figures)}>{sentence(sayReason(b))}</Typography>
                ))}
            </Box>
        </>
    );
}

const programs = (t: Transferring | null): t is Transferring => t !== null && !t.ready;

const transferLabel = ({ busy, state, socket }: Transferring): string =>
    busy
        ? say('page.transfer.busy')
        : state !== null && state.trouble !== null
          ? say('page.transfer.try-again')
          : say(`begin.${socket}`);

/** The face under which the bond at hand lies. */
const bondFace = (phone: PhoneFile, step: Step): Step['face'] =>
    phone.bonds.find((b) => b.id === step.move?.bond)?.face ?? 'front';

/** How a heating is planned to end; null for any other step. */
function heatingEnd(plan: Plan, step: Step): HeatingEnd | null {
    const end = step.kind === 'heat' || step.kind === 'reheat' ? moveOf(plan, step)?.end : undefined;
    const limit = plan.openings.find((o) => o.bond === step.move?.bond)?.limits.batteryStop;
    return end && limit !== undefined ? { bond: end.bond, battery: end.battery, limit } : null;
}

/** True if the source stays on when the clock of a heating is out: the next move is made beside it. */
function goesOnHeld(plan: Plan, step: Step): boolean {
    const moves = plan.openings.find((o) => o.bond === step.move?.bond)?.moves;
    return moves?.[(step.move?.index ?? -1) + 1]?.keptAt !== undefined;
}

function startLabel(step: Step): string {
    return step.kind === 'heat' || step.kind === 'reheat'
        ? say('page.step-card.heat-is-on-start-the-clock')
        : step.kind === 'clamp'
          ? say('page.step-card.clamps-on-start-the-clock')
          : say('page.step-card.start-the-clock');
}

function doneLabel(plan: Plan, step: Step): string {
    switch (step.kind) {
        case 'heat':
        case 'reheat':
            return goesOnHeld(plan, step) ? say('page.step-card.warm-begin') : say('page.step-card.off-the-heat');
        case 'first-gap':
        case 'cut-pass':
            return say('page.step-card.done-pick-placed');
        case 'unscrew':
            return say('page.step-card.done-on-the-mat', { step: screwsOf(step) });
        case 'screw-in':
            return say('page.step-card.done-in', { step: screwsOf(step) });
        case 'plug-in':
            return say('page.step-card.done-felt-it-click');
        case 'alcohol':
            return say('page.step-card.done-it-creeps-in');
        case 'confirm-dry':
            return say('page.step-card.it-is-dry');
        case 'gate':
            return say('page.step-card.gate-passed-on');
        default:
            return say('page.step-card.done');
    }
}
