import type { ReactNode } from 'react';
import { useSize } from '../../mat/useSize';
import { mono, sans, slate } from '../../theme/tokens';

interface Props {
    /** What it shows, in words. */
    label: string;
    /** px wide until it is known. */
    usual: number;
    /** px high, by the width. */
    height: (width: number) => number;
    children: (width: number) => ReactNode;
}

/** A drawing on dark ground that is as wide as its place, in the screen's own pixels. */
export function SlateChart({ label, usual, height, children }: Props) {
    const [frame, size] = useSize<HTMLDivElement>();
    const width = size?.width ?? usual;
    return (
        <div ref={frame} role="img" aria-label={label} style={{ overflow: 'hidden', borderRadius: 6, minWidth: 0 }}>
            <svg
                aria-hidden
                width={width}
                height={height(width)}
                style={{ display: 'block', background: slate.deep }}
                fontFamily={sans}
            >
                {children(width)}
            </svg>
        </div>
    );
}

interface TickProps {
    x: number;
    y: number;
    anchor: 'middle' | 'end';
    fill: string;
    /** Named where words must not lie over one another. */
    label?: number;
    children: ReactNode;
}

/** A figure at an axis. */
export function Tick({ x, y, anchor, fill, label, children }: TickProps) {
    return (
        <text data-label={label} x={x} y={y} textAnchor={anchor} fontSize="14" fill={fill} fontFamily={mono}>
            {children}
        </text>
    );
}
