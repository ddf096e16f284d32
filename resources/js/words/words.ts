import { IntlMessageFormat } from 'intl-messageformat';
import { texts } from 'virtual:words/first';
import { serverNow } from '../bench/useNow';
import { inUnits } from './units';
import coded from '../../words/figures.json';

const table: Record<string, string | undefined> = { ...texts };

/** Words that come with the page that says them. */
export function learn(more: Record<string, string>): void {
    Object.assign(table, more);
}

export type Figures = Record<string, string | number>;
export interface Reason {
    code: string;
    figures: Figures;
}

/** What a text is given to say; a figure that is not there is left empty. */
export type Said = Record<string, string | number | null | undefined>;

/** The text for a key with its figures put in; the key itself if there is no wording for it. */
export function say(key: string, figures: Said = {}): string {
    const text = table[key] ?? key;
    const said = COUNTS.test(text)
        ? String(counting(text).format(figures))
        : text.replace(/\{(\w+)\}/g, (whole, name: string) => (name in figures ? String(figures[name] ?? '') : whole));
    return inUnits(said);
}

export const isWorded = (key: string): boolean => table[key] !== undefined;

/**
 * A message that counts is worded for one and for many, as ICU writes it: `{count, plural, one {# screw} other {#
 * screws}}`.
 */
const COUNTS = /\{\w+, plural,/;
const read = new Map<string, IntlMessageFormat>();

function counting(text: string): IntlMessageFormat {
    const known = read.get(text) ?? new IntlMessageFormat(text, 'en');
    read.set(text, known);
    return known;
}

/** With a capital, where it begins a line. */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** As a sentence: with a full stop, unless it ends with a mark of its own. */
export const sentence = (text: string): string => (/[.?!…]$/.test(text) ? text : `${text}.`);

export const sentences = (reasons: readonly Reason[]): string => reasons.map((r) => sentence(sayReason(r))).join(' ');

export function sayReason(reason: Reason): string {
    return say(`reason.${reason.code}`, wordedFigures(reason.figures));
}

/** The answers that are offered under a key: `key.1`, `key.2` and so on. */
export function offered(key: string): string[] {
    const found: string[] = [];
    for (let i = 1; table[`${key}.${i}`] !== undefined; i += 1) {
        found.push(say(`${key}.${i}`));
    }
    return found;
}

/** Figures that are codes themselves (gates, functions, sides, places) are worded too. */
export function wordedFigures(figures: Figures): Figures {
    const worded: Figures = { ...figures };
    for (const [name, prefix] of Object.entries(coded)) {
        const value = figures[name];
        if (typeof value === 'string') {
            worded[name] = value
                .split(/,\s*|\s+/)
                .map((code) => inSentence(table[`${prefix}.${code}`] ?? code))
                .join(', ');
        }
    }
    return worded;
}

/** Lower case inside a sentence, but not a name like OLED or SIM. */
const inSentence = (text: string): string => (/^[A-Z][a-z]/.test(text) ? text.toLowerCase() : text);

/** An amount with its currency, thousands apart. */
export function amount(text: string, currency: string): string {
    const [whole = '', cents = '00'] = text.split('.');
    return `${whole.replace(/\B(?=(\d{3})+$)/g, '\u202F')}.${cents} ${currency}`;
}

/** How long ago something was, roughly: `just now`, `12 min ago`, `3 h ago`, `2 days ago`. */
export function ago(iso: string, now = Date.now()): string {
    const min = Math.floor((now - new Date(iso).getTime()) / 60_000);
    if (min < 1) {
        return say('page.words.just-now');
    }
    return min < 60
        ? say('page.words.min-ago', { min })
        : min < 48 * 60
          ? say('page.words.h-ago', { h: Math.floor(min / 60) })
          : say('page.words.days-ago', { days: Math.floor(min / 1440) });
}

/** Minutes and seconds, `3:40`; a leading minus for time run over. */
export function clock(seconds: number): string {
    const whole = Math.abs(seconds < 0 ? Math.floor(seconds) : Math.ceil(seconds));
    return `${seconds < 0 ? '−' : ''}${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
}

/** Rounded minutes with their unit. */
export function minutes(seconds: number): string {
    return say('page.words.min', { min: Math.max(1, Math.round(seconds / 60)) });
}

/** How the shop shows times; where nothing is set, as the browser's own zone has them. */
let shown: { zone: string | null; dates: string } = { zone: null, dates: 'en-GB' };

export function showTimes(zone: string, dates: string): void {
    shown = { zone, dates };
}

const inZone = (at: Date, parts: Intl.DateTimeFormatOptions): string =>
    at.toLocaleString(shown.dates, { ...parts, ...(shown.zone === null ? {} : { timeZone: shown.zone }) });

const sameDay = (a: Date, b: Date): boolean => {
    const day = { year: 'numeric', month: 'numeric', day: 'numeric' } as const;
    return inZone(a, day) === inZone(b, day);
};

/** A date without a time, `28 Nov`. */
export function day(date: string): string {
    return new Date(`${date}T12:00:00`).toLocaleDateString(shown.dates, { day: 'numeric', month: 'short' });
}

/** `Thursday 26 November` */
export const longDay = (at: Date): string => inZone(at, { weekday: 'long', day: 'numeric', month: 'long' });

/** `26 November 2026` */
export const fullDay = (at: Date): string => inZone(at, { day: 'numeric', month: 'long', year: 'numeric' });

export const isToday = (at: Date): boolean => sameDay(at, new Date(serverNow()));

/** The clock on the shop's wall, `14:05`. */
export const wallClock = (at: Date): string => inZone(at, { hour: '2-digit', minute: '2-digit' });

/** A time today, with its day on any other; ISO text, or ms since 1970. */
export function moment(when: string | number): string {
    const at = new Date(when);
    return isToday(at) ? wallClock(at) : `${inZone(at, { day: 'numeric', month: 'short' })}, ${wallClock(at)}`;
}
