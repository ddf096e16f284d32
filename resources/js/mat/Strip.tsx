import type { SVGProps } from 'react';
import type { Plan } from '../api/client';
import { mono, sans, slate } from '../theme/tokens';
import { say, clock } from '../words/words';

type Planned = Plan['openings'][number];
/** What is drawn of a moment. */
type Sample = Omit<Planned['samples'][number], 'frame'>;
/** What is drawn of an opening, planned or as it went. */
export type StripOpening = Pick<Planned, 'bond' | 'window' | 'limits' | 'phases'> & { samples: readonly Sample[] };

const W = 600;
const H = 196;
type Drawn = 'bond' | 'battery' | 'panel' | 'outer';

const PLOT = { left: 62, right: 588, top: 26, bottom: 168 };

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

/** Which of these labels, from left to right, stand clear of the one before; the others would run into it. */
export function clear(places: readonly number[], width: number): boolean[] {
    let end = -Infinity;
    return places.map((place) => {
        const stands = place >= end;
        end = stands ? place + width : end;
        return stands;
    });
}

/** Where a figure stands beside its curve: the hotter one above, so that the two never cross. */
const ABOVE = -8;
const BELOW = 18;

/** The room that `on 12:34` takes, with a gap. */
const ON_WIDTH = 62;

interface Props {
    opening: StripOpening;
    at: number | null;
    name: string;
    /** Keeps its shape instead of filling the room it is given. */
    whole?: boolean;
    readings?: readonly { t: number; probe: string; celsius: number }[];
}

/** How hot, how long: past as a line, to come as dots. Every figure is an estimate. */
export function Strip({ opening, at, name, readings = [], whole = false }: Props) {
    const end = opening.samples[opening.samples.length - 1]?.t ?? 1;
    const top = Math.max(95, opening.window.high + 8);
    const x = (t: number): number => PLOT.left + ((PLOT.right - PLOT.left) * t) / end;
    const y = (c: number): number => PLOT.bottom - ((PLOT.bottom - PLOT.top) * (c - 20)) / (top - 20);
    const now = at ?? 0;
    const heatings = opening.phases.filter((p) => p.kind === 'heat');
    const labelled = clear(
        heatings.map((p) => x(p.from)),
        ON_WIDTH,
    );
    // A thermometer that is followed reads every few seconds: only its last figure is written out.
    const many = readings.length > 4;
    const here = sampleAt(opening.samples, now);
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
    const summary =
        here === null
            ? ''
            : say('page.strip.estimate-bond-c-battery-c-limit', {
                  bond: here.bond.toFixed(0),
                  battery: here.battery.toFixed(0),
                  batteryStop: opening.limits.batteryStop,
              });
    return (
        <svg
            role="img"
            aria-label={say('page.strip.temperature-of', { name, summary })}
            viewBox={`0 0 ${W} ${H}`}
            width="100%"
            height="100%"
            preserveAspectRatio={whole ? 'xMidYMid meet' : 'none'}
            style={{ display: 'block', background: slate.deep }}
            fontFamily={sans}
        >
            <rect
                x={PLOT.left}
                y={y(opening.window.high)}
                width={PLOT.right - PLOT.left}
                height={y(opening.window.low) - y(opening.window.high)}
                fill="#2F4536"
            />
            <text x={PLOT.left + 6} y={y(opening.window.high) + 15} fontSize="13" fill="#A9DDBF">
                {say('page.strip.bond-parts-here')}
            </text>
            {heatings.map((p, i) => (
                <g key={i}>
                    <rect
                        x={x(p.from)}
                        y={PLOT.bottom}
                        width={Math.max(2, x(p.to) - x(p.from))}
                        height="6"
                        fill={slate.now}
                        opacity="0.75"
                    >
                        <title>{say('page.strip.on', { to: clock(p.to - p.from) })}</title>
                    </rect>
                    {labelled[i] && (
                        <text x={x(p.from)} y={PLOT.bottom + 22} fontSize="12.5" fill={slate.quiet}>
                            {say('page.strip.on', { to: clock(p.to - p.from) })}
                        </text>
                    )}
                </g>
            ))}
            <line
                x1={PLOT.left}
                x2={PLOT.right}
                y1={y(opening.limits.batteryStop)}
                y2={y(opening.limits.batteryStop)}
                stroke={slate.stop}
                strokeDasharray="7 5"
                strokeWidth="1.4"
            />
            <Haloed
                x={PLOT.right - 6}
                textAnchor="end"
                y={y(opening.limits.batteryStop) + 15}
                fontSize="12.5"
                fill={slate.stop}
            >
                {say('page.strip.battery-limit-c', { batteryStop: opening.limits.batteryStop })}
            </Haloed>
            {[30, 60, 90].map((c) => (
                <text
                    key={c}
                    x={PLOT.left - 8}
                    y={y(c) + 4}
                    textAnchor="end"
                    fontSize="13"
                    fill={slate.quiet}
                    fontFamily={mono}
                >
                    {c} °C
                </text>
            ))}
            {curve('outer', '#D9C7A6', 1)}
            {curve('panel', '#8FA3A9', 1.2)}
            {curve('battery', slate.cold, 1.8)}
            {curve('bond', slate.now, 2.6)}
            {at !== null && here !== null && (
                <>
                    <line
                        x1={x(now)}
                        x2={x(now)}
                        y1={PLOT.top - 6}
                        y2={PLOT.bottom + 8}
                        stroke={slate.line}
                        strokeWidth="1.6"
                    />
                    <Haloed
                        x={Math.min(Math.max(x(now) + 7, PLOT.left + 4), PLOT.right - 130)}
                        y={y(here.bond) + (here.bond >= here.battery ? ABOVE : BELOW)}
                        fontSize="14"
                        fontWeight="700"
                        fill={slate.now}
                    >
                        {say('page.strip.bond-c', { bond: here.bond.toFixed(0) })}
                    </Haloed>
                    <Haloed
                        x={Math.min(Math.max(x(now) + 7, PLOT.left + 4), PLOT.right - 130)}
                        y={y(here.battery) + (here.bond >= here.battery ? BELOW : ABOVE)}
                        fontSize="14"
                        fontWeight="700"
                        fill={slate.cold}
                    >
                        {say('page.strip.battery-c', { battery: here.battery.toFixed(0) })}
                    </Haloed>
                </>
            )}
            {readings.map((r, i) => (
                <g key={`${r.t} ${r.probe}`}>
                    <circle
                        cx={x(r.t)}
                        cy={y(r.celsius)}
                        r={many ? 2.5 : 4.5}
                        fill={slate.deep}
                        stroke={slate.line}
                        strokeWidth={many ? 1.4 : 2}
                    />
                    {(!many || i === readings.length - 1) && (
                        <Haloed x={x(r.t) - 8} y={y(r.celsius) - 6} textAnchor="end" fontSize="12.5" fill={slate.line}>
                            {say('page.strip.read', { celsius: r.celsius.toFixed(1) })}
                        </Haloed>
                    )}
                </g>
            ))}
            <text x={PLOT.left} y={16} fontSize="13" fill={slate.quiet}>
                {say('page.strip.estimates-nobody-can-see-these-temperatures', { name })}
            </text>
        </svg>
    );
}

/** Text that stays legible where a curve runs behind it. */
const Haloed = (props: SVGProps<SVGTextElement>) => (
    <text stroke={slate.deep} strokeWidth="4" paintOrder="stroke" {...props} />
);
