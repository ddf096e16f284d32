import type { Condition } from '../api/client';
import { slate } from '../theme/tokens';
import { line, seen, type Face } from './geometry';

export type Drawn = Condition['marks'][number];

/** A mark from check-in, told apart by its shape: stroke, double stroke, hatched box, ring, wedge, cross. */
export function DrawnMark({ mark, face, width, hatch }: { mark: Drawn; face: Face; width: number; hatch: string }) {
    const points = mark.points.map((p) => seen(p, face, width));
    const first = points[0] ?? { x: 0, y: 0 };
    const last = points[points.length - 1] ?? first;
    switch (mark.kind) {
        case 'crack':
            return (
                <path
                    d={line(points)}
                    fill="none"
                    stroke={slate.line}
                    strokeWidth="0.5"
                    strokeLinejoin="round"
                    opacity="0.85"
                />
            );
        case 'line':
            return <path d={line(points)} fill="none" stroke={slate.cold} strokeWidth="1.1" strokeDasharray="3 0.8" />;
        case 'dead-zone':
            return (
                <rect
                    x={Math.min(first.x, last.x)}
                    y={Math.min(first.y, last.y)}
                    width={Math.abs(first.x - last.x)}
                    height={Math.abs(first.y - last.y)}
                    fill={hatch}
                    stroke={slate.stop}
                    strokeWidth="0.5"
                />
            );
        case 'spot':
            return <circle cx={first.x} cy={first.y} r="2.4" fill={slate.deep} stroke={slate.cold} strokeWidth="0.8" />;
        case 'frame-bend':
            return (
                <path
                    d={`M${first.x - 3.4} ${first.y - 2}L${first.x} ${first.y + 2}L${first.x + 3.4} ${first.y - 2}`}
                    fill="none"
                    stroke={slate.now}
                    strokeWidth="1.1"
                />
            );
        case 'missing-screw':
            return (
                <path
                    d={`M${first.x - 2} ${first.y - 2}l4 4m0 -4l-4 4`}
                    fill="none"
                    stroke={slate.now}
                    strokeWidth="0.9"
                />
            );
    }
}
