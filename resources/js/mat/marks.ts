import type { PhoneFile, Plan, Step } from '../api/client';
import { glassLaidMarks, sealMarks } from '../seal/laying';
import { say } from '../words/words';
import { along, boxAround, glassOf, type Face, type Point, type Rounded, type Side } from './geometry';
import type { Mark } from './mark';

type BondFile = PhoneFile['bonds'][number];

const bondOf = (phone: PhoneFile, id: string | undefined): BondFile | undefined => phone.bonds.find((b) => b.id === id);

/** What a step shows on the drawing, worded from the phone file. */
export function marksFor(
    phone: PhoneFile,
    plan: Plan,
    step: Step,
    done: ReadonlySet<string>,
    /** Which piece of adhesive is laid now; null while all are shown alike. */
    piece: number | null = null,
): Mark[] {
    switch (step.kind) {
        case 'unscrew':
        case 'screw-in':
            return screwMarks(plan, step);
        case 'heat':
        case 'reheat':
        case 'cool':
        case 'first-gap':
        case 'alcohol':
        case 'cut-pass':
        case 'lift':
            return edgeMarks(phone, plan, step, done);
        case 'lay-seal':
        case 'compare-old':
        case 'take-shards':
        case 'clean-ledge':
        case 'check-ridge':
        case 'confirm-dry':
        case 'dry-fit':
        case 'check-under':
        case 'last-liner':
        case 'close-bond':
        case 'clamp':
        case 'unclamp':
            return sealMarks(phone, plan, step, piece);
        case 'laminate':
            return plan.glass ? glassLaidMarks(plan.glass) : [];
        case 'free-curve':
        case 'part-glass':
            return glassMarks(phone, plan, step, done);
        default:
            return step.subjects.flatMap((id) => elementMarks(phone, id));
    }
}

function screwMarks(plan: Plan, step: Step): Mark[] {
    return step.subjects.map((id) => {
        const places = plan.screws.filter((s) => s.fastener === id);
        const first = places[0];
        return {
            id,
            tone: 'now',
            dots: places.map((p) => ({ x: p.x, y: p.y, text: String(p.number) })),
            label: `${places.length} × ${first?.driver ?? ''}`,
            detail: say('page.marks.mm-long', { first: first?.length ?? 0 }),
        };
    });
}

function elementMarks(phone: PhoneFile, id: string): Mark[] {
    const part = phone.parts.find((p) => p.id === id);
    if (part) {
        return [
            {
                id,
                tone: 'now',
                boxes: [boxAround(part)],
                width: 0.9,
                label: part.name,
                ...(part.pairing && part.pairing !== 'none' ? { detail: say('page.marks.paired-to-the-phone') } : {}),
            },
        ];
    }
    const connector = phone.connectors.find((c) => c.id === id);
    if (connector) {
        const size = connector.kind === 'coax' ? { width: 3, height: 3 } : { width: 8, height: 4 };
        return [
            {
                id,
                tone: connector.power === true ? 'stop' : 'now',
                boxes: [{ ...boxAround({ ...connector, ...size }), round: connector.kind === 'coax' }],
                width: 0.9,
                label: connector.name,
            },
        ];
    }
    const bond = bondOf(phone, id);
    const host = bond && phone.parts.find((p) => p.id === bond.joins[0]);
    return host ? [{ id, tone: 'now', boxes: [boxAround(host)], width: 0.9, dashed: true, label: bond.name }] : [];
}

function zoneMarks(phone: PhoneFile, face: Face): Mark[] {
    return (phone.flexZones ?? [])
        .filter((z) => z.face === face)
        .map((z) => ({
            id: z.id,
            tone: 'stop',
            hatched: true,
            boxes: [boxAround(z)],
            label: say('page.marks.keep-out'),
            detail: z.name,
        }));
}

function hingeMark(phone: PhoneFile, bond: BondFile): Mark[] {
    const glass = glassOf(phone);
    return (bond.cut?.stretches ?? [])
        .filter((s) => s.forbidden === true)
        .map((s) => ({
            id: s.id,
            tone: 'stop',
            dashed: true,
            width: 1.1,
            lines: [along(glass, s.side, s.from, s.to)],
            label: bond.cut?.hinge === s.side ? say('page.hinge-side') : say('page.marks.do-not-cut'),
            detail: s.behind ?? say('page.marks.do-not-cut-2'),
        }));
}

export type Move = Plan['openings'][number]['moves'][number];

/** The move of an opening that a step is; null if it is none. */
export const moveOf = (plan: Plan, step: Step | undefined): Move | null =>
    (step?.move && plan.openings.find((o) => o.bond === step.move?.bond)?.moves[step.move.index]) ?? null;

function pathOf(glass: Rounded, plan: Plan, pass: Step | undefined): Point[] | undefined {
    const stretch = moveOf(plan, pass)?.way?.stretch;
    return stretch && along(glass, stretch.side, stretch.from, stretch.to);
}

