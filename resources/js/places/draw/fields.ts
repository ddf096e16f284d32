import type { PhoneFile } from '../../api/client';
import type { Group, Sheet } from './elements';

export interface Field {
    key: string;
    label: string;
    kind: 'text' | 'number' | 'flag' | 'choice' | 'list' | 'clauses' | 'places' | 'codes' | 'stretches';
    options?: readonly string[];
    /** Options are ids of this group, or names of stacks. */
    from?: Group | 'stacks';
    /** May be left empty: then it is left out of the file. */
    optional?: boolean;
    wide?: boolean;
}

const FACES = ['front', 'back'] as const;
const SIDES = ['top', 'right', 'bottom', 'left'] as const;
const text = (key: string, label: string, more: Partial<Field> = {}): Field => ({ key, label, kind: 'text', ...more });
const number = (key: string, label: string, more: Partial<Field> = {}): Field => ({
    key,
    label,
    kind: 'number',
    ...more,
});
const choice = (key: string, label: string, options: readonly string[], more: Partial<Field> = {}): Field => ({
    key,
    label,
    kind: 'choice',
    options,
    ...more,
});
const named = [text('id', 'Id'), text('name', 'Name')];
const placed = [number('x', 'x, mm'), number('y', 'y, mm')];
const sized = [...placed, number('width', 'Width, mm'), number('height', 'Height, mm')];
const after: Field = {
    key: 'after',
    label: 'Off before it (ids; a|b: one of them)',
    kind: 'clauses',
    optional: true,
    wide: true,
};

/** What a part is lifted or held with. */
const HAND_TOOLS = [
    'hand',
    'tweezers',
    'spudger',
    'plastic card',
    'plastic scraper',
    'pull tab',
    'suction cup',
    'tray pin',
] as const satisfies readonly PhoneFile['parts'][number]['tool'][];

export const PART_KINDS = [
    'display-assembly',
    'digitizer',
    'frame',
    'back-cover',
    'cover',
    'bracket',
    'battery',
    'main-board',
    'charging-board',
    'boards',
    'earpiece-sensor-flex',
    'earpiece',
    'mesh',
    'grille',
    'loudspeaker',
    'front-camera',
    'rear-camera',
    'fingerprint-reader',
    'home-key',
    'soft-keys',
    'side-keys',
    'vibration-motor',
    'antenna',
    'sensor-holder',
    'shielding-foil',
    'charging-coil',
    'sim-tray',
    'stylus',
    'stylus-layer',
] as const;

