import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { useEffect } from 'react';
import { useNavigate } from 'react-router';
import { queries } from '../../api/queries';
import { Key } from '../../shell/KeyedButton';
import { mono } from '../../theme/tokens';
import { capital, day as dayOf, moment, say } from '../../words/words';
import { Leaving } from './Leaving';
import type { Asked, Day } from './useDay';

type Person = Day['people'][number];
type Next = Person['next'][number];

interface Props {
    day: Day;
    ask: (change: Asked) => void;
}

/** ms from now on that are now as well */
const SOON = 90_000;

/** One big answer for whoever is signed in, and a line for each of the others. */
export function WhatNow({ day, ask }: Props) {
    const me = useQuery(queries.me());
    const own = day.people.find((p) => p.person === String(me.data?.id));
    const others = day.people.filter((p) => p !== own);
    return (
        <Box
            sx={{
                display: 'grid',
                gap: 2,
                gridTemplateColumns: { xs: '1fr', md: own && others.length > 0 ? '3fr 2fr' : '1fr' },
            }}
        >
            {own && <Mine day={day} person={own} ask={ask} />}
            {others.length > 0 && (
                <Box sx={{ display: 'grid', gap: 1, alignContent: 'start' }}>
                    {others.map((p) => (
                        <Theirs key={p.person} day={day} person={p} ask={ask} />
                    ))}
                </Box>
            )}
        </Box>
    );
}

function Mine({ day, person, ask }: Props & { person: Person }) {
    const navigate = useNavigate();
    const [next, ...then] = person.next;
    const to = next ? placeOf(day, next) : null;
    useEffect(() => {
        if (to === null) {
            return undefined;
        }
        const go = (e: KeyboardEvent) => {
            const busy = e.target instanceof HTMLElement && e.target.closest('button, a, input, select, textarea');
            if ((e.key === ' ' || e.key === 'PageDown') && !busy) {
                e.preventDefault();
                void navigate(to);
            }
        };
        window.addEventListener('keydown', go);
        return () => window.removeEventListener('keydown', go);
    }, [navigate, to]);
    return (
        <Box
            component="section"
            aria-label={say('page.day.now-for', { name: person.name })}
            sx={(theme) => ({
                bgcolor: theme.palette.role.nowFill,
                borderRadius: 1,
                p: 2,
                display: 'grid',
                gap: 1,
                gridTemplateColumns: { xs: 'minmax(0, 1fr)', sm: '1fr auto' },
                alignItems: 'end',
            })}
        >
            <Box sx={{ display: 'grid', gap: 0.75 }}>
                <Box sx={{ display: 'flex', gap: 2, alignItems: 'center' }}>
                    <Typography component="h2" sx={{ fontSize: '1rem', fontWeight: 700 }}>
                        {say('page.day.now-for', { name: person.name })}
                    </Typography>
                    <Leaving day={day} person={person} ask={ask} />
                </Box>
                {next === undefined ? (
                    <Typography sx={{ fontSize: '1.6875rem', fontWeight: 700 }}>{say('page.day.nothing')}</Typography>
                ) : (
                    <>
                        <Typography sx={{ fontSize: '1.6875rem', fontWeight: 700, lineHeight: 1.15 }}>
                            <Box component="span" sx={{ fontFamily: mono }}>
                                {next.tag}
                            </Box>{' '}
                            {workOf(next)}
                            {next.from > day.now + SOON ? `, ${say('page.day.from', { at: moment(next.from) })}` : ''}
                        </Typography>
                        <Typography>
                            {nameOf(day, next)}. {why(day, next)}
                        </Typography>
                        {then.length > 0 && (
                            <Typography color="textSecondary">
                                {say('page.day.then')}:{' '}
                                {then.map((n) => `${n.tag} ${workOf(n)} ${moment(n.from)}`).join('; ')}
                            </Typography>
                        )}
                    </>
                )}
            </Box>
            {next && to && (
                <Button
                    variant="contained"
                    onClick={() => void navigate(to)}
                    sx={{ minHeight: 76, px: 3, gap: 1.5, fontSize: '1.1875rem' }}
                >
                    {say('page.day.go', { tag: next.tag })} <Key>{say('page.day.space')}</Key>
                </Button>
            )}
        </Box>
    );
}

function Theirs({ day, person, ask }: Props & { person: Person }) {
    const next = person.next[0];
    return (
        <Box
            component="section"
            aria-label={say('page.day.now-for', { name: person.name })}
            sx={{ bgcolor: 'background.paper', border: 1, borderColor: 'divider', borderRadius: 1, px: 2, py: 1.25 }}
        >
            <Box sx={{ display: 'flex', gap: 2, alignItems: 'center' }}>
                <Typography component="h2" sx={{ fontSize: '1rem', fontWeight: 700, flex: 1 }}>
                    {say('page.day.now-for', { name: person.name })}
                </Typography>
                <Leaving day={day} person={person} ask={ask} />
            </Box>
            {next === undefined ? (
                say('page.day.nothing')
            ) : (
                <>
                    <Box component="span" sx={{ fontFamily: mono, fontWeight: 700 }}>
                        {next.tag}
                    </Box>{' '}
                    {workOf(next)}
                    {next.from > day.now + SOON
                        ? `, ${say('page.day.from', { at: moment(next.from) })}`
                        : `, ${say('page.day.until', { at: moment(next.hands) })}`}
                </>
            )}
        </Box>
    );
}

export const workOf = (next: { kind: string | null }): string =>
    next.kind === null ? say('station.plan') : say(`work.${next.kind}`);

const nameOf = (day: Day, next: Next): string => day.phones.find((p) => p.job === next.job)?.phone ?? '';

const placeOf = (day: Day, next: Next): string =>
    `/jobs/${next.job}/${day.phones.find((p) => p.job === next.job)?.station ?? 'bench'}`;

/** The reason, with what the others wait for. */
function why(day: Day, next: Next): string {
    const phone = day.phones.find((p) => p.job === next.job);
    const due = phone?.promisedAt ? ` ${capital(say('page.today.promised', { at: moment(phone.promisedAt) }))}.` : '';
    if (next.why !== 'while-others-wait' || next.waiting.length === 0) {
        return `${say(`today.why.${next.why}`)}${due}`;
    }
    const waiting = day.phones
        .filter((p) => next.waiting.includes(p.tag))
        .map((p) => {
            const clock = p.clock
                ? say('page.day.clock-until', { kind: say(`work.${p.clock.kind}`), at: moment(p.clock.to) })
                : p.waits
                  ? say(`today.waits.${p.waits}`, { on: p.comesOn === null ? '' : dayOf(p.comesOn) })
                  : '';
            return clock === '' ? p.tag : `${p.tag} (${clock})`;
        });
    return `${say('today.why.while-others-wait')} ${waiting.join(', ')}.${due}`;
}
