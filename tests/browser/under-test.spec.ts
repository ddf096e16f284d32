import { devices, expect, test, type Page } from '@playwright/test';
import { gzipSync } from 'node:zlib';
import { draw } from '../../bin/finger.mjs';
import { accessible, onTheShelf, planned, signIn, workedUpTo } from './technician';

/** The phone under test: small, upright, with a finger. */
async function phone(page: Page): Promise<Page> {
    const browser = page.context().browser();
    if (!browser) {
        throw new Error('no browser');
    }
    const context = await browser.newContext({
        viewport: { width: 360, height: 740 },
        hasTouch: true,
        isMobile: true,
        permissions: ['microphone', 'camera'],
        userAgent: devices['Pixel 5'].userAgent,
    });
    return context.newPage();
}

/** Everything else that a browser can tell or ask; microphone and cameras are the browser's own stand-ins. */
async function onItself(phone: Page): Promise<void> {
    const press = (name: string | RegExp) =>
        phone.getByRole('button', { name, exact: typeof name === 'string' }).click();
    const passed = (name: string) => expect(phone.getByRole('button', { name: `${name}: passed` })).toBeVisible();
    await press('Brightness');
    await accessible(phone);
    await press('Yes');
    await passed('Brightness');
    await press('Loudspeaker');
    await press('At both ends');
    await expect(phone.getByRole('heading', { name: /^2 of 2/ })).toBeVisible();
    await press('At the other end');
    await passed('Loudspeaker');
    await press('Microphone');
    await passed('Microphone');
    await press('Front camera');
    await expect(phone.getByRole('heading', { name: /^A hand’s breadth away/ })).toBeVisible();
    await press('Yes');
    await press('Yes');
    await passed('Front camera');
    // The earpiece's end was heard; what no browser tells is left for the hand, and said.
    await expect(phone.getByText(/^By hand, at the bench:/)).toContainText('Fingerprint');
    await expect(phone.getByText(/^By hand, at the bench:/)).not.toContainText('Earpiece');
}

/** The customer signs on the phone for what stood there. */
async function signedOn(phone: Page, bench: Page): Promise<void> {
    await phone.getByRole('button', { name: 'The customer signs' }).click();
    await expect(phone.getByRole('listitem').filter({ hasText: 'Image' })).toHaveText('Image: failed');
    await accessible(phone);
    await phone.getByLabel('Name').fill('Own Test');
    const field = phone.getByRole('img', { name: 'Sign here' });
    await field.scrollIntoViewIfNeeded();
    const box = await field.boundingBox();
    if (!box) {
        throw new Error('nowhere to sign');
    }
    await phone.mouse.move(box.x + 20, box.y + 20);
    await phone.mouse.down();
    await phone.mouse.move(box.x + 120, box.y + 50, { steps: 4 });
    await phone.mouse.up();
    await phone.getByRole('button', { name: 'Sign', exact: true }).click();
    await expect(phone.getByRole('status')).toContainText('Everything is at the bench.');
    const job = /\/jobs\/[0-9a-f-]+/.exec(bench.url())?.[0] ?? '';
    const after = await bench.request.get(`/api${job}/after`, {
        headers: { Accept: 'application/json', Referer: bench.url() },
    });
    expect(((await after.json()) as { signed: { name: string }[] }).signed.map((s) => s.name)).toEqual(['Own Test']);
}

