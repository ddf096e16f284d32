// Makes one PNG per main view from a running demo: node bin/screenshots.mjs ADDRESS PASSWORD FOLDER [NAME…]
import { chromium } from '@playwright/test';
import { mkdtempSync, rmSync } from 'node:fs';
import { writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { connect } from 'node:net';
import { join } from 'node:path';
import { executablePath, switches } from './chromium.mjs';

const [address, password, folder, ...only] = process.argv.slice(2);
const profile = mkdtempSync(join(tmpdir(), 'facelift-shots-'));
const context = await chromium.launchPersistentContext(profile, {
    executablePath,
    args: switches,
    viewport: { width: 1280, height: 800 },
});
const page = context.pages()[0] ?? (await context.newPage());
page.on('console', (m) => m.type() === 'error' && console.error('page:', m.text()));
await page.goto(`${address}/sign-in`);
await page.getByLabel('E-mail address').fill('technician@lindenhalt.example');
await page.getByLabel('Password').fill(password);
await page.getByRole('button', { name: 'Sign in' }).click();
await page.getByRole('heading', { name: 'At the bench' }).waitFor();
const jobs = (
    await (
        await page.request.get(`${address}/api/jobs`, { headers: { Accept: 'application/json', Referer: address } })
    ).json()
).data;
const job = (tag) => jobs.find((j) => j.tag === tag)?.id;

const views = {
    today: ['/', 'At the bench'],
    'check-in': [`/jobs/${job('T-0302')}/check-in`, 'Condition before anything is opened'],
    scope: [`/jobs/${job('T-0303')}/scope`, 'Display with frame'],
    part: [`/jobs/${job('T-0302')}/part`, 'Parts on the shelf'],
    quote: [`/jobs/${job('T-0305')}/quote`, 'Customer accepts'],
    'dark-screen': [`/jobs/${job('T-0304')}/check-in`, 'Check next'],
    'bench-opening': [`/jobs/${job('T-0302')}/bench`, 'Cut the left edge'],
    prove: [`/jobs/${job('T-0301')}/prove`, 'Beside check-in'],
    'hand-over': [`/jobs/${job('T-0301')}/hand-over`, 'Customer hears'],
    phones: ['/phones', 'Codes'],
    shelf: ['/shelf', 'S-101'],
    'new-job': ['/new', 'Which phone is it?'],
    heat: ['/heat', 'Gentlest that works'],
    workbench: [
        '/draw/brasca-larch',
        'Nothing is wrong',
        async () => {
            await page.getByRole('button', { name: 'Back', exact: true }).click();
            await page
                .getByRole('navigation', { name: 'Contents' })
                .getByRole('button', { name: 'Cover screws' })
                .click();
        },
    ],
    'bench-heating': [`/jobs/${job('T-0303')}/bench`, 'Switch the phone off', heating],
    'bench-held': [`/jobs/${job('T-0304')}/check-in`, 'Check next', held],
    'bench-moving': [`/jobs/${job('T-0302')}/bench`, 'Cut the left edge', moving],
    'screw-mat': [`/jobs/${job('T-0302')}/bench`, 'Fit:', () => page.keyboard.press('s')],
};

/** Tells the thermometer's stand-in what it shows. */
const show = (celsius) =>
    new Promise((resolve) => {
        const wire = connect(Number(process.env.FACELIFT_THERMOMETER_CONTROL), '127.0.0.1', () =>
            wire.write(`noise 0\nhold ${celsius}\n`),
        );
        wire.on('data', () => wire.end(resolve));
    });

/** Asks the server as the page does. */
async function ask(method, path, data) {
    const cookies = await context.cookies();
    const token = decodeURIComponent(cookies.find((c) => c.name === 'XSRF-TOKEN')?.value ?? '');
    const headers = { Accept: 'application/json', Referer: address, 'X-XSRF-TOKEN': token };
    const answer = await page.request.fetch(`${address}/api${path}`, { method, headers, data });
    if (!answer.ok()) {
        throw new Error(`${method} ${path}: ${await answer.text()}`);
    }
    return answer.json();
}

/** Changes a job as it now is. */
async function change(id, what, data) {
    const { version } = await ask('GET', `/jobs/${id}`);
    return ask('PUT', `/jobs/${id}/${what}`, { version, ...data });
}

/** From a job's check-in to a plan with the recommended source, to the second pass, and there the blade drags. */
async function held() {
    const id = job('T-0304');
    await change(id, 'scope', { kind: 'display-assembly', reason: null });
    const { data } = await ask('GET', `/jobs/${id}/part`);
    await change(id, 'part', { item: data.find((p) => p.item.taken === null).item.id });
    const option = (await ask('GET', `/jobs/${id}/quote`)).options.find((o) => o.kind === 'display-assembly');
    await change(id, 'quote/acceptance', {
        kind: 'display-assembly',
        item: option.item.id,
        gross: option.money.gross,
        warranty: false,
    });
    await page.goto(`${address}/jobs/${id}/plan`);
    await page.locator('tr.Mui-selected').getByRole('button').nth(1).waitFor();
    await page.screenshot({ path: join(folder, 'plan.png') });
    await page.locator('tr.Mui-selected').getByRole('button').first().click();
    await page.getByRole('link', { name: 'To the bench' }).waitFor();
    const { steps } = await ask('GET', `/jobs/${id}/plan`);
    const until = steps.findIndex((s) => s.id === steps.filter((p) => p.kind === 'cut-pass')[1]?.id);
    const events = [];
    let at = 0;
    for (const step of steps.slice(0, until)) {
        if (step.wait > 0) {
            events.push({ type: 'timer-started', at: (at += 5000), data: { step: step.id } });
        }
        at += 1000 * (step.wait > 0 ? step.wait : step.hands);
        events.push({ type: 'step-done', at, data: { step: step.id } });
    }
    // As if the last of it had been done a few seconds ago.
    const from = Date.now() - 4000 - at;
    await ask('POST', `/jobs/${id}/events`, {
        events: events.map((e) => ({ ...e, id: crypto.randomUUID(), at: Math.round(from + e.at) })),
    });
    await page.goto(`${address}/jobs/${id}/bench`);
    await page.getByText('mm per second now').waitFor();
    await page.keyboard.press('d');
    await page.getByRole('button', { name: /plan the rest again/ }).waitFor();
}

/** Works a job through to its second part that goes onto the new screen. */
async function moving() {
    const headers = { Accept: 'application/json', Referer: address };
    const { steps } = await (await page.request.get(`${address}/api/jobs/${job('T-0302')}/plan`, { headers })).json();
    const current = page.getByRole('navigation', { name: 'Steps' }).locator('[aria-current="step"]');
    const at = await current.getAttribute('data-step');
    const fits = steps.filter((s) => s.kind === 'fit-part');
    const until = steps.findIndex((s) => s.id === fits[1]?.id);
    for (const step of steps.slice(
        steps.findIndex((s) => s.id === at),
        until,
    )) {
        if (step.gate !== null) {
            await page.getByRole('button', { name: /The other \d+ pass/ }).click();
            await page.evaluate(() => document.activeElement?.blur());
        }
        for (let press = step.wait > 0 ? 2 : 1; press > 0; --press) {
            await page.keyboard.press('PageDown');
        }
        // Pressed through in no time, what is asked about it is answered.
        await page.getByText('● saved').waitFor();
        const why = page.getByRole('group', { name: 'Why' });
        if (await why.isVisible()) {
            await why.getByRole('button').first().click();
        }
        await page
            .getByRole('navigation', { name: 'Steps' })
            .locator(`[aria-current="step"]:not([data-step="${step.id}"])`)
            .waitFor();
    }
    await page.getByText('● saved').waitFor();
}

/** Puts the phone on the plate, follows the thermometer, and lets three minutes pass by the shop's clock. */
async function heating() {
    for (const title of [/^Take out|^Heat on/, /^Heat on/]) {
        await page.keyboard.press('PageDown');
        await page.getByRole('heading', { name: title }).waitFor();
    }
    await page.keyboard.press('PageDown');
    await page.getByText('● saved').waitFor();
    await show(30);
    const seen = [53.5, 58.1, 62.6, 65.9, 68.3, 70.9, 72.4, 74.4, 75.5];
    for (const [i, celsius] of seen.entries()) {
        await show(celsius);
        await writeFile(process.env.FACELIFT_CLOCK, String((30 + 19 * i) * 1000));
        await page.reload();
        await page
            .getByText(/^Lift off/)
            .first()
            .waitFor();
        if (i === 0) {
            await page.getByText('T7 53').waitFor();
            await page.keyboard.press('r');
            await page.getByRole('button', { name: 'Follow it from here on' }).click();
        }
        // Real seconds pass as well: there may be a reading more than clock settings.
        const atLeast = Array.from({ length: 20 }, (_, more) => i + 1 + more).join('|');
        await page.getByText(new RegExp(`Corrected by (?:${atLeast}) reading`)).waitFor({ timeout: 20_000 });
        await page.getByText(`T7 ${Math.floor(celsius)}`).waitFor();
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
