import react from '@vitejs/plugin-react';
import laravel from 'laravel-vite-plugin';
import { defineConfig } from 'vitest/config';

// The laravel plugin refuses to serve where CI is set; the page's unit tests need only React.
const underTest = process.env['VITEST'] !== undefined;

export default defineConfig({
    plugins: [...(underTest ? [] : [laravel({ input: ['resources/js/main.tsx'], refresh: false })]), react()],
    build: { sourcemap: false, target: 'es2022' },
    test: { include: ['tests/page/**/*.test.ts'], environment: 'node' },
});
