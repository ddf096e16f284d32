import Box from '@mui/material/Box';
import Button from '@mui/material/Button';

interface Props {
    /** The key that does the same, as it is shown. */
    k: string;
    children: string;
    onClick: () => void;
    disabled?: boolean;
    /** Set where it opens and shuts something. */
    expanded?: boolean;
}

/** A quiet button that shows its key. */
export function KeyedButton({ k, children, onClick, disabled = false, expanded }: Props) {
    return (
        <Button
            variant="outlined"
            color="inherit"
            onClick={onClick}
            disabled={disabled}
            {...(expanded === undefined ? {} : { 'aria-expanded': expanded })}
            sx={{ px: 1, lineHeight: 1.15, justifyContent: 'space-between' }}
        >
            {children} <Key>{k}</Key>
        </Button>
    );
}

/** A key as it is printed on a button; the button's name is without it. */
export function Key({ children }: { children: string }) {
    return (
        <Box
            component="span"
            aria-hidden
            sx={{
                border: '1.5px solid currentColor',
                borderRadius: 1,
                px: 1,
                fontSize: '0.9375rem',
                fontWeight: 600,
                lineHeight: 1.6,
            }}
        >
            {children}
        </Box>
    );
}
