import type { Plan } from '../api/client';
import { sans, slate } from '../theme/tokens';
import { say, clock } from '../words/words';
import { beside, placeWords, type StripWord } from './stripWords';
import { useSize, type Size } from './useSize';

type Planned = Plan['openings'][number];
/** What is drawn of a moment. */
type Sample = Omit<Planned['samples'][number], 'frame'>;
/** What is drawn of an opening, planned or as it went. */
export type StripOpening = Pick<Planned, 'bond' | 'window' | 'limits' | 'phases'> & { samples: readonly Sample[] };

type Drawn = 'bond' | 'battery' | 'panel' | 'outer';

/** px: what is read at a glance, and the rest. */
const GLANCE = 18;
const TEXT = 14;

/** Estimated temperature at a moment, straight between samples. */
export function sampleAt(samples: readonly Sample[], t: number): Sample | null {
    const after = samples.findIndex((s) => s.t >= t);
    const b = samples[after === -1 ? samples.length - 1 : after];
    const a = samples[Math.max(0, after === -1 ? samples.length - 1 : after - 1)];
    if (!a || !b) {
        return null;
    }
    const k = b.t === a.t ? 0 : Math.min(1, Math.max(0, (t - a.t) / (b.t - a.t)));
    const mix = (key: keyof Sample): number => a[key] + k * (b[key] - a[key]);
    return { t, bond: mix('bond'), panel: mix('panel'), battery: mix('battery'), outer: mix('outer') };
}

interface Props {
    opening: StripOpening;
    at: number | null;
    name: string;
    readings?: readonly { t: number; probe: string; celsius: number }[];
}

/** How hot, how long: past as a line, to come as dots. Every figure is an estimate. Drawn in the screen's pixels. */
export function Strip(props: Props) {
    const [frame, size] = useSize<HTMLDivElement>();
    const { opening, at, name } = props;
    const here = sampleAt(opening.samples, at ?? 0);
    const summary =
        here === null
            ? ''
            : say('page.strip.estimate-bond-c-battery-c-limit', {
                  bond: here.bond.toFixed(0),
                  battery: here.battery.toFixed(0),
                  batteryStop: opening.limits.batteryStop,
              });
    return (
        <div
            ref={frame}
            role="img"
            aria-label={say('page.strip.temperature-of', { name, summary })}
            style={{ width: '100%', height: '100%', minHeight: 0, overflow: 'hidden', background: slate.deep }}
        >
            {size && size.width > 0 && <Curves {...props} size={size} />}
        </div>
    );
}

