import { describe, expect, it } from 'vitest';
import { heatOf, lastDone, modelTime, runOf, untested } from '../../../resources/js/bench/run';
import { empty, event, kept, plan } from './benchPlan';

describe('run on this screen', () => {
    it('moves on at once when a step is confirmed, before the server has answered', () => {
        expect(runOf(plan, empty, []).next?.id).toBe('power-off');
        expect(runOf(plan, empty, [event('a', 'step-done', 1, { step: 'power-off' })]).next?.id).toBe('heat');
    });
    it('counts an event once when the server has it and it still waits', () => {
        const state = { ...empty, done: [kept('power-off', 'a', 1)] };
        expect(runOf(plan, state, [event('a', 'step-done', 1, { step: 'power-off' })]).done.size).toBe(1);
    });
    it('takes back the latest confirmation', () => {
        const state = {
            ...empty,
            done: [kept('power-off', 'a', 1), kept('heat', 'b', 9)],
        };
        const last = lastDone(runOf(plan, state, []));
        expect(last?.event).toBe('b');
        expect(runOf(plan, state, [event('u', 'undo', 10, { event: 'b' })]).next?.id).toBe('heat');
    });
    it('lists what a gate still needs, and nothing once it is waived', () => {
        const run = runOf(plan, empty, [event('t', 'test', 1, { gate: 'trial', function: 'image', outcome: 'pass' })]);
        expect(untested(plan, run, 'trial')).toEqual(['touch']);
        expect(
            untested(
                plan,
                runOf(plan, empty, [event('w', 'gate-waived', 1, { gate: 'trial', reason: 'owner away' })]),
                'trial',
            ),
        ).toEqual([]);
    });
    it('follows the estimated curves with the clock of the heating', () => {
        const heated = {
            ...empty,
            done: [kept('power-off', 'a', 0)],
            timers: [{ step: 'heat', at: 10_000, seconds: 180 }],
        };
        expect(modelTime(plan, runOf(plan, empty, []), 'seal', 0)).toBeNull();
        expect(modelTime(plan, runOf(plan, heated, []), 'seal', 70_000)).toBe(60);
        expect(modelTime(plan, runOf(plan, heated, []), 'seal', 900_000)).toBe(180);
    });
    it('counts down to the bond gripping again from the moment the phone came off the plate', () => {
        const off = {
            ...empty,
            done: [kept('power-off', 'a', 0), kept('heat', 'b', 200_000)],
        };
        expect(heatOf(plan, runOf(plan, off, []), 'seal')).toEqual({ kind: 'working', until: 320_000 });
    });
    it('shows an extra heating, and a new window after it', () => {
        const off = { ...empty, done: [kept('heat', 'b', 200_000)] };
        const on = runOf(plan, off, [event('x', 'extra-heat', 250_000, { state: 'on' })]);
        expect(heatOf(plan, on, 'seal')).toEqual({ kind: 'heating', since: 250_000, seconds: 70 });
        const again = runOf(plan, off, [
            event('x', 'extra-heat', 250_000, { state: 'on' }),
            event('y', 'extra-heat', 320_000, { state: 'off' }),
        ]);
        expect(heatOf(plan, again, 'seal')).toEqual({ kind: 'working', until: 450_000 });
    });
});
