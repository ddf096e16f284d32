import { gzipSync } from 'node:zlib';
import { expect, test, type Page } from '@playwright/test';
import { accept, accessible, decide, choose, drawCrack, signIn } from './technician';

async function open(page: Page, find: string, phone: string, code: string, customer: string, imei = ''): Promise<void> {
    await page.getByRole('link', { name: 'Check in a phone' }).click();
    await page.getByLabel('Maker, model or model code').fill(find);
    await page.getByRole('button', { name: phone }).click();
    await choose(page, page.getByLabel('Model code', { exact: false }).last(), new RegExp(code));
    await page.getByLabel('Customer').fill(customer);
    if (imei !== '') {
        await page.getByLabel('IMEI, if at hand').fill(imei);
        await expect(page.getByText(/Comeback: within the warranty period/)).toBeVisible();
    }
    await page.getByRole('button', { name: 'Open the job' }).click();
    await expect(page.getByRole('heading', { name: 'Condition before anything is opened' })).toBeVisible();
}

const picture = Buffer.from(
    'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
    'base64',
);

test('the first page takes less than 250 kB of script, gzipped', async ({ page }) => {
    const scripts = new Map<string, Promise<Buffer>>();
    page.on('response', (r) => /\.js$/.test(r.url()) && scripts.set(r.url(), r.body()));
    await signIn(page, 'desk');
    await expect(page.getByRole('heading', { name: 'At the bench' })).toBeVisible();
    const bodies = await Promise.all(scripts.values());
    expect(bodies.length).toBeGreaterThan(2);
    expect(bodies.reduce((sum, body) => sum + gzipSync(body).length, 0)).toBeLessThan(250_000);
});

test('a cracked glass: marks in words, suction cup, functions by key, photo, receipt, quote', async ({ page }) => {
    await signIn(page, 'desk');
    await open(page, 'qv-2110', 'Quillon Vesper', 'QV-2110', 'Wanda Ilic');
    const words = page.getByRole('region', { name: 'Marks in words' });
    await expect(words).toContainText('Whole glass for the suction cup, bottom edge');
    await drawCrack(page);
    await expect(words).toContainText(/Crack, .* to .*, \d+ mm/);
    await page.getByRole('button', { name: 'Dead touch', exact: true }).click();
    const mat = await page.getByRole('img', { name: /marks? drawn/ }).boundingBox();
    if (!mat) {
        throw new Error('the mat is not on the page');
    }
    await page.mouse.move(mat.x + mat.width * 0.45, mat.y + mat.height * 0.85);
    await page.mouse.down();
    await page.mouse.move(mat.x + mat.width * 0.58, mat.y + mat.height * 0.9);
    await page.mouse.up();
    await expect(words).toContainText(/Dead touch, bottom .* × .* mm/);
    const image = page.getByRole('group', { name: /^Image:/ });
    await image.focus();
    await page.keyboard.press('w');
    await expect(page.getByRole('group', { name: 'Image: Works' })).toBeVisible();
    await expect(page.getByRole('group', { name: /^Brightness: / })).toBeFocused();
    await page.keyboard.press('c');
    await page.keyboard.press('f');
    await expect(page.getByRole('group', { name: 'Touch: Fails' })).toBeVisible();
    await page.getByRole('button', { name: 'Liquid glue' }).click();
    await expect(page.getByText('Seal: not the maker’s; water resistance is already gone.')).toBeVisible();
    await page.getByLabel('Photo file').setInputFiles({ name: 'front.png', mimeType: 'image/png', buffer: picture });
    await expect(page.getByRole('img', { name: 'Photo 1 of the phone' })).toBeVisible();
    await accessible(page);
    await page.getByRole('button', { name: /The other \d+ work/ }).click();
    await page.getByRole('button', { name: 'Write down the condition' }).click();
    await expect(page).toHaveURL(/\/scope$/);
    await page.getByRole('tab', { name: /Check-in/ }).click();
    await page.getByRole('img', { name: 'Signature, empty' }).scrollIntoViewIfNeeded();
    const pad = await page.getByRole('img', { name: 'Signature, empty' }).boundingBox();
    if (!pad) {
        throw new Error('there is no place to sign');
    }
    await page.mouse.move(pad.x + 20, pad.y + 60);
    await page.mouse.down();
    await page.mouse.move(pad.x + 90, pad.y + 30);
    await page.mouse.move(pad.x + 160, pad.y + 70);
    await page.mouse.up();
    await page.getByRole('button', { name: 'Sign the receipt' }).click();
    await expect(page.getByText(/Signed by Wanda Ilic, .*, with signature/)).toBeVisible();
    await page.getByRole('tab', { name: /Scope/ }).click();
    await page.getByLabel(/Phone is worth/).fill('100');
    await expect(page.getByRole('row', { name: /^Margin/ })).toBeHidden();
    await page.getByRole('button', { name: 'Fit this: Display assembly', exact: true }).click();
    await page.getByRole('button', { name: 'Ask the supplier' }).click();
    await expect(page.getByText('Prices of just now')).toBeVisible();
    await page.getByRole('button', { name: 'Take it: S-103' }).click();
    await expect(page.getByText(/Poor value: .* of what the phone is worth \(100.00\)/).first()).toBeVisible();
    await expect(page.getByText('The panel is hard OLED', { exact: false })).toBeVisible();
    await accessible(page);
    await page.getByLabel('Why the customer says no').fill('Buys another phone');
    await page.getByRole('button', { name: 'Hand the phone back' }).click();
    await expect(page.getByText('Handed back unrepaired: Buys another phone.')).toBeVisible();
});

