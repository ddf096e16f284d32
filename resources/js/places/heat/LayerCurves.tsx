import type { Schemas } from '../../api/client';
import { slate } from '../../theme/tokens';
import { say, clock } from '../../words/words';
import { path, TimeChart } from './TimeChart';
import { inUnits } from '../../words/units';

type Advice = Schemas['HeatAdvice'];

const byRole: Record<string, string> = {
    glass: slate.line,
    panel: slate.cold,
    bond: slate.now,
    battery: slate.stop,
    frame: slate.quiet,
};

/** One stack of the phone looked into: how far the heat has come, layer by layer. */
export function LayerCurves({ advice, stack }: { advice: Advice; stack: string }) {
    const layers = advice.layers.map((l) => ({
        ...l,
        stroke: byRole[l.role] ?? slate.done,
        last: l.temperatures[l.temperatures.length - 1] ?? 20,
    }));
    const at = advice.samples.findIndex((s) => s.t >= advice.lift);
    return (
        <TimeChart
            label={say('page.layer-curves.stack-after', {
                stack,
                lift: clock(advice.lift),
                layers: layers.map((l) => inUnits(`${l.name} ${l.temperatures[at]?.toFixed(0)} °C`)).join(', '),
            })}
            end={advice.samples[advice.samples.length - 1]?.t ?? 1}
            hottest={Math.max(...layers.flatMap((l) => l.temperatures))}
            names={layers.map((l, i) => ({
                name: `${i + 1} ${l.name.length > 10 ? `${l.name.slice(0, 9)}…` : l.name}`,
                stroke: l.stroke,
                c: l.last,
            }))}
            lift={advice.lift}
        >
            {(scale) =>
                layers.map((l, i) => (
                    <g key={i}>
                        <text
                            x={scale.x(advice.lift) - 6 - 12 * (i % 2)}
                            y={scale.y(l.temperatures[at] ?? 20) - 3}
                            textAnchor="end"
                            fontSize="14"
                            fill={l.stroke}
                        >
                            {i + 1}
                        </text>
                        <path
                            d={path(
                                scale,
                                l.temperatures.map((c, k) => ({ t: advice.samples[k]?.t ?? 0, c })),
                            )}
                            fill="none"
                            stroke={l.stroke}
                            strokeWidth={l.role === 'bond' ? 3 : 1.8}
                        />
                    </g>
                ))
            }
        </TimeChart>
    );
}
