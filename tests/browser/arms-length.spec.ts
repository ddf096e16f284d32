import { expect, test, type Page } from '@playwright/test';
import { collisions, sideways, smallTargets, smallTexts } from './looked-at';
import { onTheShelf, planned, signIn, violations } from './technician';

interface Row {
    id: string;
    tag: string;
}

async function views(page: Page): Promise<[string, string][]> {
    const answer = await page.request.get('/api/jobs', {
        headers: { Accept: 'application/json', Referer: process.env['FACELIFT_ADDRESS'] ?? '' },
    });
    const jobs = ((await answer.json()) as { data: Row[] }).data;
    const at = (tag: string, station: string): string => `/jobs/${jobs.find((j) => j.tag === tag)?.id}/${station}`;
    return [
        ['today', '/'],
        ['jobs', '/jobs'],
        ['new job', '/new'],
        ['shelf', '/shelf'],
        ['reorder', '/shelf-reorder'],
        ['orders', '/shelf-orders'],
        ['phones', '/phones'],
        ['heat', '/heat'],
        ['seal', '/seal'],
        ['money', '/money'],
        ['me', '/me'],
        ['check-in', at('T-0302', 'check-in')],
        ['scope', at('T-0303', 'scope')],
        ['part', at('T-0302', 'part')],
        ['quote', at('T-0305', 'quote')],
        ['plan', at('T-0302', 'plan')],
        ['bench', at('T-0302', 'bench')],
        ['prove', at('T-0302', 'prove')],
        ['hand-over', at('T-0302', 'hand-over')],
    ];
}

/** Two frames: what follows the window's size has followed it. */
const drawnAnew = (page: Page): Promise<void> =>
    page.evaluate(
        () =>
            new Promise((done) => {
                requestAnimationFrame(() => requestAnimationFrame(() => done()));
            }),
    );

const SIZES = [
    { width: 1280, height: 800 },
    { width: 1024, height: 768 },
    { width: 768, height: 1024 },
    { width: 390, height: 844 },
];

/** Everything that is too small to read or to press, too wide, or lies over something else. */
async function wanting(page: Page, width: number): Promise<string[]> {
    const wide = await sideways(page);
    const targets = width < 1000 ? await smallTargets(page, 48) : [];
    return [
        ...(wide > 0 ? [`${wide} px too wide`] : []),
        ...(await smallTexts(page, 14)).map((t) => `${t.what} ${t.is} px`),
        ...(await collisions(page)),
        ...targets.map((t) => `target ${t.what} ${t.is} px`),
    ];
}

/** Colours that the browser chooses, twice as large (half the window), and nothing that moves. */
const AWAY = { forcedColors: 'active', reducedMotion: 'reduce' } as const;
const USUAL = { colorScheme: 'light', forcedColors: 'none', reducedMotion: 'no-preference' } as const;
const WIDE = { width: 1280, height: 800 };

async function visited(page: Page, path: string): Promise<void> {
    await page.goto(path);
    await page.waitForLoadState('networkidle');
    await drawnAnew(page);
}

/** What is found wanting on one page: at every size, by axe as it is, and by axe in forced colours at 200 %. */
async function lookedAt(page: Page, path: string): Promise<string[]> {
    await visited(page, path);
    const found = (await violations(page)).map((v) => `light: ${v}`);
    for (const size of SIZES) {
        await page.setViewportSize(size);
        await drawnAnew(page);
        found.push(...(await wanting(page, size.width)).map((f) => `${size.width}: ${f}`));
    }
    await page.emulateMedia(AWAY);
    await page.setViewportSize({ width: WIDE.width / 2, height: WIDE.height / 2 });
    await drawnAnew(page);
    found.push(...(await violations(page)).map((v) => `forced colours at 200 %: ${v}`));
    const moving = await page.evaluate(() => document.getAnimations().length);
    await page.emulateMedia(USUAL);
    await page.setViewportSize(WIDE);
    return [...found, ...(moving > 0 ? [`${moving} things move by themselves`] : [])];
}

test('every view, at four sizes and in every look', async ({ page }) => {
    test.setTimeout(400_000);
    await signIn(page, 'technician');
    const all = await views(page);
    const found: string[] = [];
    for (const [name, path] of all) {
        found.push(...(await lookedAt(page, path)).map((f) => `${name}, ${f}`));
    }
    await page.goto('/');
    await page.getByRole('button', { name: 'Dark look' }).click();
    for (const [name, path] of all) {
        await visited(page, path);
        // In the dark it is the same page in other colours.
        found.push(...(await violations(page, ['color-contrast'])).map((v) => `${name}, dark: ${v}`));
    }
    expect(found).toEqual([]);
});

