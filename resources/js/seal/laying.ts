import type { PhoneFile, Plan, Schemas, Step } from '../api/client';
import { glassOf, outlineOf, type Point } from '../mat/geometry';
import type { Mark } from '../mat/mark';
import { say } from '../words/words';

export type Seal = Plan['seals'][number];
export type Piece = Seal['pieces'][number];
export type Bead = NonNullable<Seal['bead']>;
export type Leg = Bead['stretches'][number][number];
export type Glass = NonNullable<Plan['glass']>;
export type Heights = NonNullable<Seal['heights']>;
export type Offer = Schemas['SealOffer'];

/** What is laid at a time: a piece of tape, or a stretch of bead without lifting the tip. */
export type Laid = { kind: 'piece'; piece: Piece } | { kind: 'stretch'; legs: Leg[]; number: number };

/** What lies where, however it was made: of a plan, or of a way that is only looked at. */
export type Layout = Pick<Seal, 'pieces' | 'bead'>;

/** In the order of laying: tape first, then the bead at its edge. */
export const layingOf = ({ pieces, bead }: Layout): Laid[] => [
    ...pieces.map((piece): Laid => ({ kind: 'piece', piece })),
    ...(bead?.stretches ?? []).map((legs, i): Laid => ({ kind: 'stretch', legs, number: i + 1 })),
];

export const legLength = ({ x1, y1, x2, y2, arc }: Leg): number =>
    arc ? arc.r * (arc.to - arc.from) : Math.hypot(x2 - x1, y2 - y1);

/** A point so many mm from the beginning of a leg. */
export function legAt(leg: Leg, mm: number): Point {
    const share = legLength(leg) > 0 ? mm / legLength(leg) : 0;
    if (leg.arc) {
        const angle = leg.arc.from + share * (leg.arc.to - leg.arc.from);
        return { x: leg.arc.cx + leg.arc.r * Math.cos(angle), y: leg.arc.cy + leg.arc.r * Math.sin(angle) };
    }
    return { x: leg.x1 + share * (leg.x2 - leg.x1), y: leg.y1 + share * (leg.y2 - leg.y1) };
}

/** A path as points near enough to draw it. */
export const pathOf = (legs: readonly Leg[]): Point[] =>
    legs.flatMap((leg) => {
        const count = leg.arc ? 10 : 1;
        return Array.from({ length: count + 1 }, (_, i) => legAt(leg, (legLength(leg) * i) / count));
    });

/** Where the tip stands so many mm along a path; its end if that is more. */
export function tipAt(legs: readonly Leg[], mm: number): Point | null {
    let rest = mm;
    for (const leg of legs) {
        if (rest <= legLength(leg)) {
            return legAt(leg, rest);
        }
        rest -= legLength(leg);
    }
    const last = legs[legs.length - 1];
    return last ? legAt(last, legLength(last)) : null;
}

export const pathLength = (legs: readonly Leg[]): number => legs.reduce((sum, leg) => sum + legLength(leg), 0);

/** How a thing that is laid is called, and how big it is. */
export function laidWords(laid: Laid, bead: Bead | null): { label: string; detail: string } {
    if (laid.kind === 'stretch') {
        return {
            label: say('page.seal.bead-of', { mm: bead?.diameter ?? 0 }),
            detail: say('page.seal.mm-of-it', { mm: pathLength(laid.legs).toFixed(0) }),
        };
    }
    const { piece } = laid;
    return {
        label: say('page.seal.tape-of', { stock: piece.stock }),
        detail: say('page.seal.mm-at', { mm: piece.length.toFixed(1), place: say(`edge.${piece.place}`) }),
    };
}

/** What lies already, what is laid now, what is still to come; all alike where none is in hand. */
export function layoutMarks(layout: Layout, now: number | null): Mark[] {
    return layingOf(layout).map((laid, i): Mark => {
        const tone = now === null || i === now ? 'now' : i < now ? 'done' : 'plain';
        return {
            id: `laid-${i}`,
            tone,
            ...(laid.kind === 'piece'
                ? { shapes: [laid.piece.points], hatched: tone !== 'plain', width: i === now ? 0.7 : 0.35 }
                : { lines: [pathOf(laid.legs)], width: layout.bead?.width ?? 1, see: tone === 'plain' ? 0.45 : 0.85 }),
            ...(i === now ? laidWords(laid, layout.bead) : {}),
        };
    });
}

