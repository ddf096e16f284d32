import type { PhoneFile } from '../../api/client';
import { SIDES } from '../../api/sets';
import type { Element, Group } from './elements';

type Layer = PhoneFile['stacks'][string]['layers'][number];
const layer = (
    name: string,
    role: Layer['role'],
    thickness: number,
    conductivity: number,
    density: number,
    specificHeat: number,
): Layer => ({
    name,
    role,
    thickness,
    conductivity,
    density,
    specificHeat,
});

/** Materials of stacks: engineering estimates, from memory. */
export const MATERIALS: Layer[] = [
    layer('cover glass', 'glass', 0.6, 1.0, 2450, 800),
    layer('panel', 'panel', 0.6, 0.3, 1600, 1100),
    layer('panel border', 'panel', 0.4, 0.3, 1500, 1200),
    layer('seal', 'bond', 0.3, 0.17, 1050, 1700),
    layer('foam', 'other', 0.25, 0.05, 300, 1500),
    layer('metal frame', 'frame', 1.6, 160, 2700, 900),
    layer('plastic frame', 'frame', 1.6, 0.25, 1200, 1400),
    layer('midframe', 'frame', 0.5, 120, 2000, 950),
    layer('battery tape', 'other', 0.1, 0.2, 1000, 1700),
    layer('battery', 'battery', 4.6, 0.8, 2400, 1050),
    layer('air gap', 'gap', 0.2, 0.03, 1.2, 1005),
    layer('back glass', 'other', 0.7, 1.0, 2450, 800),
    layer('plastic back', 'other', 1.0, 0.2, 1200, 1400),
];

const pick = (...names: string[]): { layers: Layer[] } => ({
    layers: names.flatMap((n) => MATERIALS.filter((m) => m.name === n)),
});

/** Whole stacks to begin with, from the heated face inwards. */
export const STACKS: Record<string, { name: string; stack: { layers: Layer[] } }> = {
    'edge-metal': {
        name: 'Edge, metal frame',
        stack: pick('cover glass', 'panel border', 'seal', 'metal frame', 'air gap', 'back glass'),
    },
    'edge-plastic': {
        name: 'Edge, plastic frame',
        stack: pick('cover glass', 'panel border', 'seal', 'plastic frame', 'air gap', 'plastic back'),
    },
    battery: {
        name: 'Through the battery',
        stack: pick('cover glass', 'panel', 'foam', 'midframe', 'battery tape', 'battery', 'air gap', 'back glass'),
    },
};

/** A phone with nothing in it yet: the checks say what is missing. */
export const blank: PhoneFile = {
    format: 'facelift-phone',
    version: 1,
    identity: {
        id: 'new-phone',
        maker: '',
        model: '',
        year: new Date().getFullYear(),
        mass: 180,
        codes: [],
        colours: [],
        port: 'oval',
    },
    family: 'front-opening',
    body: {
        width: 72,
        height: 150,
        thickness: 8,
        cornerRadius: 9,
        glassInset: 0.8,
        display: { x: 3.6, y: 4, width: 64.8, height: 142 },
        pixelsWide: 1080,
        pixelsHigh: 2340,
        frame: 'metal',
    },
    ledge: { top: 2.2, right: 1.7, bottom: 2.4, left: 1.7, recess: 1.75, module: 1.35 },
    openings: [],
    flexZones: [],
    stacks: {},
    parts: [
        {
            id: 'housing',
            kind: 'frame',
            name: 'Housing',
            face: 'front',
            tool: 'hand',
            x: 36,
            y: 75,
            width: 71,
            height: 149,
            seconds: 20,
        },
    ],
    fasteners: [],
    connectors: [],
    bonds: [],
    panel: {
        technology: 'oled',
        connectorCode: 'X-1',
        memory: false,
        notice: 'none',
        flexNeeded: 26,
        readerUnderDisplay: false,
        refresh: 60,
    },
    replacements: [],
};

/** A new element of a group with figures that can be drawn at once. */
export function fresh(group: Group, id: string, file: PhoneFile): Element {
    const [x, y] = [Math.round(file.body.width / 2), Math.round(file.body.height / 2)];
    const root = file.parts.find((p) => p.carriedBy === undefined)?.id ?? '';
    const made: Record<Group, Record<string, unknown>> = {
        parts: {
            name: 'New part',
            kind: 'cover',
            ...(root === '' ? {} : { carriedBy: root }),
            face: 'front',
            tool: 'spudger',
            x,
            y,
            width: 20,
            height: 12,
            seconds: 20,
        },
        fasteners: {
            name: 'New screws',
            driver: 'PH000',
            thread: 1.2,
            length: 2,
            holeDepth: 2.4,
            holds: [],
            face: 'front',
            places: [
                { x: x - 8, y },
                { x: x + 8, y },
            ],
        },
        connectors: { name: 'New connector', kind: 'board-to-board', joins: [], face: 'front', x, y },
        bonds: {
            name: 'New bond',
            joins: [],
            adhesive: 'precut-seal',
            width: 1.6,
            face: 'front',
            renewal: 'precut',
            height: 0.3,
        },
        replacements: {
            name: 'New kind of part',
            kind: 'display-assembly',
            replaces: [],
            brings: [],
            lacks: [],
            takeOut: [],
            flexLength: 40,
        },
        openings: {
            name: 'New opening',
            shape: 'circle',
            x,
            y: 8,
            width: 4,
            height: 4,
            clearance: 0.6,
            ifCovered: 'camera-blurred',
        },
        flexZones: { name: 'New flex zone', face: 'front', x, y, width: 16, height: 10 },
    };
    return { id, ...made[group] };
}

/** All four sides as stretches, the hinge side left alone. */
export function allRound(file: PhoneFile, hinge: string | undefined): Record<string, unknown>[] {
    return SIDES.map((side) => ({
        id: side,
        side,
        from: 0,
        to: side === 'top' || side === 'bottom' ? file.body.width : file.body.height,
        depth: side === hinge ? 0 : 3,
        ...(side === hinge ? { forbidden: true } : {}),
    }));
}
