import Box from '@mui/material/Box';
import Dialog from '@mui/material/Dialog';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import type { Step } from '../../api/client';
import { queries } from '../../api/queries';
import { asItWent, heatingOf, heatWords } from '../../bench/heat';
import { nextScrew } from '../../bench/ledger';
import { heatOf, lastDone, mayHeatAgain, modelTime, movesOf, untested } from '../../bench/run';
import { report } from '../../bench/useOutbox';
import { useNow } from '../../bench/useNow';
import { Mat } from '../../mat/Mat';
import { marksFor } from '../../mat/marks';
import { ScrewMat } from '../../mat/ScrewMat';
import { Strip } from '../../mat/Strip';
import { Refusal } from '../../shell/Refusal';
import { useJob } from '../../shell/jobContext';
import { say } from '../../words/words';
import { HeatBar } from './HeatBar';
import { Ledger } from './Ledger';
import { StepCard } from './StepCard';
import { StepList } from './StepList';
import { useRun } from '../../bench/useRun';

const KEYS = [
    ['Space, PageDown', say('page.bench.start-the-clock-or-done')],
    ['Backspace', say('page.bench.undo-the-last-step')],
    ['H', say('page.bench.heat-again-and-off-again')],
    ['P', say('page.bench.problem-note-alcohol-battery-screws')],
    ['R', say('page.reading-of-the-thermometer')],
    ['F', say('page.bench.heat-large')],
    ['M', say('page.bench.sound-on-off')],
    ['S', say('page.screw-mat')],
    ['N', say('page.bench.next-screw-out-or-in')],
    ['L', say('page.what-is-where')],
    ['/', say('page.find-a-step')],
    ['?', say('page.bench.these-keys')],
] as const;

