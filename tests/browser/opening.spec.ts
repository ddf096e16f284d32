import { expect, test, type Page } from '@playwright/test';
import {
    accessible,
    atStep,
    doStep,
    goesOnTo,
    onTheShelf,
    planned,
    planOf,
    signIn,
    steps,
    type PartFor,
} from './technician';

const SORREL: PartFor = { modelCodes: ['MS-20'], connector: null, technology: 'lcd', colour: 'clay' };
const VESPER: PartFor = { modelCodes: ['QV-2110'], connector: 'QV-46P', technology: 'oled', colour: 'graphite' };

const sources = (page: Page) => page.getByRole('table', { name: /Sources of heat/ });

test('the plan opens with the answer, another source needs a reason, and the gun is held along the cut', async ({
    page,
}) => {
    await signIn(page);
    await onTheShelf(page, 'S-951', SORREL);
    const job = await planned(page, {
        find: 'sorrel',
        phone: 'Maruvi Sorrel',
        code: 'MS-20',
        customer: 'Wendel Okoro',
        seen: ['Cracked glass'],
        kind: 'Display assembly',
        label: 'S-951',
        plan: false,
    });
    // The answer stands there before anybody asks, with what it rests on.
    const best = sources(page).getByRole('row', { name: /recommended/ });
    await expect(best).toHaveCount(1);
    await expect(best).toContainText(/Hot-air gun.*held along the cut, after plate, 95 °C/);
    await expect(best).toContainText(/8\d %|9\d %/);
    await expect(best).toContainText(/frame, \d K/);
    await accessible(page);
    await best.getByRole('button', { name: /Panel given up/ }).click();
    const why = page.getByRole('dialog', { name: /why/ });
    await accessible(page);
    await why.getByRole('button', { name: 'Back' }).click();
    await best.getByRole('button', { name: /Plan with it: Hot-air gun$/ }).click();
    await expect(page.getByRole('link', { name: 'To the bench' })).toBeVisible();

    // At the bench the gun stays on while it is cut.
    const plan = await planOf(page, job);
    const first = plan.steps.findIndex((s) => s.kind === 'cut-pass');
    await page.getByRole('link', { name: 'To the bench' }).click();
    for (const step of plan.steps.slice(0, first)) {
        await doStep(page, step);
    }
    await atStep(page, plan.steps[first]?.id);
    await expect(page.getByText(/^The gun goes on along this stretch/)).toBeVisible();
    await expect(page.getByRole('region', { name: 'Heat now' })).toContainText('Gun along the blade');
    await expect(page.getByText('mm per second now (estimate)')).toBeVisible();
    await accessible(page);
    await page.keyboard.press('e');
    await goesOnTo(page, plan.steps[first + 1]?.id);
});

test('a blade that drags: a tap on the edge ends the pass there, and the rest is planned again', async ({ page }) => {
    await signIn(page);
    await onTheShelf(page, 'S-952', VESPER);
    const job = await planned(page, {
        find: 'vesper',
        phone: 'Quillon Vesper',
        code: 'QV-2110',
        customer: 'Drag Test',
        seen: ['Cracked glass'],
        kind: 'Display assembly',
        label: 'S-952',
    });
    const plan = await planOf(page, job);
    const first = plan.steps.findIndex((s) => s.kind === 'cut-pass');
    const pass = plan.steps[first];
    await page.getByRole('link', { name: 'To the bench' }).click();
    for (const step of plan.steps.slice(0, first)) {
        await doStep(page, step);
    }
    await atStep(page, pass?.id);
    // A heat-indicating sticker that has not turned is a reading too: the bond is colder than reckoned.
    await page.keyboard.press('r');
    const reading = page.getByRole('dialog', { name: /Reading/ });
    await reading.getByRole('radio', { name: 'Sticker not yet' }).check();
    await reading.getByLabel('Sticker turns at, °C').fill('30');
    await accessible(page);
    await reading.getByRole('button', { name: 'Keep the reading' }).click();
    await expect(page.getByRole('region', { name: 'Heat now' }).getByRole('status')).toBeVisible();
    await page.keyboard.press('d');
    const asked = page.getByRole('region', { name: 'Where does the blade stand?' });
    await expect(asked).toBeVisible();
    await accessible(page);
    // Along the bottom edge a tap says how far it came; the key moves it on.
    const stands = asked.getByRole('slider', { name: 'Blade stands' });
    const mat = page.getByRole('img', { name: /Blade, Dragged here/ });
    const box = await mat.boundingBox();
    if (!box) {
        throw new Error('the mat is not on the page');
    }
    await page.mouse.click(box.x + box.width / 2, box.y + box.height * 0.9);
    const tapped = Number(await stands.inputValue());
    expect(tapped).toBeGreaterThan(20);
    expect(tapped).toBeLessThan(60);
    await stands.focus();
    await page.keyboard.press('ArrowRight');
    expect(Number(await stands.inputValue())).toBeCloseTo(tapped + 0.5, 5);
    await expect(asked).toContainText(/\d+ of \d+ mm are through/);
    await asked.getByRole('button', { name: 'It drags here: plan the rest again' }).click();
    await expect(asked).toBeHidden();
    // Heat comes next, on the same card; what is through stays through.
    await expect(page.getByRole('button', { name: /Heat is on: start the clock/ })).toBeVisible();
    await expect(steps(page).locator('[aria-current="step"]')).toContainText('Heat again');
    const again = await planOf(page, job);
    const moves = again.openings[0]?.moves.filter((m) => m.way !== null) ?? [];
    const cut = (ms: typeof moves) =>
        ms.reduce((s, m) => s + ((m.way?.stretch.to ?? 0) - (m.way?.stretch.from ?? 0)), 0);
    const whole = plan.openings[0]?.moves.filter((m) => m.way !== null) ?? [];
    expect(Math.abs(cut(moves) - cut(whole))).toBeLessThan(1.5);
    await accessible(page);
});

test('another source than the recommended one is taken with a reason, which stays with the job', async ({ page }) => {
    await signIn(page);
    await onTheShelf(page, 'S-953', VESPER);
    await planned(page, {
        find: 'vesper',
        phone: 'Quillon Vesper',
        code: 'QV-2110',
        customer: 'Reason Test',
        seen: ['Cracked glass'],
        kind: 'Display assembly',
        label: 'S-953',
        plan: false,
    });
    const other = sources(page)
        .getByRole('row')
        .filter({ hasNotText: 'recommended' })
        .filter({ has: page.getByRole('button', { name: /^Plan with it/ }) })
        .first();
    await other.getByRole('button', { name: /^Plan with it/ }).click();
    await page.getByRole('dialog').getByRole('button', { name: 'The recommended one is in use' }).click();
    await expect(page.getByRole('link', { name: 'To the bench' })).toBeVisible();
    await page.getByText('Sources of heat, side by side').click();
    await expect(
        page.getByText('Another than the recommended one was taken: The recommended one is in use'),
    ).toBeVisible();
});
