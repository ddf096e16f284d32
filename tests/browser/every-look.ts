import type { Page } from '@playwright/test';
import { backwards, collisions, sideways, smallTargets, smallTexts } from './looked-at';
import { violations } from './technician';

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
    const targets = width < 1000 ? await smallTargets(page, 48) : [];
    return [
        ...(await sideways(page)).map((w) => `${w.what} ${w.is} px too wide`),
        ...(await smallTexts(page, 14)).map((t) => `${t.what} ${t.is} px`),
        ...(await collisions(page)),
        ...(await backwards(page)),
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

/** As it is kept on this screen: the pages of a job have no button for it. */
const look = (page: Page, mode: 'light' | 'dark'): Promise<void> =>
    page.evaluate((kept) => window.localStorage.setItem('facelift.look', kept), mode);

/** What is found wanting on one page: at every size, by axe as it is, in forced colours at 200 %, and in the dark. */
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
    // In the dark it is the same page in other colours.
    await look(page, 'dark');
    await visited(page, path);
    found.push(...(await violations(page, ['color-contrast'])).map((v) => `dark: ${v}`));
    await look(page, 'light');
    return [...found, ...(moving > 0 ? [`${moving} things move by themselves`] : [])];
}

/** What is found wanting on all of them, each with its name. */
export async function allLookedAt(page: Page, all: [string, string][]): Promise<string[]> {
    const found: string[] = [];
    for (const [name, path] of all) {
        found.push(...(await lookedAt(page, path)).map((f) => `${name}, ${f}`));
    }
    return found;
}
