import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import type { PhoneFile } from '../../api/client';
import { say } from '../../words/words';
import { elementsOf, nameOf, REMOVABLE } from './elements';
import type { Field } from './field';

interface Props {
    field: Field;
    file: PhoneFile;
    /** As the form has it: what is chosen, between commas; alternatives between bars. */
    text: string;
    keep: (text: string) => void;
    fault: string | undefined;
    own: string | null;
}

interface Option {
    value: string;
    name: string;
}

export const isChosen = (kind: Field['kind']): boolean =>
    kind === 'choice' || kind === 'flag' || kind === 'several' || kind === 'pair' || kind === 'clauses';

export const commonOf = (field: Field, fault: string | undefined) => ({
    size: 'small' as const,
    label: field.label,
    error: fault !== undefined,
    ...(fault === undefined ? {} : { helperText: fault }),
    sx: field.wide ? { gridColumn: '1 / -1' } : {},
});

/** What is chosen from what is known, by its name: nothing is typed that names something else. */
export function Chosen(props: Props) {
    const { field, text } = props;
    switch (field.kind) {
        case 'pair': {
            const [first = '', second = ''] = parts(text);
            return (
                <Box sx={{ gridColumn: '1 / -1', display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1.25 }}>
                    <One {...props} text={first} keep={(v) => props.keep([v, second].join(', '))} />
                    <One
                        {...props}
                        field={{ ...field, label: field.second ?? field.label }}
                        text={second}
                        keep={(v) => props.keep([first, v].join(', '))}
                        fault={undefined}
                    />
                </Box>
            );
        }
        case 'several':
        case 'clauses':
            return <Several {...props} />;
        default:
            return <One {...props} />;
    }
}

const parts = (text: string): string[] =>
    text
        .split(',')
        .map((t) => t.trim())
        .filter((t) => t !== '');

function optionsOf({ field, file, own }: Props): Option[] {
    const worded = (value: string): string => (field.words ? say(`${field.words}.${value}`) : value);
    if (field.kind === 'flag') {
        return [
            { value: 'true', name: say('page.yes') },
            { value: 'false', name: say('page.no') },
        ];
    }
    if (field.from === 'stacks') {
        return Object.keys(file.stacks).map((s) => ({ value: s, name: s }));
    }
    const groups = field.kind === 'clauses' ? REMOVABLE : field.from ? [field.from] : [];
    return groups.length > 0
        ? groups
              .flatMap((g) => elementsOf(file, g))
              .filter((e) => e.id !== own)
              .map((e) => ({ value: e.id, name: nameOf(e) }))
        : (field.options ?? []).map((value) => ({ value, name: worded(value) }));
}

function One(props: Props) {
    const { field, text, keep, fault } = props;
    const options = optionsOf(props);
    // What is not known here stays as it is in the file until something else is chosen.
    const known =
        text === '' || options.some((o) => o.value === text) ? options : [...options, { value: text, name: text }];
    return (
        <TextField
            select
            {...commonOf(field, fault)}
            value={text}
            onChange={(e) => keep(e.target.value)}
            slotProps={{ inputLabel: { shrink: true }, select: { displayEmpty: true } }}
        >
            {(field.optional || text === '') && <MenuItem value="">–</MenuItem>}
            {known.map((o) => (
                <MenuItem key={o.value} value={o.value}>
                    {o.name}
                </MenuItem>
            ))}
        </TextField>
    );
}

function Several(props: Props) {
    const { field, text, keep, fault } = props;
    const options = optionsOf(props);
    const chosen = parts(text);
    const nameOfOne = (value: string): string => options.find((o) => o.value === value)?.name ?? value;
    /** Alternatives are one thing: any of them will do. */
    const named = (value: string): string =>
        value
            .split('|')
            .map(nameOfOne)
            .join(` ${say('page.fields.or')} `);
    const more = chosen.filter((c) => !options.some((o) => o.value === c)).map((c) => ({ value: c, name: named(c) }));
    const [last, before] = [...chosen].reverse();
    return (
        <Box sx={{ gridColumn: '1 / -1' }}>
            <TextField
                select
                fullWidth
                {...commonOf(field, fault)}
                value={chosen}
                onChange={(e) => keep(([] as string[]).concat(e.target.value).join(', '))}
                slotProps={{
                    inputLabel: { shrink: true },
                    select: {
                        multiple: true,
                        displayEmpty: true,
                        renderValue: (v) => (v as string[]).map(named).join(', ') || '–',
                    },
                }}
            >
                {[...options, ...more].map((o) => (
                    <MenuItem key={o.value} value={o.value}>
                        <Checkbox checked={chosen.includes(o.value)} size="small" tabIndex={-1} />
                        {o.name}
                    </MenuItem>
                ))}
            </TextField>
            {field.kind === 'clauses' && last !== undefined && before !== undefined && (
                <Button size="small" onClick={() => keep([...chosen.slice(0, -2), `${before}|${last}`].join(', '))}>
                    {say('page.fields.one-of-the-last-two', { one: named(before), other: named(last) })}
                </Button>
            )}
        </Box>
    );
}
