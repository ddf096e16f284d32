import { readFileSync } from 'node:fs';
import { expect, test, type Page } from '@playwright/test';
import { accessible, choose, doStep, planned, planOf, signIn } from './technician';

const figures = (page: Page) => page.getByRole('region', { name: 'Figures' });
const verdict = (page: Page) => page.getByRole('region', { name: 'Verdict' });

async function fill(page: Page, values: Record<string, string>): Promise<void> {
    for (const [label, value] of Object.entries(values)) {
        const field = figures(page).getByLabel(label, { exact: true });
        await field.fill(value);
        await field.blur();
    }
}

async function pick(page: Page, values: Record<string, string>): Promise<void> {
    for (const [label, value] of Object.entries(values)) {
        await choose(page, figures(page).getByRole('combobox', { name: label, exact: true }), new RegExp(`^${value}$`));
    }
}

async function add(
    page: Page,
    group: string,
    values: Record<string, string>,
    picks: Record<string, string> = {},
    several: Record<string, string[]> = {},
): Promise<void> {
    await page.getByRole('button', { name: `Add to ${group}` }).click();
    await fill(page, values);
    await pick(page, picks);
    for (const [label, names] of Object.entries(several)) {
        await tick(page, label, names);
    }
}

/** Several of what is known are chosen by name. */
async function tick(page: Page, label: string, names: string[]): Promise<void> {
    await figures(page).getByRole('combobox', { name: label, exact: true }).click();
    for (const name of names) {
        await page.getByRole('option', { name, exact: true }).click();
    }
    await page.keyboard.press('Escape');
    await page.getByRole('listbox').waitFor({ state: 'hidden' });
}

