import { sans, slate } from '../theme/tokens';
import { seen, spread, type Face } from './geometry';
import { anchorOf, colour, type Mark } from './mark';

/** The words of all marks at both sides of the phone, apart from one another, each with a line to its place. */
export function Labels({ marks, face, width, height }: { marks: Mark[]; face: Face; width: number; height: number }) {
    const labelled = marks.filter((m) => m.label !== undefined).map((m) => ({ m, p: seen(anchorOf(m), face, width) }));
    const sides = [
        labelled.filter((l) => l.p.x < width / 2 - 1),
        labelled.filter((l) => l.p.x >= width / 2 - 1),
    ] as const;
    return (
        <>
            {sides.map((group, s) => {
                const ys = spread(
                    group.map((l) => l.p.y),
                    11,
                    4,
                    height - 6,
                );
                const x = s === 0 ? -5 : width + 5;
                return group.map((l, i) => {
                    const y = ys[i] ?? l.p.y;
                    return (
                        <g key={l.m.id}>
                            <path
                                d={`M${l.p.x} ${l.p.y}L${x + (s === 0 ? 1 : -1)} ${y - 1.2}`}
                                stroke={colour[l.m.tone]}
                                strokeWidth="0.3"
                                fill="none"
                                opacity="0.8"
                            />
                            <text
                                x={x}
                                y={y}
                                textAnchor={s === 0 ? 'end' : 'start'}
                                fontSize="4.1"
                                fontWeight="700"
                                fontFamily={sans}
                                fill={colour[l.m.tone]}
                            >
                                {short(l.m.label ?? '')}
                            </text>
                            {l.m.detail && (
                                <text
                                    x={x}
                                    y={y + 4.4}
                                    textAnchor={s === 0 ? 'end' : 'start'}
                                    fontSize="3.5"
                                    fontFamily={sans}
                                    fill={slate.quiet}
                                >
                                    {short(l.m.detail)}
                                </text>
                            )}
                        </g>
                    );
                });
            })}
        </>
    );
}

const short = (text: string): string => (text.length > 25 ? `${text.slice(0, 24)}…` : text);