/** The ledge itself, for a seal or for what is pressed along it. */
export function ledgeMarks(phone: PhoneFile, bond: PhoneFile['bonds'][number], words: Partial<Mark>): Mark[] {
    const glass = glassOf(phone);
    const front = bond.face === 'front';
    const at = (side: 'top' | 'right' | 'bottom' | 'left') => (front ? phone.ledge[side] : bond.width);
    const inner = {
        x: glass.x + at('left') / 2,
        y: glass.y + at('top') / 2,
        width: glass.width - (at('left') + at('right')) / 2,
        height: glass.height - (at('top') + at('bottom')) / 2,
        radius: Math.max(0, glass.radius - at('left') / 2),
    };
    const wide = Math.min(at('left'), at('right'), at('top'), at('bottom'));
    return [{ id: bond.id, tone: 'now', rounds: [inner], width: wide, see: 0.8, ...words }];
}

/** Openings that adhesive leaves free, hatched with their clearance. */
export const freeMarks = (phone: PhoneFile, freed: readonly string[]): Mark[] =>
    (phone.openings ?? [])
        .filter((o) => freed.includes(o.id))
        .map((o) => ({
            id: o.id,
            tone: 'stop',
            hatched: true,
            boxes: [
                {
                    x: o.x - o.width / 2 - o.clearance,
                    y: o.y - o.height / 2 - o.clearance,
                    width: o.width + 2 * o.clearance,
                    height: o.height + 2 * o.clearance,
                    round: o.shape !== 'rectangle',
                },
            ],
            label: o.name,
            detail: say('page.marks.leave-free'),
        }));

/** What a step about a bond's adhesive shows on the drawing. */
export function sealMarks(phone: PhoneFile, plan: Plan, step: Step, now: number | null): Mark[] {
    const bond = phone.bonds.find((b) => b.id === step.subjects[0]);
    const seal = plan.seals.find((s) => s.bond === step.subjects[0]);
    if (!bond || !seal) {
        return [];
    }
    const words = { label: bond.name, detail: say(seal.way ? `way.${seal.way}` : `renewal.${seal.renewal}`) };
    const laid = layoutMarks(seal, step.kind === 'lay-seal' ? now : null);
    const ledge = ledgeMarks(phone, bond, words);
    switch (step.kind) {
        case 'lay-seal':
            return [...(laid.length > 0 ? laid : ledge), ...freeMarks(phone, seal.freed)];
        case 'clamp':
        case 'unclamp':
            return [...ledge, ...clampMarks(seal)];
        case 'check-ridge':
            return [...ledge, ...straightEdges(phone)];
        default:
            return ledge;
    }
}

const clampMarks = (seal: Seal): Mark[] => {
    const places = seal.hold?.by === 'clamps' ? seal.hold.places : [];
    return places.map((at, i): Mark => ({
        id: `clamp-${i}`,
        tone: 'done',
        dots: [at],
        ...(i === 0 ? { label: say('page.seal.clamps', { count: places.length }) } : {}),
    }));
};

/** A straight edge laid across, near every side. */
function straightEdges(phone: PhoneFile): Mark[] {
    const o = outlineOf(phone);
    const near = 12;
    const across = (x1: number, y1: number, x2: number, y2: number): Point[] => [
        { x: x1, y: y1 },
        { x: x2, y: y2 },
    ];
    return [
        {
            id: 'straight-edge',
            tone: 'cold',
            width: 0.8,
            dashed: true,
            lines: [
                across(0, near, o.width, near),
                across(0, o.height - near, o.width, o.height - near),
                across(near, 0, near, o.height),
                across(o.width - near, 0, o.width - near, o.height),
            ],
        },
    ];
}

/** The bar of optical adhesive, and the drops beyond a hole. */
export const glassLaidMarks = (glass: Glass): Mark[] => [
    {
        id: 'bar',
        tone: 'now',
        lines: glass.bar.map((leg) => pathOf([leg])),
        width: 3,
        see: 0.85,
        label: say('page.seal.bar'),
        detail: say('page.seal.ml', { ml: glass.ml.toFixed(1) }),
    },
    ...(glass.drops.length > 0
        ? [{ id: 'drops', tone: 'now' as const, dots: glass.drops, label: say('page.seal.drop') }]
        : []),
];
