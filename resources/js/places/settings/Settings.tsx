import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { queries } from '../../api/queries';
import { Note } from '../../shell/Note';
import { say } from '../../words/words';
import { CalendarAddress } from './CalendarAddress';
import { Customers } from './Customers';
import { KeptFor } from './KeptFor';
import { ShopDay } from './ShopDay';
import { ShopRules } from './ShopRules';

const PARTS = ['shop', 'prices', 'customers', 'calendar'] as const;

/** All that the owner sets for the shop, each with what it changes. */
export function Settings() {
    const me = useQuery(queries.me());
    if (me.data && me.data.role !== 'owner') {
        return (
            <Box component="main" sx={{ p: 3, maxWidth: 1280, width: '100%', mx: 'auto' }}>
                <Note tone="care">{say('page.settings.the-owners')}</Note>
            </Box>
        );
    }
    return (
        <Box
            component="main"
            sx={{
                p: 3,
                maxWidth: 1280,
                width: '100%',
                mx: 'auto',
                display: 'grid',
                gridTemplateColumns: { xs: '1fr', md: '200px minmax(0, 1fr)' },
                gap: 4,
                alignItems: 'start',
            }}
        >
            <Box
                component="nav"
                aria-label={say('page.settings.what-is-set')}
                sx={{ position: { md: 'sticky' }, top: 80, display: 'grid', gap: 0.5 }}
            >
                <Typography component="h1" variant="h1" sx={{ mb: 1 }}>
                    {say('page.settings.settings')}
                </Typography>
                {PARTS.map((part) => (
                    <Box component="a" key={part} href={`#${part}`} sx={{ py: 1, fontSize: '1.0625rem' }}>
                        {say(`settings.${part}`)}
                    </Box>
                ))}
                <Box sx={{ borderTop: 1, borderColor: 'divider', my: 1 }} />
                <Box component={Link} to="/accounts" sx={{ py: 1 }}>
                    {say('page.settings.people-and-rights')}
                </Box>
                <Box component={Link} to="/heat" sx={{ py: 1 }}>
                    {say('page.settings.sources-of-heat')}
                </Box>
                <Box component={Link} to="/changes" sx={{ py: 1 }}>
                    {say('page.changes.who-changed-what')}
                </Box>
            </Box>
            <Box sx={{ display: 'grid', gap: 5, minWidth: 0 }}>
                <Box id="shop" sx={{ scrollMarginTop: 80 }}>
                    <ShopDay />
                </Box>
                <Box id="prices" sx={{ scrollMarginTop: 80 }}>
                    <ShopRules />
                </Box>
                <Box id="customers" sx={{ scrollMarginTop: 80, display: 'grid', gap: 3 }}>
                    <KeptFor />
                    <Customers />
                </Box>
                <Box id="calendar" sx={{ scrollMarginTop: 80 }}>
                    <CalendarAddress />
                </Box>
            </Box>
        </Box>
    );
}
