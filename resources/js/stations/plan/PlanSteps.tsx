import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ButtonBase from '@mui/material/ButtonBase';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { Plan, Step } from '../../api/client';
import { repeatsOf, type Repeats } from '../../bench/repeats';
import { FigureBar } from '../../shell/FigureBar';
import { mono } from '../../theme/tokens';
import { stepTitle } from '../../words/stepWords';
import { clock, minutes, say, sentences } from '../../words/words';

const sum = (steps: readonly Step[], of: (s: Step) => number): number => steps.reduce((all, s) => all + of(s), 0);

/** The phases of a plan with what each takes; its steps are behind it. */
export function PlanSteps({ plan }: { plan: Plan }) {
    const phases = [...new Set(plan.steps.map((s) => s.phase))].map((phase) => {
        const steps = plan.steps.filter((s) => s.phase === phase);
        return { phase, steps, hands: sum(steps, (s) => s.hands), wait: sum(steps, (s) => s.wait) };
    });
    const most = Math.max(...phases.map((p) => p.hands + p.wait));
    const numbers = new Map(plan.steps.map((s, i) => [s.id, i + 1]));
    const [open, setOpen] = useState<ReadonlySet<string>>(new Set());
    const all = open.size === phases.length;
    const turn = (phase: string) =>
        setOpen((o) => new Set(o.has(phase) ? [...o].filter((p) => p !== phase) : [...o, phase]));
    const repeats = repeatsOf(plan);
    return (
        <Box sx={{ mt: 2 }}>
            <Box sx={{ display: 'flex', alignItems: 'center' }}>
                <Typography component="h2" variant="h2" sx={{ flex: 1 }}>
                    {say('page.plan-steps.phases')}
                </Typography>
                <Button onClick={() => setOpen(new Set(all ? [] : phases.map((p) => p.phase)))} aria-expanded={all}>
                    {say(all ? 'page.plan-steps.fold' : 'page.plan-steps.all', { steps: plan.steps.length })}
                </Button>
            </Box>
            {phases.map(({ phase, steps, hands, wait }) => (
                <Box
                    key={phase}
                    component="section"
                    aria-label={say(`phase.${phase}`)}
                    sx={{ borderBottom: 1, borderColor: 'divider' }}
                >
                    <ButtonBase
                        onClick={() => turn(phase)}
                        aria-expanded={open.has(phase)}
                        sx={{
                            width: '100%',
                            font: 'inherit',
                            textAlign: 'left',
                            display: 'grid',
                            gridTemplateColumns: { xs: '1fr 1fr', md: '150px 90px minmax(0, 1fr)' },
                            gap: 2,
                            alignItems: 'center',
                            minHeight: 56,
                            py: 0.75,
                        }}
                    >
                        <b>
                            <span aria-hidden>{open.has(phase) ? '▾ ' : '▸ '}</span>
                            {say(`phase.${phase}`)}
                        </b>
                        <Box component="span" sx={{ color: 'text.secondary' }}>
                            {say('page.plan-steps.steps', { steps: steps.length })}
                        </Box>
                        <Box sx={{ gridColumn: { xs: '1 / -1', md: 'auto' } }}>
                            <FigureBar
                                text={
                                    wait > 0
                                        ? say('page.plan-steps.hands-and-wait', {
                                              hands: minutes(hands),
                                              wait: minutes(wait),
                                          })
                                        : minutes(hands)
                                }
                                value={hands}
                                most={most}
                                {...(wait > 0 ? { low: hands, high: hands + wait } : {})}
                            />
                        </Box>
                    </ButtonBase>
                    {open.has(phase) && <PhaseSteps steps={steps} numbers={numbers} repeats={repeats} />}
                </Box>
            ))}
        </Box>
    );
}

interface PhaseProps {
    steps: readonly Step[];
    numbers: ReadonlyMap<string, number>;
    repeats: Repeats;
}

function PhaseSteps({ steps, numbers, repeats }: PhaseProps) {
    return (
        <Box component="ol" sx={{ listStyle: 'none', m: 0, p: 0, pb: 1 }}>
            {steps.map((s) => (
                <Box
                    component="li"
                    key={s.id}
                    sx={{
                        display: 'grid',
                        gridTemplateColumns: { xs: '32px minmax(0, 1fr)', md: '40px 1fr 200px 70px' },
                        gap: 1,
                        py: 0.6,
                        borderTop: 1,
                        borderColor: 'divider',
                    }}
                >
                    <Box sx={{ fontFamily: mono, color: 'text.secondary' }}>{numbers.get(s.id)}</Box>
                    <Box>
                        {stepTitle(s)}
                        {repeats.has(s.id) && ` (${repeats.get(s.id)})`}
                        <Box sx={{ color: 'text.secondary', fontSize: '0.9375rem' }}>{sentences(s.because)}</Box>
                    </Box>
                    <Box sx={{ color: 'text.secondary' }}>{s.tool ?? ''}</Box>
                    <Box sx={{ fontFamily: mono, textAlign: 'right' }}>{clock(s.wait > 0 ? s.wait : s.hands)}</Box>
                </Box>
            ))}
        </Box>
    );
}
