import { expect, test } from '@playwright/test';
import { accessible, signIn } from './technician';

test('the heat desk: time and setting move the curves, sources are compared, one is calibrated and kept', async ({
    page,
}) => {
    await signIn(page);
    await page.getByRole('tab', { name: 'Heat desk' }).click();
    const curves = page.getByRole('img', { name: /^Estimated temperatures/ });
    await expect(curves).toHaveAttribute('aria-label', /After 3:30: bond 7\d/);
    await expect(page.getByText(/Gentlest that works: \d+ °C for \d+ s/)).toBeVisible();
    await accessible(page);
    const set = page.getByLabel('Set to');
    await set.fill('95');
    await expect(curves).toHaveAttribute('aria-label', /After 3:30: bond 8\d/);
    await set.fill('400');
    await expect(page.getByText('30 to 120 °C')).toBeVisible();
    await set.fill('85');
    const time = page.getByRole('slider', { name: /On the source/ });
    await time.focus();
    for (let i = 0; i < 6; i++) {
        await page.keyboard.press('ArrowRight');
    }
    await expect(curves).toHaveAttribute('aria-label', /After 4:30/);
    await page.getByRole('combobox', { name: /Adhesive is/ }).click();
    await page.getByRole('option', { name: 'unknown, opened before' }).click();
    await expect(curves).toHaveAttribute('aria-label', /Window 55 to 80/);

    // A look into one stack, layer by layer, and a panel that need not be saved.
    await page.getByRole('combobox', { name: /Look into stack/ }).click();
    await page.getByRole('option', { name: 'back', exact: true }).click();
    await expect(
        page.getByRole('img', { name: /^Stack back after 4:30: back glass \d+ °C, air gap \d+ °C, battery \d+ °C/ }),
    ).toBeVisible();
    await expect(page.getByText('panel, limit 90 (100 for 9 s)')).toBeVisible();
    await page.getByRole('combobox', { name: /Old panel/ }).click();
    await page.getByRole('option', { name: 'May be given up' }).click();
    await expect(page.getByText('panel, limit 120')).toBeVisible();
    await accessible(page);

    const calibrate = page.getByRole('region', { name: 'Calibrate' });
    await calibrate.getByLabel('Thermometer, °C').fill('30');
    await calibrate.getByRole('button', { name: 'Fit the contact' }).click();
    await expect(calibrate.getByRole('alert')).toContainText('the probe is loose');
    await calibrate.getByLabel('Thermometer, °C').fill('76');
    await calibrate.getByRole('button', { name: 'Fit the contact' }).click();
    await expect(calibrate.getByRole('status')).toContainText(/Contact \d+/);
    await calibrate.getByLabel('Name of the source').fill('Plate at the window');
    await calibrate.getByRole('button', { name: 'Keep the source' }).click();
    await expect(page.getByRole('combobox', { name: /Source of heat/ })).toContainText(
        'Plate at the window · measured',
    );
    await expect(page.getByText(/the shop’s own reading/)).toBeVisible();

    await page.getByRole('button', { name: 'Compare with another source' }).click();
    const second = page.getByRole('region', { name: 'Source 2' });
    await second.getByRole('combobox', { name: /Source of heat/ }).click();
    await page.getByRole('option', { name: 'Grain bag' }).click();
    await expect(second.getByText(/Nothing works: This source reaches/)).toBeVisible();
    await accessible(page);
});
