import type { ReactNode } from 'react';
import { mono, sans, slate } from '../../theme/tokens';
import { say, clock } from '../../words/words';

const W = 640;
const H = 300;
export const PLOT = { left: 44, right: 560, top: 14, bottom: 262 };

export interface Scale {
    x: (t: number) => number;
    y: (celsius: number) => number;
}

export const path = (scale: Scale, points: { t: number; c: number }[]): string =>
    points.map((p, i) => `${i === 0 ? 'M' : 'L'}${scale.x(p.t).toFixed(1)} ${scale.y(p.c).toFixed(1)}`).join('');

interface Props {
    label: string;
    /** Last second, and the hottest °C that has to be seen. */
    end: number;
    hottest: number;
    /** Lines by their name at the right end, and their last °C. */
    names: { name: string; stroke: string; c: number }[];
    lift: number;
    children: (scale: Scale) => ReactNode;
}

/**
 * Temperatures over time on dark ground: grid, time axis, the moment of lifting off, and names that do not cover
 * each other.
 */
export function TimeChart({ label, end, hottest, names, lift, children }: Props) {
    const top = Math.ceil((hottest + 8) / 10) * 10;
    const scale: Scale = {
        x: (t) => PLOT.left + ((PLOT.right - PLOT.left) * t) / end,
        y: (c) => PLOT.bottom - ((PLOT.bottom - PLOT.top) * (c - 15)) / (top - 15),
    };
    const { x, y } = scale;
    const tick = end > 420 ? 120 : 60;
    return (
        <svg
            role="img"
            aria-label={label}
            viewBox={`0 0 ${W} ${H}`}
            width="100%"
            style={{ display: 'block', background: slate.deep, borderRadius: 6 }}
            fontFamily={sans}
        >
            {Array.from({ length: Math.floor((top - 20) / 20) + 1 }, (_, i) => 20 + 20 * i).map((c) => (
                <g key={c}>
                    <path d={`M${PLOT.left} ${y(c)}H${PLOT.right}`} stroke={slate.grid} />
                    <text
                        x={PLOT.left - 6}
                        y={y(c) + 4}
                        textAnchor="end"
                        fontSize="13"
                        fill={slate.quiet}
                        fontFamily={mono}
                    >
                        {c}
                    </text>
                </g>
            ))}
            {children(scale)}
            <path d={`M${x(lift)} ${PLOT.top}V${PLOT.bottom}`} stroke={slate.line} />
            <text x={x(lift) + 5} y={PLOT.top + 12} fontSize="13" fill={slate.line}>
                {say('page.time-chart.lift-off', { lift: clock(lift) })}
            </text>
            {spreadApart(names.map((n) => ({ ...n, y: y(n.c) }))).map((e) => (
                <text key={e.name} x={PLOT.right + 6} y={e.y + 4} fontSize="13" fontWeight="700" fill={e.stroke}>
                    {e.name}
                </text>
            ))}
            {Array.from({ length: Math.floor(end / tick) + 1 }, (_, k) => k * tick).map((t) => (
                <text
                    key={t}
                    x={x(t)}
                    y={H - 16}
                    textAnchor="middle"
                    fontSize="13"
                    fill={slate.quiet}
                    fontFamily={mono}
                >
                    {clock(t)}
                </text>
            ))}
        </svg>
    );
}

/** Labels no nearer than a line's height, pushed down where they crowd and back up from the plot's lower end. */
export function spreadApart<T extends { y: number }>(labels: T[], line = 15): T[] {
    const sorted = [...labels].sort((a, b) => a.y - b.y);
    const down: T[] = [];
    for (const label of sorted) {
        const above = down[down.length - 1];
        down.push(above ? { ...label, y: Math.max(label.y, above.y + line) } : label);
    }
    const up: T[] = [];
    for (const label of [...down].reverse()) {
        const below = up[up.length - 1];
        up.push({ ...label, y: Math.min(label.y, below ? below.y - line : PLOT.bottom) });
    }
    return up.reverse();
}
