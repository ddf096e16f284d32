// Makes one PNG per main view from a running demo: node bin/screenshots.mjs ADDRESS PASSWORD FOLDER [NAME…]
import { chromium } from '@playwright/test';
import { mkdtempSync, rmSync } from 'node:fs';
import { writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const [address, password, folder, ...only] = process.argv.slice(2);
const profile = mkdtempSync(join(tmpdir(), 'facelift-shots-'));
const context = await chromium.launchPersistentContext(profile, {
    executablePath: process.env.FACELIFT_CHROMIUM ?? '/usr/bin/chromium',
    args: [
        '--headless',
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
    ],
    viewport: { width: 1280, height: 800 },
});
const page = context.pages()[0] ?? (await context.newPage());
page.on('console', (m) => m.type() === 'error' && console.error('page:', m.text()));
await page.goto(`${address}/sign-in`);
await page.getByLabel('Address').fill('technician@lindenhalt.example');
await page.getByLabel('Password').fill(password);
await page.getByRole('button', { name: 'Sign in' }).click();
await page.getByRole('heading', { name: 'At the bench' }).waitFor();
const jobs = (await (await page.request.get(`${address}/api/jobs`, { headers: { Accept: 'application/json', Referer: address } })).json()).data;
const job = (tag) => jobs.find((j) => j.tag === tag)?.id;

const views = {
    today: ['/', 'At the bench'],
    'check-in': [`/jobs/${job('T-0302')}/check-in`, 'Condition before anything is opened'],
    scope: [`/jobs/${job('T-0303')}/scope`, 'Display with frame'],
    part: [`/jobs/${job('T-0302')}/part`, 'Parts on the shelf'],
    quote: [`/jobs/${job('T-0305')}/quote`, 'Customer accepts'],
    'dark-screen': [`/jobs/${job('T-0304')}/check-in`, 'Check next'],
    plan: [`/jobs/${job('T-0302')}/plan`, 'Prepare'],
    'bench-opening': [`/jobs/${job('T-0302')}/bench`, 'Cut the left edge'],
    prove: [`/jobs/${job('T-0301')}/prove`, 'Beside check-in'],
    'hand-over': [`/jobs/${job('T-0301')}/hand-over`, 'Customer hears'],
    phones: ['/phones', 'Codes'],
    shelf: ['/shelf', 'S-101'],
    'new-job': ['/new', 'Which phone is it?'],
    heat: ['/heat', 'Gentlest that works'],
    'bench-heating': [`/jobs/${job('T-0303')}/bench`, 'Switch the phone off', heating],
    'bench-large': [`/jobs/${job('T-0303')}/bench`, 'Lift off', () => page.keyboard.press('f')],
};

/** Puts the phone on the plate, reads the thermometer once, and lets three minutes pass by the shop's clock. */
async function heating() {
    for (const title of [/^Take out|^Heat on/, /^Heat on/]) {
        await page.keyboard.press('PageDown');
        await page.getByRole('heading', { name: title }).waitFor();
    }
    await page.keyboard.press('PageDown');
    await page.getByText('● saved').waitFor();
    for (const [seconds, reading] of [
        [100, '63,5'],
        [185, null],
    ]) {
        await writeFile(process.env.FACELIFT_CLOCK, String(seconds * 1000));
        await page.reload();
        await page
            .getByText(/^Lift off/)
            .first()
            .waitFor();
        if (reading !== null) {
            await page.keyboard.press('r');
            await page.getByLabel('Temperature, °C').fill(reading);
            await page.keyboard.press('Enter');
            await page.getByText(/Corrected by/).waitFor();
        }
    }
}

for (const [name, [path, text, act]] of Object.entries(views)) {
    if (only.length > 0 && !only.includes(name)) {
        continue;
    }
    await page.goto(address + path);
    await page.getByText(text).first().waitFor();
    await page.waitForLoadState('networkidle');
    await act?.();
    await page.evaluate(() => document.fonts.ready);
    await page.screenshot({ path: join(folder, `${name}.png`) });
    console.log(name);
}
await context.close();
rmSync(profile, { recursive: true, force: true });
