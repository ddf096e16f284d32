import { colours } from './colours';
import { Sending } from './sending';
import { bySound, byVibration } from './asked';
import { element, said, shows, words } from './page';
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
}

type Run = (done: (found: Found | null) => void) => void;

const RUNS: Record<string, Run | undefined> = {
    image: colours,
    touch,
    loudspeaker: bySound,
    vibration: byVibration,
};

const found = new Map<string, Found['outcome']>();
const sending = new Sending((name, outcome) => {
    // What counts is what the bench has kept.
    if (outcome === null) {
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
        ...shows.functions.map(entry),
        ...(shows.left.length > 0
            ? [element('p', `${said('by-hand')} ${shows.left.map((f) => words[`function.${f}`] ?? f).join(', ')}.`)]
            : []),
        element('p', standing(), 'status'),
    );
}

function standing(): string {
    return sending.waiting > 0
        ? said('waiting', { count: sending.waiting })
        : said(sending.refused ? 'not-taken' : 'all-sent');
}

function entry(name: string): HTMLElement {
    const run = RUNS[name];
    const outcome = found.get(name);
    const button = document.createElement('button');
    button.textContent = `${words[`function.${name}`] ?? name}${outcome ? `: ${said(outcome)}` : ''}`;
    button.className = outcome ?? '';
    button.disabled = run === undefined;
    button.addEventListener('click', () =>
        run?.((result) => {
            if (result) {
                found.set(name, result.outcome);
                sending.add(name, result);
            }
            menu();
        }),
    );
    return button;
}

menu();
