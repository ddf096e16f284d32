import type { PhoneFile } from '../../../api/client';

export type Driver = PhoneFile['fasteners'][number]['driver'];

/** Arms or lobes of a screw's recess, and whether they are round. */
const FORM: Readonly<Record<Driver, { arms: number; lobes: boolean; size: number }>> = {
    P2: { arms: 5, lobes: true, size: 8 },
    Y000: { arms: 3, lobes: false, size: 8 },
    PH000: { arms: 4, lobes: false, size: 7 },
    PH00: { arms: 4, lobes: false, size: 9 },
    T3: { arms: 6, lobes: true, size: 6.5 },
    T5: { arms: 6, lobes: true, size: 8 },
    T6: { arms: 6, lobes: true, size: 9 },
};

/** The head of a screw as it is seen from above. */
export function DriverPicture({ driver }: { driver: Driver }) {
    const { arms, lobes, size } = FORM[driver];
    const ends = Array.from({ length: arms }, (_, i) => {
        const angle = (2 * Math.PI * i) / arms - Math.PI / 2;
        return { x: 14 + size * Math.cos(angle), y: 14 + size * Math.sin(angle) };
    });
    return (
        <svg viewBox="0 0 28 28" width="34" height="34" aria-hidden="true">
            <circle cx="14" cy="14" r="12.5" fill="none" stroke="currentColor" strokeWidth="1.5" />
            {lobes && <circle cx="14" cy="14" r={0.62 * size} fill="currentColor" />}
            {ends.map((e) => (
                <line
                    key={`${e.x} ${e.y}`}
                    x1="14"
                    y1="14"
                    x2={e.x}
                    y2={e.y}
                    stroke="currentColor"
                    strokeWidth={lobes ? 4.2 : 2.6}
                    strokeLinecap={lobes ? 'round' : 'butt'}
                />
            ))}
        </svg>
    );
}
