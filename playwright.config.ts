import { executablePath, switches } from './bin/chromium.mjs';
import { defineConfig } from '@playwright/test';

const address = process.env['FACELIFT_ADDRESS'] ?? 'http://127.0.0.1:8480';

// One worker: the tests share one server and its database, as a shop does.
// eslint-disable-next-line no-restricted-exports -- the runner asks for a default export
export default defineConfig({
    testDir: 'tests/browser',
    // What is measured, not tested, runs with ./facelift bench.
    testMatch: process.env['FACELIFT_MEASURED'] === undefined ? '*.spec.ts' : '*.bench.ts',
    outputDir: process.env['FACELIFT_RESULTS'] ?? 'test-results',
    workers: 1,
    retries: 0,
    timeout: 240_000,
    // Long enough for a machine that others use as well: a test that passes does not wait for it.
    expect: { timeout: 30_000 },
    reporter: [['list']],
    use: {
        baseURL: address,
        viewport: { width: 1280, height: 800 },
        actionTimeout: 30_000,
        trace: 'off',
        screenshot: 'only-on-failure',
        launchOptions: {
            executablePath,
            // A phone under test has a microphone and cameras: the browser's own stand-ins.
            args: [...switches, '--use-fake-device-for-media-stream', '--use-fake-ui-for-media-stream'],
        },
    },
});
