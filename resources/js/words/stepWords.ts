import type { Step } from '../api/client';
import { screwsOf } from '../bench/ledger';
import { say, wordedFigures, type Figures } from './words';

const figuresOf = (step: Step): Figures => wordedFigures({ ...step.figures, tool: step.tool ?? '' });

export const stepTitle = (step: Step): string => say(`step.${step.kind}`, figuresOf(step));

/** The sentence under the title, and the further ones that the plan has for it. */
export function stepText(step: Step): string[] {
    const f = figuresOf(step);
    const first = say(textKey(step), step.kind === 'cut-pass' ? { ...f, tool: step.tool ?? 'blade' } : f);
    return [capital(first), ...step.notes.map((n) => say(`note.${n.code}`, wordedFigures(n.figures)))];
}

const OWN_WORDS: ReadonlySet<string> = new Set(['pull-tab', 'silicone', 'strong-glue']);

/** Inner bonds are parted each in their own way. */
const textKey = (step: Step): string =>
    step.kind === 'part-bond' && OWN_WORDS.has(String(step.figures['adhesive']))
        ? `text.part-bond-${step.figures['adhesive']}`
        : `text.${step.kind}`;

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

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
            { name: 'Tip', value: `${pass.depth} mm` },
            { name: 'Pace', value: `${Number(pass.pace.toFixed(1))} mm/s` },
        );
    }
    if (step.kind === 'screw-in' || step.kind === 'unscrew') {
        out.push(
            { name: 'Length', value: `${step.figures['length']} mm` },
            { name: 'Count', value: String(screwsOf(step)) },
        );
    }
    return out;
}
