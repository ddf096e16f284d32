import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import type { PhoneFile } from '../../api/client';
import { elementsOf } from './elements';
import type { Field } from './fields';
import { read, shown, valueAt, withValue } from './values';
import { say } from '../../words/words';

type Tree = Record<string, unknown>;

interface Props {
    file: PhoneFile;
    fields: Field[];
    value: Tree;
    set: (value: Tree) => void;
    /** Faults by field, as the check names them. */
    faults: Record<string, string>;
}

/** The figures of one element, each kept when the field is left. */
export function Sheet({ file, fields, value, set, faults }: Props) {
    return (
        <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1.25 }}>
            {fields.map((f) => (
                <Entry
                    key={f.key}
                    field={f}
                    file={file}
                    text={shown(f, valueAt(value, f.key))}
                    keep={(text) => set(withValue(value, f.key, read(f, text, valueAt(value, f.key))))}
                    fault={faults[f.key]}
                />
            ))}
        </Box>
    );
}

interface EntryProps {
    field: Field;
    file: PhoneFile;
    text: string;
    keep: (text: string) => void;
    fault: string | undefined;
}

function Entry({ field, file, text, keep, fault }: EntryProps) {
    const [typed, setTyped] = useState<string | null>(null);
    const options =
        field.from === 'stacks'
            ? Object.keys(file.stacks)
            : field.from
              ? elementsOf(file, field.from).map((e) => e.id)
              : field.options;
    const common = {
        size: 'small' as const,
        label: field.label,
        error: fault !== undefined,
        ...(fault === undefined ? {} : { helperText: fault }),
        sx: field.wide ? { gridColumn: '1 / -1' } : {},
    };
    if (field.kind === 'choice' || field.kind === 'flag') {
        const all = field.kind === 'flag' ? ['true', 'false'] : (options ?? []);
        const known = text === '' || all.includes(text) ? all : [...all, text];
        return (
            <TextField
                select
                {...common}
                value={text}
                onChange={(e) => keep(e.target.value)}
                slotProps={{ inputLabel: { shrink: true }, select: { displayEmpty: true } }}
            >
                {(field.optional || text === '') && <MenuItem value="">–</MenuItem>}
                {known.map((o) => (
                    <MenuItem key={o} value={o}>
                        {field.kind === 'flag' ? (o === 'true' ? 'yes' : 'no') : o}
                    </MenuItem>
                ))}
            </TextField>
        );
    }
    const leave = () => {
        if (typed !== null && typed !== text) {
            keep(typed);
        }
        setTyped(null);
    };
    return (
        <TextField
            {...common}
            value={typed ?? text}
            multiline={field.kind === 'stretches'}
            onChange={(e) => setTyped(e.target.value)}
            onBlur={leave}
            onKeyDown={(e) => e.key === 'Enter' && field.kind !== 'stretches' && leave()}
            slotProps={{ htmlInput: { inputMode: field.kind === 'number' ? 'decimal' : 'text' } }}
        />
    );
}

/** Takes an element out of the file. */
export function TakeOut({ what, take }: { what: string; take: () => void }) {
    return (
        <Button color="inherit" variant="outlined" onClick={take} sx={{ mt: 1.5 }}>
            {say('page.sheet.take-out', { what })}
        </Button>
    );
}
