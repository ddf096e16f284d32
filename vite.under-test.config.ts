import laravel from 'laravel-vite-plugin';
import { defineConfig } from 'vite';

/** The page for the phone under test: small, on its own, and for old browsers too. */
export default defineConfig({
    plugins: [
        laravel({
            input: ['resources/under-test/main.ts', 'resources/under-test/page.css'],
            buildDirectory: 'build-under-test',
            refresh: false,
        }),
    ],
    build: { sourcemap: false, target: 'es2017', modulePreload: false },
});
