import { madePhoto, tapCorners, tapOn } from './made-photo.mjs';

// A phone that nobody has drawn, for bin/screenshots.mjs: told at the counter, met at the bench.

export const TOLD = {
    maker: 'Tivane',
    model: 'Sable',
    code: 'TS-1',
    family: 'front-opening',
    width: 71.4,
    height: 150.2,
    thickness: 8.0,
    tray: true,
    stylus: false,
    curved: false,
    front: [],
};

/** A job of it, worked up to its first screws inside. */
export async function unknownAtBench({ ask, planned, worked }) {
    const { id: phone } = await ask('POST', '/provisional', TOLD);
    const part = { name: 'Sable display', connector: 'unknown', technology: 'oled', colour: 'black' };
    const job = await planned('P-5', phone, TOLD.code, part, null);
    await worked(job, 'unscrew', null, 'unscrew:bracket-short');
    return job;
}

/** What is said of it: a photo laid under the drawing by its corners, a cover that nobody had assumed, its screws. */
export async function captured({ page }) {
    await page.getByRole('button', { name: /There is more here/ }).click();
    await page.getByRole('heading', { name: 'Say what you see' }).waitFor();
    const { png, corners } = await madePhoto(page.context().browser());
    await page.getByText('A photo as the ground').click();
    await page.getByLabel('Photo of the opened phone').setInputFiles({
        name: 'open.png',
        mimeType: 'image/png',
        buffer: png,
    });
    await tapCorners(page, corners);
    await page.getByRole('button', { name: 'Lay it under the drawing' }).click();
    await page.getByRole('button', { name: 'Photo 1', exact: true }).waitFor();
    await page.getByText('A photo as the ground').click();
    await page.keyboard.press('3');
    await page.getByRole('button', { name: /^Put it into the plan/ }).click();
    await page.getByText('Cover met').first().waitFor();
    await page.keyboard.press('1');
    await page.getByLabel('How many').fill('2');
    await page.getByLabel(/^Length, mm/).fill('2.4');
    await page.getByRole('button', { name: /^T3/ }).click();
    await tapOn(page, { x: 45, y: 83 });
    await tapOn(page, { x: 54, y: 71 });
}

/** What the counter says of it: label, how it opens, ruler, and what is seen in its front. */
export async function tellIt(page, address) {
    await page.goto(`${address}/new`);
    await page.getByLabel('Maker, model or model code').fill('sliver');
    await page.getByRole('button', { name: 'Not in the list' }).click();
    for (const [label, text] of [
        ['Maker', 'Ondrel'],
        ['Model', 'Sliver'],
        ['Code on the label', 'OS-4'],
        ['Width, mm', '70.8'],
        ['Height, mm', '148'],
        ['Thickness, mm', '7.9'],
    ]) {
        await page.getByLabel(label, { exact: true }).fill(text);
    }
    await page.getByRole('button', { name: /^Opens at the front/ }).click();
    const front = page.getByRole('img', { name: /^Front, 0 things tapped/ });
    await front.scrollIntoViewIfNeeded();
    const box = await front.boundingBox();
    await page.mouse.click(box.x + box.width / 2, box.y + 0.07 * box.height);
    await page.getByRole('button', { name: 'Earpiece slot' }).click();
    await page.mouse.click(box.x + box.width / 2, box.y + 0.03 * box.height);
    await page.getByRole('heading', { name: 'A phone that nobody has drawn' }).evaluate((e) => {
        e.scrollIntoView({ block: 'start' });
        window.scrollBy(0, -70);
    });
}
