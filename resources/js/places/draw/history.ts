import type { PhoneFile } from '../../api/client';

/** A phone file being drawn, with every step back and forth. */
export interface History {
    past: readonly PhoneFile[];
    now: PhoneFile;
    future: readonly PhoneFile[];
    /** True while a drag goes on: its small moves are one step. */
    dragging: boolean;
}

export type Act =
    | { type: 'set'; file: PhoneFile }
    | { type: 'drag'; file: PhoneFile }
    | { type: 'drop' }
    | { type: 'undo' }
    | { type: 'redo' }
    | { type: 'open'; file: PhoneFile };

const DEEPEST = 200;

export const opened = (file: PhoneFile): History => ({ past: [], now: file, future: [], dragging: false });

export function history(h: History, act: Act): History {
    switch (act.type) {
        case 'open':
            return opened(act.file);
        case 'set':
            return act.file === h.now
                ? h
                : { past: [...h.past, h.now].slice(-DEEPEST), now: act.file, future: [], dragging: false };
        case 'drag':
            return h.dragging
                ? { ...h, now: act.file }
                : { past: [...h.past, h.now].slice(-DEEPEST), now: act.file, future: [], dragging: true };
        case 'drop':
            return { ...h, dragging: false };
        case 'undo': {
            const last = h.past[h.past.length - 1];
            return last === undefined
                ? h
                : { past: h.past.slice(0, -1), now: last, future: [h.now, ...h.future], dragging: false };
        }
        case 'redo': {
            const [next, ...rest] = h.future;
            return next === undefined ? h : { past: [...h.past, h.now], now: next, future: rest, dragging: false };
        }
    }
}
