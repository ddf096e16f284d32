import Button from '@mui/material/Button';
import Popover from '@mui/material/Popover';
import TextField from '@mui/material/TextField';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { queries } from '../../api/queries';
import { moment, say, wallClock } from '../../words/words';
import type { Asked, Day } from './useDay';

interface Props {
    day: Day;
    person: Day['people'][number];
    ask: (change: Asked) => void;
}

/** Somebody leaves the bench for a while, or is back. */
export function Leaving({ day, person, ask }: Props) {
    const me = useQuery(queries.me());
    const [open, setOpen] = useState<HTMLElement | null>(null);
    const [until, setUntil] = useState('');
    const away = person.away.find((a) => a.from <= day.now);
    if (me.data?.role === 'front-desk') {
        return away ? <span>{say('page.day.away-until', { at: moment(away.to) })}</span> : null;
    }
    if (away) {
        return (
            <>
                <span>{say('page.day.away-until', { at: moment(away.to) })}</span>
                <Button size="small" color="inherit" onClick={() => ask({ what: 'back', absence: away.id })}>
                    {say('page.day.back')}
                </Button>
            </>
        );
    }
    const to = timeToday(day, until);
    return (
        <>
            <Button
                size="small"
                color="inherit"
                aria-label={say('page.day.leaves-for', { name: person.name })}
                onClick={(e) => {
                    setUntil(wallClock(new Date(day.now + 3_600_000)));
                    setOpen(e.currentTarget);
                }}
            >
                {say('page.day.leaves')}
            </Button>
            <Popover
                open={open !== null}
                anchorEl={open}
                onClose={() => setOpen(null)}
                anchorOrigin={{ vertical: 'bottom', horizontal: 'left' }}
                slotProps={{ paper: { sx: { p: 2, display: 'flex', gap: 1.5, alignItems: 'center' } } }}
            >
                <TextField
                    type="time"
                    size="small"
                    label={say('page.day.until-when')}
                    value={until}
                    onChange={(e) => setUntil(e.target.value)}
                    slotProps={{ inputLabel: { shrink: true } }}
                />
                <Button
                    variant="contained"
                    disabled={to === null}
                    onClick={() => {
                        if (to !== null) {
                            ask({ what: 'away', person: person.person, from: day.now, to });
                        }
                        setOpen(null);
                    }}
                >
                    {say('page.day.what-follows')}
                </Button>
            </Popover>
        </>
    );
}

/** That time on the shop's wall, today or, if that is over, tomorrow. */
function timeToday(day: Day, text: string): number | null {
    const read = /^(\d\d):(\d\d)$/.exec(text);
    const now = /^(\d\d):(\d\d)$/.exec(wallClock(new Date(day.now)));
    if (!read || !now) {
        return null;
    }
    const minutes = 60 * (Number(read[1]) - Number(now[1])) + Number(read[2]) - Number(now[2]);
    return day.now + 60_000 * (minutes > 0 ? minutes : minutes + 1440);
}
