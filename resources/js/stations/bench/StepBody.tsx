import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useMemo } from 'react';
import type { Job, PhoneFile, Plan, Step } from '../../api/client';
import type { BenchView } from '../../bench/benchView';
import type { Heated } from '../../bench/heat';
import type { Run } from '../../bench/run';
import { TransferPanel } from '../../calibration/TransferPanel';
import type { Transferring } from '../../calibration/useTransfer';
import { repeatsOf } from '../../bench/repeats';
import { moveOf } from '../../mat/marks';
import type { Laying } from '../../seal/useLaying';
import { Note } from '../../shell/Note';
import { mono } from '../../theme/tokens';
import { stepFigures, stepText, stepTitle } from '../../words/stepWords';
import { say, sayReason, sentence } from '../../words/words';
import { GateList } from '../pieces/GateList';
import { Awaited } from './AfterTrouble';
import { DryFitPanel } from './DryFitPanel';
import { LayingPanel } from './LayingPanel';
import { StepClock, type HeatingEnd } from './StepClock';

interface Props {
    job: Job;
    phone: PhoneFile;
    plan: Plan;
    run: Run;
    view: BenchView;
    step: Step;
    heated: Heated | null;
    mayWork: boolean;
    laying: Laying | null;
    transferring: Transferring | null;
    leaveOut: () => void;
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

/** What is done at a step, what to mind, its clock, its tests, and why it stands there. */
export function StepBody({
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
}: Props) {
    const { done, started, heat } = view;
    const [first, ...further] = stepText(step);
    const apart = useMemo(() => repeatsOf(plan), [plan]).get(step.id);
    return (
        <>
            <Typography component="h1" variant="h1">
                {stepTitle(step)}
            </Typography>
            {apart !== undefined && (
                <Typography sx={{ fontSize: '1.125rem', mt: -1.25, color: 'text.secondary' }}>{apart}</Typography>
            )}
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

/** How a heating is planned to end; null for any other step. */
function heatingEnd(plan: Plan, step: Step): HeatingEnd | null {
    const end = step.kind === 'heat' || step.kind === 'reheat' ? moveOf(plan, step)?.end : undefined;
    const limit = plan.openings.find((o) => o.bond === step.move?.bond)?.limits.batteryStop;
    return end && limit !== undefined ? { bond: end.bond, battery: end.battery, limit } : null;
}
