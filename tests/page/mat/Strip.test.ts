import { describe, expect, it } from 'vitest';
import { clear, sampleAt } from '../../../resources/js/mat/Strip';

const samples = [
    { t: 0, bond: 20, panel: 20, battery: 20, outer: 20 },
    { t: 10, bond: 40, panel: 30, battery: 25, outer: 60 },
];

describe('temperature strip', () => {
    it('writes out only labels that stand clear of each other', () => {
        expect(clear([62, 200, 210, 250, 262], 62)).toEqual([true, true, false, false, true]);
        expect(clear([], 62)).toEqual([]);
    });
    it('reads straight between samples', () => {
        expect(sampleAt(samples, 5)).toEqual({ t: 5, bond: 30, panel: 25, battery: 22.5, outer: 40 });
    });
    it('stays at the ends', () => {
        expect(sampleAt(samples, 99)?.bond).toBe(40);
        expect(sampleAt(samples, 0)?.bond).toBe(20);
    });
    it('has nothing to say without samples', () => {
        expect(sampleAt([], 1)).toBeNull();
    });
});
