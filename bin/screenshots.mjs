// Makes one PNG per main view from a running demo: node bin/screenshots.mjs ADDRESS PASSWORD FOLDER [NAME…]
import { chromium } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { join } from 'node:path';
import { executablePath, switches } from './chromium.mjs';
import { onThePhone, sheet } from './phone-shots.mjs';
import { captured, tellIt, TOLD, unknownAtBench } from './unknown-shots.mjs';

const [address, password, folder, ...only] = process.argv.slice(2);
const browser = await chromium.launch({ executablePath, args: switches });
const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
const page = await context.newPage();
page.on('console', (m) => m.type() === 'error' && console.error('page:', m.text()));
page.on('pageerror', (e) => console.error('page:', e.message));
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
    quote: [`/jobs/${job('T-0305')}/quote`, 'Customer accepts', decision],
    'bench-opening': [`/jobs/${job('T-0302')}/bench`, 'Cut the left edge'],
    heat: ['/heat', 'Gentlest that works'],
    workbench: ['/', 'At the bench', workbench],
    plan: [`/jobs/${job('T-0304')}/check-in`, 'Check next', planPage],
    'seal-desk': ['/seal', 'recommended', newGlass],
    capture: ['/', 'At the bench', capture],
    prove: ['/', 'At the bench', proven],
    // From here on the owner is signed in.
    people: ['/me', 'Where you are signed in', asOwner],
    settings: ['/settings', 'Hours, people, equipment'],
    changes: ['/settings', 'Hours, people, equipment', changed],
};

async function secondFactor() {
    await page.getByRole('button', { name: 'Set it up' }).click();
    await page.getByRole('img', { name: /Code to be scanned/ }).waitFor();
}

async function asOwner() {
    await page.getByRole('button', { name: /^Sign out/ }).click();
    await page.getByLabel('E-mail address').fill('owner@lindenhalt.example');
    await page.getByLabel('Password').fill(password);
    await page.getByRole('button', { name: 'Sign in' }).click();
    await page.getByRole('heading', { name: 'At the bench' }).waitFor();
    await page.getByRole('tab', { name: 'Settings' }).click();
    await page.getByRole('link', { name: 'People and rights' }).click();
    const add = page.getByRole('form', { name: 'Add somebody' });
    await add.getByLabel('Name').fill('Mara Quist');
    await add.getByLabel('E-mail address').fill('mara@lindenhalt.example');
    await page.getByRole('button', { name: 'Add and invite' }).click();
    await page.getByText(/gets in with this address/).waitFor();
}

async function toTheEnd() {
    await page.getByRole('heading', { name: 'Other figures that are used' }).scrollIntoViewIfNeeded();
    await page.evaluate(() => window.scrollTo(0, document.body.scrollHeight));
}

async function stillness() {
    await page.mouse.move(0, 0);
}

async function takenOver() {
    await page.getByRole('button', { name: /^Plan with what was learnt of Pre-cut seal/ }).click();
    await page
        .getByText(/by your|Plans are made with your/)
        .first()
        .waitFor();
}

/** What an owner has changed, from what to what. */
async function changed() {
    await page.getByLabel('Closed on').fill('2026-12-25, 2026-12-26');
    await page.getByLabel('Chargers').fill('4');
    await page.getByRole('button', { name: 'Keep the shop' }).click();
    await page.getByRole('status').filter({ hasText: 'Kept' }).waitFor();
    await page.goto(`${address}/changes`);
    await page.getByRole('cell', { name: 'Shop' }).first().waitFor();
}

/** A part has come: what is known of it is filled in. */
async function arrives() {
    await page.getByRole('button', { name: 'It has come' }).first().click();
    await page.getByRole('textbox', { name: 'Batch' }).fill('NP-2688');
    await page.getByRole('textbox', { name: 'Place' }).fill('A6');
}

/** The file of a phone that nobody has drawn, at the workbench: what is still missing, most useful first. */
async function workbench() {
    await ask('POST', '/provisional', { ...TOLD, model: 'Burr', code: 'TB-2' });
    await page.goto(`${address}/draw/tivane-burr`);
    await page.getByText('Nothing to mend').waitFor();
    await page.getByRole('button', { name: 'Back', exact: true }).waitFor();
    await page
        .getByRole('navigation', { name: 'Contents' })
        .getByRole('button', { name: 'Bracket screws, short' })
        .click();
}

