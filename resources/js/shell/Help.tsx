import Button from '@mui/material/Button';
import { lazy, Suspense, useEffect, useState } from 'react';
import { useLocation } from 'react-router';
import { say } from '../words/words';

/** Fetched when somebody asks: the first page does without it. */
const PageKeys = lazy(async () => ({ default: (await import('./PageKeys')).PageKeys }));

/** The question mark: on every page it lists what the keys of this page do, and brings the tour back. */
export function Help() {
    const { pathname } = useLocation();
    const [open, setOpen] = useState(false);
    // The bench has keys, and a list, of its own.
    const bench = pathname.endsWith('/bench');
    useEffect(() => {
        const pressed = (e: KeyboardEvent) => {
            const typing = e.target instanceof HTMLElement && e.target.closest('input, textarea, select') !== null;
            if (bench || typing || e.ctrlKey || e.metaKey || e.altKey) {
                return;
            }
            if (e.key === '?') {
                setOpen(true);
            } else if (e.key === '/') {
                e.preventDefault();
                findField();
            }
        };
        window.addEventListener('keydown', pressed);
        return () => window.removeEventListener('keydown', pressed);
    }, [bench]);
    return (
        <>
            {!bench && (
                <Button
                    color="inherit"
                    onClick={() => setOpen(true)}
                    aria-label={say('page.keys.title')}
                    sx={{ minWidth: { xs: 48, lg: 36 }, px: 0 }}
                >
                    ?
                </Button>
            )}
            {open && (
                <Suspense fallback={null}>
                    <PageKeys pathname={pathname} close={() => setOpen(false)} />
                </Suspense>
            )}
        </>
    );
}

/** The first field of the page that finds something. */
function findField(): void {
    document.querySelector<HTMLInputElement>('main input[type=search], main input[type=text]')?.focus();
}
