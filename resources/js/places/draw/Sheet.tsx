import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import type { PhoneFile } from '../../api/client';
import { Chosen, commonOf, isChosen } from './Chosen';
import type { Field } from './field';
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
                    own={typeof value['id'] === 'string' ? value['id'] : null}
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
    /** The element that is filled in: it is not offered to itself. */
    own: string | null;
}

function Entry(props: EntryProps) {
    const { field, text, keep, fault } = props;
    const [typed, setTyped] = useState<string | null>(null);
    if (isChosen(field.kind)) {
        return <Chosen {...props} />;
    }
    const leave = () => {
        if (typed !== null && typed !== text) {
            keep(typed);
        }
        setTyped(null);
    };
    return (
        <TextField
            {...commonOf(field, fault)}
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
