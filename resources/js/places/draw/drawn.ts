import type { PhoneFile } from '../../api/client';
import { boxAround, type Face } from '../../mat/geometry';
import type { Mark } from '../../mat/mark';
import type { Selected } from './elements';

/** Everything of a face that can be taken hold of; what is selected is marked. */
export function drawnElements(
    file: PhoneFile,
    face: Face,
    selected: Selected,
    faulty: readonly Selected[] = [],
): Mark[] {
    const is = (s: Selected, group: string, index: number) => 'group' in s && s.group === group && s.index === index;
    const tone = (group: string, index: number, otherwise: Mark['tone']): Mark['tone'] => {
        if (faulty.some((f) => is(f, group, index))) {
            return 'stop';
        }
        return is(selected, group, index) ? 'now' : otherwise;
    };
    const mark = (group: string, index: number, otherwise: Mark['tone'], shape: Partial<Mark>): Mark => {
        const t = tone(group, index, otherwise);
        return { id: `${group}-${index}`, tone: t, width: t === otherwise ? 0.4 : 0.9, ...shape };
    };
    return [
        ...file.parts.flatMap((p, i) =>
            p.face === face && p.carriedBy !== undefined ? [mark('parts', i, 'plain', { boxes: [boxAround(p)] })] : [],
        ),
        ...(file.flexZones ?? []).flatMap((z, i) =>
            z.face === face ? [mark('flexZones', i, 'stop', { hatched: true, boxes: [boxAround(z)] })] : [],
        ),
        ...(face === 'front' ? (file.openings ?? []) : []).map((o, i) =>
            mark('openings', i, 'plain', { boxes: [boxAround(o)] }),
        ),
        ...file.connectors.flatMap((c, i) =>
            c.face === face
                ? [
                      mark('connectors', i, c.power === true ? 'stop' : 'cold', {
                          boxes: [boxAround({ ...c, width: 8, height: 4 })],
                      }),
                  ]
                : [],
        ),
        ...file.fasteners.flatMap((f, i) =>
            f.face === face ? [mark('fasteners', i, 'done', { dots: f.places })] : [],
        ),
    ];
}
