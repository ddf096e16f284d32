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
            /resources\/(js|words)\//.test(id)
                ? code.replace(/(['"])(page\.[\w.-]+)\1/g, (whole, quote: string, key: string) => {
                      const to = short.get(key);
                      return to === undefined ? whole : quote + to + quote;
                  })
                : null,
    };
}

export default defineConfig({
    plugins: [
        ...(underTest ? [] : [laravel({ input: ['resources/js/main.tsx'], refresh: false }), shortKeys()]),
        react(),
    ],
    build: { sourcemap: false, target: 'es2022' },
    test: { include: ['tests/page/**/*.test.ts'], environment: 'node' },
});
