import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useId, useState } from 'react';
import { say } from '../words/words';

interface Props {
    /** The figure that is asked about. */
    of: string;
    /** How it was computed, from what, and how sure it is. */
    children: string;
}

/** Where a figure comes from: asked for with one tap, answered under it, everywhere in the same form. */
export function Why({ of, children }: Props) {
    const id = useId();
    const [open, setOpen] = useState(false);
    return (
        <Box sx={{ '@media print': { display: 'none' } }}>
            <Button
                size="small"
                color="inherit"
                aria-expanded={open}
                aria-controls={id}
                aria-label={say('page.why.of', { of })}
                onClick={() => setOpen(!open)}
                sx={{
                    minWidth: 48,
                    minHeight: { xs: 48, md: 32 },
                    px: 0.5,
                    justifyContent: 'flex-start',
                    textDecoration: 'underline',
                    fontWeight: 400,
                }}
            >
                {say('page.why.why')}
            </Button>
            <Box id={id} hidden={!open} sx={{ fontSize: '0.9375rem', color: 'text.secondary', maxWidth: 420 }}>
                {children}
            </Box>
        </Box>
    );
}
