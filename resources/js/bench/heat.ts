import type { Schemas } from '../api/client';
import { sampleAt, type StripOpening } from '../mat/Strip';
import type { Run } from './run';
import { say, clock } from '../words/words';

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
    target: say('page.heat.the-bond-is-hot-enough-then'),
    battery: say('page.heat.the-battery-is-near-its-limit'),
    panel: say('page.heat.the-panel-is-at-its-limit'),
    frame: say('page.heat.the-plastic-frame-goes-soft-then'),
    time: null,
    chance: null,
} as const;

export function heatWords(heat: Heated, batteryStop: number, now: number): HeatWords {
    const here = sampleAt(heat.samples, (now - heat.from) / 1000);
    const degrees = here?.battery ?? 0;
    const battery = {
        text: say('page.heat.battery-of-c', { degrees: degrees.toFixed(0), batteryStop }),
        near: degrees >= batteryStop - BATTERY_NEAR,
    };
    if (heat.on) {
        if (degrees >= batteryStop) {
            return {
                text: say('page.heat.lift-off-now'),
                why: say('page.heat.the-battery-is-at-its-limit'),
                tone: 'stop',
                battery,
                cue: 'lift',
            };
        }
        if (heat.keptAt !== null) {
            return {
                text: say('page.heat.gun-along-the-blade'),
                why: say('page.heat.bond-at-about', { at: heat.keptAt.toFixed(0) }),
                tone: 'plain',
                battery,
                cue: 'none',
            };
        }
        if (heat.liftAt === null) {
            return {
                text: say('page.heat.not-within-five-minutes'),
                why: say('page.heat.this-source-as-it-is-set'),
                tone: 'care',
                battery,
                cue: 'none',
            };
        }
        const left = (heat.liftAt - now) / 1000;
        const why = heat.liftBecause === null ? null : WHY[heat.liftBecause];
        return left > 0
            ? { text: say('page.heat.lift-off-in', { left: clock(left) }), why, tone: 'plain', battery, cue: 'none' }
            : { text: say('page.heat.lift-off-now'), why: null, tone: 'stop', battery, cue: 'lift' };
    }
    const grips = heat.gripsAt === null ? null : (heat.gripsAt - now) / 1000;
    if (here !== null && (here.bond < heat.window.low || (grips !== null && grips <= 0))) {
        return {
            text: say('page.heat.it-grips-again'),
            why: say('page.heat.heat-again-do-not-force-it'),
            tone: 'stop',
            battery,
            cue: 'grips',
        };
    }
    if (grips === null) {
        return {
            text: say('page.heat.parts-for-five-minutes-and-more'),
            why: null,
            tone: 'plain',
            battery,
            cue: 'none',
        };
    }
    const soon = grips <= GRIPS_SOON;
    return {
        text: say('page.heat.grips-again-in', { grips: clock(grips) }),
        why: null,
        tone: soon ? 'care' : 'plain',
        battery,
        cue: soon ? 'grips-soon' : 'none',
    };
}

/** How fast a blade goes along a straight edge at a moment, mm/s; null where nothing is known. */
export function paceAt(heat: Heated, now: number): number | null {
    const t = (now - heat.from) / 1000;
    const after = heat.samples.findIndex((s) => s.t >= t);
    const [a, b] = [heat.samples[after - 1], heat.samples[after]];
    return b === undefined ? null : a === undefined ? b.pace : a.pace + ((t - a.t) / (b.t - a.t)) * (b.pace - a.pace);
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
