import { useState } from 'react';
import type { Plan, Step } from '../api/client';
import { useNow } from '../bench/useNow';
import type { Point } from '../mat/geometry';
import { layingOf, pathLength, tipAt, type Laid, type Seal } from './laying';

export interface Laying {
    seal: Seal;
    items: Laid[];
    /** Which is laid now. */
    now: number;
    next: () => void;
    back: () => void;
    /** Where the tip should stand by now; null while no bead runs. */
    tip: Point | null;
    /** Starts the pace of a bead, or ends it. */
    run: () => void;
    running: boolean;
    /** s that the bead has run */
    seconds: number;
}

/** What is laid at the step in hand, piece after piece; null for any other step. */
export function useLaying(plan: Plan, step: Step | null): Laying | null {
    const [at, setAt] = useState<{ step: string; now: number; since: number | null }>({
        step: '',
        now: 0,
        since: null,
    });
    const seal = step?.kind === 'lay-seal' ? plan.seals.find((s) => s.bond === step.subjects[0]) : undefined;
    const here = step && at.step === step.id ? at : { step: step?.id ?? '', now: 0, since: null };
    const time = useNow(here.since !== null);
    if (!seal) {
        return null;
    }
    const items = layingOf(seal);
    const now = Math.min(here.now, Math.max(0, items.length - 1));
    const item = items[now];
    const legs = item?.kind === 'stretch' ? item.legs : null;
    const seconds = here.since === null ? 0 : Math.max(0, (time - here.since) / 1000);
    const mm = seconds * (seal.bead?.pace ?? 0);
    const to = (n: number) => setAt({ step: here.step, now: Math.max(0, Math.min(items.length - 1, n)), since: null });
    return {
        seal,
        items,
        now,
        next: () => to(now + 1),
        back: () => to(now - 1),
        tip: legs && here.since !== null ? tipAt(legs, Math.min(mm, pathLength(legs))) : null,
        run: () => setAt({ step: here.step, now, since: here.since === null ? time : null }),
        running: here.since !== null,
        seconds,
    };
}
