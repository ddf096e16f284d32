import { expect, test } from '@playwright/test';
import { accessible } from './technician';

const way = process.env['FACELIFT_WAY_IN'] ?? '';

// In a shop without the demo, of which only the start command's test has one.
test.skip(way === '', 'no empty shop');

test('a new shop says what to do first, each with its place', async ({ page }) => {
    await page.goto(way);
    await page.getByLabel('New password').fill('nobody guesses this');
    await page.getByRole('button', { name: 'Keep it' }).click();
    await page.getByRole('link', { name: 'Sign in' }).click();
    await page.getByLabel('E-mail address').fill('first@stall.example');
    await page.getByLabel('Password').fill('nobody guesses this');
    await page.getByRole('button', { name: 'Sign in' }).click();
    const first = page.getByRole('region', { name: 'The first day' });
    await expect(first.getByRole('listitem')).toHaveCount(3);
    await accessible(page);

    await first.getByRole('link', { name: 'Settings' }).click();
    await page.getByLabel('What the shop is called').fill('Marrow Lane Repairs');
    await page.getByRole('button', { name: 'Keep the shop' }).click();
    await expect(page.getByRole('status').filter({ hasText: 'Kept' })).toBeVisible();
    await page.getByRole('tab', { name: 'Today' }).click();
    await expect(first.getByRole('listitem').first()).toContainText('Done');
    await page.reload();
    await expect(page.getByText('Marrow Lane Repairs · 0 open')).toBeVisible();
    await first.getByRole('link', { name: 'Take in a list' }).click();
    await expect(page).toHaveURL(/shelf-import$/);
});
