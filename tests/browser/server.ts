import { execFile } from 'node:child_process';
import { writeFile } from 'node:fs/promises';
import { promisify } from 'node:util';

const run = promisify(execFile);

/** The php-fpm of this test run alone: found by its own pid file. */
async function php(action: 'kill' | 'start'): Promise<void> {
    await run('bash', ['bin/test-php', action], { env: process.env });
}

export const killPhp = (): Promise<void> => php('kill');
export const startPhp = (): Promise<void> => php('start');

/** Sets the shop's clock ahead; every screen learns the time from the server. */
export async function clockAhead(seconds: number): Promise<void> {
    const file = process.env['FACELIFT_CLOCK'];
    if (file === undefined || file === '') {
        throw new Error('this run has no clock to move');
    }
    await writeFile(file, String(Math.round(seconds * 1000)));
}
