import type { Found } from './main';
import { FINGERS, fingers, ghosts } from './fingers';
import { button, element, leaveWhole, place, said, shows, whole } from './page';

/** mm that a cell is wide and high at most, as the server reckons it */
const CELL = 5;
/** mm and mm/ms beyond which a stroke has broken, as the server reckons it */
const GAP = 8;
const FASTEST = 4;
const columns = Math.ceil(shows.width / CELL);
const rows = Math.ceil(shows.height / CELL);

/** Every cell of the glass has to be met by a finger; what was met is told to the server as strokes. */
export function touch(done: (found: Found | null) => void): void {
    const strokes: [number, number, number][][] = [];
    const running = new Map<number, { points: [number, number, number][]; since: number }>();
    const met = new Set<number>();
    const field = document.createElement('div');
    field.className = 'field touch';
    const cells: HTMLElement[] = [];
    for (let i = 0; i < columns * rows; ++i) {
        const cell = document.createElement('i');
        cells.push(cell);
        field.append(cell);
    }
    field.style.setProperty('--columns', String(columns));
    const bar = document.createElement('div');
    bar.className = 'bar middle';
    const count = element('span', said('cells-met', { met: 0, all: cells.length }), 'status');
    const end = (outcome: Found['outcome'], more: Pick<Found, 'fingers' | 'ghosts'> = {}): void => {
        leaveWhole();
        done({ outcome, strokes, ...more });
    };
    // Met everywhere: now several fingers at once, then none at all.
    const goOn = (): void =>
        fingers((most) =>
            ghosts((count) => end(most >= FINGERS && count === 0 ? 'pass' : 'fail', { fingers: most, ghosts: count })),
        );
    bar.append(
        count,
        button(said('dead-there'), () => end('fail')),
    );
    field.append(bar);

    const meet = (x: number, y: number): void => {
        const column = Math.min(columns - 1, Math.max(0, Math.floor((x / shows.width) * columns)));
        const row = Math.min(rows - 1, Math.max(0, Math.floor((y / shows.height) * rows)));
        const at = row * columns + column;
        if (!met.has(at)) {
            met.add(at);
            cells[at]?.classList.add('met');
            count.textContent = said('cells-met', { met: met.size, all: cells.length });
        }
    };
    const add = (e: PointerEvent): void => {
        const stroke = running.get(e.pointerId);
        if (!stroke) {
            return;
        }
        // All that came between two pictures, where the browser tells.
        const between = 'getCoalescedEvents' in e ? e.getCoalescedEvents() : [];
        for (const one of between.length > 0 ? between : [e]) {
            const [x, y] = place(one.clientX, one.clientY);
            const last = stroke.points[stroke.points.length - 1];
            const steps = last ? Math.max(1, Math.ceil(Math.hypot(x - last[0], y - last[1]))) : 1;
            // Further apart than a finger gets in that time is a break, as the server reckons it: nothing in between
            // counts as met.
            const ms = last ? Math.max(1, one.timeStamp - stroke.since - last[2]) : 1;
            const far = last ? Math.hypot(x - last[0], y - last[1]) : 0;
            const near = far <= GAP || far <= FASTEST * ms;
            for (let s = near && last ? 1 : steps; s <= steps; ++s) {
                const t = s / steps;
                meet(last ? last[0] + t * (x - last[0]) : x, last ? last[1] + t * (y - last[1]) : y);
            }
            stroke.points.push([x, y, Math.round(one.timeStamp - stroke.since)]);
        }
        if (met.size === cells.length) {
            finish(e.pointerId);
            goOn();
        }
    };
    const finish = (pointer: number): void => {
        const stroke = running.get(pointer);
        if (stroke) {
            running.delete(pointer);
            strokes.push(stroke.points);
        }
    };
    field.addEventListener('pointerdown', (e) => {
        if ((e.target as HTMLElement).closest('button')) {
            return;
        }
        field.setPointerCapture(e.pointerId);
        running.set(e.pointerId, { points: [], since: e.timeStamp });
        add(e);
    });
    field.addEventListener('pointermove', add);
    field.addEventListener('pointerup', (e) => finish(e.pointerId));
    field.addEventListener('pointercancel', (e) => finish(e.pointerId));
    whole(field);
}
