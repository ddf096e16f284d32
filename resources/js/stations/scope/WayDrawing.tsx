import type { PhoneFile, Schemas } from '../../api/client';
import { box, boxAround, outlineOf, type Box } from '../../mat/geometry';
import { slate } from '../../theme/tokens';
import { say } from '../../words/words';

/** px per mm of the small drawing, and between its two faces. */
const SCALE = 0.95;
const APART = 8;
/** Share of a face. */
const COVERS = 0.5;

interface Props {
    phone: PhoneFile;
    way: Schemas['Way'];
}

/**
 * What a way of doing the job disturbs, the back, and the front where that is touched: off is dashed, over to the new
 * part filled, paired doubled.
 */
export function WayDrawing({ phone, way }: Props) {
    const { width, height, radius } = outlineOf(phone);
    const off = new Set(way.disturbed.off);
    const moved = new Set(way.disturbed.moved);
    const touched = phone.parts.filter((p) => off.has(p.id) || moved.has(p.id));
    const paired = touched.filter((p) => way.paired.includes(p.name));
    const faces = (['back', 'front'] as const).filter(
        (face) => face === 'back' || touched.some((p) => p.face === face),
    );
    // What covers most of a face would hide what lies under it: of that only the edge is drawn.
    const covers = (p: Box): boolean => p.width * p.height > COVERS * width * height;
    return (
        <figure style={{ margin: 0 }}>
            <svg
                role="img"
                aria-label={say('page.way-drawing.disturbs', {
                    off: touched.length,
                    moved: moved.size,
                    paired: paired.length,
                })}
                width={SCALE * (faces.length * (width + APART) - APART)}
                height={SCALE * height}
                viewBox={`0 0 ${faces.length * (width + APART) - APART} ${height}`}
                style={{ display: 'block', maxWidth: '100%' }}
            >
                {faces.map((face, i) => (
                    <g key={face} transform={`translate(${i * (width + APART)} 0)`}>
                        <rect x="0.5" y="0.5" width={width - 1} height={height - 1} rx={radius} fill={slate.deep} />
                        {touched
                            .filter((p) => p.face === face)
                            .map((p) => (
                                <Touched
                                    key={p.id}
                                    at={boxAround(p)}
                                    moved={moved.has(p.id)}
                                    filled={moved.has(p.id) && !covers(p)}
                                    paired={paired.includes(p)}
                                />
                            ))}
                    </g>
                ))}
            </svg>
            <figcaption>
                {say('page.way-drawing.in-figures', {
                    off: touched.length,
                    moved: moved.size,
                    paired: paired.length,
                })}
            </figcaption>
        </figure>
    );
}

interface TouchedProps {
    at: Box;
    moved: boolean;
    filled: boolean;
    paired: boolean;
}

function Touched({ at, moved, filled, paired }: TouchedProps) {
    const inner = { x: at.x + 1.6, y: at.y + 1.6, width: at.width - 3.2, height: at.height - 3.2 };
    return (
        <>
            <rect
                {...box(at)}
                rx="1"
                fill={filled ? slate.now : 'none'}
                fillOpacity={0.55}
                stroke={moved ? slate.now : slate.line}
                strokeWidth="0.9"
                {...(moved ? {} : { strokeDasharray: '2.4 1.6' })}
            />
            {paired && inner.width > 0 && inner.height > 0 && (
                <rect {...box(inner)} rx="0.6" fill="none" stroke={slate.stop} strokeWidth="1.1" />
            )}
        </>
    );
}
