import type { Found } from './main';

interface Result extends Partial<Found> {
    id: string;
    at: number;
    /** Null for a signature. */
    function: string | null;
    name?: string;
}

const KEY = `facelift ${location.pathname}`;
const AGAIN = 3000;

/** Results on their way: kept on the phone until the server has them, and sent again after every loss. */
export class Sending {
    private results = JSON.parse(localStorage.getItem(KEY) ?? '[]') as Result[];
    private busy = false;
    /** The last result was not taken. */
    refused = false;

    /** @param changed told with what the bench has kept, or without if nothing was kept */
    constructor(private readonly changed: (name: string | null, outcome: Found['outcome'] | null) => void) {
        window.addEventListener('online', () => void this.send());
        window.setInterval(() => void this.send(), AGAIN);
        void this.send();
    }

    get waiting(): number {
        return this.results.length;
    }

    add(name: string, found: Found): void {
        this.keep([...this.results, { ...found, id: uuid(), at: Date.now(), function: name }]);
        void this.send();
    }

    sign(signed: { name: string; strokes: [number, number][][] }): void {
        const strokes = signed.strokes.map((s) => s.map(([x, y]): [number, number, number] => [x, y, 0]));
        this.keep([...this.results, { name: signed.name, strokes, id: uuid(), at: Date.now(), function: null }]);
        void this.send();
    }

    private keep(results: Result[]): void {
        this.results = results;
        try {
            localStorage.setItem(KEY, JSON.stringify(results));
        } catch {
            // Full or forbidden: it is kept in memory as long as the page lives.
        }
    }

    private async send(): Promise<void> {
        const [next] = this.results;
        if (!next || this.busy) {
            return;
        }
        this.busy = true;
        const sent = await fetch(`${location.pathname}/${next.function === null ? 'signature' : 'results'}`, {
            method: 'POST',
            headers: { 'Content-Type': 'application/json', Accept: 'application/json' },
            credentials: 'omit',
            // This clock may be off: the server sets moments right by what it shows now.
            body: JSON.stringify({ ...next, sentAt: Date.now() }),
        }).catch(() => null);
        this.busy = false;
        // What is refused for good is not sent for ever: the page is closed, or it makes no sense.
        if (sent && (sent.ok || [404, 409, 422].includes(sent.status))) {
            this.refused = !sent.ok;
            this.keep(this.results.filter((r) => r.id !== next.id));
            const kept = sent.ok ? ((await sent.json()) as { outcome: Found['outcome'] | null }).outcome : null;
            this.changed(next.function, kept);
            void this.send();
        }
    }
}

/** Random, in the form of a UUID; `crypto.randomUUID` is not there without a secure context. */
function uuid(): string {
    const bytes = crypto.getRandomValues(new Uint8Array(16));
    bytes[6] = ((bytes[6] ?? 0) & 0x0f) | 0x40;
    bytes[8] = ((bytes[8] ?? 0) & 0x3f) | 0x80;
    const hex = Array.from(bytes, (b) => b.toString(16).padStart(2, '0')).join('');
    return [hex.slice(0, 8), hex.slice(8, 12), hex.slice(12, 16), hex.slice(16, 20), hex.slice(20)].join('-');
}
