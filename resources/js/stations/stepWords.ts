import type { Step } from '../api/client';
import { say, wordedFigures, type Figures } from '../words/words';

const figuresOf = (step: Step): Figures => wordedFigures({ ...step.figures, tool: step.tool ?? '' });

export const stepTitle = (step: Step): string => say(`step.${step.kind}`, figuresOf(step));

/** Care that is for lifting a part, not for putting it back. */
const ONLY_COMING_OUT = new Set(['glued-flex', 'hinged-on-flexes', 'pull-slowly', 'tethered-by-flex']);

/** The sentence under the title, with care notes of the part and what lies behind the edge. */
export function stepText(step: Step): string[] {
    const f = figuresOf(step);
    const lines = [
        say(textKey(step), {
            ...f,
            face: capital(String(f['face'] ?? '')),
            ...(step.kind === 'cut-pass' ? { tool: capital(step.tool ?? 'blade') } : {}),
            align: capital(String(f['align'] ?? '')),
        }),
    ];
    const notes = String(step.figures['care'] ?? '')
        .split(' ')
        .filter((c) => c !== '' && !(step.kind === 'fit-part' && ONLY_COMING_OUT.has(c)))
        .map((c) => say(`care.${c}`));
    const takeOut = String(step.figures['takeOut'] ?? '')
        .split(' ')
        .filter(Boolean)
        .map((c) => say(`takeout.${c}`));
    if (step.figures['over']) {
        lines.push(`Over the ${step.figures['over']}, not under it.`);
    }
    if (step.figures['without']) {
        lines.push(`Ordinary clamps do not fit the ${step.figures['without']} edge: weigh it down flat there.`);
    }
    if (step.figures['behind']) {
        lines.push(`Behind this edge: ${step.figures['behind']}.`);
    }
    if (step.figures['flat'] === 'yes') {
        lines.push('Nothing lies behind: it may go in this deep, held flat, which spreads the load.');
    }
    if (step.figures['crazed'] === 'yes') {
        lines.push('Crazed glass here: short strokes to and fro, half the pace.');
    }
    if (step.kind === 'lift' && step.figures['hinge']) {
        lines.push(`It hinges on the ${step.figures['hinge']}: prop it, never past 90°.`);
    }
    if (step.kind === 'lay-seal' && Number(step.figures['strips']) > 0) {
        lines.push(`${step.figures['strips']} strips, ${step.figures['metres']} m in all. Never tape on tape. Leave free: ${step.figures['freed']}.`);
    }
    if (step.effects.puts.some((t) => t.startsWith('lens-'))) {
        lines.push('Cover its lens before it lies down.');
    }
    if (step.effects.takes.some((t) => t.startsWith('lens-'))) {
        lines.push('Take the cover off its lens, look that it is clean.');
    }
    lines.push(...onAndOff(step));
    return [...lines, ...notes, ...takeOut];
}

/** Films and the test extension, which the words of a step do not name by themselves. */
function onAndOff(step: Step): string[] {
    const films = step.kind === 'take-off' ? [] : step.effects.takes.filter((t) => t.startsWith('film-'));
    return [
        ...(step.effects.takes.includes('flex-guard') ? ['Draw the flex guard off slowly: pulled, it tears the flex.'] : []),
        ...(films.length > 0 ? [`Peel off: ${films.map((t) => say(`thing.${t}`)).join(', ')}.`] : []),
        ...(step.effects.puts.includes('test-extension') ? ['Hang the test extension on its flex first: the flex does not reach by itself.'] : []),
        ...(step.effects.takes.includes('test-extension') ? ['The test extension comes off its flex again.'] : []),
    ];
}

/** Inner bonds are parted each in their own way. */
const textKey = (step: Step): string =>
    step.kind === 'part-bond' && ['pull-tab', 'silicone', 'strong-glue'].includes(String(step.figures['adhesive']))
        ? `text.part-bond-${step.figures['adhesive']}`
        : `text.${step.kind}`;

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** What the drawing cannot say at a glance: tool, depth, pace, length. */
export function stepFigures(step: Step): { name: string; value: string }[] {
    const out: { name: string; value: string }[] = [];
    if (step.tool) {
        out.push({ name: '', value: step.tool });
    }
    if (step.kind === 'cut-pass') {
        out.push({ name: 'Tip', value: `${step.figures['depth']} mm` }, { name: 'Pace', value: `${step.figures['pace']} mm/s` });
    }
    if (step.kind === 'screw-in' || step.kind === 'unscrew') {
        out.push({ name: 'Length', value: `${step.figures['length']} mm` }, { name: 'Count', value: String(step.figures['count']) });
    }
    return out;
}
