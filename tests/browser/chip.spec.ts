import { expect, test, type Page } from '@playwright/test';
import { accessible, atStep, doStep, onTheShelf, planned, planOf, signIn, workedUpTo } from './technician';
import { plugDisplays, tellProgrammer } from './server';

const KIND = 'Display assembly';

/** From the counter to the bench with the old chip to be moved; the decision is looked at on the way. */
async function chosen(page: Page, label: string, customer: string): Promise<string> {
    await tellProgrammer('fault none', 'slow 0');
    await plugDisplays('quillon-vesper');
    await signIn(page);
    await onTheShelf(page, label, {
        modelCodes: ['QV-2110'],
        connector: 'QV-46P',
        technology: 'oled',
        colour: 'graphite',
        refresh: 60,
        sheet: { memory: true, chipPlace: true },
    });
    const job = await planned(page, {
        find: 'vesper',
        phone: 'Quillon Vesper',
        code: 'QV-2110',
        customer,
        seen: ['Cracked glass'],
        kind: KIND,
        label,
        way: 'Move the old chip',
    });
    await workedUpTo(page, job, (s) => s.kind === 'read-memory');
    await page.goto(`${job}/bench`);
    await atStep(page, 'read-memory:display');
    await page.getByRole('button', { name: /^Plugged in: read it/ }).click();
    await page.getByRole('button', { name: /^Done/ }).click();
    await workedUpTo(page, job, (s) => s.kind === 'chip-off');
    await page.goto(`${job}/bench`);
    await atStep(page, 'chip-off:display');
    return job;
}

const card = (page: Page) => page.getByRole('region', { name: 'Step', exact: true });

test('the old chip is moved: from the decision to the proof, and the notice is gone', async ({ page }) => {
    const job = await chosen(page, 'S-981', 'Chip Test');
    await page.goto(`${job}/quote`);
    await expect(page.getByText(/Decided by M\. Ansel: Move the old chip/)).toBeVisible();
    const figures = page.getByRole('region', { name: 'Moving the old chip' });
    await expect(figures).toContainText('A yellow spot is to be expected: it is milled off instead.');
    await expect(figures.getByRole('img', { name: /panel behind 3\d °C/ })).toBeVisible();
    await accessible(page);
    await page.goto(`${job}/bench`);
    await expect(card(page)).toContainText('Milling dust');
    await expect(card(page)).toContainText('Passes 11');
    await accessible(page);
    const plan = await planOf(page, job);
    const work = plan.steps.filter((s) => s.kind.startsWith('chip-'));
    expect(work.map((s) => s.kind)).toEqual([
        'chip-off',
        'chip-lift',
        'chip-balls',
        'chip-set',
        'chip-cool',
        'chip-cure',
    ]);
    for (const step of work) {
        await atStep(page, step.id);
        if (step.kind === 'chip-lift') {
            await expect(card(page)).toContainText('Solder and flux fumes');
            await expect(card(page)).toContainText('Air 295 °C, about');
        }
        await doStep(page, step);
    }
    await expect(page.getByRole('heading', { name: 'Make the new part ready' })).toBeVisible();
    const gate = await workedUpTo(page, job, (s) => s.gate === 'finished');
    await page.goto(`${job}/bench`);
    await atStep(page, gate.id);
    await doStep(page, gate);
    await page.goto(`${job}/hand-over`);
    const hears = page.getByRole('region', { name: 'Customer hears' });
    await expect(hears).toContainText('Kept: colour by the light around');
    await expect(hears).not.toContainText('notice');
});

test('the chip fails: it goes back on the old display, whose data is read again', async ({ page }) => {
    const job = await chosen(page, 'S-982', 'Chip Fails');
    await workedUpTo(page, job, (s) => s.kind === 'chip-set');
    await page.goto(`${job}/bench`);
    await atStep(page, 'chip-set:display');
    await page.keyboard.press('p');
    const wrong = page.getByRole('region', { name: 'Went wrong' });
    await wrong.getByRole('button', { name: /^The chip does not work/ }).click();
    await expect(page.getByRole('region', { name: 'What follows' })).toContainText('The old chip goes back');
    await accessible(page);
    await page.getByRole('button', { name: 'It happened: change the plan' }).click();
    await expect(page.getByRole('heading', { name: 'Set the old chip back on the old display' })).toBeVisible();
    await page.keyboard.press('PageDown');
    await expect(page.getByRole('heading', { name: 'Read the old display’s memory' })).toBeVisible();
    // It was kept before the chip was touched: nothing is lost, whatever can be read now.
    await expect(page.getByRole('region', { name: 'The display’s data' })).toContainText(
        'The old display’s data is kept.',
    );
    await page.getByRole('button', { name: /^Done/ }).click();
    const plan = await planOf(page, job);
    expect(plan.steps.some((s) => s.kind === 'write-memory')).toBe(true);
    expect(plan.steps.some((s) => s.kind === 'chip-cool')).toBe(false);
    await page.goto(`${job}/hand-over`);
    await expect(page.getByText('The price changed at the bench')).toBeVisible();
});