/** The end of a pass where its pick rests: towards the next pass, or for the last one away from the pass before. */
function restingEnd(path: Point[], other: Point[] | undefined, towards: boolean): Point | undefined {
    const ends = [path[0], path[path.length - 1]].filter((p) => p !== undefined);
    const reach = (p: Point) => Math.min(...(other ?? []).map((o) => Math.hypot(o.x - p.x, o.y - p.y)));
    return ends.sort((a, b) => (towards ? reach(a) - reach(b) : reach(b) - reach(a)))[0];
}

const length = (glass: Rounded, side: Side): number =>
    side === 'top' || side === 'bottom' ? glass.width : glass.height;

/** Steps whose pick still lies where it was put: once the stock is used up the first ones move on. */
function restingPicks(plan: Plan, bond: string, done: ReadonlySet<string>): ReadonlySet<string> {
    const placed = plan.steps.filter(
        (s) => s.move?.bond === bond && (s.kind === 'first-gap' || s.kind === 'cut-pass') && done.has(s.id),
    );
    return new Set(placed.slice(-plan.picks).map((s) => s.id));
}

/** Passes done and to come, picks where they rest, keep-outs and the hinge. */
function edgeMarks(phone: PhoneFile, plan: Plan, step: Step, done: ReadonlySet<string>): Mark[] {
    const bond = bondOf(phone, step.subjects[0]) ?? phone.bonds.find((b) => b.joins[0] === step.subjects[0] && b.cut);
    if (!bond) {
        return [];
    }
    const glass = glassOf(phone);
    const passes = plan.steps.filter((s) => s.kind === 'cut-pass' && s.move?.bond === bond.id);
    const resting = restingPicks(plan, bond.id, done);
    const marks = passes.map((pass, at): Mark => {
        const tone = pass.id === step.id ? 'now' : done.has(pass.id) ? 'done' : 'plain';
        const way = moveOf(plan, pass)?.way;
        const path = pathOf(glass, plan, pass) ?? [];
        const end = restingEnd(
            path,
            pathOf(glass, plan, passes[at + 1]) ?? pathOf(glass, plan, passes[at - 1]),
            passes[at + 1] !== undefined,
        );
        return {
            id: pass.id,
            tone,
            lines: [path],
            width: tone === 'plain' ? 0.7 : 1.8,
            ...(tone === 'done' && end && resting.has(pass.id) ? { picks: [end] } : {}),
            ...(tone === 'plain'
                ? {}
                : {
                      label: tone === 'now' ? say('page.marks.this-pass') : say('page.marks.cut'),
                      detail:
                          tone === 'now'
                              ? say('page.marks.mm-tip-mm', {
                                    way: Math.round(way?.length ?? 0),
                                    depth: way?.depth ?? 0,
                                })
                              : resting.has(pass.id)
                                ? say('page.marks.pick-stays')
                                : say('page.marks.pick-moved-on'),
                  }),
        };
    });
    const side = moveOf(plan, step)?.side ?? null;
    if (step.kind === 'first-gap' && side) {
        marks.push({
            id: 'first-gap',
            tone: 'now',
            lines: [along(glass, side, length(glass, side) * 0.35, length(glass, side) * 0.65)],
            width: 2.2,
            label: say('page.marks.first-gap'),
            detail: say('page.marks.edge', { side: say(`side.${side}`) }),
        });
    }
    if (step.kind === 'alcohol' && side) {
        marks.push({
            id: 'alcohol',
            tone: 'now',
            dashed: true,
            lines: [along(glass, side, 0, length(glass, side))],
            width: 2.2,
            label: say('page.marks.alcohol'),
            detail: say('page.marks.no-heat-until-dry'),
        });
    }
    return [...marks, ...hingeMark(phone, bond), ...zoneMarks(phone, bond.face)];
}

/** The glass in its sections: where the wire goes now, where it has been, and the curved edges before it. */
function glassMarks(phone: PhoneFile, plan: Plan, step: Step, done: ReadonlySet<string>): Mark[] {
    const glass = glassOf(phone);
    return plan.steps
        .filter((s) => s.kind === 'part-glass' || s.kind === 'free-curve')
        .map((s): Mark => {
            const tone = s.id === step.id ? 'now' : done.has(s.id) ? 'done' : 'plain';
            const [from, to] = [Number(s.figures['from']), Number(s.figures['to'])];
            const label =
                tone === 'plain'
                    ? {}
                    : {
                          label:
                              tone === 'now'
                                  ? s.kind === 'free-curve'
                                      ? say('page.marks.blade')
                                      : say('page.marks.wire')
                                  : say('page.marks.free'),
                          detail: say('page.marks.mm', { from, to }),
                      };
            return s.kind === 'free-curve'
                ? {
                      id: s.id,
                      tone,
                      width: 1.8,
                      lines: [along(glass, s.figures['side'] as Side, 0, glass.height)],
                      ...label,
                  }
                : {
                      id: s.id,
                      tone,
                      hatched: tone === 'now',
                      boxes: [{ x: glass.x, y: glass.y + from, width: glass.width, height: to - from }],
                      width: 0.8,
                      ...label,
                  };
        });
}