test('a dark screen: one check after the other until the bench has to tell', async ({ page }) => {
    await signIn(page);
    await open(page, 'bf5', 'Brasca Fern 5', 'BF5-E', 'Emil Dornan');
    const seen = page.getByRole('region', { name: 'What is seen' });
    await seen.getByRole('button', { name: 'No image' }).click();
    const behind = page.getByRole('region', { name: 'What is behind it' });
    await expect(behind.getByRole('heading', { name: 'Check next: Ten minutes on a charger' })).toBeVisible();
    await behind.getByRole('button', { name: 'Sound or vibration only' }).click();
    await expect(behind).toContainText('ruled out: sound or vibration only on the charger');
    await expect(behind.getByRole('heading', { name: 'Check next: Tilt the screen against the light' })).toBeVisible();
    await behind.getByRole('button', { name: 'Even black' }).click();
    const next = behind.getByRole('heading', { name: /Check next|At the bench/ });
    await expect(next).not.toHaveText(/Tilt/);
    while (/Check next/.test((await next.textContent()) ?? '')) {
        const was = await next.textContent();
        await behind.getByRole('button', { name: 'Rings or vibrates', exact: true }).click();
        await expect(next).not.toHaveText(was ?? '');
    }
    await expect(next).toHaveText(/At the bench, before anything is stripped: Connect a known-good panel/);
    await accessible(page);
    await seen.getByRole('button', { name: /Blotches against the light/ }).click();
    await expect(behind.getByText(/This does not go together/)).toBeVisible();
    await seen.getByRole('button', { name: /Blotches against the light/ }).click();
    await page.getByRole('button', { name: 'Write down the condition' }).click();
    await expect(page.getByText(/Chance that a new display mends it: \d+ %/)).toBeVisible();
    await page.getByRole('button', { name: 'Fit this: Display assembly', exact: true }).click();
    await page.getByRole('button', { name: 'Take it: S-203' }).click();
    await accept(page, 'Display assembly');
    const sources = page.getByRole('table', { name: /Sources of heat/ });
    await expect(sources.getByRole('row', { name: /recommended/ })).toHaveCount(1);
    await expect(sources.getByRole('row', { name: /Grain bag/ })).toContainText('Does not open it');
    await accessible(page);
    await sources.getByRole('button', { name: 'Plan with it: Heated plate' }).click();
    await expect(page.getByRole('link', { name: 'To the bench' })).toBeVisible();
    await expect(sources).toBeHidden();
    await page.getByRole('button', { name: /^All \d+ steps/ }).click();
    await expect(page.getByText('Does the new panel show that the old one is at fault?')).toBeVisible();
});

