import { expect, test, type Page } from '@playwright/test';
import {
    accessible,
    atStep,
    choose,
    onTheShelf,
    planned,
    planOf,
    signIn,
    workedUpTo,
    type PartFor,
    type Wish,
} from './technician';

const FERN: PartFor = { modelCodes: ['BF4-E'], connector: 'BF-36Y', technology: 'oled', colour: 'moss' };
const SORREL: PartFor = { modelCodes: ['MS-20'], connector: null, technology: 'lcd', colour: 'clay' };

const fern = (label: string): Wish => ({
    find: 'fern 4',
    phone: 'Brasca Fern 4',
    code: 'BF4-E',
    customer: 'Seal Test',
    seen: ['Cracked glass'],
    kind: 'Display assembly',
    label,
});

const laying = (page: Page) => page.getByRole('region', { name: 'What to lay now' });

test('tape: height is measured before peeling, then piece after piece, and the sheet to cut from', async ({ page }) => {
    await signIn(page);
    await onTheShelf(page, 'S-961', FERN);
    const job = await planned(page, fern('S-961'));
    await workedUpTo(page, job, (s) => s.kind === 'dry-fit');
    await page.getByRole('link', { name: 'To the bench' }).click();
    await expect(page.getByRole('heading', { name: 'Lay the new part in dry' })).toBeVisible();
    await expect(page.getByRole('table', { name: 'Height at each side' })).toContainText('−0.06');
    await accessible(page);

    // A module measured thicker than the file says turns the verdict.
    const height = page.getByRole('region', { name: 'Height before peeling' });
    await height.getByLabel('Module at its edge, mm').fill('1.65');
    await height.getByRole('button', { name: 'Work it out with these' }).click();
    await expect(page.getByText(/^Proud: the top side/)).toBeVisible();
    await height.getByLabel('Module at its edge, mm').fill('');
    await height.getByRole('button', { name: 'Work it out with these' }).click();
    await expect(page.getByText(/^Flush: top side/)).toBeVisible();
    await page.keyboard.press('Escape');
    await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
    await page.keyboard.press('PageDown');

    // Each piece in the order of laying, with its length; N goes on, the drawing follows.
    const plan = await planOf(page, job);
    const seal = plan.seals.find((s) => s.bond === 'display-tape');
    await expect(page.getByRole('heading', { name: 'Lay the adhesive: Display tape' })).toBeVisible();
    await expect(laying(page)).toContainText(`1 of ${seal?.pieces.length}`);
    const first = seal?.pieces[0];
    await expect(laying(page)).toContainText(`${first?.stock} mm tape, ${first?.length.toFixed(1)} mm`);
    await page.keyboard.press('n');
    await expect(laying(page)).toContainText(`2 of ${seal?.pieces.length}`);
    await expect(page.getByRole('img', { name: /mm tape/ })).toBeVisible();
    await accessible(page);
    const sheet = await page.request.get(`/api${job}/cut-sheet.svg`, { headers: { Referer: page.url() } });
    expect(sheet.status()).toBe(200);
    expect((await sheet.text()).match(/class="window"/g)?.length).toBe(seal?.pieces.length);

    // Not renewed is asked about, and kept with its reason.
    await laying(page).getByRole('button', { name: 'Not renewed …' }).click();
    await expect(page.getByText(/Water and dust can get in/)).toBeVisible();
    await accessible(page);
    await page.getByRole('button', { name: 'Not yet' }).click();
    await page.keyboard.press('PageDown');
    await atStep(page, 'check-under:display-tape');
    await expect(page.getByText(/^The mesh lies in/)).toBeVisible();
});

