import Box from '@mui/material/Box';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import type { ReactNode } from 'react';

interface Props<T extends string> {
    label: string;
    values: readonly T[];
    chosen: T | null;
    choose: (value: T | null) => void;
    words: (value: T) => string;
    picture?: (value: T) => ReactNode;
}

/** One of a few, each large enough for a glove; pressed again it is nothing once more. */
export function Choice<T extends string>({ label, values, chosen, choose, words, picture }: Props<T>) {
    return (
        <ToggleButtonGroup
            exclusive
            value={chosen}
            onChange={(_, v: T | null) => choose(v)}
            aria-label={label}
            sx={{
                display: 'grid',
                gridTemplateColumns: `repeat(auto-fill, minmax(${picture ? 84 : 112}px, 1fr))`,
                gap: 0.75,
            }}
        >
            {values.map((v) => (
                <ToggleButton
                    key={v}
                    value={v}
                    sx={(theme) => ({
                        minHeight: 56,
                        p: 0.5,
                        fontSize: 14,
                        lineHeight: 1.2,
                        fontWeight: 500,
                        textTransform: 'none',
                        border: `1px solid ${theme.palette.divider} !important`,
                        borderRadius: '4px !important',
                        m: '0 !important',
                    })}
                >
                    <Box sx={{ display: 'grid', justifyItems: 'center', gap: 0.25 }}>
                        {picture?.(v)}
                        {words(v)}
                    </Box>
                </ToggleButton>
            ))}
        </ToggleButtonGroup>
    );
}
