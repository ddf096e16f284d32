import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { lines } from '../api/lines';
import type { Schemas, Step } from '../api/client';
import { queries } from '../api/queries';
import { queryClient } from '../api/queryClient';
import type { Run } from '../bench/run';
import type { Reason } from '../words/words';

export type Transfer = Schemas['Transfer'];

/** How far the programmer is with what it does now. */
export interface Progress {
    kind: Transfer['ask']['kind'];
    socket: Schemas['Socket'];
    done: number;
    of: number;
}

interface Line {
    doing?: { kind: Progress['kind']; socket: Progress['socket'] };
    done?: number;
    of?: number;
    state?: Transfer;
    plugged?: Reason | null;
    refused?: string;
}

/** The step that the programmer does, and where it stands. */
export interface Transferring {
    state: Transfer | null;
    /** The side of the step at hand. */
    socket: Schemas['Socket'];
    /** The bench may go on: it is kept, ended, or given up with a reason. */
    ready: boolean;
    /** Null while nothing is under way. */
    progress: Progress | null;
    busy: boolean;
    /** What was plugged in wrongly, or why it was refused. */
    plugged: Reason | null;
    refused: string | null;
    go: () => void;
}

const isTransferred = (step: Step): boolean =>
    (step.kind === 'read-memory' || step.kind === 'write-memory') && Number(step.figures['blocks'] ?? 0) > 0;

export const isReady = (step: Step, data: Run['data']): boolean =>
    step.kind === 'read-memory'
        ? data.kept || data.givenUp !== null
        : data.ended !== null || (!data.kept && data.givenUp !== null);

/** Null at any step that the programmer has no part in. */
export function useTransfer(job: string, step: Step | null, run: Run): Transferring | null {
    const here = step !== null && isTransferred(step);
    const query = useQuery({ ...queries.transfer(job), enabled: here });
    const [progress, setProgress] = useState<Progress | null>(null);
    const [busy, setBusy] = useState(false);
    const [said, setSaid] = useState<{ plugged: Reason | null; refused: string | null }>({
        plugged: null,
        refused: null,
    });
    if (!here) {
        return null;
    }
    const each = (line: unknown) => {
        const { doing, done = 0, of = 0, state, plugged = null, refused = null } = line as Line;
        if (doing) {
            setProgress({ ...doing, done, of });
            return;
        }
        setSaid({ plugged, refused });
        if (state) {
            queryClient.setQueryData(queries.transfer(job).queryKey, state);
        }
    };
    const go = () => {
        if (busy) {
            return;
        }
        setBusy(true);
        setSaid({ plugged: null, refused: null });
        lines(`/api/jobs/${job}/transfer`, each)
            .catch((e: unknown) => setSaid({ plugged: null, refused: e instanceof Error ? e.message : String(e) }))
            .finally(() => {
                setBusy(false);
                setProgress(null);
                void queryClient.invalidateQueries({ queryKey: ['job', job] });
            });
    };
    return {
        state: query.data ?? null,
        socket: step.kind === 'read-memory' ? 'old' : 'new',
        ready: isReady(step, run.data),
        progress,
        busy,
        ...said,
        go,
    };
}
