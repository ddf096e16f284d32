import { say } from '../../words/words';
import { rowsOf, type Axis } from './axis';
import type { Day } from './useDay';

export const PERSON = 54;
export const UNIT = 26;
/** Width of a tag, with room after it. */
export const TAG = 62;
/** What stands before the tag of a phone that is late. */
const LATE = 20;

export interface Bar {
    job: string;
    tag: string;
    from: number;
    /** until when hands are on it; where it is equipment, until it is given back */
    hands: number;
    to: number;
}

export interface Lane {
    name: string;
    height: number;
    bars: Bar[];
    /** Only what somebody does can be put elsewhere. */
    moves: boolean;
}

/** People first, then whatever equipment is or will be held. */
export function lanesOf(day: Day, axis: Axis): Lane[] {
    const people = day.people.map((p): Lane => ({
        name: p.name,
        height: PERSON,
        bars: day.slots.filter((s) => s.person === p.person),
        moves: true,
    }));
    const running = day.phones.flatMap((p) =>
        p.clock
            ? [{ job: p.job, tag: p.tag, from: p.clock.from, hands: p.clock.to, to: p.clock.to, of: p.clock.kind }]
            : [],
    );
    const equipment = day.equipment.flatMap(({ kind, count }) => {
        const held = [
            ...day.held.filter((h) => h.kind === kind).map((h) => ({ ...h, hands: h.to })),
            ...running.filter((r) => HOLDS[kind].includes(r.of)),
        ];
        return rowsOf(held, count)
            .filter((bars) => bars.some((b) => axis.x(b.to) - axis.x(b.from) > 1))
            .map((bars, i): Lane => ({
                name: `${say(`equipment-one.${kind}`)}${count > 1 ? ` ${i + 1}` : ''}`,
                height: UNIT,
                bars,
                moves: false,
            }));
    });
    return [...people, ...equipment];
}

/** Which clocks hold which equipment. */
const HOLDS: Record<Day['equipment'][number]['kind'], readonly string[]> = {
    plate: ['heat', 'reheat', 'warm-glass'],
    'hot-air': [],
    'grain-bag': [],
    'clamp-set': ['clamp'],
    charger: ['charge'],
    'uv-lamp': ['cure-uv', 'chip-cure'],
};

export const isLate = (day: Day, bar: Bar): boolean => day.phones.some((p) => p.job === bar.job && p.call !== null);

/** Where a phone is taken up its tag stands, unless another tag stands there: the list has them all. */
export function tagged(
    { bars, moves }: Pick<Lane, 'bars' | 'moves'>,
    axis: Pick<Axis, 'x'>,
    late: (bar: Bar) => boolean,
): Bar[] {
    const shown: Bar[] = [];
    let free = 0;
    let before = '';
    for (const bar of [...bars].sort((a, b) => a.from - b.from)) {
        const x = axis.x(bar.from);
        // On equipment it stands in the bar, over people above it.
        const room = moves ? axis.x(bar.to) > x : axis.x(bar.to) - x >= TAG - 6;
        if (bar.job !== before && x >= free && room) {
            shown.push(bar);
            free = x + (moves && late(bar) ? TAG + LATE : TAG);
        }
        before = bar.job;
    }
    return shown;
}
