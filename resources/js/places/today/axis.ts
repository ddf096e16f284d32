import type { Schemas } from '../../api/client';

type Day = Schemas['BenchDay'];

/** A stretch of opening time as it lies on the drawing; between two the shop is shut. */
export interface Stretch {
    from: number;
    to: number;
    x: number;
    width: number;
}

export interface Axis {
    stretches: Stretch[];
    /** Where a moment lies; what lies in a time when it is shut lies at the gap. */
    x: (ms: number) => number;
    /** The moment that lies there, to the full five minutes. */
    at: (x: number) => number;
    /** Full hours, and the moments at which it opens. */
    hours: number[];
}

const HOUR = 3_600_000;
/** How much open time is drawn, at the least and at the most. */
const LEAST = 3 * HOUR;
const MOST = 5 * HOUR;
const BEFORE = 0.5 * HOUR;
/** Width of a time when the shop is shut, however long that is. */
const GAP = 26;

/** Open time side by side from half an hour ago on, until what is planned is over. */
export function axisOf(day: Pick<Day, 'now' | 'open' | 'slots'>, width: number): Axis {
    const spans: { from: number; to: number }[] = [];
    const over = Math.max(day.now, ...day.slots.map((s) => s.to));
    const needed = day.open.reduce(
        (sum, s) => sum + Math.max(0, Math.min(s.to, over) - Math.max(s.from, day.now - BEFORE)),
        0,
    );
    let left = Math.min(MOST, Math.max(LEAST, needed + BEFORE));
    for (const span of day.open) {
        const from = Math.max(span.from, day.now - BEFORE);
        const to = Math.min(span.to, from + left);
        if (to > from && left > 0) {
            spans.push({ from, to });
            left -= to - from;
        }
    }
    const drawn = spans.reduce((sum, s) => sum + s.to - s.from, 0);
    const scale = (width - GAP * Math.max(0, spans.length - 1)) / Math.max(1, drawn);
    let x = 0;
    const stretches = spans.map((s) => {
        const stretch = { ...s, x, width: (s.to - s.from) * scale };
        x += stretch.width + GAP;
        return stretch;
    });
    const place = (ms: number): number => {
        let last = 0;
        for (const s of stretches) {
            if (ms < s.from) {
                return last === 0 ? 0 : last + GAP / 2;
            }
            if (ms <= s.to) {
                return s.x + (ms - s.from) * scale;
            }
            last = s.x + s.width;
        }
        return last;
    };
    const moment = (at: number): number => {
        const near = stretches.filter((s) => at >= s.x).at(-1) ?? stretches[0];
        const ms = near ? near.from + Math.min(Math.max(at - near.x, 0), near.width) / scale : day.now;
        return Math.round(ms / 300_000) * 300_000;
    };
    const hours = stretches.flatMap((s) => {
        const full: number[] = [];
        for (let h = Math.ceil(s.from / HOUR) * HOUR; h < s.to; h += HOUR) {
            full.push(h);
        }
        return full;
    });
    return { stretches, x: place, at: moment, hours };
}

/** Rows of one kind of equipment: whatever is held at the same time lies in another row. */
export function rowsOf<T extends { from: number; to: number }>(held: readonly T[], count: number): T[][] {
    const rows: T[][] = Array.from({ length: count }, () => []);
    for (const one of [...held].sort((a, b) => a.from - b.from)) {
        const free = rows.find((row) => (row.at(-1)?.to ?? 0) <= one.from) ?? rows[0];
        free?.push(one);
    }
    return rows;
}
