import { connect } from 'node:net';
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

/** Tells the thermometer's stand-in what to show, or what is wrong with it. */
export const tellThermometer = (...commands: string[]): Promise<void> =>
    tell('FACELIFT_THERMOMETER_CONTROL', ...commands);

/** Tells the programmer's stand-in what is wrong with it. */
export const tellProgrammer = (...commands: string[]): Promise<void> =>
    tell('FACELIFT_PROGRAMMER_CONTROL', ...commands);

/** Puts two made-up displays of a phone into the programmer's stand-in. */
export async function plugDisplays(phone: string): Promise<void> {
    await run('php', ['artisan', 'facelift:displays', phone], { env: process.env });
}

/** What another screen has told of a phone happened after it came in, ms since 1970. */
export async function cameIn(job: string, at: number): Promise<void> {
    await run('php', ['tests/browser/came-in.php', job, String(at)], { env: process.env });
}

async function tell(control: string, ...commands: string[]): Promise<void> {
    const port = Number(process.env[control]);
    for (const command of commands) {
        const said = await new Promise<string>((resolve, reject) => {
            const wire = connect(port, '127.0.0.1', () => wire.write(`${command}\n`));
            wire.setTimeout(2000, () => wire.destroy(new Error('the stand-in does not answer')));
            wire.on('data', (d) => {
                resolve(String(d).trim());
                wire.end();
            });
            wire.on('error', reject);
        });
        if (said !== 'ok') {
            throw new Error(`${command}: ${said}`);
        }
    }
}
