/** What the server says of the gate: what can be tested here, and how large the lit area is. */
interface Shows {
    functions: string[];
    left: string[];
    /** The customer may sign for this gate. */
    signs: boolean;
    /** mm of the lit area */
    width: number;
    height: number;
}

const text = (name: string): string => document.body.dataset[name] ?? '{}';

export const shows = JSON.parse(text('shows')) as Shows;
export const words = JSON.parse(text('words')) as Record<string, string>;

export function said(key: string, figures: Record<string, string | number> = {}): string {
    return (words[`under-test.${key}`] ?? key).replace(/\{(\w+)\}/g, (_, name: string) => String(figures[name] ?? ''));
}

export function element(tag: string, content: string, role?: string): HTMLElement {
    const e = document.createElement(tag);
    e.textContent = content;
    if (role !== undefined) {
        e.setAttribute('role', role);
    }
    return e;
}

/** A button with what it does. */
export function button(content: string, press: () => void): HTMLButtonElement {
    const b = document.createElement('button');
    b.textContent = content;
    b.addEventListener('click', (event) => {
        event.stopPropagation();
        press();
    });
    return b;
}

/** A place on the glass in mm from the lit area's top left. */
export const place = (x: number, y: number): [number, number] => [
    Math.round((1000 * x * shows.width) / window.innerWidth) / 1000,
    Math.round((1000 * y * shows.height) / window.innerHeight) / 1000,
];

/** Shows one thing on the whole glass, with as little of the browser round it as it allows. */
export function whole(...children: HTMLElement[]): HTMLElement {
    const root = document.getElementById('root') ?? document.body;
    root.className = 'whole';
    root.replaceChildren(...children);
    if ('requestFullscreen' in document.documentElement) {
        document.documentElement.requestFullscreen().catch(() => undefined);
    }
    return root;
}

export function leaveWhole(): void {
    if (document.fullscreenElement) {
        document.exitFullscreen().catch(() => undefined);
    }
}
