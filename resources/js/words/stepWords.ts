import type { Step } from '../api/client';
import { screwsOf } from '../bench/ledger';
import { capital, isWorded, say, wordedFigures, type Figures } from './words';

const figuresOf = (step: Step): Figures => wordedFigures({ ...step.figures, tool: step.tool ?? '' });

export const stepTitle = (step: Step): string => say(`step.${step.kind}`, figuresOf(step));

/** The sentence under the title, and the further ones that the plan has for it. */
export function stepText(step: Step): string[] {
    const f = figuresOf(step);
    const first = say(textKey(step), step.kind === 'cut-pass' ? { ...f, tool: step.tool ?? 'blade' } : f);
    return [capital(first), ...step.notes.map((n) => say(`note.${n.code}`, wordedFigures(n.figures)))];
}

/** An adhesive may have words of its own: each is parted in its own way. */
function textKey(step: Step): string {
    const own = `text.${step.kind}.${step.figures['adhesive']}`;
    return isWorded(own) ? own : `text.${step.kind}`;
}

export interface ShownFigure {
    name: string;
    value: string;
}

/** The figures of a pass: how deep and how fast. */
export interface PassFigures {
    depth: number;
    pace: number;
}

/** What the drawing cannot say at a glance: tool, depth, pace, length. */
export function stepFigures(step: Step, pass: PassFigures | null = null): ShownFigure[] {
    const out: ShownFigure[] = [];
    if (step.tool) {
        out.push({ name: '', value: step.tool });
    }
    if (pass) {
        out.push(
            { name: say('page.step-words.tip'), value: say('page.step-words.mm', { depth: pass.depth }) },
            {
                name: say('page.step-words.pace'),
                value: say('page.step-words.mm-s', { pace: Number(pass.pace.toFixed(1)) }),
            },
        );
    }
    if (step.kind === 'screw-in' || step.kind === 'unscrew') {
        out.push(
            {
                name: say('page.step-words.length'),
                value: say('page.step-words.mm-2', { figures: step.figures['length'] }),
            },
            { name: say('page.count'), value: String(screwsOf(step)) },
        );
    }
    return [...out, ...chipFigures(step.figures)];
}

/** Air, passes and balls of the work on a display's chip. */
function chipFigures(f: Step['figures']): ShownFigure[] {
    const all: [string, string | null][] = [
        [
            say('page.step-words.air'),
            f['shielded']
                ? say('page.step-words.celsius-seconds', {
                      set: f['set'],
                      seconds: f['seconds'],
                      least: f['least'],
                      most: f['most'],
                  })
                : null,
        ],
        [
            say('page.step-words.panel-behind'),
            f['behind'] ? say('page.step-words.celsius', { celsius: f['behind'] }) : null,
        ],
        [
            say('page.step-words.shields'),
            f['shielded']
                ? say(f['shielded'] === 'yes' ? 'page.step-words.shields-on' : 'page.step-words.no-shields')
                : null,
        ],
        [say('page.step-words.passes'), f['passes'] ? String(f['passes']) : null],
        [
            say('page.step-words.balls'),
            f['balls'] ? say('page.step-words.balls-of', { balls: f['balls'], mm: f['mm'] }) : null,
        ],
    ];
    return all.flatMap(([name, value]) => (value === null ? [] : [{ name, value }]));
}
