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
): Promise<void> {
    await page.getByRole('button', { name: `Add to ${group}` }).click();
    await fill(page, values);
    await pick(page, picks);
}

test('a phone nobody has seen is drawn up from a blank one, planned, and worked to the end', async ({ page }) => {
    await signIn(page);
    await page.getByRole('tab', { name: 'Phones' }).click();
    await page.getByRole('link', { name: 'Draw up a phone' }).click();
    await expect(verdict(page).getByRole('status')).toContainText('to be mended');
    await accessible(page);

    await fill(page, {
        Id: 'tivane-pivot',
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
            Id: 'display',
            Name: 'Display',
            'Width, mm': '70',
            'Height, mm': '148',
            Functions: 'image, brightness, touch',
        },
        { Kind: 'display-assembly', Tool: 'hand' },
    );
    await add(
        page,
        'parts',
        { Id: 'battery', Name: 'Battery', 'x, mm': '24', 'Width, mm': '34', 'Height, mm': '90', Functions: 'charging' },
        { Kind: 'battery', Tool: 'hand' },
    );
    await add(
        page,
        'parts',
        {
            Id: 'main-board',
            Name: 'Main board',
            'x, mm': '56',
            'Width, mm': '26',
            'Height, mm': '90',
            Functions: 'signal, wifi',
        },
        { Kind: 'main-board' },
    );
    await add(
        page,
        'parts',
        { Id: 'sim-tray', Name: 'SIM tray', 'x, mm': '70', 'y, mm': '50', 'Width, mm': '2', 'Height, mm': '14' },
        { Kind: 'sim-tray', Tool: 'tray pin' },
    );
    await add(
        page,
        'connectors',
        {
            Id: 'battery-plug',
            Name: 'Battery connector',
            'x, mm': '48',
            'Joins (two ids of parts)': 'battery, main-board',
            'Off before it (ids; a|b: one of them)': 'seal',
        },
        { 'The battery’s': 'yes' },
    );
    await add(page, 'connectors', {
        Id: 'display-plug',
        Name: 'Display connector',
        'x, mm': '60',
        'y, mm': '60',
        'Joins (two ids of parts)': 'display, main-board',
        'Off before it (ids; a|b: one of them)': 'seal',
    });
    await add(
        page,
        'screws',
        {
            Id: 'tail-screws',
            Name: 'Tail screws',
            'Length, mm': '3.2',
            'Hole depth, mm': '3.6',
            'Holds (ids of parts)': 'display',
            'Places (x y; x y)': '31 148; 41 148',
        },
        { Driver: 'P2' },
    );
    await add(
        page,
        'bonds',
        {
            Id: 'seal',
            Name: 'Display seal',
            'Minutes under clamps': '15',
            'Joins (what is lifted, what it is lifted off)': 'display, housing',
            'Off before it (ids; a|b: one of them)': 'tail-screws',
        },
        {
            'Stack at the edge': 'edge',
            'Stack through the battery': 'centre',
            'Cut from': 'bottom',
            'Hinge side': 'right',
        },
    );
    await page.getByRole('button', { name: 'Cut all round' }).click();
    await add(page, 'kinds of part', { Id: 'pivot-display', Name: 'Display', 'Replaces (ids of parts)': 'display' });

    await expect(verdict(page).getByRole('status')).toHaveText('Nothing is wrong');
    const plan = page.getByRole('region', { name: 'The plan as it now is' });
    await expect(plan).toContainText(/Display assembly: \d+ steps, .* proven/);
    await accessible(page);

    // A fault is named at once with its place, and undone again.
    await page.getByRole('navigation', { name: 'Contents' }).getByRole('button', { name: 'Tail screws' }).click();
    await fill(page, { 'Length, mm': '9' });
    await expect(verdict(page)).toContainText('fasteners[0].length');
    await expect(page.getByRole('button', { name: /^Keep as version/ })).toBeDisabled();
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(verdict(page).getByRole('status')).toHaveText('Nothing is wrong');

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
            supplier: 'Norrby Panels',
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
    await expect(verdict(page).getByRole('status')).toHaveText('Nothing is wrong');
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
});
