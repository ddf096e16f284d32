import { sans, slate } from '../theme/tokens';
import { seen, type Box, type Face, type Point } from './geometry';
import { anchorOf, colour, type Mark, type Tone } from './mark';
import type { Size } from './useSize';
import { columnsOf, toPx, type View } from './view';
import { layOut, type Layout } from './words/columns';
import { widthOf, wrapped } from './words/measure';
import { place } from './words/place';

/** px: what has to be found at a glance, what stands under it, and a letter that leads to the list. */
const SAID = { size: 18, row: 22 };
const MORE = { size: 15, row: 19 };
const LETTER = 22;
/** Rows that either may take. */
const ROWS = 2;

const WEIGHT: Record<Tone, number> = { now: 4, stop: 3, cold: 2, done: 1, plain: 0 };

interface Words {
    mark: Mark;
    at: Point;
    rows: string[];
    more: string[];
}

export interface Labelling {
    words: Map<string, Words>;
    layout: Layout;
    columns: { left: Box; right: Box };
    /** Where the letters stand that lead to the list, by mark. */
    letters: Map<string, { letter: string; box: Box }>;
}

/** The words of all marks beside the phone; those that find no place there get a letter and go into the list. */
export function labelling(marks: readonly Mark[], face: Face, phone: Size, size: Size, view: View): Labelling {
    const columns = columnsOf(size, phone, view);
    const width = Math.max(columns.left.width, columns.right.width);
    const words = new Map<string, Words>();
    for (const mark of marks) {
        const at = toPx(seen(anchorOf(mark), face, phone.width), view);
        const shown = at.x >= 0 && at.y >= 0 && at.x <= size.width && at.y <= size.height;
        if (mark.label !== undefined && shown) {
            words.set(mark.id, {
                mark,
                at,
                rows: wrapped(mark.label, SAID.size, true, width, ROWS),
                more: mark.detail ? wrapped(mark.detail, MORE.size, false, width, ROWS) : [],
            });
        }
    }
    const wanted = [...words].map(([id, w]) => ({
        id,
        at: w.at,
        // What would have to be cut stands whole in the list.
        width: [...w.rows, ...w.more].some((r) => r.endsWith('…'))
            ? Infinity
            : Math.max(...w.rows.map((r) => widthOf(r, SAID.size, true)), ...w.more.map((r) => widthOf(r, MORE.size))),
        height: SAID.row * w.rows.length + MORE.row * w.more.length,
        weight: WEIGHT[w.mark.tone],
    }));
    const layout = layOut(wanted, columns, view.x + (view.scale * phone.width) / 2);
    return { words, layout, columns, letters: lettersOf(layout.listed, words, size) };
}

/** A to Z, then AA, AB …: none twice. */
const letterOf = (i: number): string =>
    (i < 26 ? '' : letterOf(Math.floor(i / 26) - 1)) + String.fromCharCode(65 + (i % 26));

function lettersOf(listed: readonly string[], words: Map<string, Words>, size: Size): Labelling['letters'] {
    const boxes = place(
        listed.map((id) => {
            const at = words.get(id)?.at ?? { x: 0, y: 0 };
            const steps = [0, -1, 1].flatMap((y) => [0, 1, -1, 2, -2].map((x) => ({ x, y })));
            return {
                id,
                places: steps.map((s) => ({
                    x: at.x - LETTER / 2 + s.x * (LETTER + 2),
                    y: at.y - LETTER / 2 + s.y * (LETTER + 2),
                    width: LETTER,
                    height: LETTER,
                })),
            };
        }),
        { x: 0, y: 0, ...size },
    );
    const letters: Labelling['letters'] = new Map();
    listed.forEach((id, i) => {
        const box = boxes.get(id);
        if (box) {
            letters.set(id, { letter: letterOf(i), box });
        }
    });
    return letters;
}

/** Lines first, then words over them. */
export function Labels({ of }: { of: Labelling }) {
    return (
        <g fontFamily={sans}>
            {of.layout.placed.map((p) => (
                <path
                    key={p.id}
                    d={`M${p.from.x} ${p.from.y}L${p.to.x + (p.side === 'left' ? 4 : -4)} ${p.to.y}`}
                    stroke={colour[of.words.get(p.id)?.mark.tone ?? 'plain']}
                    strokeWidth="1"
                    fill="none"
                    opacity="0.8"
                />
            ))}
            {of.layout.placed.map((p) => {
                const w = of.words.get(p.id);
                const left = p.side === 'left';
                return (
                    w && (
                        <g
                            key={p.id}
                            data-label={p.id}
                            textAnchor={left ? 'end' : 'start'}
                            stroke={slate.mat}
                            strokeWidth="3"
                            paintOrder="stroke"
                        >
                            {w.rows.map((row, i) => (
                                <text
                                    key={row}
                                    x={p.to.x}
                                    y={p.y + SAID.row * (i + 1) - 5}
                                    fontSize={SAID.size}
                                    fontWeight="700"
                                    fill={colour[w.mark.tone]}
                                >
                                    {row}
                                </text>
                            ))}
                            {w.more.map((row, i) => (
                                <text
                                    key={row}
                                    x={p.to.x}
                                    y={p.y + SAID.row * w.rows.length + MORE.row * (i + 1) - 5}
                                    fontSize={MORE.size}
                                    fill={slate.line}
                                >
                                    {row}
                                </text>
                            ))}
                        </g>
                    )
                );
            })}
            {[...of.letters].map(([id, { letter, box }]) => (
                <g key={id}>
                    <rect
                        {...box}
                        rx="4"
                        fill={slate.deep}
                        stroke={colour[of.words.get(id)?.mark.tone ?? 'plain']}
                        strokeWidth="1.5"
                    />
                    <text
                        x={box.x + box.width / 2}
                        y={box.y + 17}
                        textAnchor="middle"
                        fontSize={letter.length > 1 ? 14 : 16}
                        fontWeight="700"
                        fill={slate.line}
                    >
                        {letter}
                    </text>
                </g>
            ))}
        </g>
    );
}
