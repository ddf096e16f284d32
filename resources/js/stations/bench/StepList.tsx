import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import { useEffect, useMemo, useRef, useState } from 'react';
import type { Plan, Step } from '../../api/client';
import { repeatsOf } from '../../bench/repeats';
import type { Run } from '../../bench/run';
import { moveOf } from '../../mat/marks';
import { mono } from '../../theme/tokens';
import { clock, say } from '../../words/words';
import { stepTitle } from '../../words/stepWords';

/** The phase now, step by step; the others folded. */
export function StepList({
    plan,
    run,
    current,
    choose,
}: {
    plan: Plan;
    run: Run;
    current: string | null;
    choose: (id: string) => void;
}) {
    const [find, setFind] = useState('');
    const phases = [...new Set(plan.steps.map((s) => s.phase))];
    const now = plan.steps.find((s) => s.id === current)?.phase ?? phases[phases.length - 1];
    const [unfolded, setUnfolded] = useState<string | null>(null);
    // Where it is narrow the list is behind its own button; one that was chosen shuts it.
    const [listed, setListed] = useState(false);
    const pick = (id: string) => {
        setListed(false);
        choose(id);
    };
    const repeats = useMemo(() => repeatsOf(plan), [plan]);
    const at = plan.steps.findIndex((s) => s.id === current);
    const here = useRef<HTMLButtonElement>(null);
    useEffect(() => {
        // Braces: a browser may give back a promise here, and an effect must not return one.
        here.current?.scrollIntoView({ block: 'nearest' });
    }, [current]);
    const leave = (event: React.KeyboardEvent<HTMLInputElement>) => {
        if (event.key === 'Escape') {
            setFind('');
            event.currentTarget.blur();
        }
    };
    const wanted = find.trim().toLowerCase();
    return (
        <Box
            component="nav"
            aria-label={say('page.step-list.steps')}
            sx={{
                bgcolor: 'background.paper',
                borderRight: { md: 1 },
                borderBottom: { xs: 1, md: 0 },
                borderColor: 'divider',
                overflow: 'auto',
                minHeight: 0,
                py: { md: 1 },
            }}
        >
            <ButtonBase
                onClick={() => setListed(!listed)}
                aria-expanded={listed}
                sx={{
                    display: { xs: 'flex', md: 'none' },
                    width: '100%',
                    minHeight: 48,
                    px: 2,
                    gap: 1,
                    justifyContent: 'space-between',
                    font: 'inherit',
                    fontWeight: 700,
                }}
            >
                <span>
                    {at < 0
                        ? say('page.all-steps-done')
                        : say('page.step-list.of', { at: at + 1, steps: plan.steps.length })}
                </span>
                <span>
                    {now ? say(`phase.${now}`) : ''} <span aria-hidden>{listed ? '▴' : '▾'}</span>
                </span>
            </ButtonBase>
            <Box sx={{ display: { xs: listed ? 'block' : 'none', md: 'block' } }}>
                <Box sx={{ px: 2, pb: 1 }}>
                    <Box
                        component="input"
                        id="find-step"
                        aria-label={say('page.find-a-step')}
                        placeholder={say('page.step-list.find-a-step')}
                        value={find}
                        onChange={(e: React.ChangeEvent<HTMLInputElement>) => setFind(e.target.value)}
                        onKeyDown={leave}
                        sx={(t) => ({
                            width: '100%',
                            font: 'inherit',
                            color: 'inherit',
                            bgcolor: 'transparent',
                            border: `1px solid ${t.palette.role.quiet}`,
                            borderRadius: 1,
                            px: 1.25,
                            minHeight: 48,
                        })}
                    />
                </Box>
                {phases.map((phase) => {
                    const steps = plan.steps.filter((s) => s.phase === phase);
                    const open = wanted === '' ? phase === now || phase === unfolded : true;
                    const shown =
                        wanted === '' ? steps : steps.filter((s) => stepTitle(s).toLowerCase().includes(wanted));
                    const finished = steps.filter((s) => run.done.has(s.id)).length;
                    if (wanted !== '' && shown.length === 0) {
                        return null;
                    }
                    return (
                        <Box key={phase}>
                            <ButtonBase
                                onClick={() => setUnfolded(phase === unfolded ? null : phase)}
                                aria-expanded={open}
                                sx={{
                                    width: '100%',
                                    justifyContent: 'space-between',
                                    px: 2,
                                    minHeight: 48,
                                    font: 'inherit',
                                    fontWeight: 700,
                                    color: phase === now ? 'text.primary' : 'text.secondary',
                                }}
                            >
                                <span>
                                    <span aria-hidden>{finished === steps.length ? '● ' : open ? '▾ ' : '▸ '}</span>
                                    {say(`phase.${phase}`)}
                                </span>
                                <Box component="span" sx={{ fontFamily: mono, fontWeight: 400 }}>
                                    {finished}/{steps.length}
                                </Box>
                            </ButtonBase>
                            {open &&
                                shown.map((s) => (
                                    <Row
                                        key={s.id}
                                        step={s}
                                        apart={repeats.get(s.id) ?? null}
                                        length={moveOf(plan, s)?.way?.length ?? null}
                                        run={run}
                                        current={s.id === current}
                                        choose={pick}
                                        ref={s.id === current ? here : null}
                                    />
                                ))}
                        </Box>
                    );
                })}
            </Box>
        </Box>
    );
}

function Row({
    step,
    apart,
    length,
    run,
    current,
    choose,
    ref,
}: {
    step: Step;
    /** What tells it apart from others of the same words. */
    apart: string | null;
    /** mm of edge, for a pass of the blade. */
    length: number | null;
    run: Run;
    current: boolean;
    choose: (id: string) => void;
    ref: React.Ref<HTMLButtonElement> | null;
}) {
    const done = run.done.has(step.id);
    const mark = done ? '●' : current ? '◆' : '○';
    const figure =
        length !== null
            ? say('page.step-list.mm', { length: Math.round(length) })
            : step.wait > 0
              ? clock(step.wait)
              : '';
    return (
        <ButtonBase
            ref={ref}
            onClick={() => choose(step.id)}
            aria-current={current ? 'step' : undefined}
            data-step={step.id}
            sx={(t) => ({
                width: '100%',
                minHeight: { xs: 48, md: 40 },
                px: 2,
                gap: 1.25,
                justifyContent: 'flex-start',
                textAlign: 'left',
                font: 'inherit',
                bgcolor: current ? t.palette.role.nowFill : 'transparent',
                color: done && !current ? t.palette.role.quiet : t.palette.role.ink,
                fontWeight: current ? 700 : 400,
            })}
        >
            <Box
                component="span"
                aria-label={say(done ? 'page.step-list.done' : current ? 'page.step-list.now' : 'page.step-list.to-do')}
                sx={(t) => ({
                    color: done ? t.palette.role.done : current ? t.palette.role.now : t.palette.role.quiet,
                    width: 16,
                    flex: 'none',
                })}
            >
                {mark}
            </Box>
            <Box component="span" sx={{ flex: 1, lineHeight: 1.2, py: 0.5 }}>
                {stepTitle(step)}
                {apart !== null && (
                    <Box component="span" sx={{ display: 'block', fontSize: '0.9375rem', fontWeight: 400 }}>
                        {apart}
                    </Box>
                )}
            </Box>
            <Box component="span" sx={{ fontFamily: mono, fontSize: '0.9375rem', whiteSpace: 'nowrap' }}>
                {figure}
            </Box>
        </ButtonBase>
    );
}
