import { say } from '../words/words';

export type KeyRow = readonly [key: string, what: string];

const EVERYWHERE: readonly KeyRow[] = [
    ['?', say('page.keys.these')],
    ['/', say('page.keys.find')],
];
const STATION: readonly KeyRow[] = [['G', say('page.keys.go-on')]];

/** What the keys of a page do, by its address; the bench has a list of its own. */
export function keysOf(pathname: string): readonly KeyRow[] {
    const station = /^\/jobs\/[0-9a-f-]{36}\/([a-z-]+)/.exec(pathname)?.[1];
    if (station === 'check-in') {
        return [
            ['W', say('page.keys.works')],
            ['F', say('page.keys.fails')],
            ['C', say('page.keys.cannot')],
            ...STATION,
            ...EVERYWHERE,
        ];
    }
    if (station !== undefined) {
        return [...STATION, ...EVERYWHERE];
    }
    if (pathname === '/') {
        return [['Space, PageDown', say('page.keys.to-what-is-next')], ...EVERYWHERE];
    }
    if (pathname.startsWith('/draw')) {
        return [
            ['Ctrl + Z', say('page.undo')],
            ['Ctrl + Shift + Z', say('page.keys.redo')],
            ['← → ↑ ↓', say('page.keys.nudge')],
            ...EVERYWHERE,
        ];
    }
    return EVERYWHERE;
}