/** One thing to do at a time: the drawing says where, the card says what, the strip says how hot and how long. */
export function Bench() {
    const { job, phone } = useJob();
    const view = useRun(job.id);
    const [looking, setLooking] = useState<string | null>(null);
    const [problem, setProblem] = useState(false);
    const [screws, setScrews] = useState(false);
    const [keys, setKeys] = useState(false);
    const [ledger, setLedger] = useState(false);
    const ready = view.kind === 'ready' ? view : null;
    const run = ready?.run ?? null;
    const step: Step | null = ready?.plan.steps.find((s) => s.id === looking) ?? run?.next ?? null;
    const now = useNow(true);
    const mayWork = job.mayWork && job.handedOverAt === null;
    const isDone = step !== null && run?.done.has(step.id) === true;
    const started = step ? run?.timers.get(step.id) : undefined;
    const open = ready && step?.gate ? untested(ready.plan, ready.run, step.gate) : [];
    const bond =
        ready && step
            ? bondAtHand(
                  ready.plan.openings.map((o) => o.bond),
                  step,
                  phone.bonds,
              )
            : null;
    const opening = ready?.plan.openings.find((o) => o.bond === bond);
    const heat = ready && bond ? heatOf(ready.plan, ready.run, bond) : ({ kind: 'none' } as const);

    const begun = ready !== null && bond !== null && heatingOf(movesOf(ready.plan, bond), ready.run) !== null;
    const heated = useQuery({ ...queries.benchHeat(job.id, bond ?? ''), enabled: begun }).data?.heat ?? null;
    const real = begun ? heated : null;

    const go = () => {
        if (!step || !mayWork || isDone || open.length > 0) {
            return;
        }
        if (step.wait > 0 && started === undefined) {
            report(job.id, 'timer-started', { step: step.id });
            return;
        }
        report(job.id, 'step-done', { step: step.id });
        setLooking(null);
        setProblem(false);
    };
    const undo = () => {
        const last = run && lastDone(run);
        if (last && mayWork) {
            report(job.id, 'undo', { event: last.event });
            setLooking(null);
        }
    };
    const heatAgain = () => {
        if (mayWork && heat.kind !== 'none' && step !== null && mayHeatAgain(step.kind)) {
            report(job.id, 'extra-heat', { state: heat.kind === 'heating' ? 'off' : 'on' });
        }
    };
    const ticked = (step && run?.screws.get(step.id)) ?? [];
    const nextTicked = ready && step ? nextScrew(ready.plan, step, ticked) : null;
    const tick = (number: number) => {
        if (mayWork && step && !isDone) {
            report(job.id, 'screw', { step: step.id, number });
        }
    };
    const options = { preventDefault: true, enableOnFormTags: false } as const;
    useHotkeys(['space', 'pagedown'], go, {
        ...options,
        ignoreEventWhen: (e) =>
            e.key === ' ' && e.target instanceof HTMLElement && e.target.closest('button, a, [role="button"]') !== null,
    });
    useHotkeys('backspace', undo, options);
    useHotkeys('h', heatAgain, options);
    useHotkeys('p', () => setProblem((v) => !v), options);
    useHotkeys('s', () => setScrews((v) => !v), options);
    useHotkeys('l', () => setLedger((v) => !v), options);
    useHotkeys('n', () => nextTicked !== null && tick(nextTicked), options);
    useHotkeys('slash', () => document.getElementById('find-step')?.focus(), options);
    useHotkeys('shift+slash', () => setKeys(true), options);

    if (view.kind !== 'ready') {
        return (
            <Box component="main" sx={{ p: 3 }}>
                {view.kind === 'error' && <Refusal error={view.error} job={job.id} />}
            </Box>
        );
    }
    const at = opening
        ? real
            ? Math.max(0, (now - real.from) / 1000)
            : modelTime(view.plan, view.run, opening.bond, now)
        : null;
    const strip = (whole: boolean) =>
        opening && (
            <Strip
                opening={asItWent(opening, real)}
                readings={real?.readings ?? []}
                at={at}
                name={phone.bonds.find((b) => b.id === opening.bond)?.name ?? opening.bond}
                whole={whole}
            />
        );
    const done = new Set(view.run.done.keys());
    // The cracks belong to the old part: after it is set aside the drawing shows the new one.
    const drawn = job.condition?.marks ?? [];
    const oldGlass =
        step !== null && view.plan.steps.indexOf(step) <= view.plan.steps.findIndex((s) => s.kind === 'set-aside');
    return (
        <Box
            component="main"
            sx={{
                flex: 'none',
                display: 'grid',
                gridTemplateColumns: { xs: '230px 1fr 340px', lg: '272px 1fr 408px' },
                gridTemplateRows: 'minmax(0, 1fr)',
                height: 'calc(100vh - 60px)',
            }}
        >
            <StepList plan={view.plan} run={view.run} current={step?.id ?? null} choose={setLooking} />
            <Box
                sx={{
                    display: 'grid',
                    gridTemplateRows: opening
                        ? real
                            ? 'minmax(0, 1fr) auto 200px'
                            : 'minmax(0, 1fr) 200px'
                        : 'minmax(0, 1fr)',
                    minHeight: 0,
                    bgcolor: '#24323A',
                }}
            >
                <Box sx={{ minHeight: 0, minWidth: 0 }}>
                    {screws ? (
                        <ScrewMat
                            plan={view.plan}
                            done={done}
                            step={step}
                            ticked={ticked}
                            tap={mayWork ? tick : undefined}
                        />
                    ) : (
                        <Mat
                            phone={phone}
                            face={step?.face ?? 'front'}
                            drawn={oldGlass ? drawn.filter((m) => m.face === step.face) : []}
                            marks={step ? marksFor(phone, view.plan, step, done) : []}
                            title={say('page.bench.up', {
                                maker: phone.identity.maker,
                                model: phone.identity.model,
                                face: step?.face ?? 'front',
                            })}
                        />
                    )}
                </Box>
                {opening && real && (
                    <HeatBar
                        job={job.id}
                        heat={real}
                        words={heatWords(real, opening.limits.batteryStop, now)}
                        heating={heatingOf(movesOf(view.plan, opening.bond), view.run)}
                        mayWork={mayWork}
                        strip={strip(true)}
                    />
                )}
                {strip(false)}
            </Box>
            <StepCard
                job={job}
                phone={phone}
                plan={view.plan}
                run={view.run}
                step={step}
                now={now}
                heat={heat}
                heated={real}
                problem={problem}
                mayWork={mayWork}
                go={go}
                undo={undo}
                heatAgain={heatAgain}
                showProblem={setProblem}
                backToNow={looking !== null && looking !== view.run.next?.id ? () => setLooking(null) : null}
            />
            {ledger && (
                <Ledger job={job.id} phone={phone} plan={view.plan} run={view.run} close={() => setLedger(false)} />
            )}
            <Dialog open={keys} onClose={() => setKeys(false)} aria-labelledby="keys-title">
                <DialogTitle id="keys-title">{say('page.bench.keys')}</DialogTitle>
                <DialogContent>
                    <Box component="dl" sx={{ display: 'grid', gridTemplateColumns: 'auto 1fr', gap: 1.5, m: 0 }}>
                        {KEYS.map(([k, what]) => (
                            <Box key={k} sx={{ display: 'contents' }}>
                                <Box component="dt" sx={{ fontWeight: 700 }}>
                                    {k}
                                </Box>
                                <Box component="dd" sx={{ m: 0 }}>
                                    {what}
                                </Box>
                            </Box>
                        ))}
                    </Box>
                </DialogContent>
            </Dialog>
            <Box role="status" sx={{ position: 'absolute', left: -9999 }}>
                {step ? say(`phase.${step.phase}`) : say('page.all-steps-done')}
            </Box>
        </Box>
    );
}

/** The bond whose temperatures matter at a step: the one being heated and cut. */
function bondAtHand(openings: string[], step: Step, bonds: { id: string; joins: string[] }[]): string | null {
    if (step.move) {
        return step.move.bond;
    }
    return step.kind === 'lift'
        ? (openings.find((o) => bonds.find((b) => b.id === o)?.joins[0] === step.subjects[0]) ?? null)
        : null;
}
