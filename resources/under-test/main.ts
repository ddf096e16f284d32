import { colours } from './colours';
import { Sending } from './sending';
import { byBrightness, byVibration } from './asked';
import { byCharger, byLight, byNetwork, byPen, tellsCharging, tellsLight, tellsNetwork, tellsPen } from './device';
import { byCamera, byMicrophone, mayListen } from './media';
import { button, element, said, shows, words } from './page';
import { sign } from './sign';
import { bySound } from './sound';
import { touch } from './touch';

/** One test: what it found, or null if it was left without an answer. */
export interface Found {
    outcome: 'pass' | 'fail';
    strokes?: [number, number, number][][];
    marks?: [number, number][];
    /** Felt at once, at most. */
    fingers?: number;
    /** Touches that were felt while nobody touched. */
    ghosts?: number;
    /** What the browser or the person told beside it. */
    told?: Record<string, string | number>;
}

type Run = (done: (found: Found | null) => void) => void;

const always = (): boolean => true;

/** How a function is tested here, and whether this browser can. */
const RUNS: Record<string, [Run, () => boolean] | undefined> = {
    image: [colours, always],
    touch: [touch, always],
    brightness: [byBrightness, always],
    loudspeaker: [(done) => bySound(done, () => keep('earpiece', { outcome: 'pass' })), always],
    vibration: [byVibration, () => 'vibrate' in navigator],
    microphone: [byMicrophone, mayListen],
    'front-camera': [byCamera('user'), mayListen],
    'rear-camera': [byCamera('environment'), mayListen],
    charging: [byCharger, tellsCharging],
    wifi: [byNetwork, tellsNetwork],
    'ambient-light': [byLight, tellsLight],
    stylus: [byPen, tellsPen],
};

const can = (name: string): boolean => RUNS[name]?.[1]() === true;

const found = new Map<string, Found['outcome']>();
const sending = new Sending((name, outcome) => {
    // What counts is what the bench has kept.
    if (name === null) {
        // A signature: nothing of a test.
    } else if (outcome === null) {
        found.delete(name);
    } else {
        found.set(name, outcome);
    }
    // Never over a test that runs.
    if (document.getElementById('root')?.className !== 'whole') {
        menu();
    }
});

/** What there is to do, what was found, and what is done by hand; drawn anew whenever something changes. */
function menu(): void {
    const root = document.getElementById('root');
    if (!root) {
        return;
    }
    root.className = 'menu';
    root.replaceChildren(
        element('h1', said('title')),
        ...shows.functions.filter(can).map(entry),
        ...byHand(),
        ...(shows.signs ? [button(said('customer-signs'), signing)] : []),
        element('p', standing(), 'status'),
    );
}

/** What this gate tests and this browser cannot tell. */
function byHand(): HTMLElement[] {
    const left = [...shows.functions.filter((f) => !can(f) && !found.has(f)), ...shows.left];
    return left.length === 0
        ? []
        : [element('p', `${said('by-hand')} ${left.map((f) => words[`function.${f}`] ?? f).join(', ')}.`)];
}

function signing(): void {
    sign(found, (signed) => {
        if (signed) {
            sending.sign(signed);
        }
        menu();
    });
}

function keep(name: string, result: Found): void {
    if (shows.functions.includes(name)) {
        found.set(name, result.outcome);
        sending.add(name, result);
    }
}

function standing(): string {
    return sending.waiting > 0
        ? said('waiting', { count: sending.waiting })
        : said(sending.refused ? 'not-taken' : 'all-sent');
}

function entry(name: string): HTMLElement {
    const run = RUNS[name]?.[0];
    const outcome = found.get(name);
    const start = document.createElement('button');
    start.textContent = `${words[`function.${name}`] ?? name}${outcome ? `: ${said(outcome)}` : ''}`;
    start.className = outcome ?? '';
    start.addEventListener('click', () =>
        run?.((result) => {
            if (result) {
                keep(name, result);
            }
            menu();
        }),
    );
    return start;
}

menu();