/** A phone that nobody has drawn, at the bench. */
async function capture() {
    const id = await unknownAtBench({ ask, planned, worked });
    await captured({ page });
    return id;
}

/** The same, what its repair has shown. */
async function unknown() {
    const id = await capture();
    await page.getByRole('button', { name: /^Put it into the plan/ }).click();
    await page.getByText('● saved').waitFor();
    await worked(id, 'unplug', null, 'unplug:battery-plug');
    await page.getByText('Which of these is the battery’s connector?').first().waitFor();
    await page.getByRole('button', { name: '1 · as drawn' }).click();
    await page.getByText('● saved').waitFor();
    await worked(id, 'none', null, 'none');
    await page.goto(`${address}/jobs/${id}/hand-over`);
    await page.getByRole('region', { name: 'What this repair has shown of the phone' }).evaluate((e) => {
        e.scrollIntoView({ block: 'start' });
        window.scrollBy(0, -70);
    });
}

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

/** The customer's word on the display's data: the usual way; null if nothing is asked. */
function decided({ data }) {
    return data.length > 0 && data[0].way !== 'own' ? { way: data[0].way, by: 'M. Ansel' } : null;
}

/** From a job's check-in to its plan: ways of heating side by side. */
async function planPage() {
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
        data: decided(option),
    });
    await page.goto(`${address}/jobs/${id}/plan`);
    await page.locator('tr.Mui-selected').getByRole('button').nth(1).waitFor();
}

/** A phone that nobody has drawn, told at the counter. */
async function told() {
    await tellIt(page, address);
}

/** New glass on the desk: the bar of optical adhesive on the phone's own panel. */
async function newGlass() {
    for (const [field, option] of [
        ['Phone', /Quillon Vesper$/],
        ['Part', /Glass only/],
    ]) {
        await page.getByRole('combobox', { name: field, exact: true }).click();
        await page.getByRole('option', { name: option }).click();
    }
    await page.getByRole('img', { name: /Optical adhesive/ }).waitFor();
}

/** A job of its own with a part of its own, up to its plan. */
async function planned(label, phone, code, part, way) {
    const kind = 'display-assembly';
    const item = await ask('POST', '/shelf', {
        label,
        kind,
        modelCodes: [code],
        refresh: 60,
        brings: [],
        cost: '58.00',
        sheet: null,
        supplier: 'Norvend Panels',
        batch: 'NP-2714',
        state: 'new',
        place: 'B4',
        ...part,
    });
    const id = crypto.randomUUID();
    const customer = 'Wendel Okoro';
    await ask('POST', '/jobs', { id, phone, modelCode: code, colour: null, customer, imei: null });
    await change(id, 'check-in', {
        condition: {
            observations: ['cracked-glass'],
            marks: [
                {
                    kind: 'crack',
                    face: 'front',
                    points: [
                        { x: 12, y: 120 },
                        { x: 26, y: 96 },
                        { x: 24, y: 70 },
                    ],
                },
            ],
            functions: ['image', 'touch', 'earpiece'].map((f) => ({ function: f, state: 'works' })),
            repairSigns: [],
            takenOut: ['sim-tray'],
            canSwitchOff: true,
            dataNeeded: false,
            checks: [],
            payer: 'customer',
        },
    });
    await change(id, 'scope', { kind, reason: null });
    await change(id, 'part', { item: item.id });
    const option = (await ask('GET', `/jobs/${id}/quote`)).options.find((o) => o.kind === kind && o.item);
    await change(id, 'quote/acceptance', {
        kind,
        item: item.id,
        gross: option.money.gross,
        warranty: false,
        data: decided(option),
    });
    await change(id, 'plan', { source: { kind: 'plate', set: 85 } });
    if (way) {
        await change(id, 'seal', { way });
    }
    return id;
}

