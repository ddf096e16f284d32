import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { useState, type SyntheticEvent } from 'react';
import type { BenchState, Condition, PhoneFile, Plan, Schemas } from '../../api/client';
import { queries } from '../../api/queries';
import { testKey, untested, type Run } from '../../bench/run';
import { report } from '../../bench/useOutbox';
import { Note } from '../../shell/Note';
import { say } from '../../words/words';
import { every } from '../../api/sets';
import { Located } from './Located';
import { OnThePhone } from './OnThePhone';

const OUTCOMES = every<BenchState['tests'][number]['outcome']>({ pass: true, fail: true, 'not-possible': true });

interface Props {
    job: string;
    plan: Plan;
    run: Run;
    gate: string;
    phone: PhoneFile;
    condition: Condition | null;
    mayWork: boolean;
    /** Where a failure points to is told here. */
    located?: boolean;
}

type FailSign = NonNullable<Schemas['Proof']['gates'][number]['rows'][number]['sign']>;

/** How a function can fail, as far as that tells where to look. */
const SIGNS: Readonly<Record<string, readonly FailSign[]>> = {
    touch: ['dead', 'band-at-flex', 'band', 'patch'],
    image: ['dead', 'weak', 'band', 'patch'],
};
const USUAL: readonly FailSign[] = ['dead', 'weak'];

