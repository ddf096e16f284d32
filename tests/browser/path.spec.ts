import { expect, test, type Locator, type Page } from '@playwright/test';
import { accessible, atStep, doStep, planned, planOf, signIn, type Wish } from './technician';

const jobs: Wish[] = [
    {
        find: 'qv-2110',
        phone: 'Quillon Vesper',
        code: 'QV-2110',
        customer: 'Ottilie Marsh',
        seen: ['Black spots'],
        kind: 'Display assembly',
        label: 'S-108',
    },
    {
        find: 'brasca',
        phone: 'Brasca Fern 5',
        code: 'BF5-P',
        customer: 'Noor Hallam',
        seen: ['Lines', 'Frame bent'],
        kind: 'Display with frame',
        label: 'S-205',
    },
];

for (const [n, wish] of jobs.entries()) {
    // The counter's pages are the same for every phone: they are looked at once.
    const look = n === 0 ? accessible : () => Promise.resolve();
    test(`${wish.phone}, ${wish.kind}: from check-in to hand-over`, async ({ page }) => {
        const faults: string[] = [];
        page.on('pageerror', (e) => faults.push(e.message));
        // Asking to hand over too soon, and signing in, are refused on purpose; nothing else may leave a word in the
        // console.
        page.on(
            'console',
            (m) =>
                ['error', 'warning'].includes(m.type()) &&
                !/status of (401|422)/.test(m.text()) &&
                faults.push(m.text()),
        );
        await signIn(page);
        await look(page);
        const job = await planned(page, wish, look);
        const plan = await planOf(page, job);
        expect(plan.works).toBe(true);

        await page.getByRole('link', { name: 'To the bench' }).click();
        await expect(page.getByRole('heading', { name: 'Switch the phone off' })).toBeVisible();
        await page.getByRole('tab', { name: /Prove/ }).click();
        await expect(page.getByText('Nothing is tested yet.')).toBeVisible();
        await page.getByRole('tab', { name: /Bench/ }).click();
        let looked = new Set<string>();
        for (const [i, step] of plan.steps.entries()) {
            if (!looked.has(step.phase)) {
                looked = looked.add(step.phase);
                await accessible(page);
            }
            await doStep(page, step);
            const next = plan.steps[i + 1];
            if (next) {
                await atStep(page, next.id);
            }
        }
        await expect(page.getByRole('heading', { name: 'All steps are done' })).toBeVisible();
        await expect(page.getByText('● saved')).toBeVisible();

        await page.getByRole('tab', { name: /Prove/ }).click();
        await expect(page.getByText('No fault that was not there at check-in.')).toBeVisible();
        await accessible(page);

        await page.getByRole('tab', { name: /Hand over/ }).click();
        await expect(page.getByText(/every gate is tested/)).toBeVisible();
        await page.getByRole('button', { name: 'Hand over and close' }).click();
        await expect(page.getByRole('alert')).toContainText('Tell the customer first');
        await page.getByLabel('The outer film came off while they watched').check();
        await page.getByLabel('The customer was told all of this').check();
        await accessible(page);
        await page.getByRole('button', { name: 'Hand over and close' }).click();
        await expect(page.getByRole('heading', { name: /Handed over/ })).toBeVisible();

        const sheet = await page.request.get(`/api${job}/sheet.pdf`, { headers: { Referer: page.url() } });
        expect(sheet.headers()['content-type']).toBe('application/pdf');
        expect((await sheet.body()).subarray(0, 5).toString()).toBe('%PDF-');
        expect(faults).toEqual([]);
    });
}

test('the two ways of the Fern 5 differ in what moves', async ({ page }) => {
    await signIn(page);
    await page.getByRole('tab', { name: 'Jobs' }).click();
    await page.getByLabel(/^Find by tag/).fill('Joana');
    // The rows that were there stay until those found come: a click between would meet a row that moves away.
    await expect(page.getByRole('main').getByRole('listitem')).toHaveCount(1);
    await page.getByRole('link', { name: /T-0303 Brasca/ }).click();
    await page.getByRole('tab', { name: /Scope/ }).click();
    await page.getByRole('button', { name: 'Why, and the rest of the figures' }).click();
    const moved = page.getByRole('row', { name: /^Parts moved over/ });
    await expect(moved.getByRole('cell').nth(0)).toHaveText('none');
    await expect(moved.getByRole('cell').nth(1)).toHaveText(
        /Back cover, Fingerprint reader, .*Main board.*Antenna lead/,
    );
});

test('the counter by keyboard alone: from sign-in to a plan', async ({ page }) => {
    const type = (text: string) => page.keyboard.type(text);
    await page.goto('/sign-in');
    await tabTo(page, page.getByLabel('E-mail address'));
    await type('desk@lindenhalt.example');
    await tabTo(page, page.getByLabel('Password'));
    await type(process.env['FACELIFT_DEMO_PASSWORD'] ?? '');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { name: 'At the bench' })).toBeVisible();
    await tabTo(page, page.getByRole('link', { name: 'Check in a phone' }));
    await page.keyboard.press('Enter');
    await tabTo(page, page.getByLabel('Maker, model or model code'));
    await type('vesper');
    await expect(page.getByRole('button', { name: 'Brasca Fern 5' })).toBeHidden();
    await tabTo(page, page.getByRole('button', { name: /^Quillon Vesper(?! Grand)/ }));
    await page.keyboard.press('Enter');
    await tabTo(page, page.getByRole('combobox', { name: /Model code/ }));
    await page.keyboard.press('Enter');
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('Enter');
    await tabTo(page, page.getByLabel('Customer'));
    await type('Keys Only');
    await tabTo(page, page.getByRole('button', { name: 'Open the job' }));
    await page.keyboard.press('Enter');
    for (const name of [
        'Cracked glass',
        /The other \d+ work/,
        'Write down the condition',
        'Fit this: Display assembly',
        'Take it: S-103',
        'Customer accepts: Display assembly',
        'Make the plan',
    ] as const) {
        const button = page.getByRole('button', { name, ...(typeof name === 'string' ? { exact: true } : {}) }).first();
        if (name === 'Customer accepts: Display assembly') {
            await tabTo(page, page.getByLabel('Agreed by (name)').first());
            await type('Keys Only');
        }
        await expect(button).toBeEnabled();
        await tabTo(page, button);
        await page.keyboard.press('Space');
    }
    await expect(page.getByRole('link', { name: 'To the bench' })).toBeVisible();
});

/** Presses Tab until the control has the focus, as somebody without a mouse would. */
async function tabTo(page: Page, control: Locator): Promise<void> {
    await expect(control).toBeVisible();
    for (let i = 0; i < 150; i++) {
        if (await control.evaluate((e) => e === document.activeElement)) {
            return;
        }
        await page.keyboard.press('Tab');
    }
    throw new Error(`Tab does not reach ${control.toString()}`);
}
