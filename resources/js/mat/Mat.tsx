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
import { labelling, Labels, type Labelling } from './Labels';
import { anchorOf, colour, type Mark } from './mark';
import { Numbers } from './Numbers';
import { numbersOf } from './dotPlaces';
import { PhoneBody } from './PhoneBody';
import { shapes } from './shapes';
import { useSize, type Size } from './useSize';
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
    const [frame, whole] = useSize<HTMLDivElement>();
    const labelled = marks.filter((m) => m.label !== undefined);
    const now = marks.filter((m) => m.tone === 'now');
    const centre = now.length === 0 ? null : hull(now.map((m) => seen(anchorOf(m), face, w)));
    const laidOut = (size: Size) => {
        const view = viewOf(size, outline, labelled.length > 0, zoom, centre);
        return { size, view, of: labelling(marks, face, outline, size, view) };
    };
    const drawing = whole && fitted(whole, laidOut);
    const view = drawing?.view ?? { scale: 1, x: 0, y: 0 };
    const size = drawing?.size;
    const at = (event: React.PointerEvent<SVGSVGElement>): Point => {
        const corner = event.currentTarget.getBoundingClientRect();
        const p = toMm({ x: event.clientX - corner.left, y: event.clientY - corner.top }, view);
        return seen({ x: Math.max(0, Math.min(w, p.x)), y: Math.max(0, Math.min(outline.height, p.y)) }, face, w);
    };
    const words = labelled.map((m) => `${m.label}${m.detail ? `, ${m.detail}` : ''}`);
    return (
        <Box ref={frame} sx={{ height: '100%', minHeight: 0, overflow: 'hidden', bgcolor: slate.mat }}>
            <Box sx={{ position: 'relative', height: size?.height ?? '100%', overflow: 'hidden' }}>
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
                    {drawing && (
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
                            <Labels of={drawing.of} />
                            <Numbers
                                marks={marks}
                                face={face}
                                width={w}
                                view={view}
                                at={numbersOf(marks, face, outline, drawing.size, view, onDraw === undefined)}
                            />
                            <ScaleBar scale={view.scale} height={drawing.size.height} face={face} />
                        </>
                    )}
                </svg>
                <Zoom zoom={zoom} set={setZoom} />
            </Box>
            {whole && drawing && drawing.of.layout.listed.length > 0 && (
                <LabelList of={drawing.of} height={listHeight(whole)} />
            )}
        </Box>
    );
}

/** px that the list under the drawing takes, of which no more than so much of the whole. */
const LIST = 168;
const MOST = 0.4;

/**
 * The whole room for the drawing if all words find a place on it, else what the list leaves: reckoned from the room
 * alone, so that list and drawing cannot push each other to and fro.
 */
function fitted<T extends { of: Labelling }>(whole: Size, laidOut: (size: Size) => T): T {
    const alone = laidOut(whole);
    return alone.of.layout.listed.length === 0
        ? alone
        : laidOut({ width: whole.width, height: whole.height - listHeight(whole) });
}

const listHeight = (whole: Size): number => Math.min(LIST, MOST * whole.height);

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
