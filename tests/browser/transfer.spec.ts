import { expect, test, type Page } from '@playwright/test';
import { accessible, atStep, onTheShelf, planned, signIn, workedUpTo } from './technician';
import { plugDisplays, tellProgrammer } from './server';

const VESPER = {
    modelCodes: ['QV-2110'],
    connector: 'QV-46P',
    technology: 'oled',
    colour: 'graphite',
    refresh: 60,
} as const;

async function atReading(page: Page, label: string, customer: string): Promise<string> {
    await tellProgrammer('fault none', 'slow 0');
    await plugDisplays('quillon-vesper');
    await signIn(page);
    await onTheShelf(page, label, { ...VESPER, modelCodes: [...VESPER.modelCodes] });
    const job = await planned(page, {
        find: 'vesper',
        phone: 'Quillon Vesper',
        code: 'QV-2110',
        customer,
        seen: ['Cracked glass'],
        kind: 'Display assembly',
        label,
    });
    await workedUpTo(page, job, (s) => s.kind === 'read-memory');
    await page.goto(`${job}/bench`);
    await expect(page.getByRole('heading', { name: 'Read the old display’s memory' })).toBeVisible();
    return job;
}

const data = (page: Page) => page.getByRole('region', { name: 'The display’s data' });

test.afterEach(() => tellProgrammer('fault none', 'slow 0'));

test('the old display is read over a bad contact, kept, written to the new one and read back', async ({ page }) => {
    const job = await atReading(page, 'S-971', 'Transfer Test');
    await accessible(page);
    await tellProgrammer('fault no-contact');
    await page.getByRole('button', { name: /^Plugged in: read it/ }).click();
    await expect(data(page).getByRole('status')).toContainText('No contact, once. Nothing answers');
    await page.getByRole('button', { name: /^Try again/ }).click();
    await expect(data(page).getByRole('status')).toContainText('No contact, 2 times in a row.');
    await accessible(page);
    // Two of three blocks come with a flipped bit: they are asked again, and the bar fills block by block.
    await tellProgrammer('fault bad-contact', 'slow 20');
    await page.getByRole('button', { name: /^Try again/ }).click();
    await expect(data(page)).toContainText(/Reading: Old display, block [1-8] of 8/);
    await expect(page.getByRole('button', { name: /^The programmer works/ })).toBeDisabled();
    await expect(data(page).getByRole('status')).toContainText('The old display’s data is kept.');
    await expect(page.getByRole('button', { name: /^Done/ })).toBeEnabled();
    await page.keyboard.press('PageDown');
    // What was done must be kept before the rest is worked, or the helper begins one step too early.
    await expect(page.getByRole('heading', { name: 'Read the old display’s memory' })).toBeHidden();
    await page.getByText('● saved').waitFor();
    await tellProgrammer('fault none', 'slow 0');
    await workedUpTo(page, job, (s) => s.kind === 'write-memory');
    await page.goto(`${job}/bench`);
    await atStep(page, 'write-memory:display');
    await page.getByRole('button', { name: /^Plugged in: write it/ }).click();
    await expect(data(page).getByRole('status')).toContainText('Written and read back: equal.');
    await expect(data(page)).toContainText('What still differs now that it is done');
    await expect(data(page)).toContainText(/Hours lit: \d+, then \d+/);
    await expect(data(page)).not.toContainText('White point');
    await data(page).getByText('5 readings kept').click();
    await expect(data(page).getByRole('link', { name: 'Intel HEX' })).toHaveCount(5);
    await accessible(page);
    await page.keyboard.press('PageDown');
    await expect(page.getByRole('heading', { name: 'Make the new part ready' })).toBeVisible();
});

test('a display that cannot be read goes only with a reason, which the sheet carries', async ({ page }) => {
    await atReading(page, 'S-972', 'Unread Test');
    await tellProgrammer('unplug old');
    for (const told of ['once', '2 times in a row', '3 times in a row']) {
        await page.getByRole('button', { name: /^(Plugged in: read it|Try again)/ }).click();
        await expect(data(page).getByRole('status')).toContainText(`No contact, ${told}`);
    }
    await page.getByText('It cannot be read', { exact: true }).click();
    const why = page.getByLabel('Why it cannot be read');
    await expect(page.getByRole('button', { name: 'Give the old display’s data up' })).toBeDisabled();
    await why.focus();
    await expect(why).toHaveValue('No contact, after 3 tries');
    await accessible(page);
    await page.getByRole('button', { name: 'Give the old display’s data up' }).click();
    await expect(data(page)).toContainText('Given up: No contact, after 3 tries.');
    await page.getByRole('button', { name: /^Done/ }).click();
    await expect(page.getByRole('heading', { name: 'Unplug: Touch connector' })).toBeVisible();
});
