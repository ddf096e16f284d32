import { describe, expect, it } from 'vitest';
import type { BenchEvent, BenchState, Plan, Step } from '../../../resources/js/api/client';
import { heatOf, lastDone, modelTime, runOf, untested } from '../../../resources/js/bench/run';

const step = (id: string, kind: string, extra: Partial<Step> = {}): Step =>
    ({
        id,
        kind,
        phase: 'open',
        subjects: ['seal'],
        figures: {},
        face: 'front',
        tool: null,
        hands: 10,
        wait: 0,
        cautions: [],
        because: [],
        after: [],
        gate: null,
        effects: {} as Step['effects'],
        ...extra,
    }) as Step;

const plan = {
    steps: [
        step('power-off', 'power-off', { subjects: [] }),
        step('heat', 'heat', { wait: 180, figures: { grips: 120 } }),
        step('gap', 'first-gap'),
        step('pass', 'cut-pass'),
        step('reheat', 'reheat', { wait: 70, figures: { grips: 130 } }),
    ],
    openings: [
        {
            bond: 'seal',
            phases: [
                { kind: 'heat', from: 0, to: 180 },
                { kind: 'cut', from: 180, to: 210 },
                { kind: 'cut', from: 210, to: 240 },
                { kind: 'heat', from: 240, to: 310 },
            ],
        },
    ],
    gates: [
        {
            gate: 'trial',
            functions: [
                { function: 'image', needs: 'nothing' },
                { function: 'touch', needs: 'test-menu' },
            ],
        },
    ],
} as unknown as Plan;
const empty = {
    now: 0,
    next: null,
    done: [],
    timers: [],
    wet: [],
    extraHeat: [],
    batteryIn: true,
    screwsOut: {},
    screws: {},
    off: [],
    partsOut: [],
    putOn: {},
    tests: [],
    waived: {},
    problems: [],
    readings: [],
    rungs: [],
    soaked: false,
} as BenchState;
const event = (id: string, type: BenchEvent['type'], at: number, data: BenchEvent['data']): BenchEvent => ({ id, type, at, data });

describe('run on this screen', () => {
    it('moves on at once when a step is confirmed, before the server has answered', () => {
        expect(runOf(plan, empty, []).next?.id).toBe('power-off');
        expect(runOf(plan, empty, [event('a', 'step-done', 1, { step: 'power-off' })]).next?.id).toBe('heat');
    });
    it('counts an event once when the server has it and it still waits', () => {
        const kept = { ...empty, done: [{ step: 'power-off', event: 'a', at: 1 }] };
        expect(runOf(plan, kept, [event('a', 'step-done', 1, { step: 'power-off' })]).done.size).toBe(1);
    });
    it('takes back the latest confirmation', () => {
        const state = {
            ...empty,
            done: [
                { step: 'power-off', event: 'a', at: 1 },
                { step: 'heat', event: 'b', at: 9 },
            ],
        };
        const last = lastDone(runOf(plan, state, []));
        expect(last?.event).toBe('b');
        expect(runOf(plan, state, [event('u', 'undo', 10, { event: 'b' })]).next?.id).toBe('heat');
    });
    it('lists what a gate still needs, and nothing once it is waived', () => {
        const run = runOf(plan, empty, [event('t', 'test', 1, { gate: 'trial', function: 'image', outcome: 'pass' })]);
        expect(untested(plan, run, 'trial')).toEqual(['touch']);
        expect(untested(plan, runOf(plan, empty, [event('w', 'gate-waived', 1, { gate: 'trial', reason: 'owner away' })]), 'trial')).toEqual([]);
    });
    it('follows the estimated curves with the clock of the heating', () => {
        const heated = { ...empty, done: [{ step: 'power-off', event: 'a', at: 0 }], timers: [{ step: 'heat', at: 10_000, seconds: 180 }] };
        expect(modelTime(plan, runOf(plan, empty, []), 'seal', 0)).toBeNull();
        expect(modelTime(plan, runOf(plan, heated, []), 'seal', 70_000)).toBe(60);
        expect(modelTime(plan, runOf(plan, heated, []), 'seal', 900_000)).toBe(180);
    });
    it('counts down to the bond gripping again from the moment the phone came off the plate', () => {
        const off = {
            ...empty,
            done: [
                { step: 'power-off', event: 'a', at: 0 },
                { step: 'heat', event: 'b', at: 200_000 },
            ],
        };
        expect(heatOf(plan, runOf(plan, off, []), 'seal')).toEqual({ kind: 'working', until: 320_000 });
    });
    it('shows an extra heating, and a new window after it', () => {
        const off = { ...empty, done: [{ step: 'heat', event: 'b', at: 200_000 }] };
        const on = runOf(plan, off, [event('x', 'extra-heat', 250_000, { state: 'on' })]);
        expect(heatOf(plan, on, 'seal')).toEqual({ kind: 'heating', since: 250_000, seconds: 70 });
        const again = runOf(plan, off, [event('x', 'extra-heat', 250_000, { state: 'on' }), event('y', 'extra-heat', 320_000, { state: 'off' })]);
        expect(heatOf(plan, again, 'seal')).toEqual({ kind: 'working', until: 450_000 });
    });
});
