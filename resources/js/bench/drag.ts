import type { PhoneFile, Plan, Step } from '../api/client';
import { along, glassOf, type Point } from '../mat/geometry';

type Move = Plan['openings'][number]['moves'][number];
export type Way = NonNullable<Move['way']>;

/** The pass that a blade can drag in: one at hand, through a bond that was heated; null at any other step. */
export function passAt(plan: Plan, step: Step | null): Way | null {
    const opening = plan.openings.find((o) => o.bond === step?.move?.bond);
    const cold = opening?.moves[0]?.kind === 'break-panel';
    const move = opening?.moves[step?.move?.index ?? -1];
    return step?.kind === 'cut-pass' && !cold ? (move?.way ?? null) : null;
}

/** mm of a stretch that are through if the blade stands there. */
export const through = (way: Way, at: number): number =>
    way.back === true ? way.stretch.to - at : at - way.stretch.from;

/** Where the blade stands if so many mm of a stretch are through, mm from the side's left or top end. */
export const standsAt = (way: Way, mm: number): number =>
    way.back === true ? way.stretch.to - mm : way.stretch.from + mm;

/** Where the blade is likely to stand after so many seconds, mm from the side's left or top end. */
export function likelyAt(way: Way, seconds: number): number {
    const length = way.stretch.to - way.stretch.from;
    const gone = Math.max(0, Math.min(length, seconds * way.pace));
    return standsAt(way, gone);
}

/** The place on a stretch that a point on the drawing means, mm from the side's left or top end. */
export function placeOf(phone: PhoneFile, way: Way, point: Point): number {
    const glass = glassOf(phone);
    const across = way.stretch.side === 'top' || way.stretch.side === 'bottom';
    const mm = across ? point.x - glass.x : point.y - glass.y;
    return Math.max(way.stretch.from, Math.min(way.stretch.to, mm));
}

/** The point on the drawing at which the blade stands. */
export const bladeAt = (phone: PhoneFile, way: Way, at: number): Point | undefined =>
    along(glassOf(phone), way.stretch.side, at, at)[0];
