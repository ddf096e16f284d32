import type { PhoneFile, Step } from '../api/client';
import { newId } from './ids';
import type { Capture, Waiting } from './outbox';
import { serverNow } from './useNow';

export type CaptureKind = Capture['kind'];

/** Something of a phone that can be named: chosen from a list, never typed as an id. */
export interface Thing {
    id: string;
    name: string;
}

/** Id of the element that something met makes, as the server makes it. */
export const makes = (said: string): string => `seen-${said.replaceAll('-', '').toLowerCase().slice(0, 12)}`;

export const isNew = (kind: CaptureKind): boolean => kind.startsWith('more-');
export const isOfScrews = (kind: CaptureKind): boolean => kind === 'more-screws' || kind === 'screws-counted';

/** With nothing said yet but what it is. */
export const blank = (kind: CaptureKind): Capture => ({
    id: newId(),
    at: serverNow(),
    kind,
    of: '',
    name: '',
    under: [],
    places: [],
    count: 0,
    length: null,
    driver: null,
    adhesive: null,
    plug: null,
    clip: null,
    part: null,
    pairing: null,
});

const all = (phone: PhoneFile): Thing[] => [...phone.parts, ...phone.connectors, ...phone.fasteners, ...phone.bonds];

/** What each kind is about: something known, or what lies at what is new. */
export function about(kind: CaptureKind, phone: PhoneFile): Thing[] {
    switch (kind) {
        case 'more-screws':
        case 'more-plug':
        case 'more-bond':
        case 'lies-over':
            return phone.parts;
        case 'more-part':
        case 'more-cover':
        case 'more-lead':
            return [...phone.connectors, ...phone.parts];
        case 'screws-counted':
            return phone.fasteners;
        case 'battery-plug':
            return phone.connectors;
        case 'like-this':
        case 'not-there':
            return all(phone);
    }
}

/** What lies under a part by the drawing: what waits for it and for nothing instead of it. */
export const under = (phone: PhoneFile, part: string): string[] =>
    [...phone.parts, ...phone.fasteners, ...phone.connectors, ...phone.bonds]
        .filter((e) => (e.after ?? []).some((any) => any === part))
        .map((e) => e.id);

/** Offered first: what was met last for screws, else what the step is about, else what came off last. */
export function offered(kind: CaptureKind, things: readonly Thing[], step: Step | null, met: string | null): string {
    const has = (id: string | null | undefined): id is string => things.some((t) => t.id === id);
    const wanted = [kind === 'more-screws' ? met : null, ...(step?.subjects ?? []), met];
    return wanted.find(has) ?? things[0]?.id ?? '';
}

/** What is said already and waits to be sent: it can be named although the drawing has not got it yet. */
export const waitingThings = (waiting: readonly Waiting[], job: string): Thing[] =>
    waiting.flatMap((w) =>
        w.job === job && w.said !== undefined && isNew(w.said.kind)
            ? [{ id: makes(w.said.id), name: w.said.name }]
            : [],
    );

/** True while nobody has said which plug is the battery's, and it is about to be pulled. */
export function powerAsked(phone: PhoneFile, step: Step | null, waiting: readonly Waiting[], job: string): boolean {
    const power = phone.connectors.find((c) => c.power === true)?.id;
    const rests = phone.footing?.elements?.find((e) => e.of === power)?.rests;
    return (
        step?.kind === 'unplug' &&
        power !== undefined &&
        step.subjects.includes(power) &&
        rests === 'assumed' &&
        !waiting.some((w) => w.job === job && w.said?.kind === 'battery-plug')
    );
}
