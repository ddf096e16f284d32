import Box from '@mui/material/Box';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { Job, PhoneFile, Plan } from '../../api/client';
import { queries } from '../../api/queries';
import { benchView, type BenchView } from '../../bench/benchView';
import type { Run } from '../../bench/run';
import { useRun } from '../../bench/useRun';
import { useTransfer } from '../../calibration/useTransfer';
import { useLaying } from '../../seal/useLaying';
import { KeyList } from '../../shell/KeyList';
import { Refusal } from '../../shell/Refusal';
import { useJob } from '../../shell/jobContext';
import { say } from '../../words/words';
import { Drawing } from './Drawing';
import { handsOn } from './handsOn';
import { HeatStrip } from './HeatStrip';
import { CapturePanel } from './capture/CapturePanel';
import { Ledger } from './Ledger';
import { StepCard } from './StepCard';
import { StepList } from './StepList';
import { KEYS, useBenchKeys } from './useBenchKeys';
import { useCapture } from './useCapture';
import { useDrag } from './useDrag';

/** One thing to do at a time: the drawing says where, the card says what, the strip says how hot and how long. */
export function Bench() {
    const { job, phone } = useJob();
    const there = useRun(job.id);
    if (there.kind !== 'ready') {
        return (
            <Box component="main" sx={{ p: 3 }}>
                {there.kind === 'error' && <Refusal error={there.error} job={job.id} />}
            </Box>
        );
    }
    return <Working job={job} phone={phone} plan={there.plan} run={there.run} />;
}

interface Props {
    job: Job;
    phone: PhoneFile;
    plan: Plan;
    run: Run;
}

/** What is laid over the drawing. */
type Shown = 'screws' | 'ledger' | 'keys' | 'problem';

function Working({ job, phone, plan, run }: Props) {
    const [looking, setLooking] = useState<string | null>(null);
    const [shown, setShown] = useState<Record<Shown, boolean>>({
        screws: false,
        ledger: false,
        keys: false,
        problem: false,
    });
    const show = (what: Shown, on: boolean) => setShown((s) => ({ ...s, [what]: on }));
    const view = benchView(plan, run, phone, looking);
    const { step, opening } = view;
    const mayWork = job.mayWork && job.handedOverAt === null;
    const capture = useCapture(job, phone, step, mayWork);
    const real = useHeated(job.id, view);
    const hands = handsOn(job.id, plan, run, view, mayWork);
    const act = (what: () => boolean) => () => {
        if (what()) {
            setLooking(null);
            show('problem', false);
        }
    };
    const transferring = useTransfer(job.id, step, run);
    const byProgrammer = transferring !== null && !transferring.ready && !view.done;
    const go = act(() => {
        if (capture.askPower) {
            return false;
        }
        if (!byProgrammer) {
            return hands.go();
        }
        if (mayWork) {
            transferring.go();
        }
        return false;
    });
    const undo = act(hands.undo);
    const easily = act(hands.easily);
    const drag = useDrag(plan, run, view, mayWork);
    const laying = useLaying(plan, step);
    const keys = {
        go,
        undo,
        heatAgain: hands.heatAgain,
        problem: () => show('problem', !shown.problem),
        screwMat: () => show('screws', !shown.screws),
        ledger: () => show('ledger', !shown.ledger),
        dragged: drag.toggle,
        easily,
        more: () => capture.open(step?.kind === 'unscrew' ? 'screws-counted' : 'more-screws'),
        notThere: () => capture.open('not-there'),
        nextOne: () => (laying ? laying.next() : view.nextScrew !== null && hands.tick(view.nextScrew)),
        help: () => show('keys', true),
    };
    useBenchKeys(keys, capture.first === null);
    const rows = real ? 'minmax(0, 1fr) auto 200px' : 'minmax(0, 1fr) 200px';
    const narrow = real ? 'min(44dvh, 460px) auto 170px' : 'min(44dvh, 460px) 170px';
    return (
        <Box
            component="main"
            sx={{
                flex: 'none',
                display: 'grid',
                // Narrow: one below the other, the drawing in sight and the button at the thumb.
                gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '230px 1fr 340px', lg: '272px 1fr 408px' },
                gridTemplateRows: { md: 'minmax(0, 1fr)' },
                height: { md: 'calc(100dvh - var(--bar, 60px) - var(--clocks, 0px))' },
            }}
        >
            <StepList plan={plan} run={run} current={step?.id ?? null} choose={setLooking} />
            <Box
                sx={{
                    display: 'grid',
                    gridTemplateRows: {
                        xs: opening ? narrow : 'min(52dvh, 520px)',
                        md: opening ? rows : 'minmax(0, 1fr)',
                    },
                    minHeight: 0,
                    minWidth: 0,
                    bgcolor: '#24323A',
                }}
            >
                <Box sx={{ minHeight: 0, minWidth: 0 }}>
                    <Drawing
                        job={job}
                        phone={phone}
                        plan={plan}
                        view={view}
                        screws={shown.screws}
                        tick={mayWork ? hands.tick : undefined}
                        drag={drag.blade}
                        laying={laying}
                        taps={capture.first === null ? null : { at: capture.taps, add: capture.tap }}
                        plugs={capture.askPower}
                        ground={capture.ground}
                    />
                </Box>
                {opening && (
                    <HeatStrip
                        job={job.id}
                        plan={plan}
                        run={run}
                        view={view}
                        opening={opening}
                        real={real}
                        mayWork={mayWork}
                    />
                )}
            </Box>
            {capture.first !== null ? (
                <CapturePanel
                    key={capture.first}
                    job={job}
                    phone={phone}
                    step={step}
                    first={capture.first}
                    taps={capture.taps}
                    clearTaps={capture.clear}
                    ground={capture.ground}
                    lay={capture.lay}
                    close={capture.close}
                />
            ) : (
                <StepCard
                    job={job}
                    phone={phone}
                    plan={plan}
                    run={run}
                    view={view}
                    heated={real}
                    problem={shown.problem}
                    mayWork={mayWork}
                    go={go}
                    undo={undo}
                    heatAgain={hands.heatAgain}
                    easily={easily}
                    drag={drag}
                    laying={laying}
                    transferring={transferring}
                    more={capture.may ? keys.more : null}
                    asked={capture.askPower ? () => capture.open('like-this') : null}
                    leaveOut={hands.leaveOut}
                    showProblem={(on) => show('problem', on)}
                    backToNow={view.looking ? () => setLooking(null) : null}
                />
            )}
            {shown.ledger && (
                <Ledger job={job.id} phone={phone} plan={plan} run={run} close={() => show('ledger', false)} />
            )}
            {shown.keys && <KeyList keys={KEYS} close={() => show('keys', false)} />}
            <Box role="status" sx={{ position: 'absolute', left: -9999 }}>
                {step ? say(`phase.${step.phase}`) : say('page.all-steps-done')}
            </Box>
        </Box>
    );
}

/** The heating at hand as it really goes; null until one has begun and the server has answered. */
function useHeated(job: string, { opening, heating }: BenchView) {
    const begun = heating !== null;
    const heated = useQuery({ ...queries.benchHeat(job, opening?.bond ?? ''), enabled: begun }).data?.heat ?? null;
    return begun ? heated : null;
}
