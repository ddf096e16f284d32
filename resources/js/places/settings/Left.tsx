import TextField from '@mui/material/TextField';
import { useState } from 'react';

/** Times or days between commas, as they were typed: what is none is named when it is kept. */
export const spans = (text: string): string[] =>
    text
        .split(',')
        .map((t) => t.trim())
        .filter((t) => t !== '');

interface LeftProps {
    label: string;
    value: string;
    placeholder: string;
    keep: (text: string) => void;
}

/** A line that is taken over when it is left. */
export function Left({ label, value, placeholder, keep }: LeftProps) {
    const [typed, setTyped] = useState<string | null>(null);
    return (
        <TextField
            size="small"
            label={label}
            value={typed ?? value}
            placeholder={placeholder}
            onChange={(e) => setTyped(e.target.value)}
            onBlur={() => {
                if (typed !== null) {
                    keep(typed);
                }
                setTyped(null);
            }}
            slotProps={{ inputLabel: { shrink: true } }}
        />
    );
}
