import { readdirSync, readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import type { BenchEvent, BenchState } from '../../../resources/js/api/client';
import { runOf, type Folded, type Run } from '../../../resources/js/bench/run';

interface Kept {
    power: string;
    steps: Folded['steps'];
    events: BenchEvent[];
    states: Omit<BenchState, 'now'>[];
}

const files = readdirSync('contract/runs');

/** What a screen shows of a run, as plain data. */
const shown = (run: Run) => ({
    next: run.next?.id ?? null,
    done: [...run.done].map(([step, d]) => `${step} ${d.event}`).sort(),
    timers: [...run.timers].filter(([step]) => !run.done.has(step)).sort(),
    tests: [...run.tests].sort(),
    waived: [...run.waived],
    wet: [...run.wet].sort(),
    soaked: run.soaked,
    batteryIn: run.batteryIn,
    extraHeat: run.extraHeat,
    screws: [...run.screws].map(([step, numbers]) => [step, [...numbers].sort()]),
    ledger: {
        screws: Object.entries(run.ledger.screws).sort(),
        off: [...run.ledger.off].sort(),
        parts: [...run.ledger.parts].sort(),
        on: Object.entries(run.ledger.on).sort(),
    },
});

/** The server folds the same files in tests/Contract/RunVectorsTest.php. */
describe.each(files)('%s', (file) => {
    const kept = JSON.parse(readFileSync(`contract/runs/${file}`, 'utf8')) as Kept;
    const plan = { steps: kept.steps, power: kept.power };
    const at = (i: number): BenchState => ({ now: 0, ...kept.states[i] }) as BenchState;

    it('comes to the same whether the server has an event or it still waits', () => {
        expect(kept.events.length).toBeGreaterThan(10);
        const end = kept.events.length;
        for (const waiting of [1, 2, 5, 12]) {
            for (let i = waiting; i <= end; i += 1) {
                const laid = runOf(plan, at(i - waiting), kept.events.slice(i - waiting, i));
                const known = runOf(plan, at(i), []);
                expect(shown(laid), `${waiting} waiting before event ${i}`).toEqual(shown(known));
            }
        }
    });
});
