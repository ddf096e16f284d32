import type { Schemas } from '../../api/client';
import { mono, sans, slate } from '../../theme/tokens';
import { clock } from '../../words/words';

type Advice = Schemas['HeatAdvice'];
const W = 640;
const H = 300;
const PLOT = { left: 44, right: 560, top: 14, bottom: 262 };

/** Bond with its band, panel, battery and outer face over time, with the adhesive's window and the limits. */
export function HeatCurves({ advice }: { advice: Advice }) {
    const end = advice.samples[advice.samples.length - 1]?.t ?? 1;
    const hottest = Math.max(...advice.samples.map((s) => s.outer), ...advice.band.map((b) => b.high), advice.window.high);
    const top = Math.ceil((hottest + 8) / 10) * 10;
    const x = (t: number): number => PLOT.left + ((PLOT.right - PLOT.left) * t) / end;
    const y = (c: number): number => PLOT.bottom - ((PLOT.bottom - PLOT.top) * (c - 15)) / (top - 15);
    const path = (points: { t: number; c: number }[]): string =>
        points.map((p, i) => `${i === 0 ? 'M' : 'L'}${x(p.t).toFixed(1)} ${y(p.c).toFixed(1)}`).join('');
    const tick = end > 420 ? 120 : 60;
    const lines = [
        { key: 'outer', name: 'outer face', stroke: slate.quiet, width: 1.4, dash: '2 3' },
        { key: 'panel', name: 'panel', stroke: slate.cold, width: 2, dash: '7 3' },
        { key: 'battery', name: 'battery', stroke: slate.stop, width: 2, dash: '' },
        { key: 'bond', name: 'bond', stroke: slate.now, width: 3, dash: '' },
    ] as const;
    const ends = spreadApart(lines.map((l) => ({ name: l.name, stroke: l.stroke, y: y(advice.samples[advice.samples.length - 1]?.[l.key] ?? 20) })));
    const off = advice.samples.reduce((best, s) => (Math.abs(s.t - advice.lift) < Math.abs(best.t - advice.lift) ? s : best));
    return (
        <svg
            role="img"
            aria-label={`Estimated temperatures. After ${clock(advice.lift)}: bond ${off.bond} °C, panel ${off.panel}, battery ${off.battery}, outer face ${off.outer}. Window ${advice.window.low} to ${advice.window.high} °C, battery stop ${advice.limits.batteryStop}.`}
            viewBox={`0 0 ${W} ${H}`}
            width="100%"
            style={{ display: 'block', background: slate.deep, borderRadius: 6 }}
            fontFamily={sans}
        >
            {Array.from({ length: Math.floor((top - 20) / 20) + 1 }, (_, i) => 20 + 20 * i).map((c) => (
                <g key={c}>
                    <path d={`M${PLOT.left} ${y(c)}H${PLOT.right}`} stroke={slate.grid} />
                    <text x={PLOT.left - 6} y={y(c) + 4} textAnchor="end" fontSize="13" fill={slate.quiet} fontFamily={mono}>
                        {c}
                    </text>
                </g>
            ))}
            <rect
                x={PLOT.left}
                y={y(advice.window.high)}
                width={PLOT.right - PLOT.left}
                height={y(advice.window.low) - y(advice.window.high)}
                fill={slate.done}
                opacity="0.18"
            />
            <path d={`M${PLOT.left} ${y(advice.window.low)}H${PLOT.right}`} stroke={slate.done} strokeDasharray="4 4" />
            <path d={`M${PLOT.left} ${y(advice.limits.batteryStop)}H${PLOT.right}`} stroke={slate.stop} strokeDasharray="1 4" />
            <path
                d={`${path(advice.band.map((b) => ({ t: b.t, c: b.high })))}${path([...advice.band].reverse().map((b) => ({ t: b.t, c: b.low }))).replace('M', 'L')}Z`}
                fill={slate.now}
                opacity="0.22"
            />
            {lines.map((l) => (
                <path
                    key={l.key}
                    d={path(advice.samples.map((s) => ({ t: s.t, c: s[l.key] })))}
                    fill="none"
                    stroke={l.stroke}
                    strokeWidth={l.width}
                    {...(l.dash === '' ? {} : { strokeDasharray: l.dash })}
                />
            ))}
            <path d={`M${x(advice.lift)} ${PLOT.top}V${PLOT.bottom}`} stroke={slate.line} />
            <text x={x(advice.lift) + 5} y={PLOT.top + 12} fontSize="13" fill={slate.line}>
                lift off {clock(advice.lift)}
            </text>
            {ends.map((e) => (
                <text key={e.name} x={PLOT.right + 6} y={e.y + 4} fontSize="13" fontWeight="700" fill={e.stroke}>
                    {e.name}
                </text>
            ))}
            {Array.from({ length: Math.floor(end / tick) + 1 }, (_, k) => k * tick).map((t) => (
                <text key={t} x={x(t)} y={H - 16} textAnchor="middle" fontSize="13" fill={slate.quiet} fontFamily={mono}>
                    {clock(t)}
                </text>
            ))}
        </svg>
    );
}

/** Labels no nearer than a line's height. */
function spreadApart<T extends { y: number }>(labels: T[]): T[] {
    const out = [...labels].sort((a, b) => a.y - b.y);
    for (let i = 1; i < out.length; i++) {
        const before = out[i - 1];
        const here = out[i];
        if (before && here && here.y - before.y < 15) {
            out[i] = { ...here, y: before.y + 15 };
        }
    }
    return out;
}
