import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { Step } from '../../api/client';
import { paceAt, type Heated } from '../../bench/heat';
import { mayHeatAgain, type Heat } from '../../bench/run';
import { useNow } from '../../bench/useNow';
import { say, clock } from '../../words/words';

interface Props {
    step: Step;
    started: number | undefined;
    heat: Heat;
    heated: Heated | null;
    /** How a heating is planned to end; null for any other step. */
    end: HeatingEnd | null;
}

export interface HeatingEnd {
    bond: number;
    battery: number;
    limit: number;
}

/** The clock of a step: what is left of a wait, of the heat, or of the time until the bond grips again. */
export function StepClock({ step, started, heat, heated, end }: Props) {
    const now = useNow(started !== undefined || heat.kind !== 'none');
    // What really happened counts, and a reading that corrected it; the plan's own clock stands in until the server
    // has answered.
    if (
        (step.kind === 'heat' || step.kind === 'reheat') &&
        started !== undefined &&
        heated?.on === true &&
        heated.liftAt !== null
    ) {
        const left = (heated.liftAt - now) / 1000;
        const corrected = heated.fit !== null && heated.fit.used > 0;
        return (
            <ClockLine
                seconds={left}
                words={
                    left <= 0
                        ? say('page.step-clock.lift-off-now')
                        : corrected
                          ? say('page.step-clock.then-lift-off-corrected-by-your')
                          : endOf(end)
                }
                late={left <= 0}
            />
        );
    }
    if (step.wait > 0) {
        const left = started === undefined ? step.wait : step.wait - (now - started) / 1000;
        return (
            <ClockLine
                seconds={left}
                words={started === undefined ? whatFor(step) : left > 0 ? endOf(end) : overdue(step)}
                late={left < 0}
            />
        );
    }
    if (!mayHeatAgain(step.kind)) {
        return null;
    }
    if (heat.kind === 'heating') {
        const left = heat.seconds - (now - heat.since) / 1000;
        return (
            <ClockLine seconds={left} words={say('page.step-clock.heating-again-press-h-when-it')} late={left < 0} />
        );
    }
    if (heat.kind === 'held') {
        return (
            <PaceLine
                heated={heated}
                now={now}
                words={say('page.step-clock.held-at', { at: heat.keptAt.toFixed(0) })}
            />
        );
    }
    if (heat.kind === 'working') {
        const left = ((heated?.gripsAt ?? heat.until) - now) / 1000;
        return (
            <>
                <ClockLine
                    seconds={Math.max(0, left)}
                    words={
                        left > 0
                            ? say('page.step-clock.until-the-bond-grips-again-estimate')
                            : say('page.step-clock.the-bond-is-estimated-to-grip')
                    }
                    late={left <= 0}
                />
                {step.kind === 'cut-pass' && <PaceLine heated={heated} now={now} words="" />}
            </>
        );
    }
    return null;
}

const whatFor = (step: Step): string =>
    step.kind === 'clamp'
        ? say('page.step-clock.under-clamps')
        : step.kind === 'charge'
          ? say('page.step-clock.on-the-charger')
          : step.kind === 'confirm-dry'
            ? say('page.step-clock.to-dry')
            : say('page.step-clock.on-the-heat');
const endOf = (end: HeatingEnd | null): string =>
    end
        ? say('page.step-clock.then-lift-off-bond-about-c', {
              bond: end.bond.toFixed(0),
              battery: end.battery.toFixed(0),
              limit: end.limit,
          })
        : say('page.step-clock.the-clock-runs-on-without-you');
const overdue = (step: Step): string =>
    step.kind === 'heat' || step.kind === 'reheat'
        ? say('page.step-clock.lift-off-now')
        : say('page.step-clock.time-is-up');

function ClockLine({ seconds, words, late }: { seconds: number; words: string; late: boolean }) {
    return (
        <Box sx={{ display: 'flex', gap: 2, alignItems: 'center' }}>
            <Typography
                variant="clock"
                component="div"
                role="timer"
                sx={(t) => (late ? { color: t.palette.role.stop } : {})}
            >
                {clock(seconds)}
            </Typography>
            <Typography sx={late ? { fontWeight: 700 } : {}}>{words}</Typography>
        </Box>
    );
}

/** How fast the blade goes as warm as the bond is now; nothing before the server has answered. */
function PaceLine({ heated, now, words }: { heated: Heated | null; now: number; words: string }) {
    const pace = heated && paceAt(heated, now);
    return (
        <Box sx={{ display: 'flex', gap: 2, alignItems: 'center' }}>
            {pace !== null && (
                <Typography variant="clock" component="div">
                    {pace.toFixed(1)}
                </Typography>
            )}
            <Box>
                {pace !== null && <Typography>{say('page.step-clock.mm-per-second-now')}</Typography>}
                {words !== '' && <Typography>{words}</Typography>}
            </Box>
        </Box>
    );
}
