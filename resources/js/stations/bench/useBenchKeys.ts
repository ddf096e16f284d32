import { useHotkeys } from 'react-hotkeys-hook';
import { say } from '../../words/words';

/** What the keys of the bench do; the heat bar adds its own while it is shown. */
export interface BenchKeys {
    go: () => void;
    undo: () => void;
    heatAgain: () => void;
    problem: () => void;
    screwMat: () => void;
    ledger: () => void;
    nextOne: () => void;
    dragged: () => void;
    easily: () => void;
    /** Something is met that is not in the plan; only of a phone that nobody has drawn. */
    more: () => void;
    /** What the step is about is not there. */
    notThere: () => void;
    help: () => void;
}

/** Every key of the bench with what it does, as the help shows it. */
export const KEYS = [
    ['Space, PageDown', say('page.bench.start-the-clock-or-done')],
    ['Backspace', say('page.bench.undo-the-last-step')],
    ['H', say('page.bench.heat-again-and-off-again')],
    ['D', say('page.bench.dragged-here')],
    ['E', say('page.bench.went-easily')],
    ['P', say('page.bench.problem-note-alcohol-battery-screws')],
    ['R', say('page.reading-of-the-thermometer')],
    ['F', say('page.bench.heat-large')],
    ['M', say('page.bench.sound-on-off')],
    ['S', say('page.screw-mat')],
    ['N', say('page.bench.next-screw-out-or-in')],
    ['L', say('page.what-is-where')],
    ['A', say('page.bench.more-here')],
    ['X', say('page.bench.not-there')],
    ['/', say('page.find-a-step')],
    ['?', say('page.bench.these-keys')],
] as const;

/** Gloves on, one hand: a key for everything. Space on a focused button presses that button. */
export function useBenchKeys(keys: BenchKeys, enabled: boolean): void {
    const options = { preventDefault: true, enableOnFormTags: false, enabled } as const;
    useHotkeys(['space', 'pagedown'], keys.go, {
        ...options,
        ignoreEventWhen: (e) =>
            e.key === ' ' && e.target instanceof HTMLElement && e.target.closest('button, a, [role="button"]') !== null,
    });
    useHotkeys('backspace', keys.undo, options);
    useHotkeys('h', keys.heatAgain, options);
    useHotkeys('p', keys.problem, options);
    useHotkeys('s', keys.screwMat, options);
    useHotkeys('l', keys.ledger, options);
    useHotkeys('n', keys.nextOne, options);
    useHotkeys('d', keys.dragged, options);
    useHotkeys('e', keys.easily, options);
    useHotkeys('a', keys.more, options);
    useHotkeys('x', keys.notThere, options);
    useHotkeys('slash', () => document.getElementById('find-step')?.focus(), options);
    useHotkeys('shift+slash', keys.help, options);
}
