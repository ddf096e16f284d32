import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { Refusal } from '../../shell/Refusal';
import { moment, say } from '../../words/words';
import type { Moved, useDay } from './useDay';

/** What follows of what is asked: which phones are ready at another time, whom to call; then it is done or left. */
export function WhatFollows({ change }: { change: ReturnType<typeof useDay> }) {
    if (change.asked === null && change.refused === null) {
        return null;
    }
    return (
        <Box
            component="section"
            aria-live="polite"
            aria-label={say('page.day.what-follows')}
            sx={{ border: 2, borderColor: 'primary.main', borderRadius: 1, p: 2, display: 'grid', gap: 1 }}
        >
            <Refusal error={change.refused} />
            {change.follows && change.asked && (
                <>
                    <Typography component="h3" sx={{ fontWeight: 700 }}>
                        {say('page.day.what-follows')}
                    </Typography>
                    <MovedPhones moved={change.follows.moved} />
                </>
            )}
            <Box sx={{ display: 'flex', gap: 1.5 }}>
                {change.follows && change.asked && (
                    <Button variant="contained" disabled={change.busy} onClick={change.doIt}>
                        {say('page.day.do-it')}
                    </Button>
                )}
                <Button color="inherit" variant="outlined" onClick={change.leave}>
                    {say('page.day.leave-it')}
                </Button>
            </Box>
        </Box>
    );
}

/** Phones that would be ready at another time, the later ones first. */
export function MovedPhones({ moved }: { moved: Moved[] }) {
    if (moved.length === 0) {
        return <span>{say('page.day.nothing-follows')}</span>;
    }
    return (
        <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
            {moved.map((m) => (
                <Line key={m.job} moved={m} />
            ))}
        </Box>
    );
}

function Line({ moved }: { moved: Moved }) {
    const text = say('page.day.moves', {
        tag: moved.tag,
        after: moment(moved.after),
        before: moment(moved.before),
    });
    return (
        <li>
            {text}
            {moved.call !== null && moved.promisedAt !== null && (
                <Box component="b" sx={(theme) => ({ color: theme.palette.role.stop })}>
                    {', '}
                    {say('page.day.breaks', { promised: moment(moved.promisedAt), call: moment(moved.call) })}
                </Box>
            )}
        </li>
    );
}
