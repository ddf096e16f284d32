import { useState } from 'react';
import type { Job, PhoneFile, Step } from '../../api/client';
import { powerAsked, type CaptureKind } from '../../bench/captures';
import { useOutbox } from '../../bench/useOutbox';
import type { Point } from '../../mat/geometry';

/** Which photo lies under the drawing, and how much of it is seen, 0 to 1. */
export interface Grounding {
    photo: string | null;
    fade: number;
}

/** Saying what is seen of a phone that nobody has drawn: whether that is open, and what was tapped for it. */
export function useCapture(job: Job, phone: PhoneFile, step: Step | null, mayWork: boolean) {
    const { waiting } = useOutbox();
    const [first, setFirst] = useState<CaptureKind | null>(null);
    const [taps, setTaps] = useState<readonly Point[]>([]);
    const [ground, setGround] = useState<Grounding>({ photo: null, fade: 0.8 });
    const may = mayWork && (phone.footing?.elements ?? []).some((e) => e.rests === 'assumed');
    const clear = () => setTaps([]);
    return {
        /** What is said first; null while nothing is said. */
        first,
        taps,
        may,
        /** It is asked which plug is the battery's. */
        askPower: may && first === null && powerAsked(phone, step, waiting, job.id),
        open: (kind: CaptureKind) => {
            clear();
            setFirst(may ? kind : null);
        },
        close: () => {
            clear();
            setFirst(null);
        },
        tap: (p: Point) => setTaps((t) => [...t, { x: Math.round(10 * p.x) / 10, y: Math.round(10 * p.y) / 10 }]),
        clear,
        ground,
        lay: (change: Partial<Grounding>) => setGround((g) => ({ ...g, ...change })),
    };
}