test('the phone under test shows its own picture and touch, and the bench has it at once', async ({ page }) => {
    await signIn(page);
    await onTheShelf(page, 'S-991', {
        modelCodes: ['BF5-E'],
        connector: 'BF-40Z',
        technology: 'oled',
        colour: 'moss',
        refresh: 90,
    });
    const job = await planned(page, {
        find: 'fern 5',
        phone: 'Brasca Fern 5',
        code: 'BF5-E',
        customer: 'Own Test',
        seen: ['Cracked glass'],
        kind: 'Display assembly',
        label: 'S-991',
    });
    const gate = await workedUpTo(page, job, (s) => s.gate === 'finished');
    await page.goto(`${job}/bench`);
    const own = page.getByRole('region', { name: 'On the phone itself' });
    await own.getByRole('button', { name: 'Test on the phone itself' }).click();
    await expect(own.getByRole('img', { name: 'Code that opens the page' })).toBeVisible();
    await expect(own).toContainText('By hand:');
    await accessible(page);
    const address = /http\S+\/under-test\/[A-Za-z0-9]{40}/.exec(await own.innerText())?.[0] ?? '';

    const other = await phone(page);
    let bytes = 0;
    other.on(
        'response',
        (r) =>
            void r
                .body()
                .then((b) => (bytes += gzipSync(b).length))
                .catch(() => undefined),
    );
    // The ten seconds in which nobody touches go by at once.
    await other.clock.install();
    await other.goto(address);
    await expect(other.getByRole('heading', { name: 'This phone is tested' })).toBeVisible();
    await other.waitForLoadState('networkidle');
    expect(bytes).toBeLessThan(60_000);
    expect((await other.context().cookies()).length).toBe(0);
    await accessible(other);

    // Pure colours; one place is marked.
    await other.getByRole('button', { name: 'Image' }).click();
    await other.mouse.click(180, 370);
    for (let i = 0; i < 7; ++i) {
        await other.getByRole('button', { name: 'Next' }).click();
    }
    await expect(other.getByRole('heading', { name: 'Marked: 1' })).toBeVisible();
    await accessible(other);
    await other.getByRole('button', { name: 'Something is wrong' }).click();
    await expect(other.getByRole('button', { name: 'Image: failed' })).toBeVisible();
    await expect(own).toContainText('Picture: one place marked.');

    // A dead band, drawn while the network is gone: kept on the phone and sent later.
    await other.context().setOffline(true);
    await other.getByRole('button', { name: /^Touch/ }).click();
    await draw(other, (y) => y > 300 && y < 360);
    await other.getByRole('button', { name: 'It is dead there' }).click();
    await expect(other.getByRole('status')).toContainText('1 to be sent');
    await other.context().setOffline(false);
    await expect(other.getByRole('status')).toContainText('Everything is at the bench.');
    await expect(own.getByRole('status')).toContainText(/Touch: 9\d(\.\d)? % of the glass met/);

    // Once more, everywhere: it ends by itself.
    await other.getByRole('button', { name: /^Touch/ }).click();
    await draw(other, () => false);
    await expect(other.getByRole('heading', { name: 'Put down 3 fingers at once' })).toBeVisible();
    await other.evaluate(() => {
        for (const pointerId of [1, 2, 3]) {
            const down = new PointerEvent('pointerdown', { pointerId, bubbles: true });
            document.querySelector('.field')?.dispatchEvent(down);
        }
    });
    await expect(other.getByRole('heading', { name: /^Hands off for 10 s/ })).toBeVisible();
    await other.clock.runFor(10_000);
    await expect(other.getByRole('button', { name: 'Touch: passed' })).toBeVisible();
    await expect(own.getByRole('status')).toContainText('Touch: 100 % of the glass met, 0 mm² not. 3 fingers at once.');
    await expect(page.getByRole('group', { name: /^Touch at/ }).getByRole('button', { name: 'Pass' })).toHaveAttribute(
        'aria-pressed',
        'true',
    );
    // The bench's own mat shows it at the phone's scale, the marked place as well.
    const mat = page.getByRole('img', { name: /front up\. / });
    await expect(mat).toHaveAccessibleName(/Felt over 100 %/);
    await expect(mat).toHaveAccessibleName(/Marked in the picture: 1/);
    await accessible(page);
    expect(gate.gate).toBe('finished');
    await other.clock.resume();
    await onItself(other);
    await signedOn(other, page);
    await other.context().close();
});
