import AxeBuilder from '@axe-core/playwright';
import { expect, type APIResponse, type Locator, type Page } from '@playwright/test';
import { cameIn, plugDisplays } from './server';
import type { components } from '../../resources/js/api/schema';

type Plan = components['schemas']['Plan'];
export type Step = Plan['steps'][number];

/** Cookies of accounts that have signed in by the form in this run. */
const signedIn = new Map<string, Awaited<ReturnType<ReturnType<Page['context']>['cookies']>>>();

/** Signs in by the form the first time, and is still signed in after that, as a browser would be. */
export async function signIn(page: Page, account = 'technician'): Promise<void> {
    await page.context().addCookies(signedIn.get(account) ?? []);
    // Somebody may have signed out meanwhile.
    const known =
        signedIn.has(account) &&
        (
            await page.request.get('/api/me', {
                headers: { Accept: 'application/json', Referer: process.env['FACELIFT_ADDRESS'] ?? '' },
            })
        ).ok();
    if (known) {
        await page.goto('/');
    } else {
        await page.goto('/sign-in');
        await page.getByLabel('E-mail address').fill(`${account}@lindenhalt.example`);
        await page.getByLabel('Password').fill(process.env['FACELIFT_DEMO_PASSWORD'] ?? '');
        await page.getByRole('button', { name: 'Sign in' }).click();
    }
    await expect(page.getByRole('heading', { name: 'At the bench' })).toBeVisible();
    signedIn.set(account, await page.context().cookies());
}

