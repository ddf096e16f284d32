import { expect, test, type Page } from '@playwright/test';
import { planned, planOf, signIn, steps } from './technician';
import { clockAhead, killPhp, startPhp } from './server';

async function atBench(page: Page, customer: string): Promise<string> {
    await signIn(page);
    const job = await planned(page, {
        find: 'vesper',
        phone: 'Quillon Vesper',
        code: 'QV-2111',
        customer,
        seen: ['Black spots'],
        kind: 'Display with small parts',
        label: 'S-105',
    });
    await page.getByRole('link', { name: 'To the bench' }).click();
    await expect(page.getByRole('heading', { name: 'Switch the phone off' })).toBeVisible();
    return job;
}

test.describe.serial('at the bench', () => {
    test.afterAll(() => clockAhead(0));

    let job = '';

    test('keys: done, undo, problem, screws, find, keys', async ({ page }) => {
        job = await atBench(page, 'Keyboard Tester');
        await page.keyboard.press('Space');
        await expect(page.getByRole('heading', { name: 'Take out: SIM tray' })).toBeVisible();
        await page.keyboard.press('PageDown');
        await expect(page.getByRole('heading', { name: 'Tape over the broken glass' })).toBeVisible();
        await page.keyboard.press('Backspace');
        await expect(page.getByRole('heading', { name: 'Take out: SIM tray' })).toBeVisible();
        await page.keyboard.press('s');
        await expect(page.getByRole('group', { name: /Screw mat/ })).toBeVisible();
        await page.keyboard.press('s');
        await page.keyboard.press('/');
        await page.keyboard.type('battery conn');
        await expect(steps(page).getByRole('button', { name: /Unplug: Battery connector/ })).toBeVisible();
        await page.keyboard.press('Escape');
        await page.keyboard.press('Shift+?');
        await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
        await page.keyboard.press('Escape');
        await page.keyboard.press('p');
        await page.getByLabel('What happened').fill('tray was bent already');
        await page.keyboard.press('Enter');
        await expect(page.getByText('● saved')).toBeVisible();
    });

    test('a step that waits for others is refused with its reason, and shown kindly', async ({ page }) => {
        await signIn(page);
        await page.goto(`${job}/bench`);
        await steps(page)
            .getByRole('button', { name: /^Unplug \d/ })
            .click();
        await steps(page)
            .getByRole('button', { name: /Unplug: Battery connector/ })
            .click();
        await expect(page.getByRole('heading', { name: 'Unplug: Battery connector' })).toBeVisible();
        await page.keyboard.press('PageDown');
        await expect(page.getByRole('alert')).toContainText('Waits for');
        await page.getByRole('button', { name: 'Understood' }).click();
        await expect(page.getByRole('alert')).toBeHidden();
    });

    test('no heat while alcohol is wet', async ({ page }) => {
        await signIn(page);
        await page.goto(`${job}/bench`);
        const plan = await planOf(page, job);
        await expect(page.getByRole('heading', { name: 'Take out: SIM tray' })).toBeVisible();
        for (const step of plan.steps.slice(
            1,
            plan.steps.findIndex((s) => s.kind === 'heat'),
        )) {
            await page.keyboard.press('PageDown');
            await expect(steps(page).locator('[aria-current="step"]')).not.toContainText(step.id);
        }
        await expect(page.getByRole('heading', { name: /^Heat on the plate/ })).toBeVisible();
        await page.keyboard.press('p');
        await page.getByRole('button', { name: 'Wet: edge' }).click();
        await expect(page.getByText(/Alcohol is wet at the edge/)).toBeVisible();
        await page.keyboard.press('Escape');
        await page.getByRole('button', { name: /Heat is on: start the clock/ }).click();
        await expect(page.getByRole('alert')).toContainText('Alcohol is wet at: edge');
        await page.getByRole('button', { name: 'Understood' }).click();
        await page.getByRole('button', { name: 'Dry: edge' }).click();
        await page.getByRole('button', { name: /Heat is on: start the clock/ }).click();
        await expect(page.getByText(/then lift off/)).toBeVisible();
        await expect(page.getByText('● saved')).toBeVisible();
    });

    test('the clock goes on across a reload and is seen from every page', async ({ page }) => {
        await signIn(page);
        const chip = page.getByRole('link', { name: /heat/ });
        await expect(chip).toBeVisible();
        const first = await chip.textContent();
        await page.reload();
        await expect(page.getByRole('link', { name: /heat/ })).not.toHaveText(first ?? '');
        await page.goto('/shelf');
        await page.getByRole('link', { name: /heat/ }).click();
        await expect(page.getByRole('timer')).toBeVisible();
        await page.setViewportSize({ width: 1024, height: 768 });
        const lines = await page.getByRole('link', { name: /back to Today/ }).evaluate((tag) => {
            const range = document.createRange();
            range.selectNodeContents(tag);
            return new Set([...range.getClientRects()].map((box) => box.top)).size;
        });
        expect(lines).toBe(1);
    });

    test('php is killed between confirm and answer: what was kept counts once', async ({ page }) => {
        await signIn(page);
        let cut = false;
        let killed: () => void = () => undefined;
        const dead = new Promise<void>((resolve) => (killed = resolve));
        await page.route('**/events', async (route) => {
            if (cut) {
                return route.continue();
            }
            cut = true;
            await route.fetch();
            await killPhp();
            await route.abort('connectionreset');
            killed();
        });
        // It has been on the plate for as long as was planned.
        await clockAhead(200);
        await page.goto(`${job}/bench`);
        await expect(page.getByRole('button', { name: /Off the heat/ })).toBeVisible();
        await page.keyboard.press('PageDown');
        await expect(page.getByRole('heading', { name: /First gap/ })).toBeVisible();
        await expect(page.getByText(/1 waiting to send/)).toBeVisible();
        await dead;
        await startPhp();
        await expect(page.getByText('● saved')).toBeVisible({ timeout: 20_000 });
        const state = (await (
            await page.request.get(`/api${job}/bench`, { headers: { Accept: 'application/json', Referer: page.url() } })
        ).json()) as {
            done: { step: string }[];
        };
        expect(state.done.filter((d) => d.step === 'heat:seal')).toHaveLength(1);
    });

    test('server away, browser killed: nothing that was confirmed is lost', async ({ page, browser }) => {
        await signIn(page);
        await page.goto(`${job}/bench`);
        await expect(page.getByRole('heading', { name: /First gap/ })).toBeVisible();
        await killPhp();
        await page.keyboard.press('PageDown');
        await expect(page.getByRole('heading', { name: /Cut the bottom edge/ })).toBeVisible();
        await page.keyboard.press('PageDown');
        await expect(page.getByText(/2 waiting to send, server away/)).toBeVisible();
        // Coming back to the window asks for the job anew; with the server away the page must stay.
        await page.evaluate(() => document.dispatchEvent(new Event('visibilitychange', { bubbles: true })));
        await expect(page.getByText(/2 waiting to send, server away/)).toBeVisible();
        await expect(page.getByRole('heading', { name: /Cut the left edge/ })).toBeVisible();
        const kept = await page.context().storageState();
        await page.context().close();
        await startPhp();
        const again = await browser.newContext({ storageState: kept });
        const second = await again.newPage();
        await second.goto(`${job}/bench`);
        await expect(second.getByText('● saved')).toBeVisible({ timeout: 20_000 });
        await expect(second.getByRole('heading', { name: /Cut the left edge/ })).toBeVisible();
        await second.reload();
        await expect(second.getByRole('heading', { name: /Cut the left edge/ })).toBeVisible();
        await again.close();
    });
});

