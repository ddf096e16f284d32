import type { PhoneFile } from '../../api/client';
import { every, FACES, REPLACEMENT_KINDS, SIDES, TECHNOLOGIES } from '../../api/sets';
import type { Group, Sheet } from './elements';
import { say } from '../../words/words';

type Part = PhoneFile['parts'][number];
type Bond = PhoneFile['bonds'][number];
type Opening = NonNullable<PhoneFile['openings']>[number];

export interface Field {
    key: string;
    label: string;
    kind: 'text' | 'number' | 'flag' | 'choice' | 'list' | 'clauses' | 'places' | 'codes' | 'stretches' | 'rows';
    options?: readonly string[];
    /** Options are ids of this group, or names of stacks. */
    from?: Group | 'stacks';
    /** What a row holds, in order; `name` is the last and takes the rest of it. */
    columns?: readonly string[];
    /** Rows have an id of this kind that is not typed. */
    rowsAre?: string;
    /** May be left empty: then it is left out of the file. */
    optional?: boolean;
    wide?: boolean;
}

const text = (key: string, label: string, more: Partial<Field> = {}): Field => ({ key, label, kind: 'text', ...more });
const number = (key: string, label: string, more: Partial<Field> = {}): Field => ({
    key,
    label,
    kind: 'number',
    ...more,
});
const flag = (key: string, label: string): Field => ({ key, label, kind: 'flag', optional: true });
const choice = (key: string, label: string, options: readonly string[], more: Partial<Field> = {}): Field => ({
    key,
    label,
    kind: 'choice',
    options,
    ...more,
});
const named = [text('id', say('page.fields.id')), text('name', say('page.name'))];
const placed = [number('x', say('page.fields.x-mm')), number('y', say('page.fields.y-mm'))];
const sized = [...placed, number('width', say('page.fields.width-mm')), number('height', say('page.fields.height-mm'))];
const after: Field = {
    key: 'after',
    label: say('page.fields.off-before-it-ids-a-b'),
    kind: 'clauses',
    optional: true,
    wide: true,
};

/** What a part is lifted or held with. */
const HAND_TOOLS = every<Part['tool']>({
    hand: true,
    tweezers: true,
    spudger: true,
    'plastic card': true,
    'plastic scraper': true,
    'pull tab': true,
    'suction cup': true,
    'tray pin': true,
});

export const PART_KINDS = every<Part['kind']>({
    'display-assembly': true,
    digitizer: true,
    frame: true,
    'back-cover': true,
    cover: true,
    bracket: true,
    battery: true,
    'main-board': true,
    'charging-board': true,
    boards: true,
    'earpiece-sensor-flex': true,
    earpiece: true,
    mesh: true,
    grille: true,
    loudspeaker: true,
    'front-camera': true,
    'rear-camera': true,
    'fingerprint-reader': true,
    'home-key': true,
    'soft-keys': true,
    'side-keys': true,
    'vibration-motor': true,
    antenna: true,
    'sensor-holder': true,
    'shielding-foil': true,
    'charging-coil': true,
    'sim-tray': true,
    stylus: true,
    'stylus-layer': true,
});