function Curves({ opening, at, name, readings = [], size }: Props & { size: Size }) {
    const plot = { left: 62, right: size.width - 12, top: 26, bottom: size.height - 28 };
    const end = opening.samples[opening.samples.length - 1]?.t ?? 1;
    const top = Math.max(95, opening.window.high + 8);
    const x = (t: number): number => plot.left + ((plot.right - plot.left) * t) / end;
    const y = (c: number): number => plot.bottom - ((plot.bottom - plot.top) * (c - 20)) / (top - 20);
    const now = at ?? 0;
    const heatings = opening.phases.filter((p) => p.kind === 'heat');
    // A thermometer that is followed reads every few seconds: only its last figure is written out.
    const many = readings.length > 4;
    const here = at === null ? null : sampleAt(opening.samples, now);
    const path = (key: Drawn, from: number, to: number): string =>
        opening.samples
            .filter((s) => s.t >= from && s.t <= to)
            .map((s, i) => `${i === 0 ? 'M' : 'L'}${x(s.t).toFixed(1)} ${y(s[key]).toFixed(1)}`)
            .join(' ');
    const curve = (key: Drawn, stroke: string, width: number) => (
        <>
            <path d={path(key, 0, now)} fill="none" stroke={stroke} strokeWidth={width} />
            <path d={path(key, now, end)} fill="none" stroke={stroke} strokeWidth={width} strokeDasharray="2 5" />
        </>
    );
    const limit = y(opening.limits.batteryStop);
    const hotter = here === null || here.bond >= here.battery;
    const written = many ? readings.slice(-1) : readings;
    const words: StripWord[] = [
        ...(here === null
            ? []
            : [
                  {
                      id: 'bond',
                      text: say('page.strip.bond-c', { bond: here.bond.toFixed(0) }),
                      size: GLANCE,
                      bold: true,
                      fill: slate.now,
                      at: beside(x(now), y(here.bond), hotter),
                  },
                  {
                      id: 'battery',
                      text: say('page.strip.battery-c', { battery: here.battery.toFixed(0) }),
                      size: GLANCE,
                      bold: true,
                      fill: slate.cold,
                      at: beside(x(now), y(here.battery), !hotter),
                  },
              ]),
        {
            id: 'limit',
            text: say('page.strip.battery-limit-c', { batteryStop: opening.limits.batteryStop }),
            size: TEXT,
            fill: slate.stop,
            at: [limit - 5, limit + 16].flatMap((row) => [
                { x: plot.right - 4, y: row, anchor: 'end' as const },
                { x: plot.left + 6, y: row, anchor: 'start' as const },
                { x: (plot.left + plot.right) / 2, y: row, anchor: 'start' as const },
            ]),
        },
        ...[30, 60, 90].map((c) => ({
            id: `axis ${c}`,
            text: `${c} °C`,
            size: TEXT,
            fill: slate.line,
            at: [{ x: plot.left - 6, y: y(c) + 5, anchor: 'end' as const }],
        })),
        {
            id: 'name',
            text: say('page.strip.estimates-nobody-can-see-these-temperatures', { name }),
            size: TEXT,
            fill: slate.line,
            at: [{ x: plot.left, y: 17, anchor: 'start' }],
        },
        {
            id: 'name-short',
            text: say('page.strip.estimates', { name }),
            size: TEXT,
            fill: slate.line,
            at: [{ x: plot.left, y: 17, anchor: 'start' }],
        },
        {
            id: 'window',
            text: say('page.strip.bond-parts-here'),
            size: TEXT,
            fill: '#A9DDBF',
            at: [
                { x: plot.left + 6, y: y(opening.window.high) + 16, anchor: 'start' },
                { x: plot.right - 6, y: y(opening.window.high) + 16, anchor: 'end' },
                { x: plot.left + 6, y: y(opening.window.low) - 5, anchor: 'start' },
            ],
        },
        ...written.map((r, i) => ({
            id: `read ${i}`,
            text: say('page.strip.read', { celsius: r.celsius.toFixed(1) }),
            size: TEXT,
            fill: slate.line,
            at: [...beside(x(r.t), y(r.celsius), true)].reverse(),
        })),
        ...heatings.map((p, i) => ({
            id: `on ${i}`,
            text: say('page.strip.on', { to: clock(p.to - p.from) }),
            size: TEXT,
            fill: slate.line,
            at: [{ x: x(p.from), y: plot.bottom + 22, anchor: 'start' as const }],
        })),
    ];
    return (
        <svg aria-hidden width={size.width} height={size.height} style={{ display: 'block' }} fontFamily={sans}>
            <rect
                x={plot.left}
                y={y(opening.window.high)}
                width={plot.right - plot.left}
                height={y(opening.window.low) - y(opening.window.high)}
                fill="#2F4536"
            />
            {heatings.map((p, i) => (
                <rect
                    key={i}
                    x={x(p.from)}
                    y={plot.bottom}
                    width={Math.max(2, x(p.to) - x(p.from))}
                    height="6"
                    fill={slate.now}
                    opacity="0.75"
                >
                    <title>{say('page.strip.on', { to: clock(p.to - p.from) })}</title>
                </rect>
            ))}
            <line
                x1={plot.left}
                x2={plot.right}
                y1={limit}
                y2={limit}
                stroke={slate.stop}
                strokeDasharray="7 5"
                strokeWidth="1.4"
            />
            {curve('outer', '#D9C7A6', 1)}
            {curve('panel', '#8FA3A9', 1.2)}
            {curve('battery', slate.cold, 1.8)}
            {curve('bond', slate.now, 2.6)}
            {here !== null && (
                <line
                    x1={x(now)}
                    x2={x(now)}
                    y1={plot.top - 2}
                    y2={plot.bottom + 8}
                    stroke={slate.line}
                    strokeWidth="1.6"
                />
            )}
            {readings.map((r) => (
                <circle
                    key={`${r.t} ${r.probe}`}
                    cx={x(r.t)}
                    cy={y(r.celsius)}
                    r={many ? 2.5 : 4.5}
                    fill={slate.deep}
                    stroke={slate.line}
                    strokeWidth={many ? 1.4 : 2}
                />
            ))}
            {placeWords(words, { x: 0, y: 0, ...size }).map((w) => (
                <text
                    key={w.id}
                    data-label={w.id}
                    x={w.x}
                    y={w.y}
                    textAnchor={w.anchor}
                    fontSize={w.size}
                    fontWeight={w.bold ? 700 : 400}
                    fill={w.fill}
                    stroke={slate.deep}
                    strokeWidth="4"
                    paintOrder="stroke"
                >
                    {w.text}
                </text>
            ))}
        </svg>
    );
}
