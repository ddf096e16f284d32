import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { useState } from 'react';
import { Link } from 'react-router';
import { useLook } from '../theme/Look';
import { say } from '../words/words';

/** The look, the account, and signing out: side by side, or behind one button where it is narrow. */
export function BarTools({ signOut }: { signOut: () => void }) {
    const look = useLook();
    const [at, setAt] = useState<HTMLElement | null>(null);
    const light = look.mode === 'light';
    const turned = say(light ? 'page.places-bar.dark-look' : 'page.places-bar.light-look');
    const close = () => setAt(null);
    return (
        <>
            <Box sx={{ display: { xs: 'none', md: 'flex' }, gap: 2 }}>
                <Button onClick={look.turn} color="inherit" aria-label={turned}>
                    {say(light ? 'page.places-bar.dark' : 'page.places-bar.light')}
                </Button>
                <Button component={Link} to="/me" color="inherit">
                    {say('page.places-bar.account')}
                </Button>
                <Button onClick={signOut} color="inherit">
                    {say('page.places-bar.sign-out')}
                </Button>
            </Box>
            <Button
                color="inherit"
                aria-haspopup="menu"
                aria-expanded={at !== null}
                onClick={(e) => setAt(e.currentTarget)}
                sx={{ display: { xs: 'inline-flex', md: 'none' } }}
            >
                {say('page.places-bar.more')}
            </Button>
            <Menu anchorEl={at} open={at !== null} onClose={close} onClick={close}>
                <MenuItem onClick={look.turn} sx={{ minHeight: 48 }}>
                    {turned}
                </MenuItem>
                <MenuItem component={Link} to="/me" sx={{ minHeight: 48 }}>
                    {say('page.places-bar.account')}
                </MenuItem>
                <MenuItem onClick={signOut} sx={{ minHeight: 48 }}>
                    {say('page.places-bar.sign-out')}
                </MenuItem>
            </Menu>
        </>
    );
}