/** Everything before the first step of a kind has been done, in the time that is planned. */
async function worked(id, kind, gate = null, stop = null) {
    const plan = await ask('GET', `/jobs/${id}/plan`);
    const done = (await ask('GET', `/jobs/${id}/bench`)).done.map((d) => d.step);
    const events = [];
    let at = Date.now() - 4 * 3600_000;
    // It came in before any of it was done.
    execFileSync('php', ['tests/browser/came-in.php', id, String(at - 300_000)]);
    const until = plan.steps.findIndex((s) =>
        stop === null ? s.kind === kind && s.gate === (gate ?? s.gate) : s.id === stop,
    );
    for (const step of plan.steps
        .slice(0, until === -1 ? plan.steps.length : until)
        .filter((s) => !done.includes(s.id))) {
        for (const f of plan.gates.find((g) => g.gate === step.gate)?.functions ?? []) {
            events.push({ type: 'test', at: ++at, data: { gate: step.gate, function: f.function, outcome: 'pass' } });
        }
        if (step.kind === 'read-memory' && (gate !== null || stop === 'none')) {
            events.push({ type: 'data', at: ++at, data: { state: 'given-up', why: 'no programmer at this bench' } });
        }
        at += 1000 * step.hands;
        if (step.wait > 0) {
            events.push({ type: 'timer-started', at, data: { step: step.id } });
            at += 1000 * step.wait;
        }
        events.push({ type: 'step-done', at, data: { step: step.id, why: 'as planned' } });
    }
    await ask('POST', `/jobs/${id}/events`, { events: events.map((e) => ({ ...e, id: crypto.randomUUID() })) });
    await page.goto(`${address}/jobs/${id}/bench`);
}

/** A Fern 4 of its own, worked up to its adhesive, a few pieces of which are laid. */
async function laying() {
    const part = { name: 'Fern 4 display', connector: 'BF-36Y', technology: 'oled', colour: 'moss' };
    const id = await planned('P-1', 'brasca-fern-4', 'BF4-E', part, null);
    await worked(id, 'lay-seal');
    await page.getByRole('region', { name: 'What to lay now' }).waitFor();
    for (let i = 0; i < 4; ++i) {
        await page.keyboard.press('n');
    }
    await page.waitForLoadState('networkidle');
}

/** A phone at its last gate: tested on itself, what failed located, its sheet. */
async function proven() {
    const part = { name: 'Vesper display', connector: 'QV-46P', technology: 'oled', colour: 'graphite' };
    const id = await planned('P-4', 'quillon-vesper', 'QV-2110', part, null);
    await worked(id, 'gate', 'finished');
    await onThePhone(page, only.includes('phone-page') ? folder : null);
    await page.getByText('Not felt').waitFor();
    if (only.includes('sheet')) {
        await sheet(page, address, id, folder);
    }
    await page.goto(`${address}/jobs/${id}/prove`);
    await page.getByText('Look next').waitFor();
}

/** The old display's data is kept, and now it is written to the new one, block by block. */
async function transfer() {
    const part = { name: 'Vesper display', connector: 'QV-46P', technology: 'oled', colour: 'graphite' };
    const id = await planned('P-3', 'quillon-vesper', 'QV-2110', part, null);
    await worked(id, 'read-memory');
    await page.getByRole('button', { name: /^Plugged in: read it/ }).click();
    await page.getByRole('button', { name: /^Done/ }).click();
    await page.getByText('● saved').waitFor();
    await worked(id, 'write-memory');
    // It comes off while it is written, so that both are known and compared; then it is gone on with, slowly.
    await tellProgrammer('fault unplugged 20');
    await page.getByRole('button', { name: /^Plugged in: write it/ }).click();
    await page.getByText('Came off half-way').waitFor();
    await tellProgrammer('fault none');
    await tellProgrammer('slow 300');
    await page.getByRole('button', { name: /^Try again/ }).click();
    await page.getByText(/^Reading: New display, block [4-7] of 8$/).waitFor();
}

/** What is decided at the quote about the display's data, for a part that the old chip could be moved to. */
async function decision() {
    const id = job('T-0305');
    const { data } = await ask('GET', `/jobs/${id}/part`);
    await change(id, 'part', { item: data.find((p) => p.item.label === 'S-103').item.id });
    await page.reload();
    const asked = page.getByRole('region', { name: 'What will be seen afterwards: Display assembly', exact: true });
    await asked.getByRole('radio', { name: 'Move the old chip' }).check();
    await asked.getByLabel('Agreed by (name)').fill('Leonor Szabo');
    await asked.evaluate((e) => {
        e.scrollIntoView({ block: 'start' });
        window.scrollBy(0, -70);
    });
}

