import { slate } from '../theme/tokens';
import { box, line, seen, seenBox, type Face } from './geometry';
import { colour, type Mark } from './mark';

/** What a mark draws on the phone, without its words and numbers. */
export function shapes(m: Mark, face: Face, w: number, id: string) {
    const stroke = colour[m.tone];
    return (
        <>
            {(m.boxes ?? []).map((b, i) => {
                const s = seenBox(b, face, w);
                return (
                    <rect
                        key={`b${i}`}
                        {...box(s)}
                        rx={b.round ? Math.min(s.width, s.height) / 2 : 0.8}
                        fill={m.hatched ? `url(#${id}-${m.tone})` : 'none'}
                        stroke={stroke}
                        strokeWidth={m.width ?? 0.5}
                        {...(m.dashed ? { strokeDasharray: '2 1.2' } : {})}
                    />
                );
            })}
            {(m.shapes ?? []).map((points, i) => (
                <path
                    key={`s${i}`}
                    d={`${line(points.map((p) => seen(p, face, w)))}Z`}
                    fill={m.hatched ? `url(#${id}-${m.tone})` : 'none'}
                    stroke={stroke}
                    strokeWidth={m.width ?? 0.4}
                    strokeLinejoin="round"
                />
            ))}
            {(m.rounds ?? []).map((r, i) => (
                <rect
                    key={`r${i}`}
                    {...box(seenBox(r, face, w))}
                    rx={r.radius}
                    fill="none"
                    stroke={stroke}
                    strokeWidth={m.width ?? 1}
                    opacity={m.see ?? 1}
                />
            ))}
            {(m.lines ?? []).map((l, i) => (
                <path
                    key={`l${i}`}
                    d={line(l.map((p) => seen(p, face, w)))}
                    fill="none"
                    stroke={stroke}
                    strokeWidth={m.width ?? 1.6}
                    strokeLinejoin="round"
                    opacity={m.see ?? 1}
                    {...(m.dashed ? { strokeDasharray: '2 1.4' } : {})}
                />
            ))}
            {(m.dots ?? []).map((d, i) => {
                const s = seen(d, face, w);
                return d.text === undefined ? (
                    <circle
                        key={`d${i}`}
                        cx={s.x}
                        cy={s.y}
                        r={1.5}
                        fill={slate.deep}
                        stroke={stroke}
                        strokeWidth="0.6"
                    />
                ) : null;
            })}
            {(m.picks ?? []).map((p, i) => {
                const s = seen(p, face, w);
                const out = {
                    x: s.x < 4 ? -1 : s.x > w - 4 ? 1 : 0,
                    y: s.x >= 4 && s.x <= w - 4 ? (s.y < 30 ? -1 : 1) : 0,
                };
                const tip = `${s.x} ${s.y}`;
                const base =
                    out.x !== 0
                        ? `L${s.x + 5 * out.x} ${s.y - 2.2}L${s.x + 5 * out.x} ${s.y + 2.2}`
                        : `L${s.x - 2.2} ${s.y + 5 * out.y}L${s.x + 2.2} ${s.y + 5 * out.y}`;
                return <path key={`p${i}`} d={`M${tip}${base}Z`} fill={slate.line} />;
            })}
        </>
    );
}