test('a phone nobody has seen is drawn up from a blank one, planned, and worked to the end', async ({ page }) => {
    await signIn(page);
    await page.getByRole('tab', { name: 'Phones' }).click();
    await page.getByRole('link', { name: 'Draw up a phone' }).click();
    await expect(verdict(page).getByRole('status')).toContainText('to be mended');
    await accessible(page);

    await fill(page, {
        Maker: 'Tivane',
        Model: 'Pivot',
        'Model codes (code region (connector); …)': 'TP-1 Europe; TP-2 North America',
        Colours: 'dusk, salt',
    });
    await page.getByRole('button', { name: 'Stacks', exact: true }).click();
    for (const [preset, name] of [
        ['Edge, metal frame', 'edge'],
        ['Through the battery', 'centre'],
    ] as const) {
        await choose(
            page,
            figures(page).getByRole('combobox', { name: 'From the library' }),
            new RegExp(`^${preset}$`),
        );
        await figures(page).getByLabel('Name of the stack').fill(name);
        await page.getByRole('button', { name: 'Add stack' }).click();
        await expect(page.getByRole('region', { name: `Stack ${name}` })).toBeVisible();
    }
    await accessible(page);
    await add(
        page,
        'parts',
        {
            Name: 'Display',
            'Width, mm': '70',
            'Height, mm': '148',
        },
        { Kind: 'Display', Tool: 'hand' },
        { Functions: ['Image', 'Brightness', 'Touch'] },
    );
    await add(
        page,
        'parts',
        { Name: 'Battery', 'x, mm': '24', 'Width, mm': '34', 'Height, mm': '90' },
        { Kind: 'Battery', Tool: 'hand' },
        { Functions: ['Charging'] },
    );
    await add(
        page,
        'parts',
        {
            Name: 'Main board',
            'x, mm': '56',
            'Width, mm': '26',
            'Height, mm': '90',
        },
        { Kind: 'Main board' },
        { Functions: ['Mobile signal', 'Wi-Fi'] },
    );
    await add(
        page,
        'parts',
        { Name: 'SIM tray', 'x, mm': '70', 'y, mm': '50', 'Width, mm': '2', 'Height, mm': '14' },
        { Kind: 'SIM tray', Tool: 'tray pin' },
    );
    await add(
        page,
        'connectors',
        {
            Name: 'Battery connector',
            'x, mm': '48',
        },
        { 'The battery’s': 'yes', 'Comes from': 'Battery', 'Goes to': 'Main board' },
    );
    await add(
        page,
        'connectors',
        { Name: 'Display connector', 'x, mm': '60', 'y, mm': '60' },
        { 'Comes from': 'Display', 'Goes to': 'Main board' },
    );
    await add(
        page,
        'screws',
        {
            Name: 'Tail screws',
            'Length, mm': '3.2',
            'Hole depth, mm': '3.6',
            'Places (x y; x y)': '31 148; 41 148',
        },
        { Driver: 'P2' },
        { Holds: ['Display'] },
    );
    await add(
        page,
        'bonds',
        {
            Name: 'Display seal',
            'Minutes under clamps': '15',
        },
        {
            'What is lifted': 'Display',
            'What it is lifted off': 'Housing',
            'Stack at the edge': 'edge',
            'Stack through the battery': 'centre',
            'Cut from': 'bottom',
            'Hinge side': 'right',
        },
        { 'Off before it': ['Tail screws'] },
    );
    // What lies under the seal waits for it: said once it is there.
    for (const plug of ['Battery connector', 'Display connector']) {
        await page.getByRole('navigation', { name: 'Contents' }).getByRole('button', { name: plug }).click();
        await tick(page, 'Off before it', ['Display seal']);
    }
    await page.getByRole('navigation', { name: 'Contents' }).getByRole('button', { name: 'Display seal' }).click();
    await page.getByRole('button', { name: 'Cut all round' }).click();
    await add(page, 'kinds of part', { Name: 'Display' }, {}, { Replaces: ['Display'] });

    await expect(verdict(page).getByRole('status')).toHaveText('Nothing to mend');
    const plan = page.getByRole('region', { name: 'The plan as it now is' });
    await expect(plan).toContainText(/Display assembly: \d+ steps, .* proven/);
    await accessible(page);

    // A fault is named at once with its place, and undone again.
    await page.getByRole('navigation', { name: 'Contents' }).getByRole('button', { name: 'Tail screws' }).click();
    await fill(page, { 'Length, mm': '9' });
    await expect(verdict(page)).toContainText('Tail screws, Length');
    await expect(page.getByRole('button', { name: /^Keep as version/ })).toBeDisabled();
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(verdict(page).getByRole('status')).toHaveText('Nothing to mend');

    // The drawing is taken hold of: a screw is dragged, and moved by keys.
    const mat = page.getByRole('img', { name: /being drawn/ });
    const screw = await mat.locator('circle').last().boundingBox();
    expect(screw).not.toBeNull();
    if (screw) {
        await page.mouse.move(screw.x + screw.width / 2, screw.y + screw.height / 2);
        await page.mouse.down();
        await page.mouse.move(screw.x + screw.width / 2 - 20, screw.y + screw.height / 2, { steps: 4 });
        await page.mouse.up();
    }
    await expect(figures(page).getByLabel('Places (x y; x y)')).not.toHaveValue('31 148; 41 148');
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(figures(page).getByLabel('Places (x y; x y)')).toHaveValue('31 148; 41 148');

    await page.getByRole('button', { name: 'Keep as version 1' }).click();
    await expect(page.getByText('Version 1 is kept.')).toBeVisible();

    // Somebody else keeps a version meanwhile: told, what changed is shown, and nothing is lost.
    const document = (await (
        await page.request.get('/api/phone-files/tivane-pivot', { headers: { Referer: page.url() } })
    ).json()) as {
        document: { body: { thickness: number } };
    };
    document.document.body.thickness = 8.6;
    const token = decodeURIComponent(
        (await page.context().cookies()).find((c) => c.name === 'XSRF-TOKEN')?.value ?? '',
    );
    const other = await page.request.put('/api/phone-files/tivane-pivot', {
        headers: { Referer: page.url(), 'X-XSRF-TOKEN': token, Accept: 'application/json' },
        data: { document: document.document, version: 1 },
    });
    expect(other.status()).toBe(200);
    await page.getByRole('navigation', { name: 'Contents' }).getByRole('button', { name: 'Ledge' }).click();
    await fill(page, { 'Top, mm': '2.6' });
    await expect(page.getByText('Version 1 is kept.')).toBeHidden();
    await page.getByRole('button', { name: 'Keep as version 2' }).click();
    await expect(figures(page).getByRole('alert')).toContainText('Somebody else has kept version 2');
    await page.getByRole('button', { name: 'What changed' }).click();
    await expect(page.getByRole('dialog', { name: 'Versions' })).toContainText('thickness is 8.6, was 8');
    await accessible(page);
    await page.getByRole('dialog', { name: 'Versions' }).getByRole('button', { name: 'Close' }).click();
    await page.getByRole('button', { name: 'Keep mine on top' }).click();
    await expect(page.getByText('Version 3 is kept.')).toBeVisible();

    // A part for it comes on the shelf, and the phone is worked to the end.
    const added = await page.request.post('/api/shelf', {
        headers: { Referer: page.url(), 'X-XSRF-TOKEN': token, Accept: 'application/json' },
        data: {
            label: 'S-901',
            name: 'Pivot display',
            kind: 'display-assembly',
            modelCodes: ['TP-1'],
            connector: 'X-1',
            technology: 'oled',
            colour: 'dusk',
            refresh: 60,
            brings: [],
            cost: '44.00',
            sheet: null,
            supplier: 'Norvend Panels',
            batch: 'NP-9',
            state: 'new',
            place: 'D1',
        },
    });
    expect(added.status(), await added.text()).toBe(201);
    await page.getByRole('tab', { name: 'Today' }).click();
    const job = await planned(page, {
        find: 'tp-1',
        phone: 'Tivane Pivot',
        code: 'TP-1',
        customer: 'First Ever',
        seen: ['Black spots'],
        kind: 'Display assembly',
        label: 'S-901',
    });
    await page.getByRole('link', { name: 'To the bench' }).click();
    for (const step of (await planOf(page, job)).steps) {
        await doStep(page, step);
    }
    await expect(page.getByRole('heading', { name: 'All steps are done' })).toBeVisible();
    await expect(page.getByText('● saved')).toBeVisible();
});

