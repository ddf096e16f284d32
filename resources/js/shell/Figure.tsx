import Box from '@mui/material/Box';
import { mono } from '../theme/tokens';

/** A figure with its name under it; stands in a row of its like. */
export function Figure({ name, value }: { name: string; value: string }) {
    return (
        <Box>
            <Box sx={{ fontFamily: mono, fontWeight: 700, fontSize: '1.125rem', fontVariantNumeric: 'tabular-nums' }}>
                {value}
            </Box>
            <Box sx={{ color: 'text.secondary', fontSize: '0.9375rem' }}>{name}</Box>
        </Box>
    );
}
