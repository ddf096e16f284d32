import type { PhoneFile } from '../../api/client';
import { along, glassOf, pointOn, type Face, type Point, type Side } from '../../mat/geometry';
import type { Mark } from '../../mat/mark';
import { withElement, type Selected } from './elements';

/** One end of a stretch of a bond, by its indices in the file. */
export interface BondEnd {
    bond: number;
    stretch: number;
    end: 'from' | 'to';
}

const SHORTEST = 1;
const REACH = 3;

const lengthOf = (file: PhoneFile, side: Side): number =>
    side === 'top' || side === 'bottom' ? glassOf(file).width : glassOf(file).height;

const stretchesOf = (file: PhoneFile, bond: number) => file.bonds[bond]?.cut?.stretches ?? [];

/** The selected bond if it lies on the face that is up. */
const bondUp = (file: PhoneFile, face: Face, selected: Selected): number | null =>
    'group' in selected && selected.group === 'bonds' && file.bonds[selected.index]?.face === face
        ? selected.index
        : null;

/** The selected bond along its edge, each stretch with its two ends to take hold of; what must not be cut is dashed. */
export function bondMarks(file: PhoneFile, face: Face, selected: Selected): Mark[] {
    const bond = bondUp(file, face, selected);
    return bond === null
        ? []
        : stretchesOf(file, bond).map((s) => ({
              id: `bond-${s.id}`,
              tone: s.forbidden === true ? 'stop' : 'now',
              dashed: s.forbidden === true,
              width: 1.2,
              lines: [along(glassOf(file), s.side, s.from, s.to)],
              dots: [pointOn(glassOf(file), s.side, s.from), pointOn(glassOf(file), s.side, s.to)],
          }));
}

/** The end of a stretch under a point, of the selected bond; the nearest within reach. */
export function endAt(file: PhoneFile, face: Face, selected: Selected, p: Point): BondEnd | null {
    const bond = bondUp(file, face, selected);
    if (bond === null) {
        return null;
    }
    const all = stretchesOf(file, bond).flatMap((s, stretch) =>
        (['from', 'to'] as const).map((end) => {
            const q = pointOn(glassOf(file), s.side, s[end]);
            return { bond, stretch, end, far: Math.hypot(q.x - p.x, q.y - p.y) };
        }),
    );
    const nearest = all.sort((a, b) => a.far - b.far)[0];
    return nearest !== undefined && nearest.far <= REACH ? { bond, stretch: nearest.stretch, end: nearest.end } : null;
}

/**
 * The file with the end drawn along its side to a point; a neighbour that began or ended there goes with it, so that
 * no gap opens.
 */
export function withEnd(file: PhoneFile, at: BondEnd, p: Point): PhoneFile {
    const stretches = stretchesOf(file, at.bond);
    const held = stretches[at.stretch];
    const bond = file.bonds[at.bond];
    if (held === undefined || bond?.cut === undefined) {
        return file;
    }
    const other = at.end === 'from' ? 'to' : 'from';
    const joined = stretches.findIndex((s, i) => i !== at.stretch && s.side === held.side && s[other] === held[at.end]);
    const glass = glassOf(file);
    const wish = held.side === 'top' || held.side === 'bottom' ? p.x - glass.x : p.y - glass.y;
    const neighbour = stretches[joined];
    const length = lengthOf(file, held.side);
    const [low, high] =
        at.end === 'from'
            ? [neighbour === undefined ? 0 : neighbour.from + SHORTEST, held.to - SHORTEST]
            : [held.from + SHORTEST, neighbour === undefined ? length : neighbour.to - SHORTEST];
    const mm = Math.round(10 * Math.max(low, Math.min(high, wish))) / 10;
    const next = stretches.map((s, i) =>
        i === at.stretch ? { ...s, [at.end]: mm } : i === joined ? { ...s, [other]: mm } : s,
    );
    return withElement(file, 'bonds', at.bond, { ...bond, cut: { ...bond.cut, stretches: next } });
}
