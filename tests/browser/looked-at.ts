import type { Page } from '@playwright/test';

/** What a page is found wanting in, each with a bit of its text. */
interface Found {
    what: string;
    is: number;
}

/** Every text that is seen, with the px that it is shown at after all scaling; those under the least. */
export async function smallTexts(page: Page, least: number, within = 'body'): Promise<Found[]> {
    return page.evaluate(
        ([from, px]) => {
            const found: { what: string; is: number }[] = [];
            const seen = (e: Element): boolean => {
                const r = e.getBoundingClientRect();
                return (
                    e.checkVisibility({ visibilityProperty: true, opacityProperty: true }) &&
                    r.width > 1 &&
                    r.height > 1 &&
                    r.right > 0 &&
                    r.bottom > 0
                );
            };
            const scale = (e: Element): number => {
                if (e instanceof SVGGraphicsElement) {
                    const m = e.getScreenCTM();
                    return m === null ? 1 : Math.sqrt(Math.abs(m.a * m.d - m.b * m.c));
                }
                return e instanceof HTMLElement && e.offsetHeight > 0
                    ? e.getBoundingClientRect().height / e.offsetHeight
                    : 1;
            };
            const look = (e: Element, text: string): void => {
                const size = Number.parseFloat(getComputedStyle(e).fontSize) * scale(e);
                if (size < px - 0.05) {
                    found.push({
                        what: `${e.tagName.toLowerCase()} "${text.slice(0, 40)}"`,
                        is: Math.round(10 * size) / 10,
                    });
                }
            };
            for (const root of document.querySelectorAll(from)) {
                const walker = document.createTreeWalker(root, NodeFilter.SHOW_TEXT);
                for (let n = walker.nextNode(); n !== null; n = walker.nextNode()) {
                    const text = (n.nodeValue ?? '').trim();
                    const e = n.parentElement;
                    const said =
                        e !== null && !['SCRIPT', 'STYLE', 'TITLE', 'NOSCRIPT'].includes(e.tagName.toUpperCase());
                    if (text !== '' && e !== null && said && seen(e)) {
                        look(e, text);
                    }
                }
                for (const e of root.querySelectorAll(
                    'input:not([type=checkbox]):not([type=radio]):not([type=range]):not([type=file]), select, textarea',
                )) {
                    if (seen(e)) {
                        look(e, e.getAttribute('aria-label') ?? e.id);
                    }
                }
            }
            return found;
        },
        [within, least] as const,
    );
}

/** Everything that is pressed and is less high or wide than the least; links within a text may be as high as it. */
export async function smallTargets(page: Page, least: number): Promise<Found[]> {
    return page.evaluate((px) => {
        const found: { what: string; is: number }[] = [];
        const all = 'a[href], button, [role=button], [role=tab], [role=option], input, select, textarea, summary';
        for (const e of document.querySelectorAll(all)) {
            const inText = e.tagName === 'A' && getComputedStyle(e).display === 'inline';
            const label = e.closest('label') ?? (e.id === '' ? null : document.querySelector(`label[for="${e.id}"]`));
            const field = e.closest('.MuiInputBase-root, .MuiSlider-root');
            const boxes = [e, label, field].filter((b) => b !== null).map((b) => b.getBoundingClientRect());
            const seen = e.checkVisibility({ visibilityProperty: true }) && boxes.some((b) => b.width > 1);
            const hidden = e.closest('[aria-hidden=true]') !== null || e.getAttribute('type') === 'hidden';
            const height = Math.max(...boxes.map((b) => b.height));
            const width = Math.max(...boxes.map((b) => b.width));
            if (seen && !hidden && !inText && Math.min(height, width) < px - 0.5) {
                const name = e.getAttribute('aria-label') ?? e.textContent;
                const what = `${e.tagName.toLowerCase()} "${name.trim().slice(0, 40)}"`;
                found.push({ what, is: Math.round(Math.min(height, width)) });
            }
        }
        return found;
    }, least);
}

/** What makes the page wider than its window, the innermost that does, with the px that it goes over. */
export const sideways = (page: Page): Promise<Found[]> =>
    page.evaluate(() => {
        const room = document.documentElement.clientWidth;
        if (document.documentElement.scrollWidth <= room) {
            return [];
        }
        const over = (e: Element): number => e.getBoundingClientRect().right - room;
        const wide = [...document.body.querySelectorAll('*')].filter((e) => over(e) > 1);
        return wide
            .filter((e) => ![...e.children].some((c) => over(c) > 1))
            .map((e) => {
                const name = (e.getAttribute('aria-label') ?? e.textContent).trim().slice(0, 40);
                return { what: `${e.tagName.toLowerCase()} "${name}"`, is: Math.round(over(e)) };
            });
    });

/**
 * Where keys go back up: what comes after something else in the page, lies wholly over it, and in the same column. What
 * stays in its place while the page is pushed is left out.
 */
export const backwards = (page: Page): Promise<string[]> =>
    page.evaluate(() => {
        const stays = (e: Element | null): boolean =>
            e !== null && (['fixed', 'sticky'].includes(getComputedStyle(e).position) || stays(e.parentElement));
        // Within a list that is pushed by itself what is out of sight lies anywhere.
        const inSight = (e: Element, box: DOMRect): boolean => {
            for (let p = e.parentElement; p !== null; p = p.parentElement) {
                const room = p.getBoundingClientRect();
                const pushed = getComputedStyle(p).overflowY !== 'visible' && p !== document.documentElement;
                if (pushed && p !== document.body && (box.top >= room.bottom || box.bottom <= room.top)) {
                    return false;
                }
            }
            return true;
        };
        const all = [...document.querySelectorAll('a[href], button:not([disabled]), input, select, textarea, summary')]
            .filter((e) => e.checkVisibility({ visibilityProperty: true }) && e.getBoundingClientRect().width > 1)
            .filter((e) => inSight(e, e.getBoundingClientRect()))
            .map((e) => ({
                name: (e.getAttribute('aria-label') ?? e.textContent).trim().slice(0, 30),
                bar: e.closest('header') !== null,
                stays: stays(e),
                box: e.getBoundingClientRect(),
            }))
            .filter((e) => e.bar || !e.stays);
        return all.flatMap((b, i) => {
            const a = all[i - 1];
            const over = a !== undefined && a.bar === b.bar && b.box.bottom <= a.box.top + 1;
            return over && b.box.left < a.box.right && a.box.left < b.box.right
                ? [`from "${a.name}" back up to "${b.name}"`]
                : [];
        });
    });

/** Words of the drawings that lie over one another or leave their drawing. */
export async function collisions(page: Page): Promise<string[]> {
    return page.evaluate(() => {
        const found: string[] = [];
        for (const svg of document.querySelectorAll('svg')) {
            const room = svg.getBoundingClientRect();
            const words = [...svg.querySelectorAll('[data-label]')].map((e) => ({
                name: e.textContent,
                box: e.getBoundingClientRect(),
            }));
            words.forEach((a, i) => {
                if (a.box.left < room.left - 1 || a.box.right > room.right + 1 || a.box.bottom > room.bottom + 1) {
                    found.push(`${a.name} leaves the drawing`);
                }
                for (const b of words.slice(i + 1)) {
                    const apart =
                        a.box.right <= b.box.left + 1 ||
                        b.box.right <= a.box.left + 1 ||
                        a.box.bottom <= b.box.top + 1 ||
                        b.box.bottom <= a.box.top + 1;
                    if (!apart) {
                        found.push(`${a.name} over ${b.name}`);
                    }
                }
            });
        }
        return found;
    });
}