/** What is filled in for each kind of element, in the order of the form. */
export const FIELDS: Record<Group, Field[]> = {
    parts: [
        ...named,
        choice('kind', say('page.kind'), PART_KINDS),
        choice('carriedBy', say('page.fields.sits-in'), [], { from: 'parts', optional: true }),
        choice('face', say('page.face'), FACES),
        choice('tool', say('page.fields.tool'), HAND_TOOLS),
        ...sized,
        number('seconds', say('page.fields.seconds-of-hands')),
        choice(
            'pairing',
            say('page.fields.paired'),
            every<NonNullable<Part['pairing']>>({ none: true, biometric: true, calibrated: true }),
            { optional: true },
        ),
        choice(
            'whenLifted',
            say('page.fields.when-the-screen-is-lifted'),
            every<NonNullable<Part['whenLifted']>>({ stays: true, loose: true, 'comes-away': true }),
            { optional: true },
        ),
        { key: 'functions', label: say('page.functions'), kind: 'list', optional: true, wide: true },
        { key: 'care', label: say('page.fields.care-notes'), kind: 'list', optional: true, wide: true },
        after,
    ],
    fasteners: [
        ...named,
        choice(
            'driver',
            say('page.fields.driver'),
            every<PhoneFile['fasteners'][number]['driver']>({
                P2: true,
                Y000: true,
                PH000: true,
                PH00: true,
                T3: true,
                T5: true,
                T6: true,
            }),
        ),
        number('thread', say('page.fields.thread-mm')),
        number('length', say('page.fields.length-mm')),
        number('holeDepth', say('page.fields.hole-depth-mm')),
        choice('face', say('page.face'), FACES),
        text('under', say('page.fields.under-the-hole'), { optional: true }),
        { key: 'holds', label: say('page.fields.holds-ids-of-parts'), kind: 'list', wide: true },
        { key: 'places', label: say('page.fields.places-x-y-x-y'), kind: 'places', wide: true },
        after,
    ],
    connectors: [
        ...named,
        choice(
            'kind',
            say('page.kind'),
            every<PhoneFile['connectors'][number]['kind']>({
                'board-to-board': true,
                zif: true,
                coax: true,
                spring: true,
            }),
        ),
        choice('face', say('page.face'), FACES),
        ...placed,
        { key: 'joins', label: say('page.fields.joins-two-ids-of-parts'), kind: 'list', wide: true },
        { key: 'power', label: say('page.fields.the-batterys'), kind: 'flag', optional: true },
        { key: 'boots', label: say('page.fields.needed-to-switch-on'), kind: 'flag', optional: true },
        { key: 'clip', label: say('page.fields.under-a-clip'), kind: 'flag', optional: true },
        { key: 'passive', label: say('page.fields.antenna-lead-over-the-batterys-way'), kind: 'flag', optional: true },
        { key: 'functions', label: say('page.functions'), kind: 'list', optional: true, wide: true },
        after,
    ],
    bonds: [
        ...named,
        choice(
            'adhesive',
            say('page.adhesive'),
            every<Bond['adhesive']>({
                'foam-tape': true,
                'precut-seal': true,
                'strong-glue': true,
                'double-tape': true,
                'flex-glue': true,
                'pull-tab': true,
                silicone: true,
                clips: true,
            }),
        ),
        number('width', say('page.fields.width-mm')),
        number('height', say('page.fields.height-of-the-new-one-mm')),
        choice('face', say('page.face'), FACES),
        choice(
            'renewal',
            say('page.fields.made-anew-with'),
            every<Bond['renewal']>({ precut: true, tape: true, liquid: true, reuse: true }),
        ),
        number('clampMinutes', say('page.fields.minutes-under-clamps'), { optional: true }),
        choice('stack', say('page.fields.stack-at-the-edge'), [], { from: 'stacks', optional: true }),
        choice('batteryStack', say('page.fields.stack-through-the-battery'), [], { from: 'stacks', optional: true }),
        { key: 'joins', label: say('page.fields.joins-what-is-lifted-what-it'), kind: 'list', wide: true },
        choice('noClamp', say('page.fields.no-clamp-fits'), SIDES, { optional: true }),
        { key: 'pryPoints', label: say('page.fields.pry-here-x-y-x-y'), kind: 'places', optional: true, wide: true },
        {
            key: 'zones',
            label: say('page.fields.held-inside-x-y-width-height'),
            kind: 'rows',
            columns: ['x', 'y', 'width', 'height', 'name'],
            rowsAre: 'zone',
            optional: true,
            wide: true,
        },
        choice('cut.start', say('page.fields.cut-from'), SIDES, { optional: true }),
        choice('cut.hinge', say('page.hinge-side'), SIDES, { optional: true }),
        {
            key: 'cut.stretches',
            label: say('page.fields.stretches-side-from-to-depth-behind'),
            kind: 'stretches',
            optional: true,
            wide: true,
        },
        after,
    ],
    replacements: [
        ...named,
        choice('kind', say('page.kind'), REPLACEMENT_KINDS),
        number('flexLength', say('page.fields.length-of-its-flex-mm')),
        { key: 'replaces', label: say('page.fields.replaces-ids-of-parts'), kind: 'list', wide: true },
        { key: 'brings', label: say('page.fields.brings-ids-of-parts'), kind: 'list', wide: true },
        { key: 'lacks', label: say('page.fields.has-no-hole-for-ids-of'), kind: 'list', wide: true },
        { key: 'takeOut', label: say('page.fields.to-be-taken-out-of-it'), kind: 'list', wide: true },
        {
            key: 'films',
            label: say('page.fields.films-film-back-flex-guard'),
            kind: 'list',
            optional: true,
            wide: true,
        },
        choice(
            'adhesive',
            say('page.fields.adhesive-that-comes-with-it'),
            every<NonNullable<PhoneFile['replacements'][number]['adhesive']>>({
                fitted: true,
                seal: true,
                tape: true,
                tube: true,
            }),
            { optional: true },
        ),
        number('adhesiveThickness', say('page.fields.its-thickness-mm'), { optional: true }),
    ],
    openings: [
        ...named,
        choice(
            'shape',
            say('page.fields.shape'),
            every<Opening['shape']>({ circle: true, slot: true, rectangle: true }),
        ),
        ...sized,
        number('clearance', say('page.fields.clearance-mm')),
        choice(
            'ifCovered',
            say('page.fields.if-covered'),
            every<Opening['ifCovered']>({
                'earpiece-faint': true,
                'camera-blurred': true,
                'proximity-dead': true,
                'microphone-muffled': true,
                'flex-pinched': true,
                'home-key-stiff': true,
            }),
        ),
    ],
    flexZones: [...named, choice('face', say('page.face'), FACES), ...sized],
};

