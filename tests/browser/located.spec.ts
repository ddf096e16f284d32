import { expect, test } from '@playwright/test';
import { accessible, onTheShelf, planned, signIn, workedUpTo } from './technician';

const FERN = {
    find: 'fern 5',
    phone: 'Brasca Fern 5',
    code: 'BF5-E',
    seen: ['Cracked glass'],
    kind: 'Display assembly',
};

test('touch fails at the trial: where it points to, a look, and the next', async ({ page }) => {
    await signIn(page);
    await onTheShelf(page, 'S-995', {
        modelCodes: ['BF5-E'],
        connector: 'BF-40Z',
        technology: 'oled',
        colour: 'moss',
        refresh: 90,
    });
    const job = await planned(page, { ...FERN, customer: 'Points Where', label: 'S-995' });
    await workedUpTo(page, job, (s) => s.gate === 'trial');
    await page.goto(`${job}/bench`);
    const touch = page.getByRole('group', { name: 'Touch at Trial' });
    await touch.getByRole('button', { name: 'Fail' }).click();
    const how = page.getByRole('group', { name: 'Touch: how it fails' });
    await how.getByRole('button', { name: 'Nothing at all' }).click();
    const located = page.getByRole('region', { name: 'Where it points to' });
    await expect(located).toContainText('Look next: seat the Display connector again');
    await expect(located).toContainText('Comes off again:');
    await accessible(page);
    await located.getByRole('button', { name: 'Not so' }).click();
    await expect(located).toContainText(/Look next: (try another in place|look at the flex) of the Display/);
    // The same at Prove, with who bears it.
    await page.goto(`${job}/prove`);
    await expect(page.getByText('New with this work: the shop’s').or(page.getByText('the supplier’s'))).toBeVisible();
    await expect(page.getByRole('region', { name: 'Where it points to' })).toContainText('the new part itself');
    await accessible(page);
    // It works after all: nothing is left to be found.
    await page.getByRole('group', { name: 'Touch at Trial' }).getByRole('button', { name: 'Pass' }).click();
    await expect(page.getByRole('region', { name: 'Where it points to' })).toBeHidden();
});

test('a phone that came by post goes back by post, its frame stays, and it comes back', async ({ page }) => {
    await signIn(page);
    await onTheShelf(page, 'S-996', {
        modelCodes: ['BF5-E'],
        connector: 'BF-40Z',
        technology: 'oled',
        colour: 'moss',
        refresh: 90,
        kind: 'display-with-frame',
        brings: ['mesh', 'side-keys'],
    });
    const job = await planned(page, {
        ...FERN,
        kind: 'Display with frame',
        seen: ['Cracked glass', 'Frame bent'],
        customer: 'By Post',
        label: 'S-996',
    });
    await page.goto(`${job}/check-in`);
    await page.getByText('Came by post').click();
    await page.getByLabel('What was in the box, a line each').fill('Phone\nCase');
    await page.getByLabel('Goes back to').fill('By Post\nQuay 4');
    await page.getByRole('button', { name: 'Write it down' }).click();
    await expect(page.getByRole('button', { name: 'Written down' })).toBeVisible();
    await workedUpTo(page, job, () => false);
    await page.goto(`${job}/hand-over`);
    const old = page.getByRole('region', { name: 'Old parts' });
    await expect(old).toContainText('The frame is bent');
    await old.getByRole('combobox', { name: 'Frame goes to' }).click();
    await page.getByRole('option', { name: 'Kept for parts' }).click();
    await accessible(page);
    const film = page.getByLabel('The outer film came off while they watched');
    if (await film.isVisible()) {
        await film.check();
    }
    await page.getByLabel('The customer was told all of this').check();
    await page.getByRole('button', { name: 'Hand over and close' }).click();
    await expect(page.getByRole('heading', { name: /^Handed over/ })).toBeVisible();
    await expect(old).toContainText(/Frame: Kept for parts · K-\d{4}, Old parts box/);

    const post = page.getByRole('region', { name: 'Goes back by post' });
    await post.getByRole('checkbox', { name: 'Phone' }).check();
    await post.getByRole('button', { name: /^It is on its way/ }).click();
    await expect(post).toContainText('Case');
    await post.getByLabel('Case does not go back: why').fill('was torn');
    await post.getByRole('button', { name: /^It is on its way/ }).click();
    await expect(post).toContainText('Its address is no longer kept.');

    await page.goto('/shelf-kept');
    await expect(page.getByRole('row', { name: /K-\d{4}.*Frame.*Brasca Fern 5/ })).toBeVisible();
    await accessible(page);

    await page.goto(`${job}/hand-over`);
    await page.getByRole('button', { name: 'An edge lifts' }).click();
    await page.getByLabel('What the customer says').fill('Lifts at the left after a week');
    await accessible(page);
    await page.getByRole('button', { name: 'Open a job for it' }).click();
    await expect(page.getByText('An edge lifts, left')).toBeVisible();
    await expect(page.getByText(/Display tape|seal/).first()).toBeVisible();
    await accessible(page);
});
