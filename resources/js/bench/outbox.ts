import type { BenchEvent, BenchState, Schemas } from '../api/client';

export type Capture = Schemas['Capture'];

/** What waits to be sent: an event of the bench, or something that was said of a phone that nobody has drawn. */
export type Waiting = (
    { job: string; event: BenchEvent; said?: never } | { job: string; said: Capture; event?: never }
) & {
    /** How far its moment was set ahead of this device's clock, ms: known only where it was said. */
    ahead?: number;
};

/** Something that was said and could not be kept, with the server's words. */
export interface Unsaid {
    job: string;
    said: Capture;
    message: string;
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
export type Told = { kind: 'kept' } | { kind: 'rejected'; message: string } | { kind: 'unreachable' };

export interface Store {
    getItem(key: string): string | null;
    setItem(key: string, value: string): void;
}
export interface Ports {
    store: Store;
    /** `ahead` is that of what is sent: what this device's clock shows by now is told on the same footing. */
    send: (job: string, events: BenchEvent[], ahead: number) => Promise<Sent>;
    tell: (job: string, said: Capture, ahead: number) => Promise<Told>;
    /** How far moments that are said now are set ahead of this device's clock, ms. */
    ahead: () => number;
    /** Calls back after so many ms. */
    later: (ms: number, run: () => void) => void;
    answered: (job: string, state: BenchState) => void;
}
export interface Snapshot {
    waiting: readonly Waiting[];
    refused: readonly Refusal[];
    unsaid: readonly Unsaid[];
    sending: boolean;
    unreachable: boolean;
}

const KEY = 'facelift.outbox.1';
const BATCH = 100;
const SLOWEST = 8_000;
/** What clocks may have been set by between two events that are sent together, ms. */
const SAME = 2_000;

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
        this.snapshot = { waiting: this.read(), refused: [], unsaid: [], sending: false, unreachable: false };
    }

    readonly subscribe = (listener: () => void): (() => void) => {
        this.listeners.add(listener);
        return () => this.listeners.delete(listener);
    };

    readonly current = (): Snapshot => this.snapshot;

    push(job: string, ...events: BenchEvent[]): void {
        const ahead = this.ports.ahead();
        this.write([...this.read(), ...events.map((event) => ({ job, event, ahead }))]);
        void this.flush();
    }

    /** In the order in which it happened: what is said of a phone stands between what was done before and after. */
    say(job: string, said: Capture): void {
        this.write([...this.read(), { job, said, ahead: this.ports.ahead() }]);
        void this.flush();
    }

    forget(id: string): void {
        this.set({ unsaid: this.snapshot.unsaid.filter((u) => u.said.id !== id) });
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
        this.set({ sending: true });
        const ahead = first.ahead ?? this.ports.ahead();
        const gone = first.said ? await this.told(first.job, first.said, ahead) : await this.sent(first.job, ahead);
        this.set({ sending: false, unreachable: !gone });
        if (!gone) {
            this.pause = Math.min(this.pause * 2, SLOWEST);
            this.ports.later(this.pause, () => void this.flush());
            return;
        }
        this.pause = 500;
        if (this.read().length > 0) {
            await this.flush();
        }
    }

    /** The events of a job up to what was said next, or by another clock; false if the server is away. */
    private async sent(job: string, ahead: number): Promise<boolean> {
        const own = this.read().filter((w) => w.job === job);
        const until = own.findIndex((w) => w.said !== undefined || Math.abs((w.ahead ?? ahead) - ahead) > SAME);
        const batch = own.slice(0, until === -1 ? BATCH : Math.min(until, BATCH)).flatMap((w) => w.event ?? []);
        const sent = await this.ports.send(job, batch, ahead);
        if (sent.kind === 'unreachable') {
            return false;
        }
        this.settle(job, batch, sent);
        return true;
    }

    private async told(job: string, said: Capture, ahead: number): Promise<boolean> {
        const told = await this.ports.tell(job, said, ahead);
        if (told.kind === 'unreachable') {
            return false;
        }
        this.write(this.read().filter((w) => w.said?.id !== said.id));
        if (told.kind === 'rejected') {
            this.set({ unsaid: [...this.snapshot.unsaid, { job, said, message: told.message }] });
        }
        return true;
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
        this.write(this.read().filter((w) => w.event === undefined || !ids.has(w.event.id)));
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
