import ButtonBase from '@mui/material/ButtonBase';
import Box from '@mui/material/Box';
import { useId, useState } from 'react';
import type { PhoneFile } from '../api/client';
import { sans, slate } from '../theme/tokens';
import { DrawnMark, type Drawn } from './DrawnMark';
import { box, boxAround, glassOf, hull, outlineOf, seen, seenBox, type Face, type Point } from './geometry';
import { Ground, type Laid } from './Ground';
import { Labels } from './Labels';
import { anchorOf, colour, type Mark } from './mark';
import { shapes } from './shapes';
import { say } from '../words/words';

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

const MARGIN_WITH_WORDS = 56;
const MARGIN = 14;
const MARGIN_Y = 12;

/** The phone to scale on the slate mat with a 10 mm grid. */
export function Mat({ phone, face, marks = [], drawn = [], title, ground, onDraw }: Props) {
    const id = useId();
    const outline = outlineOf(phone);
    const glass = glassOf(phone);
    const w = outline.width;
    const side = marks.some((m) => m.label !== undefined) ? MARGIN_WITH_WORDS : MARGIN;
    const [zoom, setZoom] = useState(1);
    const view = { x: -side, y: -MARGIN_Y, width: w + 2 * side, height: outline.height + 2 * MARGIN_Y + 6 };
    const at = (event: React.PointerEvent<SVGSVGElement>): Point => {
        const matrix = event.currentTarget.getScreenCTM()?.inverse();
        const p = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix);
        return seen({ x: Math.max(0, Math.min(w, p.x)), y: Math.max(0, Math.min(outline.height, p.y)) }, face, w);
    };
    const words = marks.filter((m) => m.label !== undefined).map((m) => `${m.label}${m.detail ? `, ${m.detail}` : ''}`);
    const centre = hull(marks.filter((m) => m.tone === 'now').map((m) => seen(anchorOf(m), face, w)));
    const middle =
        zoom > 1 && (centre.x !== 0 || centre.y !== 0)
            ? centre
            : { x: view.x + view.width / 2, y: view.y + view.height / 2 };
    const shown =
        zoom === 1
            ? view
            : {
                  x: middle.x - view.width / zoom / 2,
                  y: middle.y - view.height / zoom / 2,
                  width: view.width / zoom,
                  height: view.height / zoom,
              };
    return (
        <Box sx={{ position: 'relative', height: '100%', bgcolor: slate.mat }}>
            {ground && <Ground laid={ground} view={shown} phone={outline} />}
            <svg
                role="img"
                aria-label={`${title}. ${words.join('. ')}`}
                viewBox={`${shown.x} ${shown.y} ${shown.width} ${shown.height}`}
                preserveAspectRatio="xMidYMid meet"
                width="100%"
                height="100%"
                style={{
                    display: 'block',
                    position: 'relative',
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
                <rect x={-500} y={-500} width={1200} height={1200} fill={`url(#${id}-grid)`} />
                <rect
                    {...box(outline)}
                    rx={outline.radius}
                    fill={ground ? 'none' : '#55666E'}
                    stroke={slate.line}
                    strokeWidth="0.5"
                />
                <rect
                    {...box(glass)}
                    rx={glass.radius}
                    fill={ground ? 'none' : slate.deep}
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
                                {...box(seenBox(boxAround(p), face, w))}
                                rx="1"
                                fill="none"
                                stroke={slate.grid}
                                strokeWidth="0.4"
                            />
                        ))
                )}
                {drawn.map((d, i) => (
                    <DrawnMark key={i} mark={d} face={face} width={w} hatch={`url(#${id}-stop)`} />
                ))}
                {marks.map((m) => (
                    <g key={m.id}>{shapes(m, face, w, id)}</g>
                ))}
                <Labels marks={marks} face={face} width={w} height={outline.height} />
                <g transform={`translate(${-side + 4} ${outline.height + MARGIN_Y})`}>
                    <path d="M0 0V-1.6M0 -0.8H20M20 0V-1.6" stroke={slate.line} strokeWidth="0.4" fill="none" />
                    <text x="0" y="-3" fontSize="4" fill={slate.quiet} fontFamily={sans}>
                        {say('page.mat.20-mm', { face })}
                    </text>
                </g>
            </svg>
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
                        onClick={() => setZoom(to)}
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
        </Box>
    );
}
