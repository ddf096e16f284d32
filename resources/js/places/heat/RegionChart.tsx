import type { Schemas } from '../../api/client';
import { mono, sans, slate } from '../../theme/tokens';
import { clock, say } from '../../words/words';

type Advice = Schemas['HeatAdvice'];
type Binding = Advice['region'][number]['binding'];
const W = 420;
const H = 300;
const PLOT = { left: 46, right: 410, top: 14, bottom: 224 };
/** Told apart by sign, not by colour alone. */
const SIGN: Record<Binding, { text: string; fill: string }> = {
    target: { text: '●', fill: slate.done },
    time: { text: '–', fill: slate.cold },
    battery: { text: '✕', fill: slate.stop },
    panel: { text: '+', fill: slate.stop },
    frame: { text: '△', fill: slate.stop },
    chance: { text: '–', fill: slate.cold },
};

/** Every setting against every time: what works, and what binds where it does not. */
export function RegionChart({ advice }: { advice: Advice }) {
    const sets = [...new Set(advice.region.map((p) => p.set))];
    const times = [...new Set(advice.region.map((p) => p.seconds))];
    const cell = {
        w: (PLOT.right - PLOT.left) / Math.max(1, times.length),
        h: (PLOT.bottom - PLOT.top) / Math.max(1, sets.length),
    };
    // Times are whole multiples of the first; a plan's own time lies between two of them.
    const x = (seconds: number): number => PLOT.left + (seconds / (times[0] ?? 1) - 0.5) * cell.w;
    const y = (set: number): number => PLOT.bottom - (sets.indexOf(set) + 0.5) * cell.h;
    const every = Math.ceil(sets.length / 6);
    const kinds: Binding[] = [
        'target',
        'time',
        'battery',
        'panel',
        ...(advice.limits.frame === null ? [] : (['frame'] as const)),
    ];
    const works = advice.region.filter((p) => p.binding === 'target');
    const words =
        works.length === 0
            ? say('page.region-chart.none-works')
            : say('page.region-chart.works-from-to-c-to', {
                  works: Math.min(...works.map((p) => p.set)),
                  works2: Math.max(...works.map((p) => p.set)),
                  works3: clock(Math.min(...works.map((p) => p.seconds))),
                  works4: clock(Math.max(...works.map((p) => p.seconds))),
              });
    return (
        <svg
            role="img"
            aria-label={say('page.region-chart.setting-against-time-on-the-source', { words })}
            viewBox={`0 0 ${W} ${H}`}
            width="100%"
            style={{ display: 'block', background: slate.deep, borderRadius: 6 }}
            fontFamily={sans}
        >
            {advice.region.map((p) => (
                <text
                    key={`${p.set} ${p.seconds}`}
                    x={x(p.seconds)}
                    y={y(p.set) + 4}
                    textAnchor="middle"
                    fontSize={p.binding === 'target' ? 11 : 9}
                    fill={SIGN[p.binding].fill}
                    opacity={p.binding === 'target' ? 1 : 0.65}
                >
                    {SIGN[p.binding].text}
                </text>
            ))}
            {advice.best && (
                <rect
                    x={x(advice.best.seconds) - 9}
                    y={y(advice.best.set) - 9}
                    width="18"
                    height="18"
                    rx="4"
                    fill="none"
                    stroke={slate.now}
                    strokeWidth="2.5"
                />
            )}
            {sets.map(
                (s, i) =>
                    i % every === 0 && (
                        <text
                            key={s}
                            x={PLOT.left - 6}
                            y={y(s) + 4}
                            textAnchor="end"
                            fontSize="13"
                            fill={slate.quiet}
                            fontFamily={mono}
                        >
                            {Math.round(s)}
                        </text>
                    ),
            )}
            {times.map(
                (t, i) =>
                    i % 6 === 5 && (
                        <text
                            key={t}
                            x={i === times.length - 1 ? W - 2 : x(t)}
                            y={PLOT.bottom + 16}
                            textAnchor={i === times.length - 1 ? 'end' : 'middle'}
                            fontSize="13"
                            fill={slate.quiet}
                            fontFamily={mono}
                        >
                            {clock(t)}
                        </text>
                    ),
            )}
            {kinds.map((k, i) => (
                <text
                    key={k}
                    x={PLOT.left + 8 + (i % 2) * 176}
                    y={PLOT.bottom + 42 + Math.floor(i / 2) * 20}
                    fontSize="14"
                    fill={slate.line}
                >
                    <tspan fill={SIGN[k].fill}>{SIGN[k].text}</tspan> {say(`binding.${k}`)}
                </text>
            ))}
        </svg>
    );
}
