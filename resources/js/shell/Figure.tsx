import Box from '@mui/material/Box';
import { mono } from '../theme/tokens';
import { Why } from './Why';

interface Props {
    name: string;
    value: string;
    /** How it was computed, from what, and how sure it is. */
    why?: string;
}

/** A figure with its name under it; stands in a row of its like. */
export function Figure({ name, value, why }: Props) {
    return (
        <Box>
            <Box sx={{ fontFamily: mono, fontWeight: 700, fontSize: '1.125rem', fontVariantNumeric: 'tabular-nums' }}>
                {value}
            </Box>
            <Box sx={{ color: 'text.secondary', fontSize: '0.9375rem' }}>{name}</Box>
            {why !== undefined && <Why of={name}>{why}</Why>}
        </Box>
    );
}
