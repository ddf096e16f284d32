import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useLocation } from 'react-router';
import type { Schemas } from '../api/client';
import { say } from '../words/words';
import { putTourAway, useTour } from './tourShown';

/** The six stops of a first job; which one it is follows from the page. */
const STOPS = ['counter', 'scope', 'quote', 'plan', 'bench', 'hand-over'] as const;
type Stop = (typeof STOPS)[number];

const AT: Record<string, Stop> = {
    'check-in': 'counter',
    scope: 'scope',
    part: 'scope',
    quote: 'quote',
    plan: 'plan',
    bench: 'bench',
    prove: 'bench',
    'hand-over': 'hand-over',
};

const stopAt = (pathname: string): Stop =>
    AT[/^\/jobs\/[0-9a-f-]{36}\/([a-z-]+)/.exec(pathname)?.[1] ?? ''] ?? 'counter';

/** One line over the page that says what is done here in a first job; it goes along, and can be put away for good. */
export function Tour({ me }: { me: Schemas['Me'] }) {
    const { pathname } = useLocation();
    if (!useTour(me.id, me.shop.firstJob)) {
        return null;
    }
    const stop = stopAt(pathname);
    return (
        <Box
            component="aside"
            aria-label={say('page.tour.title')}
            sx={(t) => ({
                display: 'flex',
                alignItems: 'center',
                gap: 2,
                flexWrap: 'wrap',
                px: 3,
                py: 1,
                bgcolor: t.palette.role.nowFill,
                color: t.palette.role.ink,
                '@media print': { display: 'none' },
            })}
        >
            <b>{say('page.tour.of', { at: STOPS.indexOf(stop) + 1, of: STOPS.length })}</b>
            <Box sx={{ flex: 1, minWidth: 260 }}>{say(`tour.${stop}`)}</Box>
            <Button color="inherit" onClick={() => putTourAway(me.id)}>
                {say('page.tour.put-away')}
            </Button>
        </Box>
    );
}
