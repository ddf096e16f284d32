import Box from '@mui/material/Box';
import Tab from '@mui/material/Tab';
import Tabs from '@mui/material/Tabs';
import { Link, Outlet, useLocation } from 'react-router';
import { say } from '../../words/words';
import { Main } from '../../shell/Main';

const ROOMS = [
    { to: '/shelf', label: say('page.parts') },
    { to: '/shelf-orders', label: say('page.orders.on-order') },
    { to: '/shelf-reorder', label: say('page.reorder.to-order') },
    { to: '/shelf-import', label: say('page.take-in-a-list') },
    { to: '/shelf-count', label: say('page.count') },
    { to: '/shelf-returns', label: say('page.shelf.returns') },
    { to: '/shelf-kept', label: say('page.shelf.kept') },
];

/** Parts on the shelf, lists coming in, counting, and what goes back. */
export function Shelf() {
    const { pathname } = useLocation();
    const here = ROOMS.find((r) => r.to === pathname)?.to ?? '/shelf';
    return (
        <Main sx={{ px: 3, pb: 3, pt: 1 }}>
            <Box component="nav" aria-label={say('page.shelf')} sx={{ mb: 2 }}>
                <Tabs aria-label={say('page.shelf')} value={here} variant="scrollable" scrollButtons={false}>
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
            </Box>
            <Outlet />
        </Main>
    );
}
