import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { Link } from 'react-router';
import type { Job, PhoneFile, Plan, Step } from '../../api/client';
import type { BenchView } from '../../bench/benchView';
import type { Heated } from '../../bench/heat';
import type { Run } from '../../bench/run';
import { outbox, useOutbox } from '../../bench/useOutbox';
import type { Transferring } from '../../calibration/useTransfer';
import type { Laying } from '../../seal/useLaying';
import { Key, KeyedButton } from '../../shell/KeyedButton';
import { useSize } from '../../mat/useSize';
import { Note } from '../../shell/Note';
import { say, sayReason, sentence } from '../../words/words';
import { BatteryQuestion } from './capture/BatteryQuestion';
import { DragPanel } from './DragPanel';
import { Happened } from './AfterTrouble';
import { ProblemPanel } from './ProblemPanel';
import { Question } from './Question';
import { StepBody } from './StepBody';
import { doneLabel, programs, startLabel, transferLabel } from './stepLabels';
import type { Drag } from './useDrag';

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
    /** It is asked which plug is the battery's; called to place it on the drawing. Null at any other time. */
    asked: (() => void) | null;
    /** The seal is not renewed. */
    leaveOut: () => void;
    showProblem: (shown: boolean) => void;
    backToNow: (() => void) | null;
}

/** What to do at the step that is shown, and the buttons for it; needs the view of it and what a hand may do. */
export function StepCard(p: Props) {
    const { job, plan, run } = p;
    const { step, done, untested: open } = p.view;
    const heating = p.view.heat.kind === 'heating';
    const { refused } = useOutbox();
    const mine = refused.filter((r) => r.job === job.id && r.kind !== 'unless-said-why');
    const question = refused.find((r) => r.job === job.id && r.kind === 'unless-said-why');
    const waitsForWord = open.length > 0 || p.transferring?.busy === true || p.asked !== null;
    const [foot, footSize] = useSize<HTMLDivElement>();
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
            sx={{
                display: 'flex',
                flexDirection: 'column',
                minHeight: 0,
                borderLeft: { md: 1 },
                borderColor: 'divider',
                pb: { xs: `${footSize?.height ?? 220}px`, md: 0 },
            }}
        >
            <Box
                tabIndex={0}
                role="group"
                aria-label={say('page.step-card.what-to-do')}
                sx={{
                    flex: 1,
                    overflow: { md: 'auto' },
                    p: { xs: 2, md: 2.5 },
                    pb: 1,
                    display: 'grid',
                    gap: 1.75,
                    alignContent: 'start',
                }}
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
                    <>
                        {p.asked && <BatteryQuestion job={job} phone={p.phone} elsewhere={p.asked} />}
                        <StepBody {...p} step={step} />
                    </>
                )}
                {!p.mayWork && (
                    <Note tone="plain">
                        {job.handedOverAt
                            ? say('page.step-card.this-job-is-handed-over-and')
                            : say('page.step-card.your-account-may-look-at-the')}
                    </Note>
                )}
            </Box>
            <Box
                ref={foot}
                sx={{
                    p: { xs: 1.5, md: 2.5 },
                    pt: 1,
                    display: 'grid',
                    gap: 1.25,
                    // Narrow: at the thumb, whatever the page is pushed to.
                    position: { xs: 'fixed', md: 'static' },
                    left: 0,
                    right: 0,
                    bottom: 0,
                    zIndex: 2,
                    bgcolor: 'background.default',
                    borderTop: { xs: 1, md: 0 },
                    borderColor: 'divider',
                }}
            >
                <Button
                    variant="contained"
                    onClick={p.go}
                    disabled={!p.mayWork || step === null || done || waitsForWord}
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

/** The face under which the bond at hand lies. */
const bondFace = (phone: PhoneFile, step: Step): Step['face'] =>
    phone.bonds.find((b) => b.id === step.move?.bond)?.face ?? 'front';
