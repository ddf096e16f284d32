import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import { Link } from 'react-router';
import { mono } from '../../theme/tokens';
import { day as dayOf, moment, say } from '../../words/words';
import type { Asked, Day, DayPhone } from './useDay';
import { workOf } from './WhatNow';
import { WideTable } from '../../shell/WideTable';

interface Props {
    day: Day;
    ask: (change: Asked) => void;
}

const HALF = 1_800_000;

/** Every phone in words: where it stands, when it is ready, how sure its promise is, and its place in the day. */
export function DayTable({ day, ask }: Props) {
    const phones = [...day.phones].sort((a, b) => (a.readyAt ?? 0) - (b.readyAt ?? 0));
    return (
        <WideTable name={say('page.day.table')} sx={{ '& td': { verticalAlign: 'top' } }}>
            <TableHead>
                <TableRow>
                    <TableCell>{say('page.day.phone')}</TableCell>
                    <TableCell>{say('page.day.stands')}</TableCell>
                    <TableCell>{say('page.day.ready')}</TableCell>
                    <TableCell>{say('page.day.promise')}</TableCell>
                    <TableCell>{say('page.day.place')}</TableCell>
                </TableRow>
            </TableHead>
            <TableBody>
                {phones.map((p) => (
                    <Line key={p.job} day={day} phone={p} ask={ask} />
                ))}
            </TableBody>
        </WideTable>
    );
}

function Line({ day, phone, ask }: Props & { phone: DayPhone }) {
    return (
        <TableRow>
            <TableCell component="th" scope="row">
                <Box
                    component={Link}
                    to={`/jobs/${phone.job}/${phone.station}`}
                    sx={{ display: 'block', color: 'text.primary', fontWeight: 400, textDecoration: 'none' }}
                >
                    <Box sx={{ fontFamily: mono, fontWeight: 700, textDecoration: 'underline' }}>{phone.tag}</Box>
                    <Box>{phone.phone}</Box>
                    <Box sx={{ color: 'text.secondary' }}>{phone.customer}</Box>
                </Box>
            </TableCell>
            <TableCell>{standing(day, phone)}</TableCell>
            <TableCell>{phone.readyAt === null ? '' : moment(phone.readyAt)}</TableCell>
            <TableCell>
                <Box sx={{ fontWeight: 700 }}>
                    {phone.promisedAt === null ? say('page.today.no-promise-yet') : moment(phone.promisedAt)}
                    {phone.firm && `, ${say('page.day.kept-first')}`}
                </Box>
                {phone.sure !== null && phone.call === null && (
                    <Box sx={{ color: 'text.secondary' }}>{say('page.day.holds-in', { sure: phone.sure })}</Box>
                )}
                {phone.call !== null && (
                    <Box sx={(theme) => ({ color: theme.palette.role.stop, fontWeight: 700 })}>
                        {say('page.day.call', { customer: phone.customer, at: moment(phone.call) })}
                    </Box>
                )}
            </TableCell>
            <TableCell>
                <Place day={day} phone={phone} ask={ask} />
            </TableCell>
        </TableRow>
    );
}

/** Where it stands: its station, its clock, what it waits for. */
function standing(day: Day, phone: DayPhone): string {
    if (phone.stuck) {
        return say('page.day.nobody-may');
    }
    if (phone.waits !== null) {
        return say(`today.waits.${phone.waits}`, { on: phone.comesOn === null ? '' : dayOf(phone.comesOn) });
    }
    if (phone.clock !== null) {
        return say('page.day.clock-until', { kind: workOf(phone.clock), at: moment(phone.clock.to) });
    }
    const slot = day.slots.find((s) => s.job === phone.job);
    return slot ? workOf(slot) : phone.readyAt === null ? say('page.day.is-done') : say(`station.${phone.station}`);
}

/** Earlier, later, pinned: what can be dragged above, by buttons. */
function Place({ day, phone, ask }: Props & { phone: DayPhone }) {
    const slot = day.slots.find((s) => s.job === phone.job);
    if (!slot) {
        return null;
    }
    const place = (at: number | null, firm = phone.firm) => ask({ what: 'place', phone, at, firm });
    const name = { tag: phone.tag };
    return (
        <Box sx={{ display: 'flex', gap: 0.5, flexWrap: 'wrap', alignItems: 'center' }}>
            {phone.pinAt !== null && (
                <Box sx={{ width: '100%' }}>{say('page.day.pinned-for', { at: moment(phone.pinAt) })}</Box>
            )}
            <Step label={say('page.day.earlier', name)} text={say('page.day.sooner')} act={() => place(day.now)} />
            <Step
                label={say('page.day.later', name)}
                text={say('page.day.half-later')}
                act={() => place(slot.from + HALF)}
            />
            {phone.pinAt !== null && (
                <Step label={say('page.day.whenever', name)} text={say('page.day.free')} act={() => place(null)} />
            )}
            <Step
                label={say(phone.firm ? 'page.day.not-firm' : 'page.day.firm', name)}
                text={say(phone.firm ? 'page.day.unpin' : 'page.day.pin')}
                act={() => place(phone.pinAt, !phone.firm)}
            />
        </Box>
    );
}

function Step({ label, text, act }: { label: string; text: string; act: () => void }) {
    return (
        <Button
            color="inherit"
            variant="outlined"
            aria-label={label}
            title={label}
            onClick={act}
            sx={{ minHeight: 48, px: 1.5 }}
        >
            {text}
        </Button>
    );
}
