import { expect, test, type Locator, type Page } from '@playwright/test';
import { madePhoto, tapCorners, tapOn } from '../../bin/made-photo.mjs';
import { accessible, atStep, onTheShelf, planned, planOf, provisional, signIn, workedUpTo } from './technician';

/** Counts what a person puts in: a field filled, a thing pressed, a place tapped. */
class Hands {
    inputs = 0;

    constructor(private readonly page: Page) {}

    async fill(label: string, text: string): Promise<void> {
        this.inputs += 1;
        await this.page.getByLabel(label, { exact: true }).fill(text);
    }

    async press(what: Locator): Promise<void> {
        this.inputs += 1;
        await what.click();
    }

    async tap(x: number, y: number): Promise<void> {
        this.inputs += 1;
        await this.page.mouse.click(x, y);
    }
}

/** Told at the counter in at most so many inputs. */
const MOST = 20;

test('a phone that nobody has drawn: taken in at the counter, and what is not known yet is said as ranges', async ({
    page,
}) => {
    await signIn(page);
    await page.goto('/new');
    const hands = new Hands(page);
    await hands.fill('Maker, model or model code', 'sable');
    await hands.press(page.getByRole('button', { name: 'Not in the list' }));
    await expect(page.getByRole('button', { name: /^Opens at the front/ })).toBeVisible();
    await accessible(page);
    await hands.fill('Maker', 'Tivane');
    await hands.fill('Model', 'Sable');
    await hands.fill('Code on the label', 'TS-1');
    // Like one that is known, it opens as that does; by its family alone it is what phones of that have in common.
    await page.getByRole('combobox', { name: 'Like this one, if you know one' }).click();
    await page.getByRole('option', { name: 'Brasca Fern 5' }).click();
    await expect(page.getByRole('button', { name: /^Opens at the back/ })).toHaveAttribute('aria-pressed', 'true');
    await hands.press(page.getByRole('button', { name: /^Opens at the front/ }));
    await expect(page.getByRole('combobox', { name: 'Like this one, if you know one' })).toHaveText(/None that I know/);
    // As large as a known one: it is asked whether it is that.
    await hands.fill('Width, mm', '71.4');
    await hands.fill('Height, mm', '146.5');
    await hands.fill('Thickness, mm', '8');
    const mat = page.getByRole('img', { name: /^Front, 0 things tapped/ });
    await mat.scrollIntoViewIfNeeded();
    const box = await mat.boundingBox();
    if (!box) {
        throw new Error('nowhere to tap');
    }
    await hands.tap(box.x + box.width / 2, box.y + 0.07 * box.height);
    await hands.press(page.getByRole('button', { name: 'Earpiece slot' }));
    await hands.tap(box.x + box.width / 2, box.y + 0.03 * box.height);
    await expect(page.getByRole('img', { name: /^Front, 2 things tapped/ })).toBeVisible();
    await hands.press(page.getByRole('button', { name: 'Take it in' }));
    await expect(page.getByRole('status').filter({ hasText: 'Quillon Vesper (QV-2110' })).toBeVisible();
    await accessible(page);
    await hands.press(page.getByRole('button', { name: 'It is none of them: go on' }));
    await expect(page.getByRole('button', { name: 'Tivane Sable' })).toHaveAttribute('aria-pressed', 'true');
    await hands.fill('Customer *', 'First Of Its Kind');
    await hands.press(page.getByRole('button', { name: 'Open the job' }));
    await expect(page.getByRole('heading', { name: 'Condition before anything is opened' })).toBeVisible();
    expect(hands.inputs).toBeLessThanOrEqual(MOST);

    await page.getByRole('button', { name: 'Cracked glass' }).click();
    await page.getByRole('button', { name: /^The other \d+ work/ }).click();
    await page.getByRole('button', { name: 'Write down the condition' }).click();
    // Minutes and screws are ranges; the word for it is said to whoever works and to the customer.
    await expect(page.getByRole('button', { name: /^Fit this: Display assembly/ })).toBeVisible();
    await expect(page.getByRole('row', { name: /^Hands-on/ })).toContainText(/\d+–\d+ min/);
    await page.getByRole('button', { name: 'Why, and the rest of the figures' }).click();
    await expect(page.getByRole('row', { name: /^Steps, screws/ })).toContainText(/\d+–\d+/);
    await accessible(page);
});

