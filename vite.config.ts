import react from '@vitejs/plugin-react';
import laravel from 'laravel-vite-plugin';
import { defineConfig } from 'vitest/config';

export default defineConfig({
    plugins: [laravel({ input: ['resources/js/main.tsx'], refresh: false }), react()],
    build: { sourcemap: false, target: 'es2022' },
    test: { include: ['tests/page/**/*.test.ts'], environment: 'node' },
});
