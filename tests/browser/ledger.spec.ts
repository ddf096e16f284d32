import { expect, test, type Page } from '@playwright/test';
import { accessible, doStep, planned, planOf, signIn, steps } from './technician';

const card = (page: Page) => page.getByRole('region', { name: 'Step', exact: true });

test.describe.serial('what is where, and what goes wrong', () => {
    let job = '';

    test('screws are ticked off one by one, and a count that is off does not close the step', async ({ page }) => {
        await signIn(page);
        job = await planned(page, {
            find: 'vesper grand',
            phone: 'Quillon Vesper Grand',
            code: 'QG-2210',
            customer: 'Ledger Tester',
            seen: ['Black spots'],
            kind: 'Display assembly',
            label: 'S-301',
        });
        await page.getByRole('link', { name: 'To the bench' }).click();
        const plan = await planOf(page, job);
        for (const step of plan.steps.slice(
            0,
            plan.steps.findIndex((s) => s.id === 'unscrew:tail-screws'),
        )) {
            await doStep(page, step);
        }
        await expect(page.getByRole('heading', { name: 'Take out 2 × P2, 3.4 mm' })).toBeVisible();
        await page.keyboard.press('n');
        await page.keyboard.press('s');
        const mat = page.getByRole('group', { name: /^Screw mat/ });
        await expect(mat).toContainText('1 of 2 out');
        await accessible(page);
        await page.keyboard.press('PageDown');
        await expect(card(page).getByRole('alert')).toContainText('1 of 2 screws are ticked off');
        await page.getByRole('button', { name: 'Understood' }).click();
        await mat.getByRole('button', { name: /^Screw 2, P2 3.4 mm/ }).click();
        await page.keyboard.press('PageDown');
        await expect(page.getByRole('heading', { name: /^Heat on the plate/ })).toBeVisible();
        await page.keyboard.press('s');
        await page.keyboard.press('l');
        const ledger = page.getByRole('dialog', { name: 'What is where' });
        await expect(ledger.getByRole('region', { name: 'On the screw mat' })).toContainText('2 × P2, 3.4 mm');
        await expect(ledger.getByRole('region', { name: 'On for the work' })).toContainText('tape on the front');
        await accessible(page);
        const pdf = await page.request.get(`/api${job}/screw-mat.pdf`, { headers: { Referer: page.url() } });
        expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-');
        await page.keyboard.press('Escape');
    });

    test('a screw in the wrong place says by how much it goes past and into what', async ({ page }) => {
        await signIn(page);
        await page.goto(`${job}/bench`);
        await expect(card(page)).toBeVisible();
        const plan = await planOf(page, job);
        const at = plan.steps.findIndex((s) => s.id === 'screw-in:bracket-short');
        for (const step of plan.steps.slice(
            plan.steps.findIndex((s) => s.kind === 'heat'),
            at,
        )) {
            await doStep(page, step);
        }
        await expect(steps(page).locator('[aria-current="step"]')).toHaveAttribute(
            'data-step',
            'screw-in:bracket-short',
        );
        await page.keyboard.press('s');
        const long = plan.screws.find((s) => s.fastener === 'bracket-long')?.number ?? 0;
        await page
            .getByRole('group', { name: /^Screw mat/ })
            .getByRole('button', { name: new RegExp(`^Screw ${long},`) })
            .click();
        await expect(card(page).getByRole('alert')).toContainText(
            /screw \d+ is 2.8 mm long, 1.2 mm belong here. .* 1.5 mm deep: it would go 1.3 mm into the main board/,
        );
        await page.getByRole('button', { name: 'Understood' }).click();
    });

    test('a trouble says what follows, and changes the plan only when it is confirmed', async ({ page }) => {
        await signIn(page);
        await page.goto(`${job}/bench`);
        await expect(card(page)).toBeVisible();
        await page.keyboard.press('p');
        await page
            .getByRole('region', { name: 'Went wrong' })
            .getByRole('button', { name: 'Screw stripped: Bracket screws, short' })
            .click();
        const follows = page.getByRole('region', { name: 'What follows' });
        await expect(follows).toContainText('the stripped one is drawn and replaced');
        await accessible(page);
        await follows.getByRole('button', { name: 'No' }).click();
        await page
            .getByRole('region', { name: 'Went wrong' })
            .getByRole('button', { name: 'Screw stripped: Bracket screws, short' })
            .click();
        await page.getByRole('button', { name: 'It happened: change the plan' }).click();
        await expect(
            page.getByRole('heading', { name: 'Draw the stripped screw: Bracket screws, short' }),
        ).toBeVisible();
        await page.keyboard.press('PageDown');
        await expect(steps(page).locator('[aria-current="step"]')).toHaveAttribute(
            'data-step',
            'screw-in:bracket-short',
        );
        const plan = await planOf(page, job);
        const from = plan.steps.findIndex((s) => s.id === 'screw-in:bracket-short');
        const gate = plan.steps.findIndex((s, i) => i > from && s.kind === 'gate');
        for (const step of plan.steps.slice(from, gate)) {
            await doStep(page, step);
        }
        await expect(steps(page).locator('[aria-current="step"]')).toHaveAttribute(
            'data-step',
            plan.steps[gate]?.id ?? '',
        );
        await page.keyboard.press('p');
        await page
            .getByRole('region', { name: 'Went wrong' })
            .getByRole('button', { name: /^Dead at the test: (?!Display)/ })
            .first()
            .click();
        await page.getByRole('button', { name: 'It happened: change the plan' }).click();
        await page.getByRole('link', { name: 'To the quote' }).click();
    });

    test('what the trouble adds to the price is agreed, and the rest is worked to the end', async ({ page }) => {
        await signIn(page);
        await page.goto(`${job}/hand-over`);
        await expect(page.getByText('The price changed at the bench')).toBeVisible();
        await page.getByRole('main').getByRole('link', { name: 'Quote' }).click();
        const price = page.getByRole('region', { name: /^Price after/ });
        await expect(price.getByRole('button', { name: 'Customer agrees' })).toBeDisabled();
        const order = page.getByRole('region', { name: /^Order / });
        await order.getByRole('button', { name: 'Ask the supplier' }).click();
        await order
            .getByRole('button', { name: /^Order O-/ })
            .first()
            .click();
        await expect(order).toContainText(/is ordered: .*, here by \d+ \w{3}\. Supplier’s reference B-/);
        await expect(price.getByLabel('Further part costs the shop, EUR')).toHaveValue(/^\d+\.\d{2}$/);
        await price.getByLabel('Further work, min').fill('20');
        await accessible(page);
        await price.getByRole('button', { name: /^Customer agrees to \d+\.\d{2} EUR more$/ }).click();
        await expect(page.getByText('more, agreed and in the price.')).toBeVisible();
        await expect(price).toHaveCount(0);
        await page.goto(`${job}/bench`);
        await expect(card(page)).toBeVisible();
        const current = steps(page).locator('[aria-current="step"]');
        const plan = await planOf(page, job);
        const next = await current.getAttribute('data-step');
        for (const step of plan.steps.slice(plan.steps.findIndex((s) => s.id === next))) {
            await doStep(page, step);
        }
        await expect(page.getByRole('heading', { name: 'All steps are done' })).toBeVisible();
        await expect(page.getByText('● saved')).toBeVisible();
        await page.keyboard.press('l');
        await expect(page.getByRole('dialog', { name: 'What is where' })).not.toContainText('On the screw mat');
    });
});
