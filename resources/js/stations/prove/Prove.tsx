import Box from '@mui/material/Box';
import Tab from '@mui/material/Tab';
import Tabs from '@mui/material/Tabs';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { queries } from '../../api/queries';
import { untested } from '../../bench/run';
import { GoOn } from '../../shell/GoOn';
import { Note } from '../../shell/Note';
import { Refusal } from '../../shell/Refusal';
import { useJob } from '../../shell/jobContext';
import { say } from '../../words/words';
import { GateList } from '../pieces/GateList';
import { Located } from '../pieces/Located';
import { useRun } from '../../bench/useRun';
import { Main } from '../../shell/Main';

/** Every gate that applies, each test beside what was found at check-in. */
export function Prove() {
    const { job, phone } = useJob();
    const view = useRun(job.id);
    const proof = useQuery(queries.proof(job.id));
    const [chosen, setChosen] = useState<string | null>(null);
    if (view.kind !== 'ready') {
        return (
            <Box component="main" sx={{ p: 3 }}>
                {view.kind === 'error' && <Refusal error={view.error} job={job.id} />}
            </Box>
        );
    }
    const { plan, run } = view;
    const gates = plan.gates.map((g) => g.gate).filter((g) => g !== 'check-in');
    const atHand = gates.find((g) => untested(plan, run, g).length > 0) ?? gates[gates.length - 1] ?? 'finished';
    const gate = chosen ?? atHand;
    const rows = proof.data?.gates.find((g) => g.gate === gate)?.rows ?? [];
    const failed = rows.filter((r) => r.after === 'fail');
    return (
        <Main
            sx={{
                display: 'grid',
                gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 1fr) 400px' },
                gap: 4,
                alignItems: 'start',
            }}
        >
            <Box>
                <Typography component="h1" variant="h1">
                    {say('page.prove.prove')}
                </Typography>
                <Tabs
                    value={gate}
                    onChange={(_, v: string) => setChosen(v)}
                    aria-label={say('page.prove.gates')}
                    sx={{ mb: 2 }}
                >
                    {gates.map((g) => {
                        const open = untested(plan, run, g).length;
                        return (
                            <Tab
                                key={g}
                                value={g}
                                label={`${say(`gate.${g}`)} ${open === 0 ? '●' : say('page.prove.open', { open })}`}
                            />
                        );
                    })}
                </Tabs>
                <GateList
                    job={job.id}
                    plan={plan}
                    run={run}
                    gate={gate}
                    phone={phone}
                    condition={job.condition}
                    mayWork={job.mayWork && job.handedOverAt === null}
                />
            </Box>
            <Box sx={{ display: 'grid', gap: 2 }}>
                <Typography component="h2" variant="h2">
                    {say('page.prove.beside-check-in')}
                </Typography>
                {proof.data && proof.data.newFaults.length > 0 && (
                    <Note tone="stop" role="status">
                        {say('page.new-since-check-in', {
                            newFaults: proof.data.newFaults.map((f) => say(`function.${f}`)).join(', '),
                        })}
                    </Note>
                )}
                {proof.data && proof.data.newFaults.length === 0 && (
                    <SoFar tested={run.tests.size} left={gates.flatMap((g) => untested(plan, run, g)).length} />
                )}
                {failed.map((r) => (
                    <Box key={r.function}>
                        <b>{say(`function.${r.function}`)}</b>
                        {r.bears && <Box>{say(`bears.${r.bears}`)}</Box>}
                    </Box>
                ))}
                {proof.data?.located && (
                    <Located
                        job={job.id}
                        located={proof.data.located}
                        mayWork={job.mayWork && job.handedOverAt === null}
                    />
                )}
                {gates.map((g) => {
                    const all = proof.data?.gates.find((x) => x.gate === g);
                    const counts = new Map<string, number>();
                    all?.rows.forEach((r) => counts.set(r.change, (counts.get(r.change) ?? 0) + 1));
                    return (
                        <Box key={g}>
                            <Typography component="h3" variant="h3">
                                {say(`gate.${g}`)}
                            </Typography>
                            <Typography color="textSecondary">
                                {all?.waived
                                    ? say('page.prove.left-out', { waived: all.waived })
                                    : [...counts]
                                          .map(([c, n]) => `${say(`change.${c}`).toLowerCase()} ${n}`)
                                          .join(', ')}
                            </Typography>
                            <NotOneByOne rows={all?.rows ?? []} />
                        </Box>
                    );
                })}
                <GoOn job={job} at="prove" />
            </Box>
        </Main>
    );
}

/** That no new fault was found, said only as far as it was tested. */
function SoFar({ tested, left }: { tested: number; left: number }) {
    if (left === 0) {
        return <Note tone="done">{say('page.prove.no-fault-that-was-not-there')}</Note>;
    }
    return (
        <Note tone="plain">
            {tested === 0 ? say('page.prove.nothing-tested') : say('page.prove.none-so-far', { count: tested, left })}
        </Note>
    );
}

/** What was passed with one tap at a gate: nobody knows whether it was tried. */
function NotOneByOne({ rows }: { rows: readonly { how: string | null }[] }) {
    const count = rows.filter((r) => r.how === 'together').length;
    return count === 0 ? null : (
        <Typography sx={{ fontWeight: 700 }}>{say('proof.not-one-by-one', { count, all: rows.length })}</Typography>
    );
}
