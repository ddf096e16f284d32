import { expect, test, type Page } from '@playwright/test';
import { clockAhead } from './server';
import { accept, accessible, choose, drawCrack, onTheShelf, planned, post, signIn, workedUpTo } from './technician';

/* The last of all: the clock is put days ahead here, and what was counted meanwhile would count on. */

/** s until the next Thursday, ten o'clock in Berlin: the stall is open, whatever the hour of this run. */
function untilThursday(): number {
    const now = new Date();
    const parts = new Intl.DateTimeFormat('en-GB', {
        timeZone: 'Europe/Berlin',
        weekday: 'short',
        hour: 'numeric',
        minute: 'numeric',
    }).formatToParts(now);
    const of = (type: string): string => parts.find((p) => p.type === type)?.value ?? '';
    const day = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'].indexOf(of('weekday'));
    const minutes = 60 * Number(of('hour')) + Number(of('minute'));
    return ((10 - day) % 7 || 7) * 86_400 + 60 * (600 - minutes);
}

const start = untilThursday();
const here = (page: Page, name: string) => page.getByRole('region', { name, exact: true });

test.describe('the bench day', () => {
    test.afterAll(() => clockAhead(0));

    test('what now, through a day by the moved clock', async ({ page }) => {
        await clockAhead(start);
        await signIn(page);
        await onTheShelf(page, 'S-941', {
            modelCodes: ['QV-2110'],
            connector: 'QV-46P',
            technology: 'oled',
            colour: 'graphite',
        });
        await planned(page, {
            find: 'Vesper',
            phone: 'Quillon Vesper',
            code: 'QV-2110',
            customer: 'Wanted Now',
            seen: ['Cracked glass'],
            kind: 'Display assembly',
            label: 'S-941',
        });
        const jobs = (await (
            await page.request.get('/api/jobs', { headers: { Accept: 'application/json', Referer: page.url() } })
        ).json()) as { data: { id: string; tag: string; customer: string }[] };
        const mine = jobs.data.find((j) => j.customer === 'Wanted Now');
        if (!mine) {
            throw new Error('the phone is not listed');
        }
        // Alone at the bench, and a phone that is wanted now: one key goes to it.
        await page.goto('/');
        await page.getByRole('button', { name: 'Nuria Bakalov leaves' }).click();
        await page.getByLabel('Away until').fill('13:00');
        await page.getByRole('button', { name: 'What follows' }).click();
        await accessible(page);
        await page.getByRole('button', { name: 'Do it' }).click();
        await expect(here(page, 'Nuria Bakalov: now')).toContainText('Away until 13:00');
        await page.getByRole('button', { name: `${mine.tag} as soon as it can` }).click();
        await expect(here(page, 'What follows').getByRole('button', { name: 'Do it' })).toBeVisible();
        await page.getByRole('button', { name: 'Do it' }).click();
        const now = here(page, 'Tomo Reket: now');
        await expect(now).toContainText(/asked to start it now/);
        await expect(now).toContainText(`${mine.tag} Switch it off`);
        await page.getByRole('heading', { name: 'At the bench' }).click();
        await page.keyboard.press('PageDown');
        await expect(page).toHaveURL(new RegExp(`/jobs/${mine.id}/bench`));

        // Under clamps it waits without hands: another is next, and it is said why.
        await workedUpTo(page, `/jobs/${mine.id}`, (s) => s.kind === 'clamp');
        const clamped = await post(page, `/jobs/${mine.id}/events`, {
            events: [
                {
                    id: crypto.randomUUID(),
                    type: 'timer-started',
                    at: Date.now() + 1000 * start,
                    data: { step: 'clamp:seal' },
                },
            ],
        });
        expect(clamped.ok(), await clamped.text()).toBe(true);
        await page.goto('/');
        await expect(now).toContainText(/Go to T-\d+/);
        await expect(now.getByRole('button', { name: new RegExp(mine.tag) })).toHaveCount(0);
        const row = page.getByRole('row', { name: new RegExp(mine.tag) });
        await expect(row).toContainText(/Put on clamps until \d\d:\d\d/);
        await expect(page.getByRole('link', { name: new RegExp(`${mine.tag} clamp`) })).toBeVisible();

        // An hour later its clock has run: it is gone on with.
        await clockAhead(start + 3600);
        await page.reload();
        await expect(row).toContainText(/Put on clamps until|Take the clamps off/);
        await expect(
            page.getByRole('link', { name: new RegExp(`${mine.tag} clamp -|${mine.tag} clamp −`) }),
        ).toBeVisible();
        await accessible(page);
    });

    test('somebody leaves, and a promise is kept before others', async ({ page }) => {
        await clockAhead(start);
        await signIn(page);
        const pin = page.getByRole('button', { name: /^Keep the promise of T-\d+ before others/ }).first();
        const tag = /T-\d+/.exec((await pin.getAttribute('aria-label')) ?? '')?.[0] ?? '';
        await pin.click();
        await page.getByRole('button', { name: 'Do it' }).click();
        await expect(page.getByRole('row', { name: new RegExp(tag) })).toContainText('kept before others');

        // Looked at and left: nothing has changed.
        await page.getByRole('button', { name: 'Back now' }).click();
        await expect(here(page, 'What follows')).toBeVisible();
        await page.getByRole('button', { name: 'Leave it' }).click();
        await expect(here(page, 'What follows')).toHaveCount(0);
        await expect(here(page, 'Nuria Bakalov: now')).toContainText('Away until 13:00');
        await page.getByRole('button', { name: 'Back now' }).click();
        await page.getByRole('button', { name: 'Do it' }).click();
        await expect(here(page, 'Nuria Bakalov: now')).not.toContainText('Away until');

        // With the mouse a phone is put elsewhere in the day; left, nothing has changed.
        const block = page.locator('svg g[style*="grab"]').first();
        await block.scrollIntoViewIfNeeded();
        const box = await block.boundingBox();
        if (!box) {
            throw new Error('nothing to take up');
        }
        await page.mouse.move(box.x + 4, box.y + box.height / 2);
        await page.mouse.down();
        await page.mouse.move(box.x + 160, box.y + box.height / 2, { steps: 4 });
        await page.mouse.up();
        await expect(here(page, 'What follows')).toBeVisible();
        await page.getByRole('button', { name: 'Leave it' }).click();
    });

    test('a part is ordered for a job, comes, and the bench goes on', async ({ page }) => {
        await clockAhead(start);
        await signIn(page);
        await page.getByRole('link', { name: 'Check in a phone' }).click();
        await page.getByLabel('Maker, model or model code').fill('Anvil');
        await page.getByRole('button', { name: /^Tivane Anvil/ }).click();
        await choose(page, page.getByLabel('Model code', { exact: false }).last(), /TA-410/);
        await page.getByLabel('Customer').fill('Waits for Glass');
        await page.getByRole('button', { name: 'Open the job' }).click();
        await page
            .getByRole('region', { name: 'What is seen' })
            .getByRole('button', { name: 'Cracked glass', exact: true })
            .click();
        await drawCrack(page);
        await page.getByRole('button', { name: /The other \d+ work/ }).click();
        await page.getByRole('button', { name: 'Write down the condition' }).click();
        await page.getByRole('button', { name: 'Fit this: Display assembly', exact: true }).click();
        await page.getByRole('button', { name: 'Ask the supplier' }).click();
        await page.getByRole('button', { name: /^Order O-/ }).click();
        await expect(page.getByRole('status').filter({ hasText: 'is ordered' })).toContainText(/here \d+ \w+ by/);
        await accessible(page);
        const job = /\/jobs\/[0-9a-f-]+/.exec(page.url())?.[0] ?? '';
        await page.goto(`${job}/quote`);
        await accept(page, 'Display assembly');
        await page.goto('/');
        const row = page.getByRole('row', { name: /Waits for Glass/ });
        await expect(row).toContainText(/Part comes \d+ \w+/);
        await page.goto(`${job}/bench`);
        await expect(page.getByText(/S-\d+ is on its way\./)).toBeVisible();

        // It has come: everything known is filled in, batch and place are typed.
        await page.goto('/shelf-orders');
        const order = page.getByRole('region', { name: /display assembly for TA-410/ });
        await order.getByRole('button', { name: 'It has come' }).click();
        await order.getByLabel('Batch').fill('OT-5');
        await order.getByLabel('Place').fill('A4');
        await expect(order.getByLabel('Connector')).not.toHaveValue('');
        await accessible(page);
        await order.getByRole('button', { name: /^Take in for T-/ }).click();
        await expect(order).toHaveCount(0);
        await page.goto('/');
        await expect(row).not.toContainText('Part comes');
        await page.goto(`${job}/plan`);
        await page.getByRole('button', { name: 'Make the plan' }).click();
        await expect(page.getByRole('link', { name: 'To the bench' })).toBeVisible();
    });

    test('a part is taken in from its phone and kind', async ({ page }) => {
        await clockAhead(start);
        await signIn(page);
        await page.goto('/shelf/new');
        await page.getByLabel('For which phone').fill('Vesper');
        await page.getByRole('option', { name: 'Quillon Vesper', exact: true }).click();
        await page.getByRole('button', { name: 'Display with small parts' }).click();
        await expect(page.getByLabel('Connector')).toHaveValue('QV-46P');
        const small = page.getByRole('group', { name: 'Small parts fitted' });
        await expect(small.getByLabel('Earpiece and sensor flex')).toBeChecked();
        await small.getByLabel('Earpiece mesh').uncheck();
        await page.getByLabel('Supplier').fill('Hallebruk Glass');
        await page.getByLabel('Batch').fill('HB-1');
        await page.getByRole('textbox', { name: 'Place' }).fill('C2');
        await accessible(page);
        await page.getByRole('button', { name: 'Put it on the shelf' }).click();
        await expect(page.getByRole('heading', { name: /^S-\d+ · Vesper, display with earpiece/ })).toBeVisible();
        await expect(small.getByLabel('Earpiece mesh')).not.toBeChecked();
    });

    test('what to order follows from use, from a level and from a count', async ({ page }) => {
        await clockAhead(start);
        await signIn(page);
        await page.goto('/shelf-reorder');
        const glue = page.getByRole('row', { name: /^Liquid adhesive/ });
        await expect(glue).toContainText('enough');
        await glue.getByRole('button', { name: 'Level of Liquid adhesive' }).click();
        await page.getByLabel('Order at or below').fill('60');
        await page.getByRole('button', { name: 'Keep it' }).click();
        await expect(glue).toContainText('60 ml set here');
        await expect(glue).not.toContainText('enough');
        // One more tube: there is enough again. It is counted, and what was counted stands.
        await page.getByLabel('Name', { exact: true }).fill('Second tube');
        await page.getByLabel('Amount, ml').fill('50');
        await page.getByRole('button', { name: 'Put on the shelf' }).click();
        await expect(glue).toContainText('enough');
        const tube = page.getByRole('form', { name: 'Second tube' });
        await tube.getByLabel('Counted').fill('0,5');
        await tube.getByRole('button', { name: 'Keep the count' }).click();
        await expect(tube).toContainText('about 0.5 ml left');
        await expect(glue).not.toContainText('enough');
        // A part that was never used is kept as well.
        await page.getByLabel('For which phone').fill('Vesper');
        await page.getByRole('option', { name: 'Quillon Vesper', exact: true }).click();
        await page.getByRole('button', { name: 'Glass only' }).click();
        await page.getByLabel('Order at or below').fill('9');
        await page.getByRole('button', { name: 'Keep it' }).click();
        await expect(page.getByRole('row', { name: /^Quillon Vesper, glass only/ })).toContainText('9 set here');
        await accessible(page);
    });

    test('the owner sees what other rules would have done, and sets who is at the bench', async ({ page }) => {
        await clockAhead(start);
        await signIn(page, 'owner');
        await page.goto('/settings');
        await page.getByLabel('An hour of work costs').fill('72');
        await page.getByRole('button', { name: /last twenty quotes/ }).click();
        await expect(here(page, 'Effect on the last quotes').getByRole('row').nth(1)).toContainText(/T-\d+/);
        const bench = page.getByRole('group', { name: 'At the bench' });
        await expect(bench.getByRole('checkbox', { name: 'Tomo Reket', exact: true })).toBeChecked();
        await bench.getByLabel('Pace of Nuria Bakalov').fill('0.9');
        await page.getByRole('button', { name: 'Keep the shop' }).click();
        await expect(page.getByRole('status').filter({ hasText: 'Kept' })).toBeVisible();
        await page.getByRole('button', { name: 'Make an address' }).click();
        await expect(page.getByText(/\/calendar\/[0-9a-f]{40}\.ics/)).toBeVisible();
        await accessible(page);
    });
});
