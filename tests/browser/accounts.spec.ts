import { createHmac } from 'node:crypto';
import { expect, test } from '@playwright/test';
import { accessible, signIn } from './technician';

/** The code of the time for a secret in base32, after RFC 6238. */
function codeOf(secret: string): string {
    const bits = Array.from(secret, (c) => 'ABCDEFGHIJKLMNOPQRSTUVWXYZ234567'.indexOf(c).toString(2).padStart(5, '0'));
    const key = Buffer.from((bits.join('').match(/.{8}/g) ?? []).map((b) => parseInt(b, 2)));
    const window = Buffer.alloc(8);
    window.writeBigUInt64BE(BigInt(Math.floor(Date.now() / 30_000)));
    const hash = createHmac('sha1', key).update(window).digest();
    const at = (hash[19] ?? 0) & 15;
    return ((hash.readUInt32BE(at) & 0x7fffffff) % 1_000_000).toString().padStart(6, '0');
}

test('somebody is added, comes in once, takes a second factor and is shut out', async ({ page, browser, baseURL }) => {
    await signIn(page, 'owner');
    await page.getByRole('tab', { name: 'Settings' }).click();
    await page.getByRole('link', { name: 'People and rights' }).click();
    const add = page.getByRole('form', { name: 'Add somebody' });
    await add.getByLabel('Name').fill('Mara Quist');
    await add.getByLabel('E-mail address').fill('mara@lindenhalt.example');
    await add.getByRole('button', { name: 'Add and invite' }).click();
    const address = await page
        .getByRole('status')
        .getByText(/\/invited\//)
        .textContent();
    await accessible(page);

    // In a browser of her own: the address works once.
    const own = await browser.newContext({ baseURL: baseURL ?? '' });
    const hers = await own.newPage();
    await hers.goto(new URL(address ?? '').pathname);
    await hers.getByLabel('New password').fill('nobody guesses this');
    await accessible(hers);
    await hers.getByRole('button', { name: 'Keep it' }).click();
    await hers.getByRole('link', { name: 'Sign in' }).click();
    const comesIn = async () => {
        await hers.getByLabel('E-mail address').fill('mara@lindenhalt.example');
        await hers.getByLabel('Password').fill('nobody guesses this');
        await hers.getByRole('button', { name: 'Sign in' }).click();
    };
    await comesIn();
    await hers.getByRole('link', { name: 'Account' }).click();

    await hers.getByRole('button', { name: 'Set it up' }).click();
    const secret = (await hers.getByText(/^[A-Z2-7]{32}$/).textContent()) ?? '';
    await expect(hers.getByRole('img', { name: /Code to be scanned/ })).toBeVisible();
    const code = codeOf(secret);
    await hers.getByLabel('Code from your telephone').fill(code);
    await hers.getByRole('button', { name: 'The telephone shows this code' }).click();
    await expect(hers.getByText(/signing in asks for the code/)).toBeVisible();
    await accessible(hers);
    await hers.getByRole('button', { name: /^Sign out/ }).click();
    await comesIn();
    // The password alone is not enough; the code that was taken is not taken again.
    await hers.getByLabel('Code from your telephone').fill(code);
    await hers.getByRole('button', { name: 'Sign in' }).click();
    await expect(hers.getByRole('alert')).toContainText(/not the code of now, or it was used/);

    await page.getByRole('button', { name: 'Shut Mara Quist out' }).click();
    await expect(page.getByRole('form', { name: 'Mara Quist' })).toContainText('shut out');
    await hers.getByRole('button', { name: 'Sign in' }).click();
    await expect(hers.getByRole('alert')).toContainText('do not go together');
    await own.close();

    // Who did it is written down.
    await page.getByRole('link', { name: 'Who changed what' }).click();
    const line = page.getByRole('row', { name: /Person Mara Quist Changed/ }).first();
    await expect(line).toContainText('Ilse Varga');
    await expect(line).toContainText('shut out since');
    await accessible(page);
});

test('a password is changed, and the session goes on', async ({ page }) => {
    await signIn(page, 'desk');
    await page.getByRole('link', { name: 'Account' }).click();
    const form = page.getByRole('form', { name: 'Password' });
    await form.getByLabel('Present password').fill('not this one');
    await form.getByLabel('New password').fill('another long one');
    await page.getByRole('button', { name: 'Change it' }).click();
    await expect(page.getByRole('alert')).toContainText('This is not your password');
    const password = process.env['FACELIFT_DEMO_PASSWORD'] ?? '';
    for (const [now, next] of [
        [password, 'another long one'],
        ['another long one', password],
    ] as const) {
        await form.getByLabel('Present password').fill(now);
        await page.getByLabel('New password').fill(next);
        await page.getByRole('button', { name: 'Change it' }).click();
        await expect(page.getByRole('status').filter({ hasText: 'It is changed' })).toBeVisible();
        await page.reload();
        await expect(page.getByText('here', { exact: true })).toBeVisible();
    }
});

test('somebody else takes over at the device by a PIN, and only who has signed in there', async ({ page }) => {
    const settled = page.getByText('Kept. It works on this device');
    await signIn(page, 'second');
    await page.getByRole('link', { name: 'Account' }).click();
    const own = page.getByRole('form', { name: 'PIN for taking over' });
    await own.getByLabel('Present password').fill(process.env['FACELIFT_DEMO_PASSWORD'] ?? '');
    await own.getByLabel('New PIN').fill('5926');
    await own.getByRole('button', { name: 'Keep the PIN' }).click();
    await expect(settled).toBeVisible();
    await accessible(page);
    await page.getByRole('button', { name: 'Sign out' }).click();

    await page.getByLabel('E-mail address').fill('technician@lindenhalt.example');
    await page.getByLabel('Password').fill(process.env['FACELIFT_DEMO_PASSWORD'] ?? '');
    await page.getByRole('button', { name: 'Sign in' }).click();
    await page.getByRole('button', { name: 'Tomo works here' }).click();
    const dialog = page.getByRole('dialog', { name: 'Who takes over?' });
    await expect(dialog.getByRole('button')).toHaveCount(1);
    await dialog.getByRole('button', { name: 'Nuria Bakalov' }).click();
    const asked = page.getByRole('dialog', { name: 'PIN of Nuria Bakalov' });
    await accessible(page);
    for (const digit of '1357') {
        await asked.getByRole('button', { name: digit, exact: true }).click();
    }
    await asked.getByRole('button', { name: 'Take over' }).click();
    await expect(asked.getByRole('alert')).toContainText('This is not the PIN');
    // With the keyboard as well.
    await page.keyboard.type('5926');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('button', { name: 'Nuria works here' })).toBeVisible();
    await page.reload();
    await expect(page.getByRole('button', { name: 'Nuria works here' })).toBeVisible();
});
