import type { PhoneFile } from '../api/client';
import { slate } from '../theme/tokens';
import { box, boxAround, glassOf, outlineOf, seenBox, type Face } from './geometry';

/** The phone itself, in mm: its edge, its glass, and what is seen of one face. Over a photo only its lines. */
export function PhoneBody({ phone, face, lines }: { phone: PhoneFile; face: Face; lines: boolean }) {
    const outline = outlineOf(phone);
    const glass = glassOf(phone);
    return (
        <>
            <rect
                {...box(outline)}
                rx={outline.radius}
                fill={lines ? 'none' : '#55666E'}
                stroke={slate.line}
                strokeWidth="0.5"
            />
            <rect
                {...box(glass)}
                rx={glass.radius}
                fill={lines ? 'none' : slate.deep}
                stroke="#6F838B"
                strokeWidth="0.35"
            />
            {face === 'front' ? (
                <>
                    <rect
                        {...box(phone.body.display)}
                        rx={Math.max(1, glass.radius - 3)}
                        fill="none"
                        stroke={slate.grid}
                        strokeWidth="0.3"
                    />
                    {(phone.openings ?? []).map((o) =>
                        o.shape === 'circle' ? (
                            <circle
                                key={o.id}
                                cx={o.x}
                                cy={o.y}
                                r={o.width / 2}
                                fill="none"
                                stroke={slate.line}
                                strokeWidth="0.35"
                            />
                        ) : (
                            <rect
                                key={o.id}
                                {...box(boxAround(o))}
                                rx={o.shape === 'slot' ? o.height / 2 : 0.3}
                                fill="none"
                                stroke={slate.line}
                                strokeWidth="0.35"
                            />
                        ),
                    )}
                </>
            ) : (
                phone.parts
                    .filter((p) => p.face === 'back' && p.kind !== 'back-cover')
                    .map((p) => (
                        <rect
                            key={p.id}
                            {...box(seenBox(boxAround(p), face, outline.width))}
                            rx="1"
                            fill="none"
                            stroke={slate.grid}
                            strokeWidth="0.4"
                        />
                    ))
            )}
        </>
    );
}