interface Smooth {
    frames: number;
    long: number;
}

/** Frames that the browser shows in three seconds, and tasks of more than 50 ms among them. */
const smoothness = (page: Page): Promise<Smooth> =>
    page.evaluate(
        () =>
            new Promise((done) => {
                let [frames, long] = [0, 0];
                const watch = new PerformanceObserver((list) => (long += list.getEntries().length));
                watch.observe({ entryTypes: ['longtask'] });
                const end = performance.now() + 3000;
                const frame = (now: number) => {
                    frames += 1;
                    if (now < end) {
                        requestAnimationFrame(frame);
                    } else {
                        watch.disconnect();
                        done({ frames, long });
                    }
                };
                requestAnimationFrame(frame);
            }),
    );

test('clocks run on a job of more than eighty steps as smoothly as on an empty page', async ({ page }) => {
    await signIn(page, 'technician');
    // A part of its own, so that others who fit one find theirs.
    await onTheShelf(page, 'S-977', {
        kind: 'display-with-frame',
        brings: ['mesh', 'side-keys'],
        refresh: 90,
        modelCodes: ['BF5-E'],
        connector: 'BF-40Z',
        technology: 'oled',
        colour: 'moss',
    });
    await planned(page, {
        find: 'Fern 5',
        phone: 'Brasca Fern 5',
        code: 'BF5-E',
        customer: 'Long Job',
        seen: ['Lines', 'Frame bent'],
        kind: 'Display with frame',
        label: 'S-977',
    });
    await page.getByRole('link', { name: 'To the bench' }).click();
    await expect(page.getByRole('navigation', { name: 'Steps' })).toBeVisible();
    const counted = await page.evaluate(async () => {
        const id = location.pathname.split('/')[2];
        const plan = (await (
            await fetch(`/api/jobs/${id}/plan`, { headers: { Accept: 'application/json' } })
        ).json()) as {
            steps: unknown[];
        };
        return plan.steps.length;
    });
    expect(counted).toBeGreaterThan(80);
    const [, bench] = (await views(page)).find(([name]) => name === 'bench') ?? [];
    const measured: Smooth[] = [await smoothness(page)];
    // One whose heat is followed: strip, clock and drawing.
    await page.goto(bench ?? '');
    await expect(page.getByRole('img', { name: /^Temperature of/ })).toBeVisible();
    await page.waitForLoadState('networkidle');
    measured.push(await smoothness(page));
    await page.goto('about:blank');
    const empty = await smoothness(page);
    for (const one of measured) {
        expect(one.long).toBe(0);
        expect(one.frames / empty.frames).toBeGreaterThan(0.95);
    }
});

test('help: the keys of the page, the way on, and a tour that is put away for good', async ({ page }) => {
    await signIn(page, 'technician');
    const all = await views(page);
    const [, scope = ''] = all.find(([name]) => name === 'scope') ?? [];
    await page.goto(scope);
    await expect(page.getByRole('region', { name: 'What comes next' })).toBeVisible();
    await page.keyboard.press('?');
    const keys = page.getByRole('dialog', { name: 'Keys of this page' });
    await expect(keys).toContainText('On to the next station');
    expect(await violations(page)).toEqual([]);
    await keys.getByRole('button', { name: 'Show the tour of a first job' }).click();
    const tour = page.getByRole('complementary', { name: 'Tour of a first job' });
    await expect(tour).toContainText('Tour, 2 of 6');
    await page.keyboard.press('g');
    await expect(page).not.toHaveURL(/scope$/);
    await expect(tour).not.toContainText('Tour, 2 of 6');
    await tour.getByRole('button', { name: 'Put the tour away' }).click();
    await expect(tour).toBeHidden();
    await page.reload();
    await expect(
        page.getByRole('region', { name: 'What comes next' }).or(page.getByRole('navigation', { name: 'Steps' })),
    ).toBeVisible();
    await expect(tour).toBeHidden();
    await page.goto(scope);
    const why = page.getByRole('button', { name: 'Where it comes from: Price' });
    await expect(why).toHaveAttribute('aria-expanded', 'false');
    await why.click();
    await expect(page.getByText(/the minutes at the shop’s rate/)).toBeVisible();
});
