import type { Schemas } from '../../api/client';

type Item = Schemas['ShelfItem'];
type Fields = Schemas['ShelfItemFields'];

/** The fields of a part as they are typed. */
export type Text = Record<string, string>;

export function textOf(item: Item | null): Text {
    const s = item?.sheet;
    const flag = (v: boolean | null | undefined): string => (v === true ? 'yes' : v === false ? 'no' : '');
    const plain = (v: string | number | null | undefined): string => (v === null || v === undefined ? '' : String(v));
    return {
        label: '',
        name: plain(item?.name),
        kind: item?.kind ?? 'display-assembly',
        modelCodes: (item?.modelCodes ?? []).join(' '),
        connector: plain(item?.connector),
        technology: plain(item?.technology),
        colour: plain(item?.colour),
        refresh: plain(item?.refresh),
        brings: item?.brings == null ? '' : item.brings.length === 0 ? 'none' : item.brings.join(' '),
        supplier: plain(item?.supplier),
        batch: plain(item?.batch),
        place: plain(item?.place),
        state: item?.state ?? 'new',
        cost: plain(item?.cost),
        width: plain(s?.width),
        height: plain(s?.height),
        pixelsWide: plain(s?.pixelsWide),
        pixelsHigh: plain(s?.pixelsHigh),
        thickness: plain(s?.thickness),
        stylusLayer: flag(s?.stylusLayer),
        readerThrough: flag(s?.readerThrough),
        memory: flag(s?.memory),
        chipPlace: flag(s?.chipPlace),
        pulled: flag(s?.pulled),
    };
}

/** What is known of a part before anybody has looked at it: the rest is typed. */
export const knownText = (known: Schemas['KnownPart']): Text => ({
    name: known.name,
    kind: known.kind,
    modelCodes: known.modelCodes.join(' '),
    connector: known.connector ?? '',
    technology: known.technology ?? '',
    refresh: known.refresh === null ? '' : String(known.refresh),
    brings: known.brings.length > 0 ? known.brings.join(' ') : 'none',
});

/** What the server takes; a figure that is no number is sent as it is, so that the server names the field. */
export function fieldsOf(t: Text, item: { version: number } | null): Fields {
    const has = (k: string): string | null => ((t[k] ?? '').trim() === '' ? null : (t[k] ?? '').trim());
    const number = (k: string): number | null => {
        const v = has(k)?.replace(',', '.');
        return v === undefined ? null : Number.isNaN(Number(v)) ? (v as unknown as number) : Number(v);
    };
    const flag = (k: string): boolean | null => (t[k] === 'yes' ? true : t[k] === 'no' ? false : null);
    const list = (k: string): string[] => (has(k) ?? '').split(/[\s,]+/).filter(Boolean);
    return {
        ...(item ? { version: item.version } : { label: has('label') }),
        name: has('name') ?? '',
        kind: (t['kind'] ?? 'display-assembly') as Fields['kind'],
        modelCodes: list('modelCodes'),
        connector: has('connector'),
        technology: has('technology'),
        colour: has('colour'),
        refresh: number('refresh'),
        brings: has('brings') === null ? null : has('brings') === 'none' ? [] : list('brings'),
        supplier: has('supplier') ?? '',
        batch: has('batch') ?? '',
        place: has('place') ?? '',
        state: t['state'] ?? 'new',
        cost: has('cost')?.replace(',', '.') ?? null,
        sheet: {
            width: number('width'),
            height: number('height'),
            pixelsWide: number('pixelsWide'),
            pixelsHigh: number('pixelsHigh'),
            thickness: number('thickness'),
            stylusLayer: flag('stylusLayer'),
            readerThrough: flag('readerThrough'),
            memory: flag('memory'),
            chipPlace: flag('chipPlace'),
            pulled: flag('pulled'),
        },
    };
}
