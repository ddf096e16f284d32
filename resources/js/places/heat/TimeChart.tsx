import type { ReactNode } from 'react';
import { slate } from '../../theme/tokens';
import { say, clock } from '../../words/words';
import { SlateChart, Tick } from './SlateChart';

/** px: high, and where curves are drawn between top and bottom; what stands at the sides takes so much. */
const H = 300;
export const PLOT = { left: 44, top: 14, bottom: 262 };
const NAMES = 96;
/** px that a figure at the time axis takes, with a gap. */
const TICK = 58;
const TICKS = [30, 60, 120, 240, 480, 960];

export interface Scale {
    x: (t: number) => number;
    /** px of the last second. */
    right: number;
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
    return (
        <SlateChart label={label} usual={640} height={() => H}>
            {(width) => {
                const right = width - NAMES;
                const scale: Scale = {
                    right,
                    x: (t) => PLOT.left + ((right - PLOT.left) * t) / end,
                    y: (c) => PLOT.bottom - ((PLOT.bottom - PLOT.top) * (c - 15)) / (top - 15),
                };
                const { x, y } = scale;
                const tick = TICKS.find((s) => x(s) - x(0) >= TICK) ?? 1920;
                const late = x(lift) > right - 110;
                return (
                    <>
                        {Array.from({ length: Math.floor((top - 20) / 20) + 1 }, (_, i) => 20 + 20 * i).map((c) => (
                            <g key={c}>
                                <path d={`M${PLOT.left} ${y(c)}H${right}`} stroke={slate.grid} />
                                <Tick x={PLOT.left - 6} y={y(c) + 4} anchor="end" fill={slate.quiet}>
                                    {c}
                                </Tick>
                            </g>
                        ))}
                        {children(scale)}
                        <path d={`M${x(lift)} ${PLOT.top}V${PLOT.bottom}`} stroke={slate.line} />
                        <text
                            x={x(lift) + (late ? -5 : 5)}
                            textAnchor={late ? 'end' : 'start'}
                            y={PLOT.top + 12}
                            fontSize="14"
                            fill={slate.line}
                        >
                            {say('page.time-chart.lift-off', { lift: clock(lift) })}
                        </text>
                        {spreadApart(names.map((n) => ({ ...n, y: y(n.c) }))).map((e) => (
                            <text key={e.name} x={right + 6} y={e.y + 4} fontSize="14" fontWeight="700" fill={e.stroke}>
                                {e.name}
                            </text>
                        ))}
                        {Array.from({ length: Math.floor(end / tick) + 1 }, (_, k) => k * tick).map((t) => (
                            <Tick key={t} x={x(t)} y={H - 14} anchor="middle" fill={slate.quiet}>
                                {clock(t)}
                            </Tick>
                        ))}
                    </>
                );
            }}
        </SlateChart>
    );
}

/** Labels no nearer than a line's height, pushed down where they crowd and back up from the plot's lower end. */
export function spreadApart<T extends { y: number }>(labels: T[], line = 18): T[] {
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
