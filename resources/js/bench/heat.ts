import type { Schemas } from '../api/client';
import { sampleAt, type StripOpening } from '../mat/Strip';
import type { Run } from './run';
import { clock } from '../words/words';

export type Heated = NonNullable<Schemas['BenchHeat']['heat']>;
/** From this near to its limit on, the battery is shown as a warning, K. */
const BATTERY_NEAR = 3;
/** Told this long before the bond grips, s: time to set the tool down. */
const GRIPS_SOON = 15;

/** What the heat asks for at a moment, in words and as what is heard. */
export interface HeatWords {
    text: string;
    why: string | null;
    tone: 'plain' | 'care' | 'stop';
    battery: { text: string; near: boolean };
    cue: 'none' | 'lift' | 'grips-soon' | 'grips';
}

const WHY = {
    target: 'the bond is hot enough then',
    battery: 'the battery is near its limit then',
    panel: 'the panel is at its limit then',
    frame: 'the plastic frame goes soft then',
    time: null,
} as const;

export function heatWords(heat: Heated, batteryStop: number, now: number): HeatWords {
    const here = sampleAt(heat.samples, (now - heat.from) / 1000);
    const degrees = here?.battery ?? 0;
    const battery = {
        text: `Battery ${degrees.toFixed(0)} of ${batteryStop} °C`,
        near: degrees >= batteryStop - BATTERY_NEAR,
    };
    if (heat.on) {
        if (degrees >= batteryStop) {
            return { text: 'Lift off now', why: 'the battery is at its limit', tone: 'stop', battery, cue: 'lift' };
        }
        if (heat.liftAt === null) {
            return {
                text: 'Not within five minutes',
                why: 'this source as it is set does not reach the bond',
                tone: 'care',
                battery,
                cue: 'none',
            };
        }
        const left = (heat.liftAt - now) / 1000;
        const why = heat.liftBecause === null ? null : WHY[heat.liftBecause];
        return left > 0
            ? { text: `Lift off in ${clock(left)}`, why, tone: 'plain', battery, cue: 'none' }
            : { text: 'Lift off now', why: null, tone: 'stop', battery, cue: 'lift' };
    }
    const grips = heat.gripsAt === null ? null : (heat.gripsAt - now) / 1000;
    if (here !== null && (here.bond < heat.window.low || (grips !== null && grips <= 0))) {
        return { text: 'It grips again', why: 'heat again, do not force it', tone: 'stop', battery, cue: 'grips' };
    }
    if (grips === null) {
        return { text: 'Parts for five minutes and more', why: null, tone: 'plain', battery, cue: 'none' };
    }
    const soon = grips <= GRIPS_SOON;
    return {
        text: `Grips again in ${clock(grips)}`,
        why: null,
        tone: soon ? 'care' : 'plain',
        battery,
        cue: soon ? 'grips-soon' : 'none',
    };
}

/** What is to be heard when the words change: each change once, the battery before everything else. */
export function heard(before: HeatWords | null, after: HeatWords): 'battery' | 'lift' | 'grips-soon' | 'grips' | null {
    if (before === null) {
        return null;
    }
    if (after.battery.near && !before.battery.near) {
        return 'battery';
    }
    return after.cue !== 'none' && after.cue !== before.cue ? after.cue : null;
}

/** The strip of what really happened: the planned one until the first heating has begun. */
export function asItWent(planned: StripOpening, heat: Heated | null): StripOpening {
    return heat === null
        ? planned
        : {
              ...planned,
              window: { ...planned.window, ...heat.window },
              samples: heat.samples,
              phases: heat.heats.map((h) => ({ kind: 'heat', ...h })),
          };
}

/** The heating that a reading belongs to: the last one begun of a bond. */
export function heatingOf(
    moves: readonly { id: string; kind: string }[],
    run: Pick<Run, 'timers' | 'done'>,
): string | null {
    const begun = moves.filter(
        (m) => (m.kind === 'heat' || m.kind === 'reheat') && (run.timers.has(m.id) || run.done.has(m.id)),
    );
    return begun[begun.length - 1]?.id ?? null;
}

/** A temperature as typed, in tenths of a degree: decimal comma or point; null if it is none from −20 to 250. */
export function tenthsOf(typed: string): number | null {
    const match = /^[−-]?\d{1,3}([.,]\d{1,2})?$/.test(typed.trim());
    const tenths = match ? Math.round(10 * Number(typed.trim().replace(',', '.').replace('−', '-'))) : Number.NaN;
    return tenths >= -200 && tenths <= 2500 ? tenths : null;
}