test('bead: chosen at the dry fit, laid at a pace with a tip that runs ahead', async ({ page }) => {
    await signIn(page);
    await onTheShelf(page, 'S-962', FERN);
    const job = await planned(page, fern('S-962'));
    await workedUpTo(page, job, (s) => s.kind === 'dry-fit');
    await page.getByRole('link', { name: 'To the bench' }).click();
    const ways = page.getByRole('radiogroup', { name: 'Ways to seal' });
    await ways.getByRole('radio', { name: /^Bead of liquid adhesive/ }).click();
    await expect(ways.getByRole('radio', { name: /^Bead of liquid adhesive/ })).toBeChecked();
    await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
    await page.keyboard.press('PageDown');
    await expect(page.getByRole('heading', { name: 'Lay the adhesive: Display tape' })).toBeVisible();
    await expect(laying(page)).toContainText(/Bead, 0\.\d mm/);
    await expect(page.getByText(/it stays open for \d+ s/)).toBeVisible();
    await laying(page)
        .getByRole('button', { name: /^Run the tip at/ })
        .click();
    await expect(laying(page).getByRole('button', { name: /^Stop, [1-9]/ })).toBeVisible();
    await accessible(page);

    // The path that is printed is as long as it is said to be, by the browser's own reckoning.
    const svg = await (await page.request.get(`/api${job}/cut-sheet.svg`, { headers: { Referer: page.url() } })).text();
    const length = await page.evaluate((text) => {
        const drawn = new DOMParser().parseFromString(text, 'image/svg+xml');
        return [...drawn.querySelectorAll<SVGPathElement>('path.bead')].reduce((sum, p) => sum + p.getTotalLength(), 0);
    }, svg);
    const bead = (await planOf(page, job)).seals.find((s) => s.bond === 'display-tape')?.bead;
    expect(Math.abs(length - (bead?.length ?? 0))).toBeLessThan(0.1);
});

test('new glass: how the adhesive is laid, how long it runs, how it is cured', async ({ page }) => {
    await signIn(page);
    await page.getByRole('tab', { name: 'Seal desk' }).click();
    await choose(page, page.getByRole('combobox', { name: 'Phone' }), /Quillon Vesper$/);
    await choose(page, page.getByRole('combobox', { name: 'Part' }), /Glass only/);
    const verdict = page.getByRole('region', { name: 'Verdict' });
    await expect(verdict).toContainText('UV lamp 2:00');
    await expect(page.getByRole('img', { name: /Optical adhesive/ })).toBeVisible();
    await accessible(page);
});

test('the seal desk: a thickness is moved and the verdict follows; rolls are kept and cut from', async ({ page }) => {
    await signIn(page);
    await page.getByRole('tab', { name: 'Seal desk' }).click();
    await choose(page, page.getByRole('combobox', { name: 'Phone' }), /Brasca Fern 4/);
    const ways = page.getByRole('radiogroup', { name: 'Ways to seal' });
    await expect(ways.getByRole('radio', { name: /^Tape from the roll · recommended/ })).toBeChecked();
    await page.getByRole('slider', { name: /^Thickness/ }).focus();
    for (let i = 0; i < 8; i += 1) {
        await page.keyboard.press('ArrowRight');
    }
    await expect(ways.getByRole('radio', { name: /^Tape from the roll/ })).toContainText('Proud');
    const rolls = page.getByRole('region', { name: 'Rolls of tape' });
    for (const [label, text] of [
        ['Name', 'Narrow black'],
        ['Width, mm', '1.5'],
        ['Thickness as laid, mm', '0.3'],
        ['Left, m', '4'],
    ] as const) {
        await rolls.getByLabel(label, { exact: true }).fill(text);
    }
    await rolls.getByRole('button', { name: 'Put on the shelf' }).click();
    await expect(rolls.getByRole('row', { name: /Narrow black/ })).toContainText('4.00');
    await accessible(page);
    await rolls.getByRole('button', { name: 'Take off Narrow black' }).click();
    await expect(rolls.getByRole('row', { name: /Narrow black/ })).toHaveCount(0);
});

test('strong glue is laid as a bead without a tape to cut', async ({ page }) => {
    await signIn(page);
    await onTheShelf(page, 'S-963', SORREL);
    const job = await planned(page, {
        find: 'sorrel',
        phone: 'Maruvi Sorrel',
        code: 'MS-20',
        customer: 'Glue Test',
        seen: ['Cracked glass'],
        kind: 'Display assembly',
        label: 'S-963',
        plan: false,
    });
    await page
        .getByRole('table', { name: /Sources of heat/ })
        .getByRole('button', { name: /^Plan with it/ })
        .first()
        .click();
    await expect(page.getByRole('link', { name: 'To the bench' })).toBeVisible();
    await workedUpTo(page, job, (s) => s.kind === 'lay-seal');
    await page.getByRole('link', { name: 'To the bench' }).click();
    await expect(laying(page)).toContainText('1 of 1');
    await expect(laying(page)).toContainText('mm in one go');
});
