import type { PhoneFile, Schemas } from '../api/client';
import { say } from '../words/words';
import type { Mark } from './mark';

type Test = Schemas['PhoneTest'];

/** What the phone under test has felt and shown at a gate, at its own scale: the last of each. */
export function feltMarks(phone: PhoneFile, tests: readonly Test[], gate: string): Mark[] {
    const here = tests.filter((t) => t.gate === gate);
    const touch = here.filter((t) => t.function === 'touch').at(-1)?.figures;
    const wrong = here.filter((t) => t.function === 'image').at(-1)?.figures.marks ?? [];
    const lit = phone.body.display;
    const marks: Mark[] = [];
    if (touch?.percent !== undefined) {
        marks.push({
            id: 'felt',
            tone: 'done',
            boxes: [lit],
            see: 0.25,
            label: say('page.felt.met', { percent: touch.percent }),
        });
    }
    (touch?.missed ?? []).forEach((z, i) =>
        marks.push({
            id: `missed ${i}`,
            tone: 'stop',
            hatched: true,
            boxes: [{ ...z, x: lit.x + z.x, y: lit.y + z.y }],
            label: say('page.felt.missed', { area: Math.round(z.width * z.height) }),
        }),
    );
    (touch?.jumps ?? []).forEach(([x1 = 0, y1 = 0, x2 = 0, y2 = 0], i) =>
        marks.push({
            id: `jump ${i}`,
            tone: 'stop',
            dashed: true,
            lines: [
                [
                    { x: lit.x + x1, y: lit.y + y1 },
                    { x: lit.x + x2, y: lit.y + y2 },
                ],
            ],
            ...(i === 0 ? { label: say('page.felt.broken') } : {}),
        }),
    );
    if (wrong.length > 0) {
        marks.push({
            id: 'pixels',
            tone: 'stop',
            dots: wrong.map(([x = 0, y = 0]) => ({ x: lit.x + x, y: lit.y + y })),
            label: say('page.felt.pixels', { count: wrong.length }),
        });
    }
    return marks;
}
