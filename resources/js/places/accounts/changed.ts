import { isWorded, moment, say } from '../../words/words';

/** A member of a document that was written down, or a value by itself. */
export interface Told {
    name: string;
    value: string;
}

/** Where words for a member are looked for: its own, and those of things that are members somewhere. */
const WORDS = ['changed', 'equipment', 'function', 'observation'];

const nameOf = (member: string): string => {
    if (/^\d+$/.test(member)) {
        return say('page.changes.number', { number: Number(member) + 1 });
    }
    const key = WORDS.map((w) => `${w}.${member}`).find(isWorded);
    return key === undefined ? plain(member) : say(key);
};

/** What nobody has worded yet, as near to words as its name allows: `flexLength` is "flex length". */
const plain = (member: string): string =>
    member
        .replace(/([a-z])([A-Z])/g, '$1 $2')
        .replace(/[-_]/g, ' ')
        .toLowerCase();

/** A member by the way that leads to it: `settings.equipment.charger` is "equipment › Chargers". */
export function changedName(field: string): string {
    const way = field.split('.');
    // All of a shop's settings are settings, and all of its rules are rules.
    const told = way.length > 1 && ['settings', 'rules'].includes(way[0] ?? '') ? way.slice(1) : way;
    return told.map(nameOf).join(' › ');
}

const MOMENT = /^\d{4}-\d\d-\d\d \d\d:\d\d:\d\d$/;
const CODE = /^[a-z0-9]+(-[a-z0-9]+)+$/;
const VALUES = ['kind', 'observation', 'function', 'state', 'payer', 'part-kind'];

/** A value as people say it: moments in the shop's time, codes in words. */
export function changedValue(value: string | null): string {
    if (value === null || value === '') {
        return '–';
    }
    if (MOMENT.test(value)) {
        return moment(`${value.replace(' ', 'T')}Z`);
    }
    const key = VALUES.map((w) => `${w}.${value}`).find(isWorded);
    if (key !== undefined) {
        return say(key);
    }
    return CODE.test(value) && !/^\d/.test(value) && !/\d{4}/.test(value) ? plain(value) : value;
}

/** The members of a document that was written down as a whole; null if the value is none. */
export function membersOf(value: string | null): Told[] | null {
    if (value === null || !/^[[{]/.test(value)) {
        return null;
    }
    try {
        return dotted(JSON.parse(value) as unknown, []);
    } catch {
        // A very long one is cut off where the record ends.
        return null;
    }
}

function dotted(value: unknown, way: string[]): Told[] {
    if (typeof value === 'object' && value !== null) {
        return Object.entries(value).flatMap(([member, of]) => dotted(of, [...way, member]));
    }
    const text = typeof value === 'string' || typeof value === 'number' ? String(value) : null;
    const said = typeof value === 'boolean' ? say(value ? 'page.yes' : 'page.no') : changedValue(text);
    return [{ name: way.map(nameOf).join(' › '), value: said }];
}
