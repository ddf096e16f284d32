import { describe, expect, it } from 'vitest';
import type { BenchEvent, BenchState } from '../../../resources/js/api/client';
import { Outbox, type Sent, type Store } from '../../../resources/js/bench/outbox';

const memory = (): Store & { data: Map<string, string> } => {
    const data = new Map<string, string>();
    return { data, getItem: (k) => data.get(k) ?? null, setItem: (k, v) => void data.set(k, v) };
};
const event = (id: string): BenchEvent => ({
    id,
    type: 'step-done',
    at: 1_700_000_000_000,
    data: { step: 'power-off' },
});
const kept = (ids: string[], refused: { id: string; code: string }[] = []): Sent => ({
    kind: 'answered',
    answer: {
        accepted: ids,
        refused: refused.map((r) => ({
            id: r.id,
            reason: { code: r.code, figures: {} },
            kind: 'never' as const,
            mayPass: false,
        })),
        state: {} as BenchState,
    },
});

function bench(answers: (events: BenchEvent[]) => Sent, store = memory()) {
    const sent: string[][] = [];
    const delayed: (() => void)[] = [];
    const outbox = new Outbox({
        store,
        send: (_job, events) => {
            sent.push(events.map((e) => e.id));
            return Promise.resolve(answers(events));
        },
        later: (_ms, run) => delayed.push(run),
        answered: () => undefined,
    });
    return { outbox, sent, delayed, store };
}

describe('outbox', () => {
    it('empties once the server has kept everything', async () => {
        const b = bench((events) => kept(events.map((e) => e.id)));
        b.outbox.push('job', event('a'), event('b'));
        await b.outbox.flush();
        expect(b.outbox.current().waiting).toEqual([]);
        expect(b.sent.flat()).toEqual(['a', 'b']);
    });
    it('keeps events while the server is away and sends the same ones again', async () => {
        let away = true;
        const b = bench((events) => (away ? { kind: 'unreachable' } : kept(events.map((e) => e.id))));
        b.outbox.push('job', event('a'));
        await Promise.resolve();
        await Promise.resolve();
        expect(b.outbox.current().waiting).toHaveLength(1);
        expect(b.outbox.current().unreachable).toBe(true);
        away = false;
        b.delayed.shift()?.();
        await b.outbox.flush();
        expect(b.outbox.current().waiting).toHaveLength(0);
        expect(b.sent.every((ids) => ids[0] === 'a')).toBe(true);
    });
    it('finds what a browser that was killed had not sent', () => {
        const first = bench(() => ({ kind: 'unreachable' }));
        first.outbox.push('job', event('a'));
        const second = bench((events) => kept(events.map((e) => e.id)), first.store);
        expect(second.outbox.current().waiting.map((w) => w.event.id)).toEqual(['a']);
    });
    it('shows what was refused, and why, and does not send it again', async () => {
        const b = bench(() => kept([], [{ id: 'a', code: 'wet' }]));
        b.outbox.push('job', event('a'));
        await b.outbox.flush();
        expect(b.outbox.current().refused.map((r) => r.reason.code)).toEqual(['wet']);
        expect(b.outbox.current().waiting).toEqual([]);
    });
    it('says nothing of a step that somebody else has confirmed already', async () => {
        const b = bench(() => kept([], [{ id: 'a', code: 'already-done' }]));
        b.outbox.push('job', event('a'));
        await b.outbox.flush();
        expect(b.outbox.current().refused).toEqual([]);
    });
    it('survives a store with rubbish in it', () => {
        const store = memory();
        store.setItem('facelift.outbox.1', '{not json');
        expect(bench(() => kept([]), store).outbox.current().waiting).toEqual([]);
    });
});
