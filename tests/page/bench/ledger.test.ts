import { describe, expect, it } from 'vitest';
import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import type { Done } from '../../../resources/js/bench/run';
import type { PhoneFile, Plan, Step } from '../../../resources/js/api/client';
import { ledgerFrom, nextScrew, whereabouts } from '../../../resources/js/bench/ledger';

const phone = JSON.parse(readFileSync('phones/quillon-vesper.phone.json', 'utf8')) as PhoneFile;
const plan = JSON.parse(
    execFileSync(
        'php',
        [
            'artisan',
            'facelift:plan',
            'phones/quillon-vesper.phone.json',
            '--part',
            'display-assembly',
            '--fault',
            'cracked-glass',
            '--json',
        ],
        {
            encoding: 'utf8',
        },
    ),
) as Plan;

/** The ledger after these steps. */
const after = (steps: Step[]) => {
    const done = new Map(steps.map((s): [string, Done] => [s.id, { event: s.id, at: 1, count: null, reason: null }]));
    return whereabouts(phone, plan, { done, wet: new Set(), ledger: ledgerFrom(plan, done) });
};

/** The ledger after everything before a step. */
const before = (id: string) => {
    const at = plan.steps.findIndex((s) => s.id === id);
    expect(at).toBeGreaterThan(0);
    return after(plan.steps.slice(0, at));
};
const step = (id: string): Step => {
    const found = plan.steps.find((s) => s.id === id);
    if (!found) {
        throw new Error(id);
    }
    return found;
};

describe('what is where', () => {
    it('has nothing astray at the start but what is put on', () => {
        expect(before('unscrew:tail-screws')).toEqual({
            screws: [],
            off: [],
            parts: [{ id: 'sim-tray', name: 'SIM tray', where: 'dish', paired: false }],
            moved: [],
            on: ['tape-front'],
            wet: [],
        });
    });

    it('counts screws by group, connectors and parts, and marks what cannot be replaced', () => {
        const open = before('set-aside:display');
        expect(open.screws.map((s) => [s.id, s.out])).toEqual([
            ['tail-screws', 2],
            ['bracket-short', 3],
            ['bracket-middle', 1],
            ['bracket-long', 1],
            ['earpiece-screws', 2],
        ]);
        expect(open.off.map((c) => c.name)).toContain('Battery connector');
        expect(open.parts.find((p) => p.id === 'earpiece-flex')).toMatchObject({ where: 'dish', paired: true });
        expect(open.parts.find((p) => p.id === 'display')?.where).toBe('old');
    });

    it('says what sits on the new part once it is there', () => {
        expect(before('set-aside:display').moved).toEqual([]);
        const late = before('close-bond:seal');
        expect(late.moved.map((p) => p.id)).toContain('earpiece-flex');
        expect(late.moved.map((p) => p.id)).not.toContain('sim-tray');
        expect(late.parts.map((p) => p.id)).not.toContain('earpiece-flex');
    });

    it('is empty at the end but for the old part', () => {
        const end = after(plan.steps);
        expect([end.screws, end.off, end.on]).toEqual([[], [], ['film-front']]);
        expect(end.parts.filter((p) => p.where === 'dish')).toEqual([]);
    });
});

describe('the next screw', () => {
    it('goes through a group one by one and ends', () => {
        const out = step('unscrew:bracket-short');
        expect(nextScrew(plan, out, [])).toBe(3);
        expect(nextScrew(plan, out, [3, 5])).toBe(4);
        expect(nextScrew(plan, out, [3, 4, 5])).toBeNull();
        expect(nextScrew(plan, step('power-off'), [])).toBeNull();
    });
});