test('at the bench there is more than was assumed: it is said with a key, and the plan goes on from there', async ({
    page,
}) => {
    await signIn(page);
    await provisional(page);
    await onTheShelf(page, 'S-955', {
        modelCodes: ['TK-7'],
        connector: 'unknown',
        technology: 'oled',
        colour: 'black',
        refresh: 60,
    });
    const job = await planned(page, {
        find: 'knot',
        phone: 'Tivane Knot',
        code: 'TK-7',
        customer: 'More Inside',
        seen: ['Cracked glass'],
        kind: 'Display assembly',
        label: 'S-955',
    });
    await workedUpTo(page, job, (s) => s.id === 'unscrew:bracket-short');
    await page.goto(`${job}/bench`);
    await atStep(page, 'unscrew:bracket-short');
    await page.keyboard.press('a');
    const panel = page.getByRole('region', { name: 'Say what you see' });
    await expect(panel.getByRole('button', { name: '7 Other number' })).toHaveAttribute('aria-pressed', 'true');
    await accessible(page);
    // A cover, and what holds it, with keys alone; both are kept while the server is away, and sent when it is back.
    await page.route('**/captures', (route) => route.abort());
    await page.keyboard.press('3');
    await panel.getByRole('combobox', { name: 'It lies over' }).click();
    await page.getByRole('option', { name: 'Battery connector' }).click();
    await panel.getByLabel('What to call it').fill('Small plate');
    await page.keyboard.press('Enter');
    await expect(panel.getByRole('combobox', { name: 'They hold' })).toHaveText('Small plate');
    await panel.getByLabel('How many').fill('3');
    await panel.getByRole('button', { name: /^T5/ }).click();
    await panel.getByRole('button', { name: /^Put it into the plan/ }).click();
    await expect(panel.getByText('Small plate: Battery connector (waits to be sent)')).toBeVisible();
    await page.unroute('**/captures');
    await page.reload();
    await page.getByText('● saved').waitFor();
    await atStep(page, 'unscrew:bracket-short');
    const plan = await planOf(page, job);
    const at = (id: string | undefined) => plan.steps.findIndex((s) => s.id === id);
    const plate = plan.steps.find((s) => s.figures['name'] === 'Small plate' && s.kind === 'lift-part');
    const screws = plan.steps.find((s) => s.figures['name'] === 'Screws met' && s.kind === 'unscrew');
    expect(at(screws?.id)).toBeGreaterThan(at('unscrew:bracket-short'));
    expect(at(plate?.id)).toBeGreaterThan(at(screws?.id));
    expect(at('unplug:battery-plug')).toBeGreaterThan(at(plate?.id));
    // What has come off was there: struck out it is refused, kindly, and nothing is kept.
    await page.keyboard.press('x');
    await page.getByRole('combobox', { name: 'What is not there' }).click();
    await page.getByRole('option', { name: 'Tail screws' }).click();
    await page.getByRole('button', { name: /^Put it into the plan/ }).click();
    await expect(page.getByRole('alert')).toContainText('Tail screws has come off already');
    await page.getByRole('button', { name: 'Understood' }).click();
    // Said by mistake: taken back, and the plan is as it was.
    await page.getByRole('button', { name: /^Take back 3 × Screws met/ }).click();
    await expect(page.getByRole('button', { name: /^Take back 3 × Screws met/ })).toBeHidden();
    await page.keyboard.press('Escape');
    expect((await planOf(page, job)).steps.some((s) => s.figures['name'] === 'Screws met')).toBe(false);
});

const cleat = (customer: string, label: string) => ({
    find: 'cleat',
    phone: 'Tivane Cleat',
    code: 'TC-3',
    customer,
    seen: ['Cracked glass'],
    kind: 'Display assembly',
    label,
});

interface Label {
    maker: string;
    model: string;
    code: string;
    width: string;
    height: string;
    thick: string;
}

/** A phone that opens at the front and is not in the list, told at the counter. */
async function takenIn(page: Page, of: Label): Promise<void> {
    await page.goto('/new');
    await page.getByLabel('Maker, model or model code').fill(of.model);
    await page.getByRole('button', { name: 'Not in the list' }).click();
    for (const [label, text] of [
        ['Maker', of.maker],
        ['Model', of.model],
        ['Code on the label', of.code],
        ['Width, mm', of.width],
        ['Height, mm', of.height],
        ['Thickness, mm', of.thick],
    ] as const) {
        await page.getByLabel(label, { exact: true }).fill(text);
    }
    await page.getByRole('button', { name: /^Opens at the front/ }).click();
    await page.getByRole('button', { name: 'Take it in' }).click();
    // Its size is near that of a drawn phone, so the counter asks first.
    await page.getByRole('button', { name: 'It is none of them: go on' }).click();
    await expect(page.getByRole('button', { name: `${of.maker} ${of.model}` })).toHaveAttribute('aria-pressed', 'true');
    await page.goto('/');
}

