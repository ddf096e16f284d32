import type { Condition, PhoneFile, Schemas } from './client';

/**
 * A closed set of the contract as a list to choose from, in the order it is written in. A word that is missing, or
 * that the contract does not know, does not compile.
 */
export function every<K extends string>(set: Record<K, true>): readonly K[] {
    return Object.keys(set) as K[];
}

export type Face = PhoneFile['parts'][number]['face'];
export const FACES = every<Face>({ front: true, back: true });

export type Side = NonNullable<PhoneFile['bonds'][number]['noClamp']>;
export const SIDES = every<Side>({ top: true, right: true, bottom: true, left: true });

export type ReplacementKind = Schemas['ShelfItem']['kind'];
export const REPLACEMENT_KINDS = every<ReplacementKind>({
    'glass-only': true,
    'digitizer-only': true,
    'display-assembly': true,
    'display-with-small-parts': true,
    'display-with-frame': true,
});

export type Technology = PhoneFile['panel']['technology'];
export const TECHNOLOGIES = every<Technology>({ oled: true, 'soft-oled': true, 'hard-oled': true, lcd: true });

export type CornerCut = Schemas['CornerCut'];
export const CORNER_CUTS = every<CornerCut>({ notched: true, butted: true, trimmed: true });

export type PartState = Schemas['ShelfItem']['state'];
export const PART_STATES = every<PartState>({
    ordered: true,
    new: true,
    tested: true,
    'kept-frame': true,
    faulty: true,
    returned: true,
    fitted: true,
    gone: true,
});
/** States that a person may put a part in; the others follow from what happens to it. */
export const STATES_BY_HAND = every<Exclude<PartState, 'ordered' | 'returned' | 'fitted'>>({
    new: true,
    tested: true,
    'kept-frame': true,
    faulty: true,
    gone: true,
});

export type Fn = Condition['functions'][number]['function'];
/** What a phone can do, in the order of testing. */
export const FUNCTIONS = every<Fn>({
    image: true,
    brightness: true,
    touch: true,
    stylus: true,
    earpiece: true,
    loudspeaker: true,
    microphone: true,
    call: true,
    proximity: true,
    'ambient-light': true,
    'colour-adapting': true,
    'front-camera': true,
    'rear-camera': true,
    keys: true,
    'home-key': true,
    vibration: true,
    fingerprint: true,
    'face-unlock': true,
    charging: true,
    'wireless-charging': true,
    signal: true,
    wifi: true,
    sim: true,
    'part-notice': true,
});

export type FunctionState = Condition['functions'][number]['state'];
export const FUNCTION_STATES = every<FunctionState>({ works: true, fails: true, 'cannot-test': true });

export type MarkKind = Condition['marks'][number]['kind'];
export const MARK_KINDS = every<MarkKind>({
    crack: true,
    'dead-zone': true,
    line: true,
    spot: true,
    'frame-bend': true,
    'missing-screw': true,
});

export type SupplyKind = Schemas['SupplyKind'];
export const SUPPLY_KINDS = every<SupplyKind>({ glue: true, blade: true, pick: true });

export type About = Schemas['About'];
export const ABOUTS = every<About>({
    job: true,
    part: true,
    order: true,
    'sent-back': true,
    claim: true,
    payment: true,
    rules: true,
    shop: true,
    person: true,
    roll: true,
    supply: true,
    level: true,
    heat: true,
    figure: true,
    absence: true,
    photo: true,
});
