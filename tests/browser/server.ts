import { execFile } from 'node:child_process';
import { promisify } from 'node:util';

const run = promisify(execFile);

/** The php-fpm of this test run alone: found by its own pid file. */
async function php(action: 'kill' | 'start'): Promise<void> {
    await run('bash', ['bin/test-php', action], { env: process.env });
}

export const killPhp = (): Promise<void> => php('kill');
export const startPhp = (): Promise<void> => php('start');
