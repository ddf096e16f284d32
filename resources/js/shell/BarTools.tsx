import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { Link } from 'react-router';
import { useLook } from '../theme/Look';
import { say } from '../words/words';

/** The look, the account, and signing out: side by side, or behind one button where it is narrow. */
export function BarTools({ signOut }: { signOut: () => void }) {
    const look = useLook();
    const [open, setOpen] = useState(false);
    const light = look.mode === 'light';
    return (
        <>
            <Button
                color="inherit"
                aria-expanded={open}
                onClick={() => setOpen(!open)}
                sx={{ display: { xs: 'inline-flex', md: 'none' } }}
            >
                {say('page.places-bar.more')}
            </Button>
            <Box
                sx={{
                    // Narrow: a row of its own under the bar's first, while it is open.
                    display: { xs: open ? 'flex' : 'none', md: 'flex' },
                    gap: { xs: 0.5, md: 1 },
                    flex: { xs: '1 0 100%', md: 'none' },
                    justifyContent: 'end',
                }}
            >
                <Button
                    onClick={look.turn}
                    color="inherit"
                    aria-label={say(light ? 'page.places-bar.dark-look' : 'page.places-bar.light-look')}
                >
                    {say(light ? 'page.places-bar.dark' : 'page.places-bar.light')}
                </Button>
                <Button component={Link} to="/me" color="inherit">
                    {say('page.places-bar.account')}
                </Button>
                <Button onClick={signOut} color="inherit">
                    {say('page.places-bar.sign-out')}
                </Button>
            </Box>
        </>
    );
}