/** Everything that axe finds on the screen as it now is, whatever it weighs, advice on landmarks and headings too. */
export async function violations(page: Page, rules: string[] = []): Promise<string[]> {
    const axe = new AxeBuilder({ page }).setLegacyMode(true);
    const found = await (
        rules.length > 0
            ? axe.withRules(rules)
            : axe.withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'])
    ).analyze();
    expect(found.passes.length).toBeGreaterThan(rules.length > 0 ? 0 : 5);
    return found.violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.html.slice(0, 120)).join(' | ')}`);
}

/** Nothing serious on the screen as it now is. */
export async function accessible(page: Page): Promise<void> {
    // A menu that is just going is measured half faded: only a page at rest says something.
    await expect(page.getByRole('listbox')).toHaveCount(0);
    // What lies half under the bar while a page is scrolled is no small target.
    await page.evaluate(() => window.scrollTo(0, 0));
    await page.waitForFunction(() => document.getAnimations().every((a) => a.playState !== 'running'));
    // Without frames there is nothing to put together in a page of its own, which costs a second each time.
    const found = await new AxeBuilder({ page })
        .setLegacyMode(true)
        .withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'])
        .analyze();
    const grave = found.violations.filter((v) => v.impact === 'serious' || v.impact === 'critical');
    expect(grave.map((v) => `${v.id}: ${v.nodes.map((n) => n.html.slice(0, 120)).join(' | ')}`)).toEqual([]);
    expect(found.passes.length).toBeGreaterThan(5);
}

export interface Wish {
    find: string;
    phone: string;
    code: string;
    customer: string;
    seen: string[];
    kind: string;
    label: string;
    /** What is done with the display's data; the usual way if left out. */
    way?: string;
    /** False to stop before a plan is made. */
    plan?: boolean;
}

/** Accepts the option of a kind on the quote page, and waits for the plan station. */
export async function accept(page: Page, kind: string, way?: string): Promise<void> {
    await expect(page.getByRole('heading', { name: /^Quote for/ })).toBeVisible();
    await decide(page, kind, way);
    await page.getByRole('button', { name: `Customer accepts: ${kind}`, exact: true }).click();
    await expect(page.getByRole('button', { name: 'Make the plan' })).toBeVisible();
}

/** Writes down who agreed to what will be seen of the display's data, if that is asked. */
export async function decide(page: Page, kind: string, way?: string): Promise<void> {
    await expect(page.getByRole('button', { name: `Customer accepts: ${kind}`, exact: true })).toBeVisible();
    const asked = page.getByRole('region', { name: `What will be seen afterwards: ${kind}`, exact: true });
    if ((await asked.count()) > 0) {
        if (way !== undefined) {
            await asked.getByRole('radio', { name: way }).check();
        }
        await asked.getByLabel('Agreed by (name)').fill('M. Ansel');
    }
}

/** From the counter to a plan, through the pages. Returns the job's address. */
export async function planned(
    page: Page,
    wish: Wish,
    look: (page: Page) => Promise<void> = () => Promise.resolve(),
): Promise<string> {
    await page.getByRole('link', { name: 'Check in a phone' }).click();
    await page.getByLabel('Maker, model or model code').fill(wish.find);
    await page.getByRole('button', { name: new RegExp(`^${wish.phone}(?! Grand)\\b`) }).click();
    await choose(page, page.getByLabel('Model code', { exact: false }).last(), new RegExp(wish.code));
    await page.getByLabel('Customer').fill(wish.customer);
    await look(page);
    await page.getByRole('button', { name: 'Open the job' }).click();
    await expect(page.getByRole('heading', { name: 'Condition before anything is opened' })).toBeVisible();
    for (const seen of wish.seen) {
        await page
            .getByRole('region', { name: 'What is seen' })
            .getByRole('button', { name: seen, exact: true })
            .click();
    }
    await drawCrack(page);
    await page.getByRole('button', { name: /The other \d+ work/ }).click();
    await page.getByLabel('SIM tray').check();
    await look(page);
    await page.getByRole('button', { name: 'Write down the condition' }).click();
    await expect(page.getByRole('heading', { name: 'What is broken' })).toBeVisible();
    await expect(page.getByRole('heading', { name: wish.kind })).toBeVisible();
    await look(page);
    await page.getByRole('button', { name: `Fit this: ${wish.kind}`, exact: true }).click();
    await expect(page.getByRole('heading', { name: /Parts on the shelf/ })).toBeVisible();
    await expect(page.getByRole('button', { name: `Take it: ${wish.label}` })).toBeVisible();
    await look(page);
    await page.getByRole('button', { name: `Take it: ${wish.label}` }).click();
    await expect(page.getByRole('button', { name: `Customer accepts: ${wish.kind}`, exact: true })).toBeVisible();
    await look(page);
    await accept(page, wish.kind, wish.way);
    if (wish.plan !== false) {
        await page.getByRole('button', { name: 'Make the plan' }).click();
        await expect(page.getByRole('link', { name: 'To the bench' })).toBeVisible();
    }
    await look(page);
    return /\/jobs\/[0-9a-f-]+/.exec(page.url())?.[0] ?? '';
}

export async function choose(page: Page, field: Locator, option: RegExp): Promise<void> {
    await field.click();
    await page.getByRole('option', { name: option }).click();
}

export async function drawCrack(page: Page): Promise<void> {
    const mat = page.getByRole('img', { name: /marks? drawn/ });
    const box = await mat.boundingBox();
    if (!box) {
        throw new Error('the mat is not on the page');
    }
    const at = (x: number, y: number): [number, number] => [box.x + box.width * x, box.y + box.height * y];
    await page.mouse.move(...at(0.45, 0.7));
    await page.mouse.down();
    await page.mouse.move(...at(0.5, 0.6));
    await page.mouse.move(...at(0.55, 0.5));
    await page.mouse.up();
    await expect(page.getByRole('region', { name: 'Marks in words' })).toContainText(/Crack, .* mm/);
}

export async function planOf(page: Page, job: string): Promise<Plan> {
    const answer = await page.request.get(`/api${job}/plan`, {
        headers: { Accept: 'application/json', Referer: page.url() },
    });
    return (await answer.json()) as Plan;
}

export const steps = (page: Page): Locator => page.getByRole('navigation', { name: 'Steps' });

/**
 * Waits until a step, or the one named, is the one at hand. A selector is looked for at every frame, an expectation
 * only now and then.
 */
export const atStep = (page: Page, id?: string): Promise<void> =>
    steps(page)
        .locator(`[aria-current="step"]${id === undefined ? '' : `[data-step="${id}"]`}`)
        .waitFor();

/** True if the programmer does it. */
export const isTransferred = (step: Step): boolean =>
    (step.kind === 'read-memory' || step.kind === 'write-memory') && Number(step.figures['blocks'] ?? 0) > 0;

/** Lets the programmer read the old display, or write to the new one; both are plugged in before it reads. */
async function transferred(page: Page, step: Step): Promise<void> {
    if (step.kind === 'read-memory') {
        const job = /\/jobs\/[0-9a-f-]+/.exec(page.url())?.[0] ?? '';
        const answer = await page.request.get(`/api${job}`, {
            headers: { Accept: 'application/json', Referer: page.url() },
        });
        await plugDisplays(((await answer.json()) as { phone: { id: string } }).phone.id);
    }
    await page.keyboard.press('PageDown');
    await page.getByRole('button', { name: /^Done/ }).waitFor();
}

/** Does the step at hand with the keyboard alone, and waits until it is kept. */
export async function doStep(page: Page, step: Step): Promise<void> {
    await atStep(page);
    if (step.gate !== null) {
        const all = page.getByRole('button', { name: /The other \d+ pass/ });
        await all.focus();
        await page.keyboard.press('Enter');
        await all.waitFor({ state: 'hidden' });
        await page.locator('body').focus();
        await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
    }
    if (step.wait > 0) {
        await page.keyboard.press('PageDown');
        await page.getByRole('timer').waitFor();
    }
    if (isTransferred(step)) {
        await transferred(page, step);
    }
    await page.keyboard.press('PageDown');
    if (ASKED.has(step.kind)) {
        await sayWhy(page);
    }
}

/**
 * Waits for the step after one that was just confirmed. How warm the bond is by then hangs on how fast the machine
 * works: if it is asked whether it was cut cold, the first of the reasons is given.
 */
export async function goesOnTo(page: Page, id: string | undefined): Promise<void> {
    const question = page.getByRole('group', { name: 'Why' });
    const next = steps(page).locator(`[aria-current="step"][data-step="${id ?? ''}"]`);
    await next.or(question).first().waitFor();
    // The page goes on before the server has said yes: only what is kept tells whether it asks.
    await page.getByText('● saved').waitFor();
    if (await question.isVisible()) {
        await question.getByRole('button').first().click();
    }
    await next.waitFor();
}

/** Steps that are asked about when they are done in no time, as a test does them. */
const ASKED: ReadonlySet<Step['kind']> = new Set([
    'heat',
    'reheat',
    'warm-battery',
    'cool',
    'confirm-dry',
    'clamp',
    'cure-uv',
    'chip-cool',
    'chip-cure',
    'warm-glass',
    'first-gap',
    'cut-pass',
]);

/** Answers what is asked about the step that was just confirmed with the first of the reasons, if anything is asked. */
async function sayWhy(page: Page): Promise<void> {
    await page.getByText('● saved').waitFor();
    const question = page.getByRole('group', { name: 'Why' });
    if (await question.isVisible()) {
        await question.getByRole('button').first().click();
        await question.waitFor({ state: 'hidden' });
        await page.getByText('● saved').waitFor();
    }
}

/** What a part is for. */
export interface PartFor {
    modelCodes: string[];
    connector: string | null;
    technology: 'lcd' | 'oled' | null;
    colour: string;
    kind?: string;
    refresh?: number;
    /** Small parts that come with it. */
    brings?: string[];
    /** What its data sheet says of the display's data. */
    sheet?: { memory: boolean; chipPlace: boolean };
}

export async function post(page: Page, path: string, data: unknown, method = 'POST'): Promise<APIResponse> {
    const cookies = await page.context().cookies();
    const token = decodeURIComponent(cookies.find((c) => c.name === 'XSRF-TOKEN')?.value ?? '');
    return page.request.fetch(`/api${path}`, {
        method,
        headers: { Referer: page.url(), 'X-XSRF-TOKEN': token, Accept: 'application/json' },
        data,
    });
}

/** A part of its own, so that no other test takes it. */
export async function onTheShelf(page: Page, label: string, of: PartFor): Promise<void> {
    const added = await post(page, '/shelf', {
        label,
        name: 'A display',
        kind: 'display-assembly',
        refresh: 60,
        brings: [],
        cost: '42.00',
        sheet: null,
        supplier: 'Norvend Panels',
        batch: 'NP-9',
        state: 'new',
        place: 'D2',
        ...of,
    });
    expect(added.status(), await added.text()).toBe(201);
}

/** A phone that nobody has drawn, taken in as the counter does. */
export async function provisional(page: Page): Promise<void> {
    const answer = await post(page, '/provisional', {
        maker: 'Tivane',
        model: 'Knot',
        code: 'TK-7',
        family: 'front-opening',
        width: 71.2,
        height: 158.4,
        thickness: 8.1,
        tray: true,
        stylus: false,
        curved: false,
        front: [],
    });
    expect(answer.status(), await answer.text()).toBe(200);
}

async function doneIn(page: Page, job: string): Promise<ReadonlySet<string>> {
    const answer = await page.request.get(`/api${job}/bench`, {
        headers: { Accept: 'application/json', Referer: page.url() },
    });
    return new Set(((await answer.json()) as { done: { step: string }[] }).done.map((d) => d.step));
}

/** Everything before a step has been done, or all of it, each in its own time, as another screen has sent it. */
export async function workedUpTo(page: Page, job: string, stop: (step: Step) => boolean): Promise<Step> {
    if (page.url().endsWith('/bench')) {
        // What the bench has not sent yet would be done a second time.
        await page.getByText('● saved').waitFor();
    }
    const plan = await planOf(page, job);
    const events: unknown[] = [];
    let at = Date.now() - 4 * 3600_000;
    await cameIn(job.replace('/jobs/', ''), at - 300_000);
    const say = (type: string, data: Record<string, string>) =>
        events.push({ id: crypto.randomUUID(), type, at: (at += 1), data });
    const found = plan.steps.findIndex(stop);
    const end = found < 0 ? plan.steps.length : found;
    const done = await doneIn(page, job);
    for (const step of plan.steps.slice(0, end).filter((s) => !done.has(s.id))) {
        for (const f of plan.gates.find((g) => g.gate === step.gate)?.functions ?? []) {
            say('test', { gate: step.gate ?? '', function: f.function, outcome: 'pass' });
        }
        if (isTransferred(step) && step.kind === 'read-memory') {
            say('data', { state: 'given-up', why: 'no programmer at this bench' });
        }
        at += 1000 * step.hands;
        if (step.wait > 0) {
            say('timer-started', { step: step.id });
            at += 1000 * step.wait;
        }
        say('step-done', { step: step.id, why: 'as planned' });
    }
    for (let i = 0; i < events.length; i += 200) {
        const answer = await post(page, `${job}/events`, { events: events.slice(i, i + 200) });
        expect(((await answer.json()) as { refused: unknown[] }).refused).toEqual([]);
    }
    const step = plan.steps[end] ?? plan.steps[plan.steps.length - 1];
    if (!step) {
        throw new Error('the plan has no step');
    }
    return step;
}