test('the front desk sees the bench but cannot work at it', async ({ page }) => {
    await signIn(page, 'desk');
    await page.getByRole('link', { name: /Marek Osei-Lind/ }).click();
    await expect(page.getByText('Your account can look at the bench but not work at it.')).toBeVisible();
    await expect(page.getByRole('button', { name: /Done, pick placed/ })).toBeDisabled();
});

test('two people at one job: the second is told, kindly', async ({ page, browser }) => {
    await signIn(page);
    await page.getByRole('link', { name: /Sven Achterberg/ }).click();
    await page.getByRole('tab', { name: /Check-in/ }).click();
    await expect(page.getByRole('heading', { name: 'Condition before anything is opened' })).toBeVisible();
    const other = await (await browser.newContext()).newPage();
    await signIn(other, 'desk');
    await other.goto(page.url());
    await other.getByRole('button', { name: 'Flicker' }).click();
    await other.getByRole('button', { name: 'Write down the condition' }).click();
    await expect(other.getByRole('heading', { name: 'What is broken' })).toBeVisible();
    await page.getByRole('button', { name: 'Lines' }).click();
    await page.getByRole('button', { name: 'Write down the condition' }).click();
    await expect(page.getByRole('alert')).toContainText('was changed by somebody else meanwhile');
    await other.context().close();
});

test('the dark look is as legible, and the bench fits 1024 × 768', async ({ page }) => {
    const { accessible } = await import('./technician');
    await signIn(page);
    await page.getByRole('button', { name: 'Dark look' }).click();
    await accessible(page);
    await page.setViewportSize({ width: 1024, height: 768 });
    await page.getByRole('link', { name: /Marek Osei-Lind/ }).click();
    await expect(page.getByRole('heading', { name: /Cut the left edge/ })).toBeVisible();
    await accessible(page);
    const overflow = await page.evaluate(
        () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
    );
    expect(overflow).toBeLessThanOrEqual(0);
    await expect(page.getByRole('button', { name: /Done, pick placed/ })).toBeInViewport();
});