export const SHEET_FIELDS: Record<Sheet, Field[]> = {
    identity: [
        text('id', say('page.fields.id')),
        text('maker', say('page.fields.maker')),
        text('model', say('page.fields.model')),
        number('year', say('page.fields.year')),
        number('mass', say('page.fields.mass-g')),
        choice(
            'family',
            say('page.fields.opens'),
            every<PhoneFile['family']>({
                'front-opening': true,
                'rear-opening': true,
                'front-bonded': true,
                'screwed-chassis': true,
                'metal-shell': true,
                'folding-outer': true,
                'two-sided': true,
            }),
        ),
        choice(
            'port',
            say('page.fields.charge-port'),
            every<NonNullable<PhoneFile['identity']['port']>>({ oval: true, trapezoid: true, flat: true, none: true }),
            { optional: true },
        ),
        { key: 'codes', label: say('page.fields.model-codes-code-region-connector'), kind: 'codes', wide: true },
        { key: 'colours', label: say('page.fields.colours'), kind: 'list', wide: true },
    ],
    body: [
        number('width', say('page.fields.width-mm')),
        number('height', say('page.fields.height-mm')),
        number('thickness', say('page.fields.thickness-mm')),
        number('cornerRadius', say('page.fields.corner-radius-mm')),
        number('glassInset', say('page.fields.glass-inset-mm')),
        choice('frame', say('page.fields.frame'), every<PhoneFile['body']['frame']>({ metal: true, plastic: true })),
        number('curve', say('page.fields.curved-edge-mm'), { optional: true }),
        number('display.x', say('page.fields.lit-area-x-mm')),
        number('display.y', say('page.fields.lit-area-y-mm')),
        number('display.width', say('page.lit-width-mm')),
        number('display.height', say('page.lit-height-mm')),
        number('pixelsWide', say('page.pixels-wide')),
        number('pixelsHigh', say('page.pixels-high')),
    ],
    ledge: [
        number('top', say('page.fields.top-mm')),
        number('right', say('page.fields.right-mm')),
        number('bottom', say('page.fields.bottom-mm')),
        number('left', say('page.fields.left-mm')),
        number('recess', say('page.fields.recess-mm')),
        number('module', say('page.fields.module-mm')),
        number('tolerance', say('page.fields.each-may-be-off-by-mm'), { optional: true }),
        number('foam', say('page.fields.foam-under-the-panel-mm'), { optional: true }),
        {
            key: 'narrowings',
            label: say('page.fields.narrower-side-from-to-width'),
            kind: 'rows',
            columns: ['side', 'from', 'to', 'width'],
            optional: true,
            wide: true,
        },
    ],
    panel: [
        choice('technology', say('page.technology'), TECHNOLOGIES),
        text('connectorCode', say('page.connector')),
        { key: 'memory', label: say('page.fields.carries-calibration'), kind: 'flag' },
        choice(
            'notice',
            say('page.fields.part-notice'),
            every<PhoneFile['panel']['notice']>({ none: true, 'until-copied': true, stays: true }),
        ),
        number('flexNeeded', say('page.fields.flex-needed-for-a-trial-mm')),
        { key: 'readerUnderDisplay', label: say('page.fields.reader-under-the-display'), kind: 'flag' },
        number('refresh', say('page.fields.hz')),
        number('testExtension', say('page.fields.test-extension-adds-mm'), { optional: true }),
        number('noticeDays', say('page.fields.days-that-the-notice-stands-in-front'), { optional: true }),
        text('calibration.layout.code', say('page.fields.memory-layout'), { optional: true }),
        number('calibration.layout.size', say('page.fields.memory-bytes'), { optional: true }),
        number('calibration.layout.block', say('page.fields.memory-block-bytes'), { optional: true }),
        {
            key: 'calibration.layout.fields',
            label: say('page.fields.memory-fields'),
            kind: 'rows',
            columns: ['at', 'count', 'scale', 'encoding', 'kind', 'name'],
            optional: true,
            wide: true,
        },
        flag('calibration.ownSupply', say('page.fields.programmer-feeds-the-memory')),
        {
            key: 'calibration.serves',
            label: say('page.fields.memory-serves'),
            kind: 'list',
            optional: true,
            wide: true,
        },
        text('calibration.chip.name', say('page.fields.chip'), { optional: true }),
        number('calibration.chip.width', say('page.fields.chip-width-mm'), { optional: true }),
        number('calibration.chip.height', say('page.fields.chip-height-mm'), { optional: true }),
        number('calibration.chip.thickness', say('page.fields.chip-thickness-mm'), { optional: true }),
        number('calibration.chip.balls', say('page.fields.chip-balls'), { optional: true }),
        number('calibration.chip.pitch', say('page.fields.chip-pitch-mm'), { optional: true }),
        number('calibration.chip.flex', say('page.fields.flex-under-the-chip-mm'), { optional: true }),
        number('calibration.chip.gap', say('page.fields.gap-to-the-panel-mm'), { optional: true }),
        number('calibration.chip.beside', say('page.fields.chip-to-lit-area-mm'), { optional: true }),
        flag('calibration.chip.carriesNotice', say('page.fields.notice-goes-by-the-chip')),
    ],
};
