import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import texts from '../../../resources/words/en.json';

const ROOT = join(import.meta.dirname, '../../../resources/js');
const code = readdirSync(ROOT, { recursive: true, encoding: 'utf8' })
    .filter((file) => /\.tsx?$/.test(file))
    .map((file) => readFileSync(join(ROOT, file), 'utf8'))
    .join('\n');
const said = new Set([...code.matchAll(/'(page\.[^']+)'/g)].map((m) => String(m[1])));

describe('words of the page', () => {
    it('are there for every key that is said', () => {
        expect(said.size).toBeGreaterThan(700);
        expect([...said].filter((key) => !(key in texts))).toEqual([]);
    });
    it('are all said somewhere', () => {
        const own = Object.keys(texts).filter((key) => key.startsWith('page.'));
        expect(own.filter((key) => !said.has(key))).toEqual([]);
    });
    it('say no text twice for one screen', () => {
        const own = Object.entries(texts).filter(([key]) => /^page\.[^.]+$/.test(key));
        expect(new Set(own.map(([, text]) => text)).size).toBe(own.length);
    });
});
