import type { BenchEvent, BenchState, Schemas } from '../api/client';

export interface Waiting {
    job: string;
    event: BenchEvent;
}
export interface Refusal {
    job: string;
    event: BenchEvent;
    reason: Schemas['Reason'];
    kind: Schemas['EventsAnswer']['refused'][number]['kind'];
}
export type Sent =
    | { kind: 'answered'; answer: Schemas['EventsAnswer'] }
    | { kind: 'rejected'; message: string }
    | { kind: 'unreachable' };

export interface Store {
    getItem(key: string): string | null;
    setItem(key: string, value: string): void;
}
export interface Ports {
    store: Store;
    send: (job: string, events: BenchEvent[]) => Promise<Sent>;
    /** Calls back after so many ms. */
    later: (ms: number, run: () => void) => void;
    answered: (job: string, state: BenchState) => void;
}
export interface Snapshot {
    waiting: readonly Waiting[];
    refused: readonly Refusal[];
    sending: boolean;
    unreachable: boolean;
}

const KEY = 'facelift.outbox.1';
const BATCH = 100;
const SLOWEST = 8_000;

/**
 * Events that were confirmed on screen and are not yet known to be kept.
 *
 * They are written down before anything is sent, survive the browser, and are sent again until the server has answered;
 * the ids are made here, so sending twice does no harm.
 */
export class Outbox {
    private listeners = new Set<() => void>();
    private snapshot: Snapshot;
    private pause = 500;

    constructor(private readonly ports: Ports) {
        this.snapshot = { waiting: this.read(), refused: [], sending: false, unreachable: false };
    }

    readonly subscribe = (listener: () => void): (() => void) => {
        this.listeners.add(listener);
        return () => this.listeners.delete(listener);
    };

    readonly current = (): Snapshot => this.snapshot;

    push(job: string, ...events: BenchEvent[]): void {
        this.write([...this.read(), ...events.map((event) => ({ job, event }))]);
        void this.flush();
    }

    /** Sends again what was asked about, with what was said. */
    answer(refused: Refusal, why: string): void {
        this.dismiss(refused.event.id);
        this.push(refused.job, { ...refused.event, data: { ...refused.event.data, why } });
    }

    dismiss(eventId: string): void {
        this.set({ refused: this.snapshot.refused.filter((r) => r.event.id !== eventId) });
    }

    /** Sends what waits, oldest first, one job at a time; tries again later if the server is away. */
    async flush(): Promise<void> {
        if (this.snapshot.sending) {
            return;
        }
        const first = this.read()[0];
        if (first === undefined) {
            this.write([]);
            return;
        }
        const batch = this.read()
            .filter((w) => w.job === first.job)
            .slice(0, BATCH)
            .map((w) => w.event);
        this.set({ sending: true });
        const sent = await this.ports.send(first.job, batch);
        this.set({ sending: false, unreachable: sent.kind === 'unreachable' });
        if (sent.kind === 'unreachable') {
            this.pause = Math.min(this.pause * 2, SLOWEST);
            this.ports.later(this.pause, () => void this.flush());
            return;
        }
        this.pause = 500;
        this.settle(first.job, batch, sent);
        if (this.read().length > 0) {
            await this.flush();
        }
    }

    private settle(job: string, batch: BenchEvent[], sent: Exclude<Sent, { kind: 'unreachable' }>): void {
        const ids = new Set(batch.map((e) => e.id));
        const refusals =
            sent.kind === 'answered'
                ? sent.answer.refused
                      .filter((r) => r.reason.code !== 'already-done')
                      .map((r) => ({ id: r.id, reason: r.reason, kind: r.kind }))
                : batch.map((e) => ({ id: e.id, reason: { code: sent.message, figures: {} }, kind: 'never' as const }));
        const refused = refusals.flatMap(({ id, ...why }) =>
            batch.filter((e) => e.id === id).map((event) => ({ job, event, ...why })),
        );
        this.write(this.read().filter((w) => !ids.has(w.event.id)));
        this.set({ refused: [...this.snapshot.refused, ...refused] });
        if (sent.kind === 'answered') {
            this.ports.answered(job, sent.answer.state);
        }
    }

    private read(): Waiting[] {
        try {
            const parsed: unknown = JSON.parse(this.ports.store.getItem(KEY) ?? '[]');
            return Array.isArray(parsed) ? (parsed as Waiting[]) : [];
        } catch {
            return [];
        }
    }

    private write(waiting: Waiting[]): void {
        this.ports.store.setItem(KEY, JSON.stringify(waiting));
        this.set({ waiting });
    }

    private set(change: Partial<Snapshot>): void {
        this.snapshot = { ...this.snapshot, ...change };
        this.listeners.forEach((listener) => listener());
    }
}
