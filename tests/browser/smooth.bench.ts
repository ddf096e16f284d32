import { expect, test, type Page } from '@playwright/test';
import { onTheShelf, planned, signIn } from './technician';

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

async function jobOf(page: Page, tag: string): Promise<string> {
    const answer = await page.request.get('/api/jobs', {
        headers: { Accept: 'application/json', Referer: process.env['FACELIFT_ADDRESS'] ?? '' },
    });
    const jobs = ((await answer.json()) as { data: { id: string; tag: string }[] }).data;
    return jobs.find((j) => j.tag === tag)?.id ?? '';
}

test('clocks on a job of more than eighty steps, beside an empty page', async ({ page }) => {
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
    const long = page.url();
    const followed = `/jobs/${await jobOf(page, 'T-0302')}/bench`;
    const shown = {
        'empty page': () => page.goto('about:blank'),
        'bench, 84 steps': async () => {
            await page.goto(long);
            await expect(page.getByRole('navigation', { name: 'Steps' })).toBeVisible();
        },
        'bench, heat followed': async () => {
            await page.goto(followed);
            await expect(page.getByRole('img', { name: /^Temperature of/ })).toBeVisible();
        },
    };
    const measured = new Map<string, Smooth[]>();
    // In turn, so that what else the machine does falls on all of them.
    for (let round = 0; round < 5; round += 1) {
        for (const [name, show] of Object.entries(shown)) {
            await show();
            await page.waitForLoadState('networkidle');
            measured.set(name, [...(measured.get(name) ?? []), await smoothness(page)]);
        }
    }
    const middle = (all: Smooth[]): number => all.map((m) => m.frames).sort((a, b) => a - b)[2] ?? 0;
    const empty = middle(measured.get('empty page') ?? []);
    for (const [name, all] of measured) {
        const [frames, tasks] = [middle(all), all.map((m) => m.long).join(' ')];
        const share = (frames / empty).toFixed(2);
        console.log(`${name}: ${frames} frames in 3 s, ${share} of the empty page; tasks over 50 ms: ${tasks}`);
    }
    expect(measured.size).toBe(3);
});
