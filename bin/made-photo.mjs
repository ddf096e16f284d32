// A made-up photo of an opened phone and the hand that taps on it, for the pictures and for the browser tests.

/** Pixels of the photo. */

const PHOTO = { width: 900, height: 1200 };

/**
 * A made-up photo of the opened phone, taken from the side: drawn, slanted, and where its corners came to lie.
 *
 * @returns {Promise<{ png: Buffer, corners: [number, number][] }>}
 */
export async function madePhoto(browser) {
    const context = await browser.newContext({ viewport: PHOTO });
    const table = await context.newPage();
    const box = (x, y, w, h, fill) => `<rect x="${x}" y="${y}" width="${w}" height="${h}" rx="1.5" fill="${fill}"/>`;
    const screw = (x, y) => `<circle cx="${x}" cy="${y}" r="1.1" fill="#d9d9d2"/><path d="M${x} ${y - 0.8}V${y + 0.8}
        M${x - 0.8} ${y}H${x + 0.8}" stroke="#555" stroke-width=".3"/>`;
    const corner = (x, y) => `<i style="position:absolute;left:${x}%;top:${y}%"></i>`;
    await table.setContent(`<body style="margin:0;background:#b9a88a;height:1200px;display:grid;place-items:center;
        perspective:1500px"><div id="phone" style="position:relative;width:480px;height:1010px;
        transform:rotateX(22deg) rotateY(-13deg) rotateZ(7deg)">
        <svg viewBox="0 0 71.4 150.2" width="480" height="1010" style="display:block">
        <rect width="71.4" height="150.2" rx="9" fill="#8d9296"/><rect x="2" y="2" width="67.4" height="146.2" rx="7.5"
            fill="#2b2f31"/>
        ${box(6, 30, 31, 98, '#111416')}${box(39, 9, 28, 95, '#1f4a35')}${box(47, 12, 19, 18, '#30363a')}
        ${box(43, 58, 22, 27, '#a9adb0')}${box(10, 132, 50, 12, '#3a3f42')}${box(30, 6, 8, 7, '#0c0d0e')}
        ${screw(45, 60)}${screw(63, 60)}${screw(45, 83)}${screw(63, 83)}${screw(54, 71)}
        <text x="12" y="82" font-size="5" fill="#6f777b" font-family="sans-serif">Li-ion 3.8 V</text></svg>
        ${corner(0, 0)}${corner(100, 0)}${corner(100, 100)}${corner(0, 100)}</div></body>`);
    const corners = await table.evaluate(() =>
        [...document.querySelectorAll('i')].map((e) => {
            const at = e.getBoundingClientRect();
            return [Math.round(at.x), Math.round(at.y)];
        }),
    );
    const png = await table.screenshot();
    await context.close();
    return { png, corners };
}

/** Taps the phone's four corners in the photo that is shown. */
export async function tapCorners(page, corners) {
    const photo = page.getByRole('application', { name: /Corners of the phone/ });
    await photo.waitFor();
    const box = await photo.boundingBox();
    const scale = Math.min(box.width / PHOTO.width, box.height / PHOTO.height);
    for (const [x, y] of corners) {
        await page.mouse.click(
            box.x + box.width / 2 + scale * (x - PHOTO.width / 2),
            box.y + box.height / 2 + scale * (y - PHOTO.height / 2),
        );
    }
}

/** Taps a place on the bench's drawing, mm on the phone's front. */
export async function tapOn(page, { x, y }) {
    const at = await page.getByRole('img', { name: /front up/i }).evaluate(
        (svg, mm) => {
            const ground = svg.querySelector('g[data-mm]');
            const point = new DOMPoint(mm.x, mm.y).matrixTransform(ground.getScreenCTM());
            return { x: point.x, y: point.y };
        },
        { x, y },
    );
    await page.mouse.click(at.x, at.y);
}
