import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { PhoneFile } from '../../api/client';
import { say } from '../../words/words';
import { elementsOf, nameOf, sheetOf, withElement, withElements, withSheet, type Selected } from './elements';
import { FIELDS } from './fields';
import { SHEET_FIELDS } from './sheetFields';
import { allRound } from './library';
import { inNames, named, slug } from './naming';
import { RestsOn } from './RestsOn';
import { Sheet, TakeOut } from './Sheet';
import { Stacks } from './Stacks';

interface FiguresProps {
    file: PhoneFile;
    selected: Selected;
    set: (file: PhoneFile) => void;
    select: (s: Selected) => void;
    faults: { path: string; reason: string }[];
    fixedId: boolean;
}

/** What is filled in of the thing at hand. */
export function Figures({ file, selected, set, select, faults, fixedId }: FiguresProps) {
    const under = (prefix: string): Record<string, string> =>
        Object.fromEntries(
            faults
                .filter((f) => f.path.startsWith(`${prefix}.`))
                .map((f) => [f.path.slice(prefix.length + 1).replace(/\[\d+\].*/, ''), inNames(file, f.reason)]),
        );
    if ('sheet' in selected) {
        if (selected.sheet === 'stacks') {
            return <Stacks file={file} set={set} />;
        }
        const sheet = selected.sheet;
        const fields = SHEET_FIELDS[sheet];
        const value = sheetOf(file, sheet);
        const family = Object.fromEntries(faults.filter((f) => f.path === 'family').map((f) => [f.path, f.reason]));
        return (
            <Sheet
                key={sheet}
                file={file}
                fields={fields}
                value={value}
                set={(v) => set(withSheet(file, sheet, sheet === 'identity' && !fixedId ? withId(v) : v))}
                faults={{ ...under(sheet), ...(sheet === 'identity' ? family : {}) }}
            />
        );
    }
    const { group, index } = selected;
    const element = elementsOf(file, group)[index];
    if (!element) {
        return (
            <Typography color="textSecondary">{say('page.drawing-table.choose-something-on-the-left-or')}</Typography>
        );
    }
    const cut = element['cut'] as { hinge?: string } | undefined;
    return (
        <>
            <RestsOn file={file} id={element.id} set={set} />
            <Sheet
                key={`${group} ${index}`}
                file={file}
                fields={FIELDS[group]}
                value={element}
                set={(v) => set(named(file, group, index, v as typeof element))}
                faults={under(`${group}[${index}]`)}
            />
            {group === 'bonds' && cut && (
                <Button
                    variant="outlined"
                    sx={{ mt: 1, mr: 1 }}
                    onClick={() =>
                        set(
                            withElement(file, group, index, {
                                ...element,
                                cut: { ...cut, stretches: allRound(file, cut.hinge) },
                            }),
                        )
                    }
                >
                    {say('page.drawing-table.cut-all-round')}
                </Button>
            )}
            <TakeOut
                what={nameOf(element)}
                take={() => {
                    set(
                        withElements(
                            file,
                            group,
                            elementsOf(file, group).filter((_, i) => i !== index),
                        ),
                    );
                    select({ sheet: 'identity' });
                }}
            />
        </>
    );
}

/** A file that has not been kept yet is named after its phone. */
const withId = (identity: Record<string, unknown>): Record<string, unknown> => ({
    ...identity,
    id: slug([identity['maker'], identity['model']].filter((w) => typeof w === 'string').join(' ')),
});
