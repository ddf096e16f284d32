import { mono, slate } from '../theme/tokens';
import { seen, type Face, type Point } from './geometry';
import { colour, type Mark } from './mark';
import { DOT, dotId, NUMBER } from './dotPlaces';
import { toPx, type View } from './view';

interface Props {
    marks: readonly Mark[];
    face: Face;
    width: number;
    view: View;
    at: Map<string, Point>;
}

/** Dots that carry numbers, in px, so that they are read at arm's length whatever the phone's size. */
export function Numbers({ marks, face, width, view, at }: Props) {
    return (
        <>
            {marks.flatMap((m) =>
                (m.dots ?? []).map((d, i) => {
                    const place = toPx(seen(d, face, width), view);
                    const stands = at.get(dotId(m.id, i));
                    if (d.text === undefined) {
                        return null;
                    }
                    if (stands === undefined) {
                        return (
                            <circle
                                key={dotId(m.id, i)}
                                cx={place.x}
                                cy={place.y}
                                r="5"
                                fill={slate.deep}
                                stroke={colour[m.tone]}
                                strokeWidth="2"
                            />
                        );
                    }
                    const aside = Math.hypot(stands.x - place.x, stands.y - place.y) > 1;
                    return (
                        <g key={dotId(m.id, i)} stroke={colour[m.tone]}>
                            {aside && <path d={`M${place.x} ${place.y}L${stands.x} ${stands.y}`} strokeWidth="1.2" />}
                            {aside && <circle cx={place.x} cy={place.y} r="3" fill={slate.deep} strokeWidth="1.5" />}
                            <circle cx={stands.x} cy={stands.y} r={DOT / 2 - 1} fill={slate.deep} strokeWidth="1.8" />
                            <text
                                x={stands.x}
                                y={stands.y + 5}
                                textAnchor="middle"
                                fontSize={NUMBER}
                                fontWeight="700"
                                fontFamily={mono}
                                fill={colour[m.tone]}
                                stroke="none"
                            >
                                {d.text}
                            </text>
                        </g>
                    );
                }),
            )}
        </>
    );
}
