import { expect, test, type Page } from '@playwright/test';
import { allLookedAt } from './every-look';
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
        ['not yet', at('T-0307', 'bench')],
    ];
}

/** What only the owner sees, and where phones are drawn. */
const OWNERS: [string, string][] = [
    ['people', '/accounts'],
    ['settings', '/settings'],
    ['changes', '/changes'],
    ['drawing table', '/draw/quillon-vesper'],
];

test('every view, at four sizes and in every look', async ({ page }) => {
    test.setTimeout(400_000);
    await signIn(page, 'technician');
    expect(await allLookedAt(page, await views(page))).toEqual([]);
});

test('what the owner sees, at four sizes and in every look', async ({ page }) => {
    test.setTimeout(400_000);
    await signIn(page, 'owner');
    expect(await allLookedAt(page, OWNERS)).toEqual([]);
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

/** What is drawn anew in the page while its clocks go on five times: how much at most at once, and in which parts. */
const drawnByClocks = (page: Page): Promise<{ most: number; within: string[] }> =>
    page.evaluate(
        () =>
            new Promise((done) => {
                const within = new Set<string>();
                let [times, most] = [0, 0];
                const watch = new MutationObserver((all) => {
                    const known = all.map(({ target }) => (target instanceof Element ? target : target.parentElement));
                    for (const e of known) {
                        const part = e?.closest('nav, main section, aside, header, [role=img], main');
                        within.add(part?.getAttribute('aria-label') ?? part?.tagName.toLowerCase() ?? '');
                    }
                    times += 1;
                    most = Math.max(most, all.length);
                    if (times === 5) {
                        watch.disconnect();
                        done({ most, within: [...within] });
                    }
                });
                watch.observe(document.body, {
                    subtree: true,
                    childList: true,
                    characterData: true,
                    attributes: true,
                });
            }),
    );

test('clocks that run draw themselves, and nothing of the steps beside them', async ({ page }) => {
    await signIn(page, 'technician');
    const [, bench = ''] = (await views(page)).find(([name]) => name === 'bench') ?? [];
    await page.goto(bench);
    await expect(page.getByRole('img', { name: /^Temperature of/ })).toBeVisible();
    await page.waitForLoadState('networkidle');
    const drawn = await drawnByClocks(page);
    expect(drawn.within).not.toContain('Steps');
    expect(drawn.most).toBeLessThan(20);
});
