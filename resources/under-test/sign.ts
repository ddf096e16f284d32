import { button, element, said, shows, whole, words } from './page';

/** px of the field that is signed in, as it is kept */
const WIDE = 300;
const HIGH = 100;

/** What was tested is read out, and the customer signs for it on the phone itself. */
export function sign(
    found: ReadonlyMap<string, string>,
    done: (signed: { name: string; strokes: [number, number][][] } | null) => void,
): void {
    const strokes: [number, number][][] = [];
    const page = document.createElement('div');
    page.className = 'ask';
    const list = document.createElement('ul');
    for (const f of shows.functions) {
        list.append(element('li', `${words[`function.${f}`] ?? f}: ${said(found.get(f) ?? 'not-done')}`));
    }
    const name = document.createElement('input');
    name.maxLength = 80;
    name.autocomplete = 'off';
    const label = element('label', said('your-name'));
    label.append(name);
    const field = document.createElementNS('http://www.w3.org/2000/svg', 'svg');
    field.setAttribute('viewBox', `0 0 ${WIDE} ${HIGH}`);
    field.setAttribute('class', 'sign');
    field.setAttribute('role', 'img');
    field.setAttribute('aria-label', said('sign-here'));
    const at = (e: PointerEvent): [number, number] => {
        const box = field.getBoundingClientRect();
        return [
            Math.round((10 * WIDE * (e.clientX - box.left)) / box.width) / 10,
            Math.round((10 * HIGH * (e.clientY - box.top)) / box.height) / 10,
        ];
    };
    let line: SVGPolylineElement | null = null;
    field.addEventListener('pointerdown', (e) => {
        line = document.createElementNS('http://www.w3.org/2000/svg', 'polyline');
        field.append(line);
        field.setPointerCapture(e.pointerId);
        strokes.push([at(e)]);
    });
    field.addEventListener('pointermove', (e) => {
        const stroke = strokes[strokes.length - 1];
        if (line && stroke) {
            stroke.push(at(e));
            line.setAttribute('points', stroke.map((p) => p.join(',')).join(' '));
        }
    });
    field.addEventListener('pointerup', () => (line = null));
    const ready = button(said('sign'), () => {
        if (name.value.trim() !== '' && strokes.length > 0) {
            done({ name: name.value.trim(), strokes });
        }
    });
    page.append(
        element('h1', said('signs-for')),
        list,
        label,
        field,
        ready,
        button(said('back'), () => done(null)),
    );
    whole(page);
}
