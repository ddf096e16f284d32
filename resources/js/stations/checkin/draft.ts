import type { Condition, PhoneFile } from '../../api/client';
import { every, FUNCTIONS, type Fn, type FunctionState, type MarkKind } from '../../api/sets';
import type { Face, Point } from '../../mat/geometry';
import { say } from '../../words/words';

export type Observation = Condition['observations'][number];
export type Sign = Condition['repairSigns'][number];
export type Check = Condition['checks'][number];

export const OBSERVATIONS = every<Observation>({
    'cracked-glass': true,
    lines: true,
    spots: true,
    flicker: true,
    'no-image': true,
    blotches: true,
    'no-touch': true,
    'dead-zones': true,
    'dim-image': true,
    'still-rings': true,
    'screen-lifted': true,
    'frame-bent': true,
    'back-cracked': true,
    'cell-swollen': true,
});
export const SIGNS = every<Sign>({
    'foreign-tape': true,
    'liquid-glue': true,
    'missing-screws': true,
    'mixed-screws': true,
    'lifts-easily': true,
    'seal-missing': true,
    'part-notice': true,
});
/** Keys for the state of a function. */
export const STATE_KEYS: Record<string, FunctionState> = { w: 'works', f: 'fails', c: 'cannot-test' };

/** The functions of this phone in the order of testing, from the parts in its file. */
export function functionsOf(phone: PhoneFile): Fn[] {
    const served = new Set(phone.parts.flatMap((p) => p.functions ?? []));
    return FUNCTIONS.filter((f) => served.has(f));
}

/** What may have to be taken out of this phone, or off it. */
export const takeOutOf = (phone: PhoneFile): { id: string; name: string }[] => [
    ...phone.parts.filter((p) => p.kind === 'sim-tray' || p.kind === 'stylus').map((p) => ({ id: p.id, name: p.name })),
    { id: 'card', name: say('page.draft.memory-card') },
    { id: 'case', name: say('page.draft.case') },
    { id: 'protector', name: say('page.draft.screen-protector') },
];

export const blank = (): Condition => ({
    observations: [],
    marks: [],
    functions: [],
    repairSigns: [],
    takenOut: [],
    canSwitchOff: true,
    dataNeeded: false,
    checks: [],
    payer: 'customer',
});

const rounded = (p: Point): Point => ({ x: Math.round(p.x * 10) / 10, y: Math.round(p.y * 10) / 10 });
const isStroke = (kind: MarkKind): boolean => kind === 'crack' || kind === 'line';
const MOST_POINTS = 400;
// What check-in takes of all marks together.
const MOST_MARKS = 60;
const MOST_TOGETHER = 6000;
const together = (c: Condition): number => c.marks.reduce((sum, m) => sum + m.points.length, 0);

/** No further mark is taken: some have to be undone first. */
export const full = (c: Condition): boolean => c.marks.length >= MOST_MARKS || together(c) > MOST_TOGETHER - 2;

/** A mark begun where the finger comes down. */
export const begun = (c: Condition, kind: MarkKind, face: Face, p: Point): Condition =>
    full(c)
        ? c
        : {
              ...c,
              marks: [
                  ...c.marks,
                  {
                      kind,
                      face,
                      points: isStroke(kind) || kind === 'dead-zone' ? [rounded(p), rounded(p)] : [rounded(p)],
                  },
              ],
          };

/** The last mark as the finger moves: strokes grow, zones open up, places follow. */
export function drawn(c: Condition, p: Point): Condition {
    const last = c.marks[c.marks.length - 1];
    if (!last) {
        return c;
    }
    const points = isStroke(last.kind)
        ? last.points.length < MOST_POINTS && together(c) < MOST_TOGETHER
            ? [...last.points, rounded(p)]
            : last.points
        : last.kind === 'dead-zone'
          ? [last.points[0] ?? rounded(p), rounded(p)]
          : [rounded(p)];
    return { ...c, marks: [...c.marks.slice(0, -1), { ...last, points }] };
}

const AMOUNTS_TO: Record<MarkKind, Record<Face, Observation | null>> = {
    crack: { front: 'cracked-glass', back: 'back-cracked' },
    line: { front: 'lines', back: 'lines' },
    spot: { front: 'spots', back: 'spots' },
    'dead-zone': { front: 'dead-zones', back: 'dead-zones' },
    'frame-bend': { front: 'frame-bent', back: 'frame-bent' },
    'missing-screw': { front: null, back: null },
};

/** What the marks amount to: whoever draws a crack has seen cracked glass. */
export const drawnOf = (c: Pick<Condition, 'marks'>): Observation[] => [
    ...new Set(c.marks.map((m) => AMOUNTS_TO[m.kind][m.face]).filter((o): o is Observation => o !== null)),
];

/** Marks and observations as one truth: what was ticked, and what is drawn. */
export const seenIn = (c: Pick<Condition, 'marks' | 'observations'>): Observation[] => {
    const all = new Set([...c.observations, ...drawnOf(c)]);
    return OBSERVATIONS.filter((o) => all.has(o));
};

/** What a check has shown; asking again replaces the answer. */
export const checked = (c: Condition, check: Check): Condition => ({
    ...c,
    checks: [...c.checks.filter((x) => x.check !== check.check), check],
});

export const toggled = <T>(list: T[], item: T): T[] =>
    list.includes(item) ? list.filter((x) => x !== item) : [...list, item];

export const stateOf = (c: Condition, fn: Fn): FunctionState | undefined =>
    c.functions.find((f) => f.function === fn)?.state;

export const withState = (c: Condition, fn: Fn, state: FunctionState): Condition => ({
    ...c,
    functions: [...c.functions.filter((f) => f.function !== fn), { function: fn, state }],
});

/** As it is kept: every function of the phone in order, what was left open as "cannot be tested". */
export const complete = (c: Condition, list: Fn[]): Condition => ({
    ...c,
    functions: list.map((f) => ({ function: f, state: stateOf(c, f) ?? 'cannot-test' })),
});
