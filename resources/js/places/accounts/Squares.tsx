const QUIET = 4;
const SIZE = 220;

/** A code of dark squares on white, whatever the look: a camera has to read it. */
export function Squares({ rows, label }: { rows: string[]; label: string }) {
    const side = rows.length + 2 * QUIET;
    return (
        <svg width={SIZE} height={SIZE} viewBox={`0 0 ${side} ${side}`} role="img" aria-label={label}>
            <rect width={side} height={side} fill="#fff" />
            {rows.flatMap((row, y) =>
                [...row.matchAll(/1+/g)].map((run) => (
                    <rect
                        key={`${y} ${run.index}`}
                        x={QUIET + run.index}
                        y={QUIET + y}
                        width={run[0].length}
                        height={1}
                        fill="#000"
                        shapeRendering="crispEdges"
                    />
                )),
            )}
        </svg>
    );
}
