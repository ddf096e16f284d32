import { describe, expect, it } from 'vitest';
import type { BenchEvent, BenchState } from '../../../resources/js/api/client';
import { Outbox, type Capture, type Sent, type Store, type Told } from '../../../resources/js/bench/outbox';

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

const said = (id: string): Capture => ({
    id,
    at: 1_700_000_000_000,
    kind: 'more-screws',
    of: '',
    name: 'Screws',
    under: ['bracket'],
    places: [],
    count: 2,
    length: null,
    driver: null,
    adhesive: null,
    plug: null,
    clip: null,
    part: null,
    pairing: null,
});

function bench(
    answers: (events: BenchEvent[]) => Sent,
    store = memory(),
    told: (said: Capture) => Told = () => ({ kind: 'kept' }),
) {
    const sent: string[][] = [];
    const delayed: (() => void)[] = [];
    const clock = { ahead: 0 };
    const footing: number[] = [];
    const outbox = new Outbox({
        store,
        send: (_job, events, ahead) => {
            sent.push(events.map((e) => e.id));
            footing.push(ahead);
            return Promise.resolve(answers(events));
        },
        tell: (_job, one) => {
            sent.push([`said ${one.id}`]);
            return Promise.resolve(told(one));
        },
        ahead: () => clock.ahead,
        later: (_ms, run) => delayed.push(run),
        answered: () => undefined,
    });
    return { outbox, sent, delayed, store, clock, footing };
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
        expect(second.outbox.current().waiting.map((w) => w.event?.id)).toEqual(['a']);
    });
    it('sends moments on the footing of the clock that told them, also after a reload', async () => {
        const first = bench(() => ({ kind: 'unreachable' }));
        first.clock.ahead = 200_000;
        first.outbox.push('job', event('a'), event('b'));
        // The next page does not know yet how far this device's clock is off.
        const second = bench((events) => kept(events.map((e) => e.id)), first.store);
        second.outbox.push('job', event('c'));
        await second.outbox.flush();
        await second.outbox.flush();
        expect(second.sent).toEqual([['a', 'b'], ['c']]);
        expect(second.footing).toEqual([200_000, 0]);
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
    it('sends what is said of a phone between what was done before and after it', async () => {
        let away = true;
        const b = bench(
            (events) => (away ? { kind: 'unreachable' } : kept(events.map((e) => e.id))),
            memory(),
            (one) => (one.id === 'ring' ? { kind: 'rejected', message: 'a ring' } : { kind: 'kept' }),
        );
        b.outbox.push('job', event('a'), event('b'));
        b.outbox.say('job', said('more'));
        b.outbox.push('job', event('c'));
        b.outbox.say('job', said('ring'));
        await Promise.resolve();
        expect(b.outbox.current().waiting).toHaveLength(5);
        // The browser is killed, the server comes back.
        away = false;
        const again = bench(
            (events) => kept(events.map((e) => e.id)),
            b.store,
            (one) => (one.id === 'ring' ? { kind: 'rejected', message: 'a ring' } : { kind: 'kept' }),
        );
        await again.outbox.flush();
        expect(again.sent).toEqual([['a', 'b'], ['said more'], ['c'], ['said ring']]);
        expect(again.outbox.current().waiting).toEqual([]);
        expect(again.outbox.current().unsaid.map((u) => u.message)).toEqual(['a ring']);
        again.outbox.forget('ring');
        expect(again.outbox.current().unsaid).toEqual([]);
    });
});
