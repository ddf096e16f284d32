import { afterEach, describe, expect, it, vi } from 'vitest';
import { newId } from '../../../resources/js/bench/ids';

const uuid4 = /^[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/;

describe('ids made on this screen', () => {
    afterEach(() => vi.unstubAllGlobals());

    it('are random UUIDs', () => {
        expect(newId()).toMatch(uuid4);
        expect(new Set(Array.from({ length: 200 }, newId)).size).toBe(200);
    });
    it('also where the page is not served as a secure context', () => {
        vi.stubGlobal('crypto', { getRandomValues: (bytes: Uint8Array) => bytes.map((_, i) => (i * 37) % 256) });
        expect(newId()).toMatch(uuid4);
    });
});
