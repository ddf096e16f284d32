import InputAdornment from '@mui/material/InputAdornment';
import TextField from '@mui/material/TextField';
import { useState } from 'react';

interface Props {
    label: string;
    /** As it is kept: a share, 0.19. */
    share: string;
    set: (share: string) => void;
}

/** A share, shown and typed in per cent. */
export function Percent({ label, share, set }: Props) {
    const [typed, setTyped] = useState<string | null>(null);
    const shown = String(Math.round(1e6 * Number(share)) / 1e4);
    return (
        <TextField
            size="small"
            label={label}
            value={typed ?? shown}
            onChange={(e) => {
                setTyped(e.target.value);
                const percent = Number(e.target.value.replace(',', '.'));
                set(Number.isNaN(percent) ? e.target.value : String(Math.round(1e4 * percent) / 1e6));
            }}
            onBlur={() => setTyped(null)}
            slotProps={{
                htmlInput: { inputMode: 'decimal' },
                input: { endAdornment: <InputAdornment position="end">%</InputAdornment> },
            }}
        />
    );
}
