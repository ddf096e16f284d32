import { useSyncExternalStore } from 'react';
import { api, Refused, take, type BenchEvent } from '../api/client';
import { queries } from '../api/queries';
import { queryClient } from '../api/queryClient';
import { newId } from './ids';
import { Outbox, type Capture, type Sent, type Snapshot, type Told } from './outbox';
import { serverAhead, serverNow } from './useNow';

const sentAt = (ahead: number): number => Math.round(Date.now() + ahead);

async function send(job: string, events: BenchEvent[], ahead: number): Promise<Sent> {
    try {
        return {
            kind: 'answered',
            answer: await take(
                api.POST('/api/jobs/{job}/events', {
                    params: { path: { job } },
                    body: { events, sentAt: sentAt(ahead) },
                }),
            ),
        };
    } catch (error) {
        // Signed out, or the server is away or starting: what was confirmed stays here and is sent again.
        if (error instanceof Refused && [403, 404, 409, 422].includes(error.status)) {
            return { kind: 'rejected', message: error.message };
        }
        return { kind: 'unreachable' };
    }
}

async function tell(job: string, said: Capture, ahead: number): Promise<Told> {
    try {
        const changed = await take(
            api.POST('/api/jobs/{job}/captures', {
                params: { path: { job } },
                body: { ...said, sentAt: sentAt(ahead) },
            }),
        );
        // The drawing first: a plan that names what the drawing has not would be shown for a moment.
        await queryClient.query(queries.phone(changed.phone.id));
        queryClient.setQueryData(queries.job(job).queryKey, changed);
        await queryClient.invalidateQueries({ queryKey: ['job', job], predicate: (q) => q.queryKey.length > 2 });
        return { kind: 'kept' };
    } catch (error) {
        if (error instanceof Refused && [403, 404, 409, 422].includes(error.status)) {
            return { kind: 'rejected', message: error.message };
        }
        return { kind: 'unreachable' };
    }
}

export const outbox = new Outbox({
    store: window.localStorage,
    send,
    tell,
    ahead: serverAhead,
    later: (ms, run) => window.setTimeout(run, ms),
    answered: (job, state) => {
        queryClient.setQueryData(queries.bench(job).queryKey, state);
        void queryClient.invalidateQueries({ queryKey: ['timers'] });
        void queryClient.invalidateQueries({ queryKey: ['job', job, 'heat'] });
        void queryClient.invalidateQueries({ queryKey: queries.job(job).queryKey, exact: true });
        void queryClient.invalidateQueries({ queryKey: queries.proof(job).queryKey });
    },
});

window.addEventListener('online', () => void outbox.flush());

export const useOutbox = (): Snapshot => useSyncExternalStore(outbox.subscribe, outbox.current);

/** Writes down what happened and sends it. */
export function report(job: string, type: BenchEvent['type'], data: BenchEvent['data']): void {
    outbox.push(job, { id: newId(), type, at: serverNow(), data });
}
