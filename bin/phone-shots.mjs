// Pictures of the phone under test and of what comes from it, for bin/screenshots.mjs.
import { execFileSync } from 'node:child_process';
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { draw } from './finger.mjs';

/** Three tests on the phone itself, side by side; it stands open at the gate when this is done. */
export async function onThePhone(page, folder) {
    const own = page.getByRole('region', { name: 'On the phone itself' });
    await own.getByRole('button', { name: 'Test on the phone itself' }).click();
    await own.getByRole('img', { name: 'Code that opens the page' }).waitFor();
    const address = /http\S+\/under-test\/[A-Za-z0-9]{40}/.exec(await own.innerText())[0];
    const context = await page
        .context()
        .browser()
        .newContext({ viewport: { width: 360, height: 740 }, hasTouch: true, isMobile: true });
    const phone = await context.newPage();
    await phone.goto(address);
    const shots = [];
    const shot = async () => shots.push((await phone.screenshot()).toString('base64'));
    await phone.getByRole('button', { name: 'Image' }).click();
    await phone.getByRole('button', { name: 'Next' }).click();
    await phone.mouse.click(250, 420);
    await shot();
    for (let i = 0; i < 6; ++i) {
        await phone.getByRole('button', { name: 'Next' }).click();
    }
    await phone.getByRole('button', { name: 'Something is wrong' }).click();
    await phone.getByRole('button', { name: /^Touch/ }).click();
    await draw(phone, (y) => y > 420 && y < 480);
    await shot();
    await phone.getByRole('button', { name: 'It is dead there' }).click();
    await phone.getByRole('button', { name: 'Brightness' }).click();
    await shot();
    await phone.getByRole('button', { name: 'Back', exact: true }).click();
    const pictures = shots.map((s) => `<img src="data:image/png;base64,${s}" width="360" height="740">`).join('');
    const table = await context.newPage();
    await table.setViewportSize({ width: 1176, height: 788 });
    await table.setContent(`<body style="margin:24px;display:flex;gap:24px;background:#24323A">${pictures}</body>`);
    if (folder !== null) {
        await table.screenshot({ path: join(folder, 'phone-page.png') });
    }
    await context.close();
}

/** The first page of a job's sheet. */
export async function sheet(page, address, job, folder) {
    const answer = await page.request.get(`${address}/api/jobs/${job}/sheet.pdf`, { headers: { Referer: address } });
    const pdf = join(folder, 'sheet.pdf');
    writeFileSync(pdf, await answer.body());
    execFileSync('pdftoppm', ['-r', '80', '-png', '-f', '1', '-l', '1', '-singlefile', pdf, join(folder, 'sheet')]);
    execFileSync('rm', [pdf]);
    return readFileSync(join(folder, 'sheet.png')).length;
}
