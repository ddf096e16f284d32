import { describe, expect, it } from 'vitest';
import type { BenchState, PhoneFile, Plan } from '../../../resources/js/api/client';
import { benchView, momentOf, type BenchView } from '../../../resources/js/bench/benchView';
import type { Heated } from '../../../resources/js/bench/heat';
import { runOf } from '../../../resources/js/bench/run';
import { empty, event, kept, plan, step } from './benchPlan';

const phone = { bonds: [{ id: 'seal', name: 'Display seal', joins: ['display', 'frame'] }] } as unknown as PhoneFile;
const whole = {
    ...plan,
    steps: [
        ...plan.steps,
        step('lift', 'lift', { subjects: ['display'] }),
        step('aside', 'set-aside', { subjects: ['display'] }),
        step('trial', 'gate', { subjects: [], gate: 'trial' }),
    ],
};
const after = (steps: string[], looking: string | null = null, more: Partial<BenchState> = {}): BenchView => {
    const done = steps.map((s, i) => kept(s, `e${i}`, 1000 * (i + 1)));
    return benchView(whole, runOf(whole, { ...empty, done, ...more }, []), phone, looking);
};
const names = whole.steps.map((s) => s.id);

describe('what the bench shows of a step', () => {
    it('is the step at hand, until another is looked at', () => {
        expect(after([])).toMatchObject({ step: { id: 'power-off' }, looking: false, done: false, opening: null });
        expect(after(['power-off'], 'power-off')).toMatchObject({
            step: { id: 'power-off' },
            looking: true,
            done: true,
        });
        expect(after(['power-off'], 'no-such-step')).toMatchObject({ step: { id: 'heat' }, looking: false });
        expect(after(names)).toMatchObject({ step: null, done: false, mayHeatAgain: false, oldGlass: false });
    });
    it('has the opening of the bond that is heated, cut or lifted off', () => {
        expect(after(['power-off'])).toMatchObject({ opening: { bond: 'seal' }, bondName: 'Display seal' });
        expect(after(names.slice(0, 5))).toMatchObject({ step: { id: 'lift' }, opening: { bond: 'seal' } });
        expect(after(names.slice(0, 6))).toMatchObject({ step: { id: 'aside' }, opening: null, bondName: '' });
    });
    it('knows the heating at hand from when its clock is started', () => {
        expect(after(['power-off']).heating).toBeNull();
        expect(after(['power-off'], null, { timers: [{ step: 'heat', at: 5, seconds: 180 }] })).toMatchObject({
            heating: 'heat',
            started: 5,
        });
        expect(after(names.slice(0, 3))).toMatchObject({ heating: 'heat', mayHeatAgain: true });
    });
    it('shows the cracks as long as the old part is on the phone', () => {
        expect([after([]).oldGlass, after(names.slice(0, 6)).oldGlass, after(names.slice(0, 7)).oldGlass]).toEqual([
            true,
            true,
            false,
        ]);
    });
    it('names what a gate still lacks, what waits to be sent included', () => {
        const gate = { done: names.slice(0, 7).map((s, i) => kept(s, `e${i}`, i)) };
        const image = event('t', 'test', 9, { gate: 'trial', function: 'image', outcome: 'works' });
        expect(after(names.slice(0, 7)).untested).toEqual(['image', 'touch']);
        const run = runOf(whole, { ...empty, ...gate }, [image]);
        expect(benchView(whole, run, phone, null).untested).toEqual(['touch']);
    });
});

describe('what the clock adds', () => {
    const [opening] = whole.openings;
    const run = runOf(
        whole,
        { ...empty, timers: [{ step: 'heat', at: 10_000, seconds: 180 }], done: [kept('power-off', 'a', 1)] },
        [],
    );
    const real = {
        from: 4_000,
        on: true,
        keptAt: null,
        samples: [{ t: 0, bond: 22, panel: 22, battery: 22, outer: 22 }],
        window: { low: 60, high: 85 },
        liftAt: 64_000,
        liftBecause: null,
    } as unknown as Heated;
    const batteryStop = { ...opening, limits: { batteryStop: 60 } } as unknown as Plan['openings'][number];

    it('is the plan’s own time until the server has answered, then what really happened', () => {
        expect(momentOf(whole, run, batteryStop, null, 40_000)).toEqual({ at: 30, words: null });
        expect(momentOf(whole, run, batteryStop, real, 44_000)).toMatchObject({
            at: 40,
            words: { text: 'Lift off in 0:20' },
        });
    });
});