/** The functions of one gate, each set beside check-in; a gate that is not tested needs a reason. */
export function GateList({ job, plan, run, gate, phone, condition, mayWork, located = false }: Props) {
    const [reason, setReason] = useState('');
    const functions = plan.gates.find((g) => g.gate === gate)?.functions ?? [];
    const open = untested(plan, run, gate);
    const proof = useQuery(queries.proof(job)).data;
    const rows = new Map(proof?.gates.find((g) => g.gate === gate)?.rows.map((r) => [r.function, r]));
    const seconds = functions.reduce((sum, f) => sum + (rows.get(f.function)?.seconds ?? 0), 0);
    const before = new Map((condition?.functions ?? []).map((f) => [f.function as string, f.state as string]));
    const test = (fn: string, outcome: string, how: 'one-by-one' | 'together' = 'one-by-one') =>
        report(job, 'test', { gate, function: fn, outcome, how });
    const sign = (fn: string, how: string) =>
        report(job, 'test', { gate, function: fn, outcome: 'fail', how: 'one-by-one', sign: how });
    const leaveOut = (event: SyntheticEvent) => {
        event.preventDefault();
        report(job, 'gate-waived', { gate, reason });
        setReason('');
    };
    return (
        <Box sx={{ display: 'grid', gap: 0.75 }}>
            <OnThePhone job={job} gate={gate} phone={phone} mayWork={mayWork} />
            {seconds > 0 && (
                <Typography color="textSecondary">
                    {say('proof.takes', { count: functions.length, minutes: Math.max(1, Math.round(seconds / 60)) })}
                </Typography>
            )}
            {functions.map((f, i) => {
                const row = rows.get(f.function);
                const cover = row?.cover ?? null;
                const first = cover !== null && cover !== rows.get(functions[i - 1]?.function ?? '')?.cover;
                const outcome = run.tests.get(testKey(gate, f.function)) ?? null;
                const was = before.get(f.function) ?? 'cannot-test';
                const fresh = was === 'works' && outcome === 'fail';
                const needs = row?.needs ?? [f.needs];
                return (
                    <Box key={f.function}>
                        {first && (
                            <Typography component="h2" sx={{ fontWeight: 700, mt: i === 0 ? 0 : 1 }}>
                                {say(`cover.${cover}`)}
                            </Typography>
                        )}
                        <Box
                            sx={(t) => ({
                                display: 'grid',
                                gridTemplateColumns: '1fr auto',
                                alignItems: 'center',
                                gap: 1,
                                borderLeft: `4px solid ${fresh ? t.palette.role.stop : 'transparent'}`,
                                pl: 1,
                            })}
                        >
                            <Box>
                                <b>{say(`function.${f.function}`)}</b>
                                <Box
                                    sx={(t) => ({
                                        color: fresh ? t.palette.role.stop : t.palette.role.quiet,
                                        fontSize: '0.9375rem',
                                        lineHeight: 1.25,
                                    })}
                                >
                                    {[
                                        fresh
                                            ? say('page.gate-list.new-fault-worked-at-check-in')
                                            : say('page.gate-list.check-in', {
                                                  state: say(`state.${was}`).toLowerCase(),
                                              }),
                                        row?.earlier
                                            ? say('proof.earlier', {
                                                  gate: say(`gate.${row.earlier.gate}`).toLowerCase(),
                                                  outcome: say(`outcome.${row.earlier.outcome}`).toLowerCase(),
                                              })
                                            : null,
                                        ...needs.map((n) => say(`need.${n}`)),
                                    ]
                                        .filter(Boolean)
                                        .join(' · ')}
                                </Box>
                            </Box>
                            <ToggleButtonGroup
                                exclusive
                                size="small"
                                disabled={!mayWork}
                                value={outcome}
                                onChange={(_, v: string | null) => v && test(f.function, v)}
                                aria-label={say('page.gate-list.at', {
                                    function: say(`function.${f.function}`),
                                    gate: say(`gate.${gate}`),
                                })}
                            >
                                {OUTCOMES.map((o) => (
                                    <ToggleButton key={o} value={o} sx={{ px: 1 }}>
                                        {o === 'not-possible' ? say('page.gate-list.cant') : say(`outcome.${o}`)}
                                    </ToggleButton>
                                ))}
                            </ToggleButtonGroup>
                        </Box>
                        {outcome === 'fail' && mayWork && (
                            <HowItFails
                                fn={f.function}
                                said={row?.sign ?? null}
                                onSay={(how) => sign(f.function, how)}
                            />
                        )}
                    </Box>
                );
            })}
            {located && proof?.located && <Located job={job} located={proof.located} mayWork={mayWork} />}
            {mayWork && open.length > 1 && (
                <Button variant="outlined" onClick={() => open.forEach((f) => test(f, 'pass', 'together'))}>
                    {say('page.gate-list.the-other-pass', { open: open.length })}
                </Button>
            )}
            {run.waived.has(gate) && (
                <Note tone="care">{say('page.gate-list.not-tested', { get: run.waived.get(gate) })}</Note>
            )}
            {mayWork && open.length > 0 && (
                <Box component="form" onSubmit={leaveOut} sx={{ display: 'flex', gap: 1, mt: 1 }}>
                    <TextField
                        size="small"
                        label={say('page.gate-list.why-it-cannot-be-tested')}
                        value={reason}
                        onChange={(e) => setReason(e.target.value)}
                        fullWidth
                        slotProps={{ htmlInput: { maxLength: 300 } }}
                    />
                    <Button type="submit" disabled={reason.trim().length < 5} sx={{ whiteSpace: 'nowrap' }}>
                        {say('page.leave-out')}
                    </Button>
                </Box>
            )}
            {functions.length === 0 && (
                <Typography color="textSecondary">{say('page.gate-list.nothing-has-to-be-tested-here')}</Typography>
            )}
        </Box>
    );
}

/** What tells most about a failure is how it fails: asked at once, and never needed. */
function HowItFails({ fn, said, onSay }: { fn: string; said: FailSign | null; onSay: (how: FailSign) => void }) {
    return (
        <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 1, pl: 1.5, mt: 0.5 }}>
            <Box component="span">{say('failing.ask')}</Box>
            <ToggleButtonGroup
                exclusive
                size="small"
                value={said}
                onChange={(_, v: FailSign | null) => v && onSay(v)}
                aria-label={say('failing.of', { function: say(`function.${fn}`) })}
            >
                {(SIGNS[fn] ?? USUAL).map((s) => (
                    <ToggleButton key={s} value={s} sx={{ px: 1 }}>
                        {say(`failing.${s}`)}
                    </ToggleButton>
                ))}
            </ToggleButtonGroup>
        </Box>
    );
}
