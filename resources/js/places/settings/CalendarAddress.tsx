import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMutation, useQuery } from '@tanstack/react-query';
import { api, take } from '../../api/client';
import { queries } from '../../api/queries';
import { queryClient } from '../../api/queryClient';
import { Refusal } from '../../shell/Refusal';
import { mono } from '../../theme/tokens';
import { say } from '../../words/words';

/** Where a calendar reads promises and the day without an account; the owner's. */
export function CalendarAddress() {
    const known = useQuery(queries.calendarAddress());
    const change = useMutation({
        mutationFn: () => take(api.POST('/api/day/address')),
        onSuccess: (now) => queryClient.setQueryData(queries.calendarAddress().queryKey, now),
    });
    const address = known.data?.address ?? null;
    return (
        <Box
            component="section"
            aria-label={say('page.calendar.address')}
            sx={{ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr)', gap: 1 }}
        >
            <Typography component="h2" variant="h2">
                {say('page.calendar.address')}
            </Typography>
            <Typography color="textSecondary">{say('page.calendar.what-for')}</Typography>
            <Box sx={{ fontFamily: mono, overflowWrap: 'anywhere' }}>{address ?? say('page.calendar.none')}</Box>
            <Button
                variant="outlined"
                disabled={change.isPending}
                onClick={() => change.mutate()}
                sx={{ justifySelf: 'start' }}
            >
                {say(address === null ? 'page.calendar.make' : 'page.calendar.change')}
            </Button>
            <Refusal error={change.error} />
        </Box>
    );
}
