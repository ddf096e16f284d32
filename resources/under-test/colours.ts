import type { Found } from './main';
import { button, element, leaveWhole, place, said, whole } from './page';

const SHOWN = [
    '#f00',
    '#0f0',
    '#00f',
    '#fff',
    '#000',
    'linear-gradient(#000,#fff)',
    'repeating-conic-gradient(#000 0 25%,#fff 0 50%) 0 0/4px 4px',
];

/** Pure colours over the whole glass, one after the other; a tap marks where something is wrong. */
export function colours(done: (found: Found | null) => void): void {
    const marks: [number, number][] = [];
    const show = (i: number): void => {
        const background = SHOWN[i];
        const field = document.createElement('div');
        field.className = 'field';
        if (background === undefined) {
            finish();
            return;
        }
        field.style.background = background;
        field.addEventListener('click', (e) => {
            marks.push(place(e.clientX, e.clientY));
            const dot = element('span', '');
            dot.className = 'dot';
            dot.style.left = `${e.clientX}px`;
            dot.style.top = `${e.clientY}px`;
            field.append(dot);
        });
        // The bar changes sides, so that each place is seen under one colour or the next.
        const bar = document.createElement('div');
        bar.className = i % 2 === 0 ? 'bar low' : 'bar high';
        bar.append(
            element('span', said('tap-what-is-wrong', { now: i + 1, all: SHOWN.length })),
            button(said('next'), () => show(i + 1)),
        );
        field.append(bar);
        whole(field);
    };
    const finish = (): void => {
        leaveWhole();
        const ask = document.createElement('div');
        ask.className = 'ask';
        ask.append(
            element('h1', marks.length > 0 ? said('marked', { count: marks.length }) : said('picture-whole')),
            ...(marks.length > 0 ? [] : [button(said('yes-whole'), () => done({ outcome: 'pass', marks }))]),
            button(said('something-wrong'), () => done({ outcome: 'fail', marks })),
            button(said('again'), () => colours(done)),
        );
        whole(ask);
        leaveWhole();
    };
    show(0);
}
