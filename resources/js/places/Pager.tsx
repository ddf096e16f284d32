import Box from '@mui/material/Box';
import Button from '@mui/material/Button';

/** Page by page; nothing is shown where one page holds all. */
export function Pager({ page, more, go }: { page: number; more: boolean; go: (page: number) => void }) {
    if (page === 1 && !more) {
        return null;
    }
    return (
        <Box
            component="nav"
            aria-label="Pages"
            sx={{ display: 'flex', gap: 1, alignItems: 'center', justifyContent: 'end', mt: 1 }}
        >
            <Button disabled={page === 1} onClick={() => go(page - 1)}>
                Before
            </Button>
            <span>Page {page}</span>
            <Button disabled={!more} onClick={() => go(page + 1)}>
                Next
            </Button>
        </Box>
    );
}
