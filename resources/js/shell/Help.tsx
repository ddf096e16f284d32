import Button from '@mui/material/Button';
import { useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { useLocation } from 'react-router';
import { say } from '../words/words';
import { KeyList } from './KeyList';
import { keysOf } from './keys';
import { showTour } from './tourShown';

/** The question mark: on every page it lists what the keys of this page do, and brings the tour back. */
export function Help() {
    const { pathname } = useLocation();
    const [open, setOpen] = useState(false);
    const bench = pathname.endsWith('/bench');
    useHotkeys('shift+slash', () => setOpen(true), { enabled: !bench, enableOnFormTags: false });
    useHotkeys('slash', findField, { enabled: !bench, enableOnFormTags: false, preventDefault: true });
    return (
        <>
            {!bench && (
                <Button
                    color="inherit"
                    onClick={() => setOpen(true)}
                    aria-label={say('page.keys.title')}
                    sx={{ minWidth: 48 }}
                >
                    ?
                </Button>
            )}
            {open && (
                <KeyList keys={keysOf(pathname)} close={() => setOpen(false)}>
                    <Button
                        onClick={() => {
                            showTour();
                            setOpen(false);
                        }}
                    >
                        {say('page.keys.tour')}
                    </Button>
                </KeyList>
            )}
        </>
    );
}

/** The first field of the page that finds something: a text field before anything else. */
function findField(): void {
    document.querySelector<HTMLInputElement>('main input[type=search], main input[type=text]')?.focus();
}