test('an outline comes in from a drawing, a file goes out and in, and what is none is refused', async ({ page }) => {
    await signIn(page);
    await page.goto('/draw?like=quillon-vesper');
    await expect(verdict(page).getByRole('status')).toHaveText('Nothing to mend');
    await page.getByRole('button', { name: 'Body', exact: true }).click();
    await page.getByLabel('Outline drawing').setInputFiles({
        name: 'outline.svg',
        mimeType: 'image/svg+xml',
        buffer: Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"><rect width="73" height="148" rx="9.5"/></svg>'),
    });
    await expect(figures(page).getByLabel('Width, mm', { exact: true })).toHaveValue('73');
    await page.getByLabel('Outline drawing').setInputFiles({
        name: 'none.svg',
        mimeType: 'image/svg+xml',
        buffer: Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"/>'),
    });
    await expect(figures(page).getByRole('alert')).toContainText(
        'neither a rectangle nor a path. Nothing was taken over',
    );
    const download = page.waitForEvent('download');
    await page.getByRole('button', { name: 'Save as JSON' }).click();
    expect((await download).suggestedFilename()).toBe('quillon-vesper-new.phone.json');
    await page
        .getByLabel('Phone file')
        .setInputFiles({ name: 'x.json', mimeType: 'application/json', buffer: Buffer.from('{"format":"other"}') });
    await expect(figures(page)).toContainText(
        'x.json was not taken in: it is not a facelift-phone file. The drawing is as it was.',
    );
    // What a browser decodes does not tell: a member that stands twice.
    const vesper = readFileSync('phones/quillon-vesper.phone.json', 'utf8');
    const opens = (text: string) =>
        page
            .getByLabel('Phone file')
            .setInputFiles({ name: 'y.json', mimeType: 'application/json', buffer: Buffer.from(text) });
    await opens(vesper.replace('"family":', '"family": "slate", "family":'));
    await expect(figures(page)).toContainText('family: stands a second time');
    await opens(vesper);
    await expect(figures(page).getByText(/was not taken in/)).toHaveCount(0);
});

test('several phone files go out in one, are looked at in words, and come in whole', async ({ page }) => {
    await signIn(page);
    await page.goto('/phones');
    for (const phone of ['Maruvi Sorrel', 'Ondrel Gatefold']) {
        await page.getByRole('checkbox', { name: `${phone} into the pack` }).check();
    }
    await accessible(page);
    const download = page.waitForEvent('download');
    await page.getByRole('button', { name: 'Give away 2 in one file' }).click();
    const file = await download;
    expect(file.suggestedFilename()).toBe('phones.facelift-pack.zip');
    const pack = await file.path();

    // One of them is changed here meanwhile: what the pack would change is said, and the other is the same.
    await page.goto('/draw/maruvi-sorrel');
    await page
        .getByRole('navigation', { name: 'Contents' })
        .getByRole('button', { name: 'Upper cover screws', exact: true })
        .click();
    await fill(page, { 'Length, mm': '3.4' });
    await page.getByRole('button', { name: /^Keep as version/ }).click();
    await expect(page.getByText(/Version \d+ is kept/)).toBeVisible();
    await page.goto('/phones');
    await page.getByLabel('Pack of phone files').setInputFiles(pack);
    const dialog = page.getByRole('dialog', { name: /^A pack of Lindenhalt/ });
    await expect(dialog).toContainText('Upper cover screws: length is 3.6, was 3.4');
    await expect(dialog.getByRole('region', { name: 'Ondrel Gatefold' })).toContainText('The same as here');
    await expect(dialog.getByRole('checkbox', { name: 'Ondrel Gatefold' })).toBeDisabled();
    await accessible(page);
    await dialog.getByRole('button', { name: 'Take over 1' }).click();
    await expect(dialog).toBeHidden();
    await page.goto('/draw/maruvi-sorrel');
    await page
        .getByRole('navigation', { name: 'Contents' })
        .getByRole('button', { name: 'Upper cover screws', exact: true })
        .click();
    await expect(figures(page).getByLabel('Length, mm', { exact: true })).toHaveValue('3.6');

    await page.goto('/phones');
    await page
        .getByLabel('Pack of phone files')
        .setInputFiles({ name: 'x.zip', mimeType: 'application/zip', buffer: Buffer.from('nothing') });
    await expect(page.getByRole('alert')).toContainText('This is no zip file. Nothing was taken over.');
});
