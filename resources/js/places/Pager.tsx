import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { say } from '../words/words';

/** Page by page; nothing is shown where one page holds all. */
export function Pager({ page, more, go }: { page: number; more: boolean; go: (page: number) => void }) {
    if (page === 1 && !more) {
        return null;
    }
    return (
        <Box
            component="nav"
            aria-label={say('page.pager.pages')}
            sx={{ display: 'flex', gap: 1, alignItems: 'center', justifyContent: 'end', mt: 1 }}
        >
            <Button disabled={page === 1} onClick={() => go(page - 1)}>
                {say('page.pager.before')}
            </Button>
            <span>{say('page.pager.page', { page })}</span>
            <Button disabled={!more} onClick={() => go(page + 1)}>
                {say('page.pager.next')}
            </Button>
        </Box>
    );
}
