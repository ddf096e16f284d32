import { useEffect, useRef, useState } from 'react';
import type { Box as Area } from './geometry';

/** A photo of the phone, laid under the drawing. */
export interface Laid {
    href: string;
    /** By rows, from the photo's pixels to mm as the face is looked at. */
    matrix: readonly number[];
    /** 0 to 1: how much of it is seen. */
    fade: number;
}

/** The photo, flattened and moved to where the drawing shows its millimetres. */
export function Ground({ laid, view, phone }: { laid: Laid; view: Area; phone: Area }) {
    const frame = useRef<HTMLDivElement>(null);
    const [size, setSize] = useState({ width: 0, height: 0 });
    useEffect(() => {
        const box = frame.current;
        if (box === null) {
            return;
        }
        const watch = new ResizeObserver(() => setSize({ width: box.clientWidth, height: box.clientHeight }));
        watch.observe(box);
        return () => watch.disconnect();
    }, []);
    return (
        <div
            ref={frame}
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
                    transform: placed(laid.matrix, size, view),
                    opacity: laid.fade,
                }}
            />
        </div>
    );
}

/** mm beside the phone that are seen of the photo */
const BESIDE = 3;

/** The phone, and a little of what lies beside it: the rest of the table is in nobody's way. */
function around(phone: Area, size: { width: number; height: number }, view: Area): string {
    const { scale, x, y } = fit(size, view);
    const top = y + scale * (phone.y - BESIDE);
    const left = x + scale * (phone.x - BESIDE);
    const right = size.width - x - scale * (phone.x + phone.width + BESIDE);
    const bottom = size.height - y - scale * (phone.y + phone.height + BESIDE);
    return `inset(${top}px ${right}px ${bottom}px ${left}px round 30px)`;
}

/** As the drawing is fitted into its box: whole, and in the middle; pixels per mm, and where 0,0 lies. */
function fit(size: { width: number; height: number }, view: Area) {
    const scale = Math.min(size.width / view.width, size.height / view.height);
    return {
        scale,
        x: (size.width - scale * view.width) / 2 - scale * view.x,
        y: (size.height - scale * view.height) / 2 - scale * view.y,
    };
}

/** What moves the photo to where the drawing shows its millimetres. */
export function placed(matrix: readonly number[], size: { width: number; height: number }, view: Area): string {
    const { scale, x, y } = fit(size, view);
    const [a = 1, b = 0, c = 0, d = 0, e = 1, f = 0, g = 0, h = 0, i = 1] = matrix;
    const rows = [
        [scale * a + x * g, scale * b + x * h, scale * c + x * i],
        [scale * d + y * g, scale * e + y * h, scale * f + y * i],
        [g, h, i],
    ] as const;
    const column = (k: 0 | 1 | 2) => `${rows[0][k]}, ${rows[1][k]}, 0, ${rows[2][k]}`;
    return `matrix3d(${column(0)}, ${column(1)}, 0, 0, 1, 0, ${column(2)})`;
}