test('a first repair from the counter to hand-over, and a second job opens with what it has shown', async ({
    page,
}) => {
    await signIn(page);
    await takenIn(page, {
        maker: 'Tivane',
        model: 'Cleat',
        code: 'TC-3',
        width: '70.6',
        height: '149.2',
        thick: '7.8',
    });
    for (const label of ['S-956', 'S-957']) {
        await onTheShelf(page, label, {
            modelCodes: ['TC-3'],
            connector: 'unknown',
            technology: 'oled',
            colour: 'black',
            refresh: 60,
        });
    }
    const job = await planned(page, cleat('Which Is It', 'S-956'));
    // A photo of the opened phone under the drawing, its corners tapped; what is tapped on it then has its place.
    await workedUpTo(page, job, (s) => s.id === 'unscrew:bracket-short');
    await page.goto(`${job}/bench`);
    await atStep(page, 'unscrew:bracket-short');
    await page.keyboard.press('a');
    await page.getByText('A photo as the ground').click();
    const { png, corners } = await madePhoto(page.context().browser());
    await page
        .getByLabel('Photo of the opened phone')
        .setInputFiles({ name: 'open.png', mimeType: 'image/png', buffer: png });
    await tapCorners(page, corners);
    await accessible(page);
    await page.getByRole('button', { name: 'Lay it under the drawing' }).click();
    await expect(page.getByRole('button', { name: 'Photo 1', exact: true })).toHaveAttribute('aria-pressed', 'true');
    await page.getByRole('slider', { name: 'How much of it is seen' }).focus();
    await page.keyboard.press('End');
    await accessible(page);
    await page.getByRole('heading', { name: 'Say what you see' }).click();
    await page.keyboard.press('7');
    await page.getByLabel('How many').fill('2');
    await page.getByLabel(/^Length, mm/).fill('1.5');
    await tapOn(page, { x: 45, y: 60 });
    await tapOn(page, { x: 63, y: 83 });
    await expect(page.getByText('2 tapped on the drawing')).toBeVisible();
    await page.getByRole('button', { name: /^Put it into the plan/ }).click();
    await expect(page.getByRole('button', { name: /^Take back 2 ×/ })).toBeVisible();
    const counted = (await planOf(page, job)).screws.filter((s) => s.fastener === 'bracket-short');
    expect(counted).toHaveLength(2);
    expect(Math.hypot((counted[0]?.x ?? 0) - 45, (counted[0]?.y ?? 0) - 60)).toBeLessThan(0.5);
    await page.keyboard.press('Escape');

    // Before a plug is pulled for the battery's it is asked which one that is.
    await workedUpTo(page, job, (s) => s.id === 'unplug:battery-plug');
    await page.goto(`${job}/bench`);
    await atStep(page, 'unplug:battery-plug');
    const question = page.getByRole('alert').filter({ hasText: 'Which of these is the battery’s connector?' });
    await expect(question).toBeVisible();
    await accessible(page);
    const done = page.getByRole('button', { name: /^Done/ });
    await expect(done).toBeDisabled();
    await page.keyboard.press('Space');
    await atStep(page, 'unplug:battery-plug');
    await page.keyboard.press('2');
    await expect(question).toBeHidden();
    await expect(done).toBeEnabled();
    await done.click();
    await page.getByText('● saved').waitFor();
    await expect(page.getByRole('alert')).toHaveCount(0);

    await workedUpTo(page, job, () => false);
    await page.goto(`${job}/hand-over`);
    const shown = page.getByRole('region', { name: 'What this repair has shown of the phone' });
    await expect(shown).toContainText('Was assumed, is seen:');
    await expect(shown).toContainText('Nobody has seen:');
    await expect(shown.getByRole('checkbox', { name: /^Keep it: the next job/ })).toBeChecked();
    await accessible(page);
    await page.getByLabel('The outer film came off while they watched').check();
    await page.getByLabel('The customer was told all of this').check();
    await page.getByRole('button', { name: 'Hand over and close' }).click();
    await expect(page.getByRole('heading', { name: /Handed over/ })).toBeVisible();

    // The second: its plan counts what was counted, nothing is asked again, and it is worked to the end.
    await page.goto('/');
    const second = await planned(page, cleat('Once More', 'S-957'));
    const again = await planOf(page, second);
    expect(again.works).toBe(true);
    expect(again.route.optimal).toBe(true);
    expect(again.screws.filter((s) => s.fastener === 'bracket-short')).toHaveLength(2);
    await workedUpTo(page, second, (s) => s.id === 'unplug:battery-plug');
    await page.goto(`${second}/bench`);
    await atStep(page, 'unplug:battery-plug');
    await expect(page.getByRole('button', { name: /^Done/ })).toBeEnabled();
    await expect(question).toBeHidden();
    await workedUpTo(page, second, () => false);
    await page.goto(`${second}/hand-over`);
    await expect(page.getByText(/steps are done/)).toBeVisible();
});
