import type { Schemas } from '../../api/client';
import { slate } from '../../theme/tokens';
import { say, clock } from '../../words/words';
import { path, PLOT, TimeChart } from './TimeChart';

type Advice = Schemas['HeatAdvice'];

const lines = [
    { key: 'outer', name: say('page.heat-curves.outer-face'), stroke: slate.quiet, width: 1.4, dash: '2 3' },
    { key: 'panel', name: 'panel', stroke: slate.cold, width: 2, dash: '7 3' },
    { key: 'battery', name: 'battery', stroke: slate.stop, width: 2, dash: '' },
    { key: 'bond', name: 'bond', stroke: slate.now, width: 3, dash: '' },
] as const;

/** Bond with its band, panel, battery and outer face over time, with the adhesive's window and the limits. */
export function HeatCurves({ advice }: { advice: Advice }) {
    const last = advice.samples[advice.samples.length - 1];
    const off = advice.samples.reduce((best, s) =>
        Math.abs(s.t - advice.lift) < Math.abs(best.t - advice.lift) ? s : best,
    );
    return (
        <TimeChart
            label={say('page.heat-curves.estimated-temperatures-after-bond-c-panel', {
                lift: clock(advice.lift),
                bond: off.bond,
                panel: off.panel,
                battery: off.battery,
                outer: off.outer,
                low: advice.window.low,
                high: advice.window.high,
                batteryStop: advice.limits.batteryStop,
            })}
            end={last?.t ?? 1}
            hottest={Math.max(
                ...advice.samples.map((s) => s.outer),
                ...advice.band.map((b) => b.high),
                advice.window.high,
            )}
            names={lines.map((l) => ({ name: l.name, stroke: l.stroke, c: last?.[l.key] ?? 20 }))}
            lift={advice.lift}
        >
            {(scale) => (
                <>
                    <rect
                        x={PLOT.left}
                        y={scale.y(advice.window.high)}
                        width={scale.right - PLOT.left}
                        height={scale.y(advice.window.low) - scale.y(advice.window.high)}
                        fill={slate.done}
                        opacity="0.18"
                    />
                    <path
                        d={`M${PLOT.left} ${scale.y(advice.window.low)}H${scale.right}`}
                        stroke={slate.done}
                        strokeDasharray="4 4"
                    />
                    {[advice.limits.batteryStop, advice.limits.frame].map(
                        (limit) =>
                            limit !== null && (
                                <path
                                    key={limit}
                                    d={`M${PLOT.left} ${scale.y(limit)}H${scale.right}`}
                                    stroke={slate.stop}
                                    strokeDasharray="1 4"
                                />
                            ),
                    )}
                    <path
                        d={`${path(
                            scale,
                            advice.band.map((b) => ({ t: b.t, c: b.high })),
                        )}${path(
                            scale,
                            [...advice.band].reverse().map((b) => ({ t: b.t, c: b.low })),
                        ).replace('M', 'L')}Z`}
                        fill={slate.now}
                        opacity="0.22"
                    />
                    {lines.map((l) => (
                        <path
                            key={l.key}
                            d={path(
                                scale,
                                advice.samples.map((s) => ({ t: s.t, c: s[l.key] })),
                            )}
                            fill="none"
                            stroke={l.stroke}
                            strokeWidth={l.width}
                            {...(l.dash === '' ? {} : { strokeDasharray: l.dash })}
                        />
                    ))}
                </>
            )}
        </TimeChart>
    );
}
