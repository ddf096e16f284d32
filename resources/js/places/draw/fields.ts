import type { PhoneFile } from '../../api/client';
import { every, FACES, REPLACEMENT_KINDS, SIDES } from '../../api/sets';
import type { Group } from './elements';
import { choice, functionsAt, number, text, type Field } from './field';
import { say } from '../../words/words';

type Part = PhoneFile['parts'][number];
type Bond = PhoneFile['bonds'][number];
type Opening = NonNullable<PhoneFile['openings']>[number];

/** Ids are made by the program, from the name. */
const named = [text('name', say('page.name'))];
const several = (key: string, label: string, from: Group, more: Partial<Field> = {}): Field => ({
    key,
    label,
    kind: 'several',
    from,
    wide: true,
    ...more,
});
const placed = [number('x', say('page.fields.x-mm')), number('y', say('page.fields.y-mm'))];
const sized = [...placed, number('width', say('page.fields.width-mm')), number('height', say('page.fields.height-mm'))];
const after: Field = {
    key: 'after',
    label: say('page.fields.off-before-it'),
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
        choice('kind', say('page.kind'), PART_KINDS, { words: 'part-kind' }),
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
        functionsAt('functions', say('page.functions')),
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
        several('holds', say('page.fields.holds'), 'parts'),
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
            { words: 'plug-kind' },
        ),
        choice('face', say('page.face'), FACES),
        ...placed,
        {
            key: 'joins',
            label: say('page.fields.comes-from'),
            second: say('page.fields.goes-to'),
            kind: 'pair',
            from: 'parts',
            wide: true,
        },
        { key: 'power', label: say('page.fields.the-batterys'), kind: 'flag', optional: true },
        { key: 'boots', label: say('page.fields.needed-to-switch-on'), kind: 'flag', optional: true },
        { key: 'clip', label: say('page.fields.under-a-clip'), kind: 'flag', optional: true },
        { key: 'passive', label: say('page.fields.antenna-lead-over-the-batterys-way'), kind: 'flag', optional: true },
        functionsAt('functions', say('page.functions')),
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
            { words: 'adhesive' },
        ),
        number('width', say('page.fields.width-mm')),
        number('height', say('page.fields.height-of-the-new-one-mm')),
        choice('face', say('page.face'), FACES),
        choice(
            'renewal',
            say('page.fields.made-anew-with'),
            every<Bond['renewal']>({ precut: true, tape: true, liquid: true, reuse: true }),
            { words: 'renewal' },
        ),
        number('clampMinutes', say('page.fields.minutes-under-clamps'), { optional: true }),
        choice('stack', say('page.fields.stack-at-the-edge'), [], { from: 'stacks', optional: true }),
        choice('batteryStack', say('page.fields.stack-through-the-battery'), [], { from: 'stacks', optional: true }),
        {
            key: 'joins',
            label: say('page.fields.what-is-lifted'),
            second: say('page.fields.what-it-is-lifted-off'),
            kind: 'pair',
            from: 'parts',
            wide: true,
        },
        choice('noClamp', say('page.fields.no-clamp-fits'), SIDES, { optional: true, words: 'side' }),
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
        choice('cut.start', say('page.fields.cut-from'), SIDES, { optional: true, words: 'side' }),
        choice('cut.hinge', say('page.hinge-side'), SIDES, { optional: true, words: 'side' }),
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
        choice('kind', say('page.kind'), REPLACEMENT_KINDS, { words: 'kind' }),
        number('flexLength', say('page.fields.length-of-its-flex-mm')),
        several('replaces', say('page.fields.replaces'), 'parts'),
        several('brings', say('page.fields.brings'), 'parts'),
        several('lacks', say('page.fields.has-no-hole-for'), 'fasteners'),
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
