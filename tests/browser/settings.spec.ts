import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { accessible, signIn } from './technician';

test('the owner says how long customers are kept, and hands one’s file out', async ({ page }) => {
    await signIn(page, 'owner');
    await page.getByRole('tab', { name: 'Settings' }).click();
    await expect(page.getByLabel('What the shop is called')).toHaveValue('Lindenhalt Tram Market, stall 9');
    await accessible(page);

    // What a time would do is said before it is kept.
    const time = page.getByRole('form', { name: 'Customers' });
    await expect(time.getByRole('status')).toHaveText('No job is over 36 months now.');
    await time.getByLabel('Months after the phone has left').fill('24');
    await expect(time.getByRole('status')).toHaveText('No job is over 24 months now.');
    await time.getByRole('button', { name: 'Keep this time' }).click();
    await expect(time.getByText(/^Kept\./)).toBeVisible();

    const one = page.getByRole('region', { name: 'One customer, on wish' });
    await one.getByLabel('Name as it was written down').fill('Nobody Atall');
    await one.getByRole('button', { name: 'Look' }).click();
    await expect(one.getByText('No job has a customer called Nobody Atall.')).toBeVisible();

    // A phone that is here keeps its customer.
    await one.getByLabel('Name as it was written down').fill('Odile Varenne');
    await one.getByRole('button', { name: 'Look' }).click();
    await expect(one.getByText(/is still here/)).toBeVisible();
    await expect(one.getByRole('button', { name: 'Take the customer out …' })).toBeDisabled();
    const loads = page.waitForEvent('download');
    await one.getByRole('button', { name: 'All of it as a file' }).click();
    const bytes = readFileSync(await (await loads).path());
    expect(bytes.subarray(0, 2).toString()).toBe('PK');
    expect(bytes.includes('job.json')).toBe(true);
    await accessible(page);

    // One that has left can lose it, once that is said twice; but not while an insurer owes for it.
    await one.getByLabel('Name as it was written down').fill('Ferenc Amadi');
    await one.getByRole('button', { name: 'Look' }).click();
    await one.getByRole('button', { name: 'Take the customer out …' }).click();
    await expect(one.getByText('Out of 1 job, for good?')).toBeVisible();
    await one.getByRole('button', { name: 'Take out for good' }).click();
    await expect(one.getByRole('alert')).toContainText('has money open with the insurer');
    await one.getByRole('button', { name: 'Leave it' }).click();
    await expect(one.getByRole('button', { name: 'Take the customer out …' })).toBeEnabled();
});

test('settings are the owner’s', async ({ page }) => {
    await signIn(page);
    await expect(page.getByRole('tab', { name: 'Settings' })).toHaveCount(0);
    await page.goto('/settings');
    await expect(page.getByText(/Settings are the owner's/)).toBeVisible();
});
