import { expect, test, type Locator, type Page } from '@playwright/test';
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
    await hands.press(page.getByRole('button', { name: /^Opens at the front/ }));
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
    const dialog = page.getByRole('dialog', { name: 'There is more here' });
    await dialog.getByRole('combobox', { name: 'They hold' }).click();
    await page.getByRole('option', { name: 'Connector bracket' }).click();
    await dialog.getByLabel('What to call it').fill('Hidden screws');
    await dialog.getByLabel('How many').fill('3');
    await accessible(page);
    await dialog.getByRole('button', { name: 'Put it into the plan' }).click();
    await expect(dialog).toBeHidden();
    await atStep(page, 'unscrew:bracket-short');
    const plan = await planOf(page, job);
    const more = plan.steps.find((s) => s.figures['name'] === 'Hidden screws' && s.kind === 'unscrew');
    expect(more).toBeDefined();
    expect(plan.steps.findIndex((s) => s.id === 'lift-part:bracket')).toBeGreaterThan(
        plan.steps.findIndex((s) => s.id === more?.id),
    );
    // What has come off was there: struck out it is refused, kindly, and nothing is kept.
    await page.keyboard.press('x');
    await page.getByRole('combobox', { name: 'What is not there' }).click();
    await page.getByRole('option', { name: 'Tail screws' }).click();
    await page.getByRole('button', { name: 'Put it into the plan' }).click();
    await expect(page.getByRole('dialog')).toContainText('Tail screws has come off already');
});
