import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { Point } from '../../../mat/geometry';
import { slate } from '../../../theme/tokens';
import { say } from '../../../words/words';

interface Props {
    src: string;
    /** Pixels of the photo. */
    width: number;
    height: number;
    done: (corners: readonly Point[]) => void;
}

const ORDER = ['top-left', 'top-right', 'bottom-right', 'bottom-left'] as const;
/** Pixels that an arrow key moves the last corner. */
const STEP = 2;
const ARROWS: Readonly<Record<string, [number, number]>> = {
    ArrowLeft: [-STEP, 0],
    ArrowRight: [STEP, 0],
    ArrowUp: [0, -STEP],
    ArrowDown: [0, STEP],
};

/** The phone's four corners in a photo, tapped one after the other; the last one can be moved with the arrow keys. */
export function Corners({ src, width, height, done }: Props) {
    const [points, setPoints] = useState<readonly Point[]>([]);
    const next = ORDER[points.length];
    const tap = (e: PointerEvent<SVGSVGElement>) => {
        const matrix = e.currentTarget.getScreenCTM()?.inverse();
        const p = new DOMPoint(e.clientX, e.clientY).matrixTransform(matrix);
        setPoints((all) => (all.length < 4 ? [...all, { x: p.x, y: p.y }] : all));
    };
    const move = (e: KeyboardEvent) => {
        const by = ARROWS[e.key];
        if (by) {
            e.preventDefault();
            setPoints((all) => all.map((p, i) => (i === all.length - 1 ? { x: p.x + by[0], y: p.y + by[1] } : p)));
        }
        // Without a pointer it starts in the middle, and goes from there with the arrows.
        if (e.key === 'Enter' && points.length < 4) {
            setPoints((all) => [...all, { x: width / 2, y: height / 2 }]);
        }
    };
    return (
        <>
            <DialogTitle id="corners-title">{next ? say(`corner.${next}`) : say('page.corners.all-four')}</DialogTitle>
            <DialogContent>
                <svg
                    role="application"
                    tabIndex={0}
                    aria-label={say('page.corners.tap', { count: points.length })}
                    viewBox={`0 0 ${width} ${height}`}
                    style={{ width: 'min(86vw, 1000px)', height: 'min(66vh, 700px)', touchAction: 'none' }}
                    onPointerDown={tap}
                    onKeyDown={move}
                >
                    <image href={src} width={width} height={height} />
                    <polygon
                        points={points.map((p) => `${p.x},${p.y}`).join(' ')}
                        fill="none"
                        stroke={slate.now}
                        strokeWidth={width / 300}
                    />
                    {points.map((p, i) => (
                        <circle
                            key={i}
                            cx={p.x}
                            cy={p.y}
                            r={width / 90}
                            fill="none"
                            stroke={slate.now}
                            strokeWidth={width / 300}
                        />
                    ))}
                </svg>
                <Box sx={{ display: 'flex', gap: 1, pt: 1 }}>
                    <Button onClick={() => setPoints((all) => all.slice(0, -1))} disabled={points.length === 0}>
                        {say('page.corners.last-back')}
                    </Button>
                    <Button variant="contained" onClick={() => done(points)} disabled={points.length < 4}>
                        {say('page.corners.lay')}
                    </Button>
                </Box>
            </DialogContent>
        </>
    );
}
