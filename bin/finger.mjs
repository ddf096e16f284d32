// A finger on the page of a phone under test, for the browser tests and for the pictures alike.

/**
 * Draws row after row over the whole glass of 360 px, but for what is spared.
 *
 * @param {import('@playwright/test').Page} page
 * @param {(y: number) => boolean} spared
 * @returns {Promise<void>}
 */
export async function draw(page, spared) {
    const rows = Array.from({ length: 74 }, (_, i) => 5 + 10 * i).filter((y) => !spared(y));
    await page.evaluate((all) => {
        const field = document.querySelector('.field');
        if (!(field instanceof HTMLElement)) {
            throw new Error('nothing to draw on');
        }
        /** @type {(type: string, x: number, y: number) => boolean} */
        const say = (type, x, y) =>
            field.dispatchEvent(
                new PointerEvent(type, { pointerId: 1, clientX: x, clientY: y, bubbles: true, pointerType: 'touch' }),
            );
        // A pointer that is made up cannot be captured.
        field.setPointerCapture = () => undefined;
        for (const y of all) {
            say('pointerdown', 1, y);
            for (let x = 10; x < 360; x += 10) {
                say('pointermove', x, y);
            }
            say('pointermove', 359, y);
            say('pointerup', 359, y);
        }
    }, rows);
}
