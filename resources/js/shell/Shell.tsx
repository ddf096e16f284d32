import Box from '@mui/material/Box';
import { useQuery } from '@tanstack/react-query';
import { Navigate, Outlet, useLocation } from 'react-router';
import { Refused } from '../api/client';
import { queries } from '../api/queries';
import { PlacesBar } from './PlacesBar';
import { Note } from './Note';
import { Tour } from './Tour';
import { showUnits } from '../words/units';
import { say, showTimes } from '../words/words';

/** Everything behind sign-in. A job brings its own top bar. */
export function Shell() {
    const me = useQuery(queries.me());
    const { pathname } = useLocation();
    if (me.error instanceof Refused && me.error.status === 401) {
        return <Navigate to="/sign-in" state={{ from: pathname }} replace />;
    }
    if (me.isError && me.data === undefined) {
        return (
            <Box sx={{ p: 4 }}>
                <Note tone="stop">{say('page.shell.the-server-does-not-answer-what')}</Note>
            </Box>
        );
    }
    if (!me.data) {
        return null;
    }
    showTimes(me.data.shop.zone, me.data.shop.dates);
    showUnits(me.data.shop);
    const inJob = /^\/jobs\/[0-9a-f-]{36}/.test(pathname);
    return (
        <Box sx={{ minHeight: '100%', display: 'flex', flexDirection: 'column' }}>
            {!inJob && <PlacesBar me={me.data} />}
            <Tour me={me.data} />
            <Outlet />
        </Box>
    );
}