test('an insurer pays: authorised, nothing due at the counter', async ({ page }) => {
    await signIn(page, 'desk');
    await page.getByRole('link', { name: /Leonor Szabo/ }).click();
    await page.getByRole('tab', { name: /^Quote/ }).click();
    await expect(page.getByRole('heading', { name: /^Quote for/ })).toBeVisible();
    await decide(page, 'Display assembly');
    await page.getByRole('button', { name: 'Customer accepts: Display assembly' }).click();
    await expect(page.getByRole('alert')).toContainText('Ask the insurer first');
    await page.getByLabel('Policy number').fill('R 17');
    await page.getByRole('button', { name: /^Ask for/ }).click();
    await expect(page.getByText(/Rejected: 0.00 EUR/)).toBeVisible();
    await page.getByLabel('Policy number').fill('P 4711');
    await page.getByRole('button', { name: /^Ask for/ }).click();
    await expect(page.getByText(/^Authorised: /)).toBeVisible();
    await accept(page, 'Display assembly');
    await page.getByRole('tab', { name: /^Quote/ }).click();
    await expect(page.getByRole('main').getByRole('status')).toContainText(
        /Due at the counter 0.00 EUR, the insurer owes .* from hand-over on/,
    );
    await accessible(page);
});

test('a comeback is linked to the old job and costs nothing under warranty', async ({ page }) => {
    await signIn(page);
    await open(page, 'bf5', 'Brasca Fern 5', 'BF5-E', 'Hedda Brandvold', '490154203237518');
    await expect(page.getByText(/This phone came back from T-0301/)).toBeVisible();
    await page
        .getByRole('region', { name: 'What is seen' })
        .getByRole('button', { name: 'Lines', exact: true })
        .click();
    await page.getByRole('button', { name: 'Write down the condition' }).click();
    await page.getByRole('button', { name: 'Fit this: Display assembly', exact: true }).click();
    await page.getByRole('button', { name: 'Take it: S-207' }).click();
    await page.getByLabel('Under warranty of T-0301: nothing to pay').check();
    await accept(page, 'Display assembly');
    await page.getByRole('tab', { name: /^Quote/ }).click();
    await expect(page.getByRole('main').getByRole('status')).toContainText('Under warranty, nothing to pay.');
});

test('look-alikes are told apart by the charge port', async ({ page }) => {
    await signIn(page, 'desk');
    await page.getByRole('link', { name: 'Check in a phone' }).click();
    await page.getByLabel('Maker, model or model code').fill('fern');
    await page.getByRole('button', { name: 'Code not legible: tell look-alikes apart' }).click();
    await page.getByRole('button', { name: 'Trapezoid, plug goes in one way up' }).click();
    await expect(page.getByRole('button', { name: 'Brasca Fern 5' })).toBeHidden();
    await expect(page.getByText('It is the Brasca Fern 4.')).toBeVisible();
});

