import { expect, test, type Page } from '@playwright/test';
import { collisions, sideways, smallTargets, smallTexts } from './looked-at';
import { signIn, violations } from './technician';

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

test('every view at every size', async ({ page }) => {
    test.setTimeout(400_000);
    await signIn(page, 'technician');
    const found: string[] = [];
    for (const [name, path] of await views(page)) {
        await page.goto(path);
        await page.waitForLoadState('networkidle');
        for (const size of SIZES) {
            await page.setViewportSize(size);
            await drawnAnew(page);
            const where = `${name} ${size.width}`;
            const wide = await sideways(page);
            if (wide > 0) {
                found.push(`${where}: ${wide} px too wide`);
            }
            for (const t of await smallTexts(page, 14)) {
                found.push(`${where}: ${t.what} ${t.is} px`);
            }
            for (const c of await collisions(page)) {
                found.push(`${where}: ${c}`);
            }
            if (size.width < 1000) {
                for (const t of await smallTargets(page, 48)) {
                    found.push(`${where}: target ${t.what} ${t.is} px`);
                }
            }
            if (process.env['FACELIFT_LOOK']) {
                await page.screenshot({ path: `${process.env['FACELIFT_LOOK']}/${name}-${size.width}.png` });
            }
        }
    }
    expect(found).toEqual([]);
});

const LOOKS = [
    { name: 'light', size: { width: 1280, height: 800 }, media: { colorScheme: 'light' } },
    { name: 'dark', size: { width: 1280, height: 800 }, media: { colorScheme: 'dark' }, dark: true },
    { name: 'forced colours', size: { width: 1280, height: 800 }, media: { forcedColors: 'active' } },
    // Twice as large in a window of 1280 by 800 is half of it.
    { name: 'at 200 %', size: { width: 640, height: 400 }, media: { reducedMotion: 'reduce' } },
] as const;

test('axe finds nothing on any view in any look', async ({ page }) => {
    test.setTimeout(600_000);
    await signIn(page, 'technician');
    const found: string[] = [];
    const all = await views(page);
    for (const look of LOOKS) {
        await page.goto('/');
        if ('dark' in look) {
            await page.getByRole('button', { name: 'Dark look' }).click();
        }
        await page.emulateMedia({
            colorScheme: 'light',
            forcedColors: 'none',
            reducedMotion: 'no-preference',
            ...look.media,
        });
        await page.setViewportSize(look.size);
        for (const [name, path] of all) {
            await page.goto(path);
            await page.waitForLoadState('networkidle');
            await drawnAnew(page);
            for (const v of await violations(page)) {
                found.push(`${name}, ${look.name}: ${v}`);
            }
            const moving = await page.evaluate(() => document.getAnimations().length);
            if (moving > 0) {
                found.push(`${name}, ${look.name}: ${moving} things move by themselves`);
            }
        }
        if ('dark' in look) {
            await page.goto('/');
            await page.getByRole('button', { name: 'Light look' }).click();
        }
    }
    expect(found).toEqual([]);
});
