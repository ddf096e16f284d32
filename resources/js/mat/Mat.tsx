import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import { useId, useState } from 'react';
import type { PhoneFile } from '../api/client';
import { sans, slate } from '../theme/tokens';
import { say } from '../words/words';
import { DrawnMark, type Drawn } from './DrawnMark';
import { hull, outlineOf, seen, type Face, type Point } from './geometry';
import { Ground, type Laid } from './Ground';
import { LabelList } from './LabelList';
import { labelling, Labels } from './Labels';
import { anchorOf, colour, type Mark } from './mark';
import { Numbers } from './Numbers';
import { numbersOf } from './dotPlaces';
import { PhoneBody } from './PhoneBody';
import { shapes } from './shapes';
import { useSize } from './useSize';
import { toMm, viewOf } from './view';

interface Props {
    phone: PhoneFile;
    face: Face;
    marks?: Mark[];
    /** What was drawn on this face at check-in. */
    drawn?: Drawn[];
    /** Shown beside the drawing for screen readers. */
    title: string;
    /** A photo under it. */
    ground?: Laid;
    onDraw?: { start: (p: Point) => void; move: (p: Point) => void; end?: () => void };
}

/**
 * The phone to scale on the slate mat with a 10 mm grid. The phone is drawn in its millimetres, words in the screen's
 * pixels, so that they are read at arm's length whatever the size of either.
 */
export function Mat({ phone, face, marks = [], drawn = [], title, ground, onDraw }: Props) {
    const id = useId();
    const outline = outlineOf(phone);
    const w = outline.width;
    const [zoom, setZoom] = useState(1);
    const [frame, size] = useSize<HTMLDivElement>();
    const labelled = marks.filter((m) => m.label !== undefined);
    const now = marks.filter((m) => m.tone === 'now');
    const view = viewOf(
        size ?? { width: 300, height: 300 },
        outline,
        labelled.length > 0,
        zoom,
        now.length === 0 ? null : hull(now.map((m) => seen(anchorOf(m), face, w))),
    );
    const of = size && labelling(marks, face, outline, size, view);
    const at = (event: React.PointerEvent<SVGSVGElement>): Point => {
        const corner = event.currentTarget.getBoundingClientRect();
        const p = toMm({ x: event.clientX - corner.left, y: event.clientY - corner.top }, view);
        return seen({ x: Math.max(0, Math.min(w, p.x)), y: Math.max(0, Math.min(outline.height, p.y)) }, face, w);
    };
    const words = labelled.map((m) => `${m.label}${m.detail ? `, ${m.detail}` : ''}`);
    return (
        <Box
            sx={{
                height: '100%',
                minHeight: 0,
                bgcolor: slate.mat,
                display: 'grid',
                gridTemplateColumns: 'minmax(0, 1fr)',
                gridTemplateRows: 'minmax(0, 1fr) auto',
            }}
        >
            <Box ref={frame} sx={{ position: 'relative', minHeight: 0, overflow: 'hidden' }}>
                {ground && size && <Ground laid={ground} view={view} size={size} phone={outline} />}
                <svg
                    role="img"
                    aria-label={`${title}. ${words.join('. ')}`}
                    width="100%"
                    height="100%"
                    style={{
                        display: 'block',
                        position: 'absolute',
                        inset: 0,
                        touchAction: onDraw ? 'none' : 'auto',
                        cursor: onDraw ? 'crosshair' : 'default',
                    }}
                    onPointerDown={
                        onDraw &&
                        ((e) => {
                            e.currentTarget.setPointerCapture(e.pointerId);
                            onDraw.start(at(e));
                        })
                    }
                    onPointerMove={onDraw && ((e) => e.buttons === 1 && onDraw.move(at(e)))}
                    onPointerUp={onDraw?.end}
                >
                    <Patterns id={id} />
                    {size && of && (
                        <>
                            <g data-mm transform={`translate(${view.x} ${view.y}) scale(${view.scale})`}>
                                <rect x={-800} y={-800} width={1800} height={1800} fill={`url(#${id}-grid)`} />
                                <PhoneBody phone={phone} face={face} lines={ground !== undefined} />
                                {drawn.map((d, i) => (
                                    <DrawnMark key={i} mark={d} face={face} width={w} hatch={`url(#${id}-stop)`} />
                                ))}
                                {marks.map((m) => (
                                    <g key={m.id}>{shapes(m, face, w, id)}</g>
                                ))}
                            </g>
                            <Labels of={of} />
                            <Numbers
                                marks={marks}
                                face={face}
                                width={w}
                                view={view}
                                at={numbersOf(marks, face, outline, size, view)}
                            />
                            <ScaleBar scale={view.scale} height={size.height} face={face} />
                        </>
                    )}
                </svg>
                <Zoom zoom={zoom} set={setZoom} />
            </Box>
            {of && of.layout.listed.length > 0 && <LabelList of={of} />}
        </Box>
    );
}

/** The grid, and a hatch of every tone. */
function Patterns({ id }: { id: string }) {
    return (
        <defs>
            <pattern id={`${id}-grid`} width="10" height="10" patternUnits="userSpaceOnUse">
                <path d="M10 0H0V10" fill="none" stroke={slate.grid} strokeWidth="0.25" />
            </pattern>
            {(['now', 'done', 'stop', 'cold', 'plain'] as const).map((tone) => (
                <pattern
                    key={tone}
                    id={`${id}-${tone}`}
                    width="2.2"
                    height="2.2"
                    patternUnits="userSpaceOnUse"
                    patternTransform="rotate(45)"
                >
                    <path d="M0 0V2.2" stroke={colour[tone]} strokeWidth="0.7" />
                </pattern>
            ))}
        </defs>
    );
}

function ScaleBar({ scale, height, face }: { scale: number; height: number; face: Face }) {
    return (
        <g transform={`translate(12 ${height - 8})`}>
            <path
                d={`M0 0V-6M0 -3H${20 * scale}M${20 * scale} 0V-6`}
                stroke={slate.line}
                strokeWidth="1.2"
                fill="none"
            />
            <text x="0" y="-11" fontSize="14" fill={slate.line} fontFamily={sans}>
                {say('page.mat.20-mm', { face })}
            </text>
        </g>
    );
}

function Zoom({ zoom, set }: { zoom: number; set: (zoom: number) => void }) {
    return (
        <Box sx={{ position: 'absolute', right: 8, top: 8, display: 'flex', gap: 1 }}>
            {(
                [
                    [say('page.mat.nearer'), zoom * 1.6, zoom > 3, '+'],
                    [say('page.mat.whole-phone'), 1, zoom === 1, '−'],
                ] as const
            ).map(([label, to, off, sign]) => (
                <ButtonBase
                    key={label}
                    aria-label={label}
                    disabled={off}
                    onClick={() => set(to)}
                    sx={{
                        width: 48,
                        height: 48,
                        borderRadius: 1,
                        border: `1px solid ${slate.quiet}`,
                        color: slate.line,
                        bgcolor: slate.deep,
                        fontSize: 22,
                        opacity: off ? 0.4 : 1,
                    }}
                >
                    {sign}
                </ButtonBase>
            ))}
        </Box>
    );
}
