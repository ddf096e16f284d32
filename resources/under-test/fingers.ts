import { button, element, said, whole } from './page';

/** ms that nobody touches the glass */
const STILL = 10_000;
/** Fingers at once that every panel of today tells apart (common practice). */
export const FINGERS = 3;

/** How many fingers were felt at once; fewer than asked for if it was given up. */
export function fingers(done: (most: number) => void): void {
    const down = new Set<number>();
    let most = 0;
    const field = document.createElement('div');
    field.className = 'field ask';
    const count = element('p', said('fingers-felt', { count: 0 }), 'status');
    const over = (): void => done(most);
    field.append(element('h1', said('put-fingers', { count: FINGERS })), count, button(said('does-not-work'), over));
    field.addEventListener('pointerdown', (e) => {
        if ((e.target as HTMLElement).closest('button')) {
            return;
        }
        down.add(e.pointerId);
        most = Math.max(most, down.size);
        count.textContent = said('fingers-felt', { count: most });
        if (most >= FINGERS) {
            over();
        }
    });
    for (const type of ['pointerup', 'pointercancel']) {
        field.addEventListener(type, (e) => down.delete((e as PointerEvent).pointerId));
    }
    whole(field);
}

/** Hands off: what is felt although nobody touches. */
export function ghosts(done: (count: number) => void): void {
    let count = 0;
    const field = document.createElement('div');
    field.className = 'field ask';
    const felt = element('p', said('ghosts-felt', { count: 0 }), 'status');
    field.append(element('h1', said('hands-off', { seconds: STILL / 1000 })), felt);
    field.addEventListener('pointerdown', () => {
        count += 1;
        felt.textContent = said('ghosts-felt', { count });
    });
    whole(field);
    window.setTimeout(() => done(count), STILL);
}
