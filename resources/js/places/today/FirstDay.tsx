import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { queries } from '../../api/queries';
import { say } from '../../words/words';

/** What to do first in a shop in which nothing has happened yet: three things, each with its place. */
export function FirstDay() {
    const shop = useQuery(queries.shop());
    const shelf = useQuery(queries.shelf());
    const closed = useQuery(queries.jobs('', null, 'closed'));
    if (closed.data?.data.length !== 0) {
        return null;
    }
    const things = [
        { what: 'hours', to: '/settings', done: (shop.data?.version ?? 1) > 1 },
        { what: 'parts', to: '/shelf-import', done: (shelf.data?.data.length ?? 0) > 0 },
        { what: 'phone', to: '/new', done: false },
    ] as const;
    return (
        <Box component="section" aria-label={say('page.first-day.title')} sx={{ display: 'grid', gap: 1.5 }}>
            <Typography component="h2" variant="h2">
                {say('page.first-day.title')}
            </Typography>
            <Box component="ol" sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 1.5 }}>
                {things.map((t, i) => (
                    <Box
                        component="li"
                        key={t.what}
                        sx={(theme) => ({
                            display: 'grid',
                            gridTemplateColumns: '56px minmax(0, 1fr) auto',
                            gap: 2,
                            alignItems: 'center',
                            bgcolor: 'background.paper',
                            borderRadius: 1,
                            borderLeft: `6px solid ${theme.palette.role[t.done ? 'done' : 'care']}`,
                            p: 2,
                        })}
                    >
                        <Box aria-hidden sx={{ fontSize: '1.75rem', fontWeight: 800, textAlign: 'center' }}>
                            {t.done ? '✓' : i + 1}
                        </Box>
                        <Box>
                            <Box sx={{ fontWeight: 700, fontSize: '1.125rem' }}>{say(`first-day.${t.what}`)}</Box>
                            <Box sx={{ color: 'text.secondary' }}>
                                {t.done ? say('page.first-day.done') : say(`first-day.${t.what}-why`)}
                            </Box>
                        </Box>
                        <Box
                            component={Link}
                            to={t.to}
                            sx={{ minHeight: 48, display: 'flex', alignItems: 'center', px: 2, fontWeight: 700 }}
                        >
                            {say(`first-day.${t.what}-go`)}
                        </Box>
                    </Box>
                ))}
            </Box>
            <Typography color="textSecondary">{say('page.first-day.phones-are-there')}</Typography>
        </Box>
    );
}
