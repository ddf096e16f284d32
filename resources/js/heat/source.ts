import type { Schemas } from '../api/client';
import { say } from '../words/words';

export type HeatSource = Schemas['HeatSource'];
export type SourceKind = HeatSource['kind'];

/** Usual figures of each kind, common practice: to start from, not to trust. */
export const usual: Record<SourceKind, HeatSource> = {
    plate: { kind: 'plate', set: 85 },
    'hot-air': { kind: 'hot-air', set: 150, distance: 30, edge: 150 },
    'grain-bag': { kind: 'grain-bag', mass: 0.5, minutes: 2.5 },
    'local-air': { kind: 'local-air', set: 200 },
};

export interface SourceField {
    key: 'set' | 'distance' | 'edge' | 'mass' | 'minutes';
    label: string;
    unit: string;
    min: number;
    max: number;
    step: number;
}

const SET: Record<SourceKind, [number, number]> = {
    plate: [30, 120],
    'hot-air': [40, 180],
    'grain-bag': [40, 100],
    'local-air': [100, 350],
};

/** What can be set on a kind of source, with its range. */
export function fieldsOf(kind: SourceKind): SourceField[] {
    const [min, max] = SET[kind];
    const set: SourceField = { key: 'set', label: say('page.source.set-to'), unit: '°C', min, max, step: 1 };
    switch (kind) {
        case 'plate':
        case 'local-air':
            return [set];
        case 'hot-air':
            return [
                set,
                { key: 'distance', label: say('page.source.away'), unit: 'mm', min: 10, max: 200, step: 5 },
                { key: 'edge', label: say('page.source.edge-it-moves-along'), unit: 'mm', min: 20, max: 500, step: 10 },
            ];
        case 'grain-bag':
            return [
                { key: 'mass', label: say('page.source.bag'), unit: 'kg', min: 0.1, max: 2, step: 0.1 },
                { key: 'minutes', label: say('page.source.microwave'), unit: 'min', min: 0.5, max: 10, step: 0.5 },
            ];
    }
}

/** In words: `plate, 85 °C`; with how it is used, if not by itself. */
export function sourceWords(source: HeatSource): string {
    return [
        settingWords(source),
        ...(source.hold === true ? [say('page.source.held')] : []),
        ...(source.preheat ? [say('page.source.after', { before: settingWords(source.preheat) })] : []),
    ].join(', ');
}

function settingWords(source: HeatSource): string {
    switch (source.kind) {
        case 'grain-bag':
            return say('page.source.grain-bag-kg-min', { mass: source.mass, minutes: source.minutes });
        case 'hot-air':
            return say('page.source.hot-air-c-mm-away', { set: source.set, distance: source.distance });
        case 'local-air':
            return say('page.source.hot-air-on-one-spot-c', { set: source.set });
        case 'plate':
            return say('page.source.plate-c', { set: source.set });
    }
}
