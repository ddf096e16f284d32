import type { Schemas } from '../../api/client';
import { widthOf } from '../../mat/words/measure';
import { place } from '../../mat/words/place';
import { slate } from '../../theme/tokens';
import { clock, say } from '../../words/words';
import { SlateChart, Tick } from './SlateChart';

type Advice = Schemas['HeatAdvice'];
type Binding = Advice['region'][number]['binding'];
/** px: high without the legend, and a row of it. */
const H = 250;
const ROW = 22;
const LEFT = 46;

/** Told apart by its sign, not by its colour alone: drawn, so that it is not taken for a word. */
const SIGN: Record<Binding, { d: string; fill: string; solid?: boolean }> = {
    target: { d: 'M-4.5 0a4.5 4.5 0 1 0 9 0a4.5 4.5 0 1 0 -9 0Z', fill: slate.done, solid: true },
    time: { d: 'M-4 0H4', fill: slate.cold },
    battery: { d: 'M-3.5 -3.5L3.5 3.5M3.5 -3.5L-3.5 3.5', fill: slate.stop },
    panel: { d: 'M-4 0H4M0 -4V4', fill: slate.stop },
    frame: { d: 'M0 -4L4 3.5H-4Z', fill: slate.stop },
    chance: { d: 'M-4 0H4', fill: slate.cold },
};

function Sign({ of, x, y }: { of: Binding; x: number; y: number }) {
    const { d, fill, solid = false } = SIGN[of];
    return (
        <path
            d={d}
            transform={`translate(${x} ${y})`}
            stroke={fill}
            strokeWidth="1.6"
            fill={solid ? fill : 'none'}
            opacity={solid ? 1 : 0.75}
        />
    );
}

/** Every setting against every time: what works, and what binds where it does not. */
export function RegionChart({ advice }: { advice: Advice }) {
    const kinds: Binding[] = [
        'target',
        'time',
        'battery',
        'panel',
        ...(advice.limits.frame === null ? [] : (['frame'] as const)),
    ];
    return (
        <SlateChart
            label={say('page.region-chart.setting-against-time-on-the-source', { words: worksFrom(advice) })}
            usual={420}
            height={(width) => H + ROW * Math.ceil(kinds.length / columnsOf(width)) + 8}
        >
            {(width) => <Region advice={advice} kinds={kinds} width={width} />}
        </SlateChart>
    );
}

const columnsOf = (width: number): number => (width > 360 ? 2 : 1);

/** What works, in words. */
function worksFrom({ region }: Advice): string {
    const works = region.filter((p) => p.binding === 'target');
    return works.length === 0
        ? say('page.region-chart.none-works')
        : say('page.region-chart.works-from-to-c-to', {
              works: Math.min(...works.map((p) => p.set)),
              works2: Math.max(...works.map((p) => p.set)),
              works3: clock(Math.min(...works.map((p) => p.seconds))),
              works4: clock(Math.max(...works.map((p) => p.seconds))),
          });
}

interface RegionProps {
    advice: Advice;
    kinds: Binding[];
    width: number;
}

function Region({ advice, kinds, width }: RegionProps) {
    const plot = { left: LEFT, right: width - 14, top: 14, bottom: H - 26 };
    const sets = [...new Set(advice.region.map((p) => p.set))];
    const times = [...new Set(advice.region.map((p) => p.seconds))];
    const cell = {
        w: (plot.right - plot.left) / Math.max(1, times.length),
        h: (plot.bottom - plot.top) / Math.max(1, sets.length),
    };
    // Times are whole multiples of the first; a plan's own time lies between two of them.
    const x = (seconds: number): number => plot.left + (seconds / (times[0] ?? 1) - 0.5) * cell.w;
    const y = (set: number): number => plot.bottom - (sets.indexOf(set) + 0.5) * cell.h;
    const every = Math.ceil(sets.length / 6);
    const columns = columnsOf(width);
    const ticks = place(
        times.map((t) => {
            const w = widthOf(clock(t), 14);
            return { id: String(t), places: [{ x: x(t) - w / 2, y: plot.bottom + 4, width: w + 10, height: 18 }] };
        }),
        { x: 0, y: 0, width, height: H },
    );
    return (
        <>
            {advice.region.map((p) => (
                <Sign key={`${p.set} ${p.seconds}`} of={p.binding} x={x(p.seconds)} y={y(p.set)} />
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
                        <Tick key={s} x={plot.left - 6} y={y(s) + 4} anchor="end" fill={slate.line}>
                            {Math.round(s)}
                        </Tick>
                    ),
            )}
            {times
                .filter((t) => ticks.has(String(t)))
                .map((t) => (
                    <Tick key={t} label={t} x={x(t)} y={plot.bottom + 18} anchor="middle" fill={slate.line}>
                        {clock(t)}
                    </Tick>
                ))}
            {kinds.map((k, i) => {
                const [left, row] = [
                    plot.left + 8 + ((i % columns) * (width - plot.left)) / columns,
                    H + 12 + Math.floor(i / columns) * ROW,
                ];
                return (
                    <g key={k}>
                        <Sign of={k} x={left} y={row - 5} />
                        <text x={left + 12} y={row} fontSize="14" fill={slate.line}>
                            {say(`binding.${k}`)}
                        </text>
                    </g>
                );
            })}
        </>
    );
}
