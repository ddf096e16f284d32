import type { Box as Area } from './geometry';
import type { Size } from './useSize';
import type { View } from './view';

/** A photo of the phone, laid under the drawing. */
export interface Laid {
    href: string;
    /** By rows, from the photo's pixels to mm as the face is looked at. */
    matrix: readonly number[];
    /** 0 to 1: how much of it is seen. */
    fade: number;
}

interface Props {
    laid: Laid;
    view: View;
    size: Size;
    phone: Area;
}

/** The photo, flattened and moved to where the drawing shows its millimetres. */
export function Ground({ laid, view, size, phone }: Props) {
    return (
        <div
            style={{
                position: 'absolute',
                inset: 0,
                overflow: 'hidden',
                pointerEvents: 'none',
                clipPath: around(phone, size, view),
            }}
        >
            <img
                src={laid.href}
                alt=""
                style={{
                    position: 'absolute',
                    left: 0,
                    top: 0,
                    transformOrigin: '0 0',
                    transform: placed(laid.matrix, view),
                    opacity: laid.fade,
                }}
            />
        </div>
    );
}

/** mm beside the phone that are seen of the photo */
const BESIDE = 3;

/** The phone, and a little of what lies beside it: the rest of the table is in nobody's way. */
function around(phone: Area, size: Size, { scale, x, y }: View): string {
    const top = y + scale * (phone.y - BESIDE);
    const left = x + scale * (phone.x - BESIDE);
    const right = size.width - x - scale * (phone.x + phone.width + BESIDE);
    const bottom = size.height - y - scale * (phone.y + phone.height + BESIDE);
    return `inset(${top}px ${right}px ${bottom}px ${left}px round 30px)`;
}

/** What moves the photo to where the drawing shows its millimetres. */
export function placed(matrix: readonly number[], { scale, x, y }: View): string {
    const [a = 1, b = 0, c = 0, d = 0, e = 1, f = 0, g = 0, h = 0, i = 1] = matrix;
    const rows = [
        [scale * a + x * g, scale * b + x * h, scale * c + x * i],
        [scale * d + y * g, scale * e + y * h, scale * f + y * i],
        [g, h, i],
    ] as const;
    const column = (k: 0 | 1 | 2) => `${rows[0][k]}, ${rows[1][k]}, 0, ${rows[2][k]}`;
    return `matrix3d(${column(0)}, ${column(1)}, 0, 0, 1, 0, ${column(2)})`;
}
