import type { BenchEvent, BenchState, Plan, Step } from '../../../resources/js/api/client';

// One seal that is heated, cut and heated again, for tests of the bench.

export const step = (id: string, kind: string, extra: Partial<Step> = {}): Step =>
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

export const plan = {
    power: 'battery-plug',
    screws: [],
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
export const empty = {
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
    rungs: [],
    data: { kept: false, givenUp: null, ended: null },
    soaked: false,
} as BenchState;
export const kept = (step: string, id: string, at: number): BenchState['done'][number] => ({
    step,
    event: id,
    at,
    count: null,
    reason: null,
});
export const event = (id: string, type: BenchEvent['type'], at: number, data: BenchEvent['data']): BenchEvent => ({
    id,
    type,
    at,
    data,
});
