import type { Schemas } from '../api/client';

type Shop = Schemas['Me']['shop'];

let fahrenheit = false;
let inch = false;

/** In which units the shop wants figures shown; what is kept and typed stays in °C and mm. */
export function showUnits(shop: Pick<Shop, 'temperature' | 'length'>): void {
    fahrenheit = shop.temperature === 'fahrenheit';
    inch = shop.length === 'inch';
}

const FIGURE = String.raw`[−-]?\d+(?:\.\d+)?`;
/** One figure, or several with a dash, a cross, "to" or "and" between, before their unit. */
const of = (unit: string): RegExp =>
    new RegExp(String.raw`${FIGURE}(?:(?: ?[–×] ?| to | and )${FIGURE})* ${unit}`, 'g');
const CELSIUS = of('°C');
const MM = of(String.raw`mm(?![²³/\w])`);
const EACH = new RegExp(FIGURE, 'g');

const number = (text: string): number => Number(text.replace('−', '-'));
const minus = (text: string): string => text.replace(/^-/, '−');

/** The same text with its temperatures and lengths in the shop's units. */
export function inUnits(text: string): string {
    let shown = text;
    if (fahrenheit && shown.includes('°C')) {
        shown = shown.replace(CELSIUS, (found) =>
            found
                .slice(0, -2)
                .replace(EACH, (n) => minus((number(n) * 1.8 + 32).toFixed(0)))
                .concat('°F'),
        );
    }
    if (inch && shown.includes(' mm')) {
        shown = shown.replace(MM, (found) =>
            found
                .slice(0, -2)
                .replace(EACH, (n) => minus((number(n) / 25.4).toFixed(Math.abs(number(n)) < 10 ? 3 : 2)))
                .concat('in'),
        );
    }
    return shown;
}