test('the shelf: a list comes in, is counted, and its labels open', async ({ page }) => {
    await signIn(page);
    await page.getByRole('tab', { name: 'Shelf' }).click();
    await expect(page.getByRole('link', { name: 'S-101' })).toBeVisible();
    await accessible(page);
    await page.getByRole('tab', { name: 'Take in a list' }).click();
    const heading = 'label;name;kind;codes;supplier;place;cost\n';
    await page.getByLabel('List file').setInputFiles({
        name: 'bad.csv',
        mimeType: 'text/csv',
        buffer: Buffer.from(
            `${heading}W-1;Good;display-assembly;QV-2110;Norvend;C1;1,50\nW-2;Bad;lid;QV-2110;Norvend;C1;1,50\n`,
        ),
    });
    await expect(page.getByRole('alert')).toContainText('1 of 2 lines are bad');
    await expect(page.getByRole('row', { name: /^3 Bad/ })).toContainText('must be one of glass-only');
    const many = Array.from(
        { length: 3000 },
        (_, i) => `W-${i + 1};Window display ${i + 1};display-assembly;BF5-E;Norvend Panels;C1;58,30`,
    ).join('\n');
    await page
        .getByLabel('List file')
        .setInputFiles({ name: 'many.csv', mimeType: 'text/csv', buffer: Buffer.from(heading + many) });
    await expect(page.getByRole('progressbar', { name: 'Lines checked' })).toBeVisible();
    await page.getByRole('button', { name: 'Put all 3000 on the shelf' }).click();
    await page.getByRole('link', { name: 'See them' }).click();
    await page.getByLabel('Label, name, code, supplier, place').fill('window 2999');
    await page.getByRole('link', { name: 'W-2999' }).click();
    await expect(page.getByRole('heading', { name: 'W-2999 · Window display 2999' })).toBeVisible();
    await page.getByRole('textbox', { name: 'Place' }).fill('C2');
    await page.getByRole('button', { name: 'Keep the change' }).click();
    await expect(page.getByRole('textbox', { name: 'Place' })).toHaveValue('C2');
    await accessible(page);
    await page.getByRole('tab', { name: 'Count' }).click();
    await page.getByRole('button', { name: 'Begin a count' }).click();
    await page.getByLabel('Label, scanned or typed').fill('w-2999');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('main').getByRole('status')).toContainText(
        'W-2999: Window display 2999, belongs at C2',
    );
    await page.getByLabel('Label, scanned or typed').fill('Z-1');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('main').getByRole('status')).toContainText('Z-1 is not in the books');
    await accessible(page);
});

test('the owner sets the rules; the margin is not for the front desk', async ({ page }) => {
    await signIn(page, 'owner');
    await page.getByRole('tab', { name: 'Settings' }).click();
    await expect(page.getByRole('heading', { name: 'Rules of pricing' })).toBeVisible();
    await accessible(page);
    const pricing = page.getByRole('form', { name: 'Rules of pricing' });
    await expect(pricing.getByLabel('Tax', { exact: true })).toHaveValue('19');
    await pricing.getByLabel('Tax', { exact: true }).fill('190');
    await pricing.getByRole('button', { name: 'Keep the rules' }).click();
    await expect(pricing.getByRole('alert')).toContainText('must be a share from 0 to below 1');
    // Opening hours and equipment: promises keep to them. What cannot be is named, and nothing is kept.
    const shop = page.getByRole('form', { name: 'The shop' });
    await shop.getByLabel('Saturday').fill('9 to 2');
    await shop.getByLabel('Saturday').blur();
    await shop.getByRole('button', { name: 'Keep the shop' }).click();
    await expect(shop.getByRole('alert')).toContainText('must be a time and a later one');
    await shop.getByLabel('Saturday').fill('10:00–14:00');
    await shop.getByLabel('Saturday').blur();
    await shop.getByLabel('Closed on (dates, separated by commas)').fill('2030-12-25, 2030-12-26');
    await shop.getByLabel('Pace of Tomo Reket').fill('1.1');
    await shop.getByRole('button', { name: 'Keep the shop' }).click();
    await expect(shop.getByRole('status')).toContainText('Promises follow from now on');
    await accessible(page);
    await page.reload();
    await expect(shop.getByLabel('Saturday')).toHaveValue('10:00–14:00');
    await expect(shop.getByLabel('Pace of Tomo Reket')).toHaveValue('1.1');
    await page.getByRole('button', { name: /^Sign out/ }).click();
    await expect(page).toHaveURL(/sign-in/);
    await signIn(page, 'desk');
    await page.getByRole('tab', { name: 'Money' }).click();
    await expect(page.getByRole('heading', { name: 'Owed by insurers' })).toBeVisible();
    await expect(page.getByRole('heading', { name: 'Rules of pricing' })).toBeHidden();
});
