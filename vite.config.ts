import { readFileSync } from 'node:fs';
import react from '@vitejs/plugin-react';
import laravel from 'laravel-vite-plugin';
import type { Plugin } from 'vite';
import { defineConfig } from 'vitest/config';

// The laravel plugin refuses to serve where CI is set; the page's unit tests need only React.
const underTest = process.env['VITEST'] !== undefined;

/** Keys of the page's own words say what they are about; what is sent to a browser needs no more than a number. */
function shortKeys(): Plugin {
    const texts = JSON.parse(readFileSync('resources/words/en.json', 'utf8')) as Record<string, string>;
    const own = Object.keys(texts).filter((key) => key.startsWith('page.'));
    const short = new Map(own.map((key, i) => [key, `p${i.toString(36)}`]));
    return {
        name: 'short-keys',
        apply: 'build',
        enforce: 'pre',
        transform: (code, id) =>
            /resources\/js\/|virtual:words/.test(id)
                ? code.replace(/(['"])(page\.[\w.-]+)\1/g, (whole, quote: string, key: string) => {
                      const to = short.get(key);
                      return to === undefined ? whole : quote + to + quote;
                  })
                : null,
    };
}

/**
 * What is said at the stations of a job, the workbench and the desks alone, or on paper: reasons, the sentences of a
 * step, their own pages. The first page does without.
 */
const ALONE = [
    'calibrate bench capture check-in chip drawing-table fields further-price hand-over heat heat-bar',
    'ledger mark-tools marks new-job next-check not-in-list on-the-phone packs part part-order',
    'phone-review plan problem-panel quote record reading-dialog receipt seal sources step-card step-clock',
    'step-words transfer tried ways go-on plan-steps repeats way-drawing shop-rules shop-day shop-effect',
    'rules-effect customers kept-for files-in-out verdict prove scope job-frame',
]
    .join(' ')
    .split(' ');
const WHOLE =
    'note|reason|text|step|step-name|question|facet|shares|money-goes|risk-of|adhesive-state|caution|located|' +
    'evidence|part-kind|sheet|drawn-sheet|stands-here|changed|under-test|moved-by|why|missing';
const LATER = new RegExp(`^(?:${WHOLE}|page\\.(?:${ALONE.join('|')}))\\.`);

/** The words as two modules: those of the first page, and those that come with a station. */
function wordsInTwo(): Plugin {
    const of: Record<string, (key: string) => boolean> = {
        'virtual:words/first': (key) => !LATER.test(key),
        'virtual:words/later': (key) => LATER.test(key),
    };
    return {
        name: 'words-in-two',
        resolveId: (id) => (id in of ? `\0${id}` : null),
        load(id) {
            const wanted = of[id.slice(1)];
            if (!id.startsWith('\0') || !wanted) {
                return null;
            }
            this.addWatchFile('resources/words/en.json');
            const texts = JSON.parse(readFileSync('resources/words/en.json', 'utf8')) as Record<string, string>;
            const some = Object.entries(texts).filter(([key]) => wanted(key));
            return `export const texts = ${JSON.stringify(Object.fromEntries(some))}`;
        },
    };
}

export default defineConfig({
    plugins: [
        wordsInTwo(),
        ...(underTest ? [] : [laravel({ input: ['resources/js/main.tsx'], refresh: false }), shortKeys()]),
        react(),
    ],
    build: { sourcemap: false, target: 'es2022' },
    test: {
        include: ['tests/page/**/*.test.ts'],
        // Long enough for a machine that does other things as well.
        testTimeout: 30_000,
        environment: 'node',
        setupFiles: ['resources/js/words/later.ts'],
    },
});
