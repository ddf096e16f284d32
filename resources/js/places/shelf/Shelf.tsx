import Box from '@mui/material/Box';
import Tab from '@mui/material/Tab';
import Tabs from '@mui/material/Tabs';
import { Link, Outlet, useLocation } from 'react-router';

const ROOMS = [
    { to: '/shelf', label: 'Parts' },
    { to: '/shelf-import', label: 'Take in a list' },
    { to: '/shelf-count', label: 'Count' },
    { to: '/shelf-returns', label: 'Returns' },
];

/** Parts on the shelf, lists coming in, counting, and what goes back. */
export function Shelf() {
    const { pathname } = useLocation();
    const here = ROOMS.find((r) => r.to === pathname)?.to ?? '/shelf';
    return (
        <Box component="main" sx={{ px: 3, pb: 3, pt: 1, maxWidth: 1280, width: '100%', mx: 'auto' }}>
            <Tabs component="nav" aria-label="Shelf" value={here} sx={{ mb: 2 }}>
                {ROOMS.map((r) => (
                    <Tab
                        key={r.to}
                        value={r.to}
                        label={r.label}
                        component={Link}
                        to={r.to}
                        {...(r.to === here ? { 'aria-current': 'page' as const } : {})}
                    />
                ))}
            </Tabs>
            <Outlet />
        </Box>
    );
}
