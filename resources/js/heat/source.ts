import type { Schemas } from '../api/client';

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
    const set: SourceField = { key: 'set', label: 'Set to', unit: '°C', min, max, step: 1 };
    switch (kind) {
        case 'plate':
        case 'local-air':
            return [set];
        case 'hot-air':
            return [
                set,
                { key: 'distance', label: 'Away', unit: 'mm', min: 10, max: 200, step: 5 },
                { key: 'edge', label: 'Edge it moves along', unit: 'mm', min: 20, max: 500, step: 10 },
            ];
        case 'grain-bag':
            return [
                { key: 'mass', label: 'Bag', unit: 'kg', min: 0.1, max: 2, step: 0.1 },
                { key: 'minutes', label: 'Microwave', unit: 'min', min: 0.5, max: 10, step: 0.5 },
            ];
    }
}

/** In words: `plate, 85 °C`. */
export function sourceWords(source: HeatSource): string {
    switch (source.kind) {
        case 'grain-bag':
            return `grain bag, ${source.mass} kg, ${source.minutes} min`;
        case 'hot-air':
            return `hot air, ${source.set} °C, ${source.distance} mm away`;
        case 'local-air':
            return `hot air on one spot, ${source.set} °C`;
        case 'plate':
            return `plate, ${source.set} °C`;
    }
}