async function tellProgrammer(command) {
    const { connect } = await import('node:net');
    await new Promise((resolve, reject) => {
        const wire = connect(Number(process.env['FACELIFT_PROGRAMMER_CONTROL']), '127.0.0.1', () =>
            wire.write(`${command}\n`),
        );
        wire.on('data', () => {
            wire.end();
            resolve();
        });
        wire.on('error', reject);
    });
}

/** Who takes over at this device. */
async function takesOver() {
    await page.getByRole('button', { name: /works here$/ }).click();
    await page.getByRole('dialog').waitFor();
}

/** A customer's jobs, as they are chosen from. */
async function lookForCustomer() {
    await page.getByLabel('Name as it was written down').fill('Ferenc Amadi');
    await page.getByRole('button', { name: 'Look', exact: true }).click();
    await page
        .getByLabel(/is meant/)
        .first()
        .waitFor();
    await page.getByRole('heading', { name: 'One customer' }).scrollIntoViewIfNeeded();
}

async function toTheEnd2() {
    await page.mouse.wheel(0, 500);
}

async function firstBehind() {
    await page
        .getByRole('region', { name: /^Jobs behind it/ })
        .getByRole('link')
        .first()
        .click();
    await page.getByText('Handed over on').waitFor();
}

async function toForeseen() {
    await page.getByRole('heading', { name: 'Heat: expected and seen' }).scrollIntoViewIfNeeded();
    await page.mouse.wheel(0, 500);
}

/** Made in a shop with two years of history, by the owner: what the record says. */
const record = {
    record: ['/record?question=adhesives&from=2025-01', 'Compare by'],
    earned: ['/record?question=earned', 'Left in all', stillness],
    'cannot-tell': ['/record?question=comebacks&by=technician&from=2025-01', 'Compare by'],
    figures: ['/record?question=figures', 'Plan with what was learnt', takenOver],
    // To look at only.
    'other-figures': ['/record?question=figures', 'Other figures', toTheEnd],
    estimates: ['/record?question=estimates', 'By kind of step'],
    foreseen: ['/record?question=estimates', 'Heat: foreseen', toForeseen],
    makes: ['/record?question=adhesives&by=adhesive&from=2025-01', 'Compare by'],
    behind: ['/record?question=suppliers&from=2025-01&behind=Market%20find', 'Jobs behind it', toTheEnd2],
    'old-job': ['/record?question=promises&from=2025-01&behind=glass-only', 'Jobs behind it', firstBehind],
    changed: ['/record?question=changed', 'Download as CSV'],
};

/** Made only where they are asked for: not among the pictures that are kept. */
const further = {
    reorder: ['/shelf-reorder', 'To order'],
    'take-in': ['/shelf/new', 'Which phone'],
    money: ['/money', 'Money'],
    me: ['/me', 'Where you are signed in', secondFactor],
    'takes-over': ['/', 'At the bench', takesOver],
    customers: ['/settings#customers', 'One customer', lookForCustomer],
    part: [`/jobs/${job('T-0302')}/part`, 'Parts on the shelf'],
    transfer: ['/', 'At the bench', transfer],
    unknown: ['/', 'At the bench', told],
    orders: ['/shelf-orders', 'On order', arrives],
    'bench-tape': ['/', 'At the bench', laying],
    review: ['/', 'At the bench', unknown],
    promise: [`/jobs/${job('T-0305')}/quote`, 'Customer accepts'],
};

const LOOK = ['other-figures', 'estimates', 'foreseen', 'makes', 'behind', 'old-job', 'changed'];
const historic = process.env['FACELIFT_HISTORY'] === '1';
if (historic) {
    await asOwner();
}
for (const [name, [path, text, act]] of Object.entries(historic ? record : { ...views, ...further })) {
    if (only.length > 0 ? !only.includes(name) : name in further || LOOK.includes(name)) {
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
await browser.close();