/** What is filled in for each kind of element, in the order of the form. */
export const FIELDS: Record<Group, Field[]> = {
    parts: [
        ...named,
        choice('kind', 'Kind', PART_KINDS),
        choice('carriedBy', 'Sits in', [], { from: 'parts', optional: true }),
        choice('face', 'Face', FACES),
        choice('tool', 'Tool', HAND_TOOLS),
        ...sized,
        number('seconds', 'Seconds of hands'),
        choice('pairing', 'Paired', ['none', 'biometric', 'calibrated'], { optional: true }),
        { key: 'functions', label: 'Functions', kind: 'list', optional: true, wide: true },
        { key: 'care', label: 'Care notes', kind: 'list', optional: true, wide: true },
        after,
    ],
    fasteners: [
        ...named,
        choice('driver', 'Driver', ['P2', 'Y000', 'PH000', 'PH00', 'T3', 'T5', 'T6']),
        number('thread', 'Thread, mm'),
        number('length', 'Length, mm'),
        number('holeDepth', 'Hole depth, mm'),
        choice('face', 'Face', FACES),
        text('under', 'Under the hole', { optional: true }),
        { key: 'holds', label: 'Holds (ids of parts)', kind: 'list', wide: true },
        { key: 'places', label: 'Places (x y; x y)', kind: 'places', wide: true },
        after,
    ],
    connectors: [
        ...named,
        choice('kind', 'Kind', ['board-to-board', 'zif', 'coax', 'spring']),
        choice('face', 'Face', FACES),
        ...placed,
        { key: 'joins', label: 'Joins (two ids of parts)', kind: 'list', wide: true },
        { key: 'power', label: 'The battery’s', kind: 'flag', optional: true },
        { key: 'boots', label: 'Needed to switch on', kind: 'flag', optional: true },
        { key: 'clip', label: 'Under a clip', kind: 'flag', optional: true },
        { key: 'passive', label: 'Antenna lead over the battery’s way', kind: 'flag', optional: true },
        after,
    ],
    bonds: [
        ...named,
        choice('adhesive', 'Adhesive', [
            'foam-tape',
            'precut-seal',
            'strong-glue',
            'double-tape',
            'flex-glue',
            'pull-tab',
            'silicone',
            'clips',
        ]),
        number('width', 'Width, mm'),
        number('height', 'Height of the new one, mm'),
        choice('face', 'Face', FACES),
        choice('renewal', 'Made anew with', ['precut', 'tape', 'liquid', 'reuse']),
        number('clampMinutes', 'Minutes under clamps', { optional: true }),
        choice('stack', 'Stack at the edge', [], { from: 'stacks', optional: true }),
        choice('batteryStack', 'Stack through the battery', [], { from: 'stacks', optional: true }),
        { key: 'joins', label: 'Joins (what is lifted, what it is lifted off)', kind: 'list', wide: true },
        choice('noClamp', 'No clamp fits', SIDES, { optional: true }),
        { key: 'pryPoints', label: 'Pry here (x y; x y)', kind: 'places', optional: true, wide: true },
        choice('cut.start', 'Cut from', SIDES, { optional: true }),
        choice('cut.hinge', 'Hinge side', SIDES, { optional: true }),
        {
            key: 'cut.stretches',
            label: 'Stretches (side from to depth behind over: what; no: not cut)',
            kind: 'stretches',
            optional: true,
            wide: true,
        },
        after,
    ],
    replacements: [
        ...named,
        choice('kind', 'Kind', [
            'glass-only',
            'digitizer-only',
            'display-assembly',
            'display-with-small-parts',
            'display-with-frame',
        ]),
        number('flexLength', 'Length of its flex, mm'),
        { key: 'replaces', label: 'Replaces (ids of parts)', kind: 'list', wide: true },
        { key: 'brings', label: 'Brings (ids of parts)', kind: 'list', wide: true },
        { key: 'lacks', label: 'Has no hole for (ids of screws)', kind: 'list', wide: true },
        { key: 'takeOut', label: 'To be taken out of it', kind: 'list', wide: true },
        { key: 'films', label: 'Films (film-back, flex-guard …)', kind: 'list', optional: true, wide: true },
    ],
    openings: [
        ...named,
        choice('shape', 'Shape', ['circle', 'slot', 'rectangle']),
        ...sized,
        number('clearance', 'Clearance, mm'),
        choice('ifCovered', 'If covered', [
            'earpiece-faint',
            'camera-blurred',
            'proximity-dead',
            'microphone-muffled',
            'flex-pinched',
            'home-key-stiff',
        ]),
    ],
    flexZones: [...named, choice('face', 'Face', FACES), ...sized],
};

export const SHEET_FIELDS: Record<Sheet, Field[]> = {
    identity: [
        text('id', 'Id'),
        text('maker', 'Maker'),
        text('model', 'Model'),
        number('year', 'Year'),
        number('mass', 'Mass, g'),
        choice('family', 'Opens', [
            'front-opening',
            'rear-opening',
            'front-bonded',
            'screwed-chassis',
            'metal-shell',
            'folding-outer',
        ]),
        choice('port', 'Charge port', ['oval', 'trapezoid', 'flat', 'none'], { optional: true }),
        { key: 'codes', label: 'Model codes (code region (connector); …)', kind: 'codes', wide: true },
        { key: 'colours', label: 'Colours', kind: 'list', wide: true },
    ],
    body: [
        number('width', 'Width, mm'),
        number('height', 'Height, mm'),
        number('thickness', 'Thickness, mm'),
        number('cornerRadius', 'Corner radius, mm'),
        number('glassInset', 'Glass inset, mm'),
        choice('frame', 'Frame', ['metal', 'plastic']),
        number('curve', 'Curved edge, mm', { optional: true }),
        number('display.x', 'Lit area x, mm'),
        number('display.y', 'Lit area y, mm'),
        number('display.width', 'Lit width, mm'),
        number('display.height', 'Lit height, mm'),
        number('pixelsWide', 'Pixels wide'),
        number('pixelsHigh', 'Pixels high'),
    ],
    ledge: [
        number('top', 'Top, mm'),
        number('right', 'Right, mm'),
        number('bottom', 'Bottom, mm'),
        number('left', 'Left, mm'),
        number('recess', 'Recess, mm'),
        number('module', 'Module, mm'),
        number('tolerance', 'Each may be off by, mm', { optional: true }),
    ],
    panel: [
        choice('technology', 'Technology', ['oled', 'soft-oled', 'hard-oled', 'lcd']),
        text('connectorCode', 'Connector'),
        { key: 'memory', label: 'Carries calibration', kind: 'flag' },
        choice('notice', 'Part notice', ['none', 'until-copied', 'stays']),
        number('flexNeeded', 'Flex needed for a trial, mm'),
        { key: 'readerUnderDisplay', label: 'Reader under the display', kind: 'flag' },
        number('refresh', 'Hz'),
        number('testExtension', 'Test extension adds, mm', { optional: true }),
    ],
};
