import { useState } from 'react';
import type { Plan } from '../../api/client';
import type { BenchView } from '../../bench/benchView';
import { likelyAt, passAt, type Way } from '../../bench/drag';
import { lastDone, type Run } from '../../bench/run';
import { serverNow } from '../../bench/useNow';

/** A blade that drags, from the key that says so until the rest is planned again. */
export interface Drag {
    /** The pass at hand, if the blade can drag in it. */
    way: Way | null;
    /** Where the blade stands while that is asked for; null while it is not. */
    blade: { way: Way; at: number; move: (mm: number) => void } | null;
    toggle: () => void;
    close: () => void;
}

export function useDrag(plan: Plan, run: Run, view: BenchView, mayWork: boolean): Drag {
    const [asked, setAsked] = useState<{ step: string; at: number } | null>(null);
    const { step, done, looking } = view;
    const way = mayWork && !done && !looking ? passAt(plan, step) : null;
    const open = step !== null && asked?.step === step.id;
    const close = () => setAsked(null);
    return {
        way,
        blade:
            way !== null && step !== null && open
                ? { way, at: asked.at, move: (at) => setAsked({ step: step.id, at }) }
                : null,
        toggle: () => {
            if (way === null || step === null || open) {
                close();
                return;
            }
            // It stands about where the pace has brought it by now.
            const began = lastDone(run)?.at ?? serverNow();
            setAsked({ step: step.id, at: likelyAt(way, (serverNow() - began) / 1000) });
        },
        close,
    };
}
