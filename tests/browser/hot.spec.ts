import { expect, test, type Page } from '@playwright/test';
import { accessible, doStep, planOf, signIn, type Step } from './technician';
import { clockAhead, tellThermometer } from './server';

/** The shop's clock moves on, and the screen learns it at its next question. */
async function later(page: Page, seconds: number): Promise<void> {
    await clockAhead(seconds);
    await page.reload();
    await expect(page.getByRole('region', { name: 'Step', exact: true })).toBeVisible();
}

const now = (page: Page) => page.getByRole('region', { name: 'Heat now' });

test.describe.serial('heat at the bench, by a clock that is moved', () => {
    let job = '';
    let moves: Step[] = [];
    let heat = 0;

    test.afterAll(async () => {
        await clockAhead(0);
        await tellThermometer('off', 'noise 0.3', 'fault none');
    });

    test('heating: the strip says when to lift off, and a reading corrects it', async ({ page }) => {
        await clockAhead(0);
        await signIn(page);
        await page.getByRole('link', { name: /Joana Ferrucci/ }).click();
        await expect(page.getByRole('region', { name: 'Step', exact: true })).toBeVisible();
        job = /\/jobs\/[0-9a-f-]+/.exec(page.url())?.[0] ?? '';
        const plan = await planOf(page, job);
        const first = plan.steps.findIndex((s) => s.kind === 'heat');
        moves = plan.steps.filter((s) => ['heat', 'reheat', 'first-gap', 'cut-pass'].includes(s.kind));
        heat = plan.steps[first]?.wait ?? 0;
        await expect(page.getByRole('heading', { name: 'Switch the phone off' })).toBeVisible();
        for (const step of plan.steps.slice(0, first)) {
            await doStep(page, step);
        }
        await expect(page.getByRole('heading', { name: /^Heat on the plate/ })).toBeVisible();
        await expect(now(page)).toBeHidden();
        await page.keyboard.press('PageDown');
        await expect(now(page)).toContainText(/Lift off in [1-4]:\d\d/);
        await expect(now(page)).toContainText(/Battery 2\d of 60 °C/);
        await expect(page.getByText('● saved')).toBeVisible();
        await later(page, 100);
        const before = await seconds(page);
        await page.keyboard.press('r');
        await page.getByLabel('Temperature, °C').fill('300');
        await expect(page.getByText('−20 to 250 °C')).toBeVisible();
        await page.getByLabel('Temperature, °C').fill('60,5');
        await accessible(page);
        await page.keyboard.press('Enter');
        await expect(now(page).getByRole('status')).toContainText(/Corrected by 1 reading: contact \d+ \(\d+–\d+\)/);
        await expect(page.getByText('then lift off, corrected by your reading.')).toBeVisible();
        expect(await seconds(page)).toBeGreaterThan(before + 5);
    });

    test('a reading that no contact explains is said to be implausible and changes nothing', async ({ page }) => {
        await signIn(page);
        await page.goto(`${job}/bench`);
        const before = await seconds(page);
        await now(page).getByRole('button', { name: 'Reading' }).click();
        await page.getByLabel('Temperature, °C').fill('24');
        await page.getByRole('button', { name: 'Keep the reading' }).click();
        await expect(now(page).getByRole('status')).toContainText(
            'the probe is loose or on the wrong spot. It is left out.',
        );
        expect(Math.abs((await seconds(page)) - before)).toBeLessThan(12);
    });

    test('a thermometer is followed: measured beside predicted, until it comes loose', async ({ page }) => {
        await tellThermometer('hold 61.5', 'noise 0');
        await signIn(page);
        await page.goto(`${job}/bench`);
        const thermometer = now(page).getByRole('group', { name: 'Thermometer' });
        await expect(thermometer).toContainText('T7 61.5 °C');
        await page.keyboard.press('r');
        const source = page.getByRole('region', { name: 'From the thermometer' });
        await expect(source).toContainText('T7 61.5 °C');
        await accessible(page);
        await source.getByRole('button', { name: 'Follow it from here on' }).click();
        await expect(thermometer).toContainText('followed: heated glass');
        await expect(now(page)).toContainText('Corrected by 2 readings', { timeout: 20_000 });
        await tellThermometer('fault loose', 'hold 80');
        await later(page, 110);
        await expect(now(page)).toContainText('the probe is loose or on the wrong spot', { timeout: 20_000 });
        await tellThermometer('fault open');
        await expect(thermometer).toContainText('T7: probe open');
        await thermometer.getByRole('button', { name: 'Leave it' }).click();
        await expect(thermometer).not.toContainText('followed');
        await tellThermometer('fault none', 'off');
    });

    test('the bond holds: one rung after the other, and alcohol wets the face it opens', async ({ page }) => {
        await signIn(page);
        await page.goto(`${job}/bench`);
        await expect(now(page)).toBeVisible();
        const holds = page.getByRole('region', { name: 'The bond holds' });
        // The heating on record is the first rung already.
        for (const rung of ['Heat longer', 'Alcohol beside the blade']) {
            await page.keyboard.press('p');
            await expect(holds).toContainText(`The bond holds. Next: ${rung}.`);
            await holds.getByRole('button', { name: `Done: ${rung}`, exact: true }).click();
            await expect(page.getByText('● saved')).toBeVisible();
        }
        await expect(page.getByText(/Alcohol is wet at the back/)).toBeVisible();
        await page.keyboard.press('p');
        await expect(holds).toContainText('Next: Thin metal.');
        await accessible(page);
        await page.getByRole('button', { name: 'Dry: back' }).click();
        await expect(page.getByText(/Alcohol is wet at the back/)).toBeHidden();
    });

    test('lift off now, then the window runs out, and heating again opens it', async ({ page }) => {
        await signIn(page);
        await page.goto(`${job}/bench`);
        await expect(now(page)).toBeVisible();
        await later(page, 120 + 2 * heat);
        await expect(now(page)).toContainText('Lift off now');
        await page.keyboard.press('f');
        const large = page.getByRole('dialog', { name: 'Heat, large' });
        await expect(large).toContainText('Lift off now');
        await accessible(page);
        await page.keyboard.press('f');
        await expect(large).toBeHidden();
        await page.keyboard.press('PageDown');
        await expect(now(page)).toContainText(/Grips again in \d:\d\d/);
        await expect(page.getByText('● saved')).toBeVisible();
        await later(page, 420 + 2 * heat);
        await expect(now(page)).toContainText('It grips again');
        await expect(now(page)).toContainText('heat again, do not force it');
        await accessible(page);
        // On to the cutting, where the heat can be put back on.
        for (const move of moves.slice(
            1,
            moves.findIndex((m) => m.kind === 'cut-pass'),
        )) {
            if (move.wait > 0) {
                await page.keyboard.press('PageDown');
                await expect(page.getByRole('button', { name: /Off the heat/ })).toBeVisible();
            }
            await page.keyboard.press('PageDown');
        }
        await page.keyboard.press('h');
        await expect(now(page)).toContainText(/Lift off/);
        await later(page, 500 + 2 * heat);
        await page.keyboard.press('h');
        await expect(now(page)).toContainText(/Grips again in/);
    });

    test('the bond holds for too long: the panel is given up', async ({ page }) => {
        await signIn(page);
        await page.goto(`${job}/bench`);
        await expect(now(page)).toBeVisible();
        await page.keyboard.press('p');
        const holds = page.getByRole('region', { name: 'The bond holds' });
        await expect(holds).toBeVisible();
        await later(page, 1200 + 2 * heat);
        await page.keyboard.press('p');
        await expect(holds).toContainText('minutes are enough: give the panel up at one corner');
    });

    test('afterwards the plan shows beside it what really was', async ({ page }) => {
        await signIn(page);
        await page.goto(`${job}/plan`);
        const went = page.getByRole('region', { name: 'As it went' });
        await expect(went).toContainText(/On the source \d+:\d\d.*; planned \d:\d\d, \d:\d\d/);
        await expect(went).toContainText(/Read (?:at|\d+ times, from) 1:[45]\d: heated glass 60\.5 °C/);
        await accessible(page);
    });

    test('sound is switched off and stays so', async ({ page }) => {
        await signIn(page);
        await page.goto(`${job}/bench`);
        await now(page).getByRole('button', { name: 'Sound off' }).click();
        await page.reload();
        await expect(now(page).getByRole('button', { name: 'Sound on' })).toBeVisible();
    });
});

/** Seconds to lift-off, as the bar says them. */
async function seconds(page: Page): Promise<number> {
    const said = now(page).getByText(/^Lift off in \d+:\d\d$/);
    await expect(said).toBeVisible();
    const [, minutes = '', rest = ''] = /(\d+):(\d\d)/.exec((await said.textContent()) ?? '') ?? [];
    return 60 * Number(minutes) + Number(rest);
}
