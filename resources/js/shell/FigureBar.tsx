import Box from '@mui/material/Box';
import { mono } from '../theme/tokens';

interface Props {
    /** The figure in words, with its unit. */
    text: string;
    value: number;
    /** What the longest bar beside it stands for. */
    most: number;
    /** Ends of the band, if it has one. */
    low?: number;
    high?: number;
}

/** A figure with a bar under it, as long as it is beside the others; its band is drawn as a thinner one. */
export function FigureBar({ text, value, most, low, high }: Props) {
    const share = (v: number): string => `${Math.max(0, Math.min(100, (100 * v) / Math.max(most, 1e-9)))}%`;
    return (
        <Box sx={{ fontFamily: mono, fontVariantNumeric: 'tabular-nums' }}>
            <b>{text}</b>
            <Box
                aria-hidden
                sx={{ position: 'relative', height: 12, mt: 0.5, bgcolor: 'action.hover', forcedColorAdjust: 'none' }}
            >
                <Box
                    sx={{
                        position: 'absolute',
                        insetBlock: 0,
                        left: 0,
                        width: share(value),
                        bgcolor: 'text.secondary',
                    }}
                />
                {low !== undefined && high !== undefined && (
                    <Box
                        sx={{
                            position: 'absolute',
                            top: 4,
                            height: 4,
                            left: share(low),
                            width: `calc(${share(high)} - ${share(low)})`,
                            bgcolor: 'warning.main',
                        }}
                    />
                )}
            </Box>
        </Box>
    );
}
