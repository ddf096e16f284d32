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
        hazards: [],
        notes: [],
        move: null,
        warmth: 'none',
        battery: 'any',
        because: [],
        after: [],
        gate: null,
        effects: {
            screwsOut: {},
            screwsIn: {},
            off: [],
            on: [],
            out: [],
            in: [],
            puts: [],
            takes: [],
            wets: null,
            dries: null,
        },
        ...extra,
    }) as Step;

const plan = {
    power: 'battery-plug',
    steps: [
        step('power-off', 'power-off', { subjects: [] }),
        step('heat', 'heat', { wait: 180, move: { bond: 'seal', index: 0 } }),
        step('gap', 'first-gap', { move: { bond: 'seal', index: 1 } }),
        step('pass', 'cut-pass', { move: { bond: 'seal', index: 2 } }),
        step('reheat', 'reheat', { wait: 70, move: { bond: 'seal', index: 3 } }),
    ],
    openings: [
        {
            bond: 'seal',
            moves: [120, 90, 60, 130].map((grips) => ({ end: { grips } })),
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
    astray: [],
    tests: [],
    waived: {},
    problems: [],
    readings: [],
    rungs: [],
    soaked: false,
} as BenchState;
const kept = (step: string, id: string, at: number): BenchState['done'][number] => ({
    step,
    event: id,
    at,
    count: null,
    reason: null,
});
const event = (id: string, type: BenchEvent['type'], at: number, data: BenchEvent['data']): BenchEvent => ({
    id,
    type,
    at,
    data,
});

describe('run on this screen', () => {
    it('moves on at once when a step is confirmed, before the server has answered', () => {
        expect(runOf(plan, empty, []).next?.id).toBe('power-off');
        expect(runOf(plan, empty, [event('a', 'step-done', 1, { step: 'power-off' })]).next?.id).toBe('heat');
    });
    it('counts an event once when the server has it and it still waits', () => {
        const state = { ...empty, done: [kept('power-off', 'a', 1)] };
        expect(runOf(plan, state, [event('a', 'step-done', 1, { step: 'power-off' })]).done.size).toBe(1);
    });
    it('takes back the latest confirmation', () => {
        const state = {
            ...empty,
            done: [kept('power-off', 'a', 1), kept('heat', 'b', 9)],
        };
        const last = lastDone(runOf(plan, state, []));
        expect(last?.event).toBe('b');
        expect(runOf(plan, state, [event('u', 'undo', 10, { event: 'b' })]).next?.id).toBe('heat');
    });
    it('lists what a gate still needs, and nothing once it is waived', () => {
        const run = runOf(plan, empty, [event('t', 'test', 1, { gate: 'trial', function: 'image', outcome: 'pass' })]);
        expect(untested(plan, run, 'trial')).toEqual(['touch']);
        expect(
            untested(
                plan,
                runOf(plan, empty, [event('w', 'gate-waived', 1, { gate: 'trial', reason: 'owner away' })]),
                'trial',
            ),
        ).toEqual([]);
    });
    it('follows the estimated curves with the clock of the heating', () => {
        const heated = {
            ...empty,
            done: [kept('power-off', 'a', 0)],
            timers: [{ step: 'heat', at: 10_000, seconds: 180 }],
        };
        expect(modelTime(plan, runOf(plan, empty, []), 'seal', 0)).toBeNull();
        expect(modelTime(plan, runOf(plan, heated, []), 'seal', 70_000)).toBe(60);
        expect(modelTime(plan, runOf(plan, heated, []), 'seal', 900_000)).toBe(180);
    });
    it('counts down to the bond gripping again from the moment the phone came off the plate', () => {
        const off = {
            ...empty,
            done: [kept('power-off', 'a', 0), kept('heat', 'b', 200_000)],
        };
        expect(heatOf(plan, runOf(plan, off, []), 'seal')).toEqual({ kind: 'working', until: 320_000 });
    });
    it('shows an extra heating, and a new window after it', () => {
        const off = { ...empty, done: [kept('heat', 'b', 200_000)] };
        const on = runOf(plan, off, [event('x', 'extra-heat', 250_000, { state: 'on' })]);
        expect(heatOf(plan, on, 'seal')).toEqual({ kind: 'heating', since: 250_000, seconds: 70 });
        const again = runOf(plan, off, [
            event('x', 'extra-heat', 250_000, { state: 'on' }),
            event('y', 'extra-heat', 320_000, { state: 'off' }),
        ]);
        expect(heatOf(plan, again, 'seal')).toEqual({ kind: 'working', until: 450_000 });
    });
});
