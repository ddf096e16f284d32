import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { queries } from '../../api/queries';
import { Note } from '../../shell/Note';
import { SideNav } from '../../shell/SideNav';
import { say } from '../../words/words';
import { CalendarAddress } from './CalendarAddress';
import { Customers } from './Customers';
import { KeptFor } from './KeptFor';
import { ShopDay } from './ShopDay';
import { ShopRules } from './ShopRules';
import { Main } from '../../shell/Main';

const PARTS = ['shop', 'prices', 'customers', 'calendar'] as const;

/** All that the owner sets for the shop, each with what it changes. */
export function Settings() {
    const me = useQuery(queries.me());
    if (me.data && me.data.role !== 'owner') {
        return (
            <Main>
                <Note tone="care">{say('page.settings.the-owners')}</Note>
            </Main>
        );
    }
    return (
        <Main
            sx={{
                display: 'grid',
                gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '200px minmax(0, 1fr)' },
                gap: 4,
                alignItems: 'start',
            }}
        >
            <SideNav
                name={say('page.settings.what-is-set')}
                links={[
                    ...PARTS.map((part) => ({ to: `#${part}`, text: say(`settings.${part}`) })),
                    { to: '/accounts', text: say('page.settings.people-and-rights'), apart: true },
                    { to: '/heat', text: say('page.settings.sources-of-heat') },
                    { to: '/changes', text: say('page.changes.who-changed-what') },
                ]}
            >
                <Typography component="h1" variant="h1" sx={{ mb: 1 }}>
                    {say('page.settings.settings')}
                </Typography>
            </SideNav>
            <Box sx={{ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr)', gap: 5, minWidth: 0 }}>
                <Box id="shop" sx={{ scrollMarginTop: 80 }}>
                    <ShopDay />
                </Box>
                <Box id="prices" sx={{ scrollMarginTop: 80 }}>
                    <ShopRules />
                </Box>
                <Box
                    id="customers"
                    sx={{ scrollMarginTop: 80, display: 'grid', gridTemplateColumns: 'minmax(0, 1fr)', gap: 3 }}
                >
                    <KeptFor />
                    <Customers />
                </Box>
                <Box id="calendar" sx={{ scrollMarginTop: 80 }}>
                    <CalendarAddress />
                </Box>
            </Box>
        </Main>
    );
}
