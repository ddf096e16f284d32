import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import type { ReactNode } from 'react';
import type { Schemas } from '../../api/client';
import { mono } from '../../theme/tokens';
import { amount, minutes, say, sayReason } from '../../words/words';
import { Ticked } from '../../shell/Ticked';
import { WideTable } from '../../shell/WideTable';

type Way = Schemas['Way'];

interface Props {
    ways: Way[];
    currency: string;
    chosen: string | null;
    busy: boolean;
    choose: (kind: Way['kind']) => void;
}

/** Minutes of hands; a range of a phone that nobody has drawn. */
const hands = (w: Way): string =>
    w.guess ? `${Math.round(w.guess.least / 60)}–${minutes(w.guess.longest)}` : minutes(w.handsOn);

/** What a row is called, what it says of a way, and whether that is a figure. */
type RowOf = [string, (w: Way) => ReactNode, boolean?];

/** All kinds of part side by side: what moves, what it costs in work and money, what may go wrong, and what follows. */
export function Ways({ ways, currency, chosen, busy, choose }: Props) {
    const money = (text: string | undefined): ReactNode =>
        text === undefined ? say('page.not-known') : amount(text, currency);
    const inside = ways.some((w) => w.money?.inside != null);
    const cost: RowOf = [say('page.ways.expected-cost'), (w) => money(w.money?.inside?.expected), true];
    const margin: RowOf = [say('page.ways.margin'), (w) => money(w.money?.inside?.margin), true];
    const rows: RowOf[] = [
        ...(inside ? [cost] : []),
        [say('page.ways.price'), (w) => <b>{money(w.money?.gross)}</b>, true],
        ...(inside ? [margin] : []),
        [say('page.ways.on-the-shelf'), (w) => (w.item ? `${w.item.label} ${w.item.name}` : say('page.ways.none'))],
        [say('page.ways.hands-on-waiting'), (w) => `${hands(w)}, ${minutes(w.waiting)}`, true],
        [
            say('page.ways.steps-screws'),
            (w) => `${w.steps}, ${w.guess ? `${w.guess.fewest}–${w.guess.most}` : w.screws}`,
            true,
        ],
        [
            say('page.ways.parts-moved-over'),
            (w) => (w.moved.length === 0 ? say('page.ways.none') : `${w.moved.length}: ${w.moved.join(', ')}`),
        ],
        [
            say('page.ways.paired-parts-touched'),
            (w) => (w.paired.length === 0 ? say('page.ways.none') : w.paired.join(', ')),
        ],
        [say('page.ways.something-is-ruined'), (w) => <Risks way={w} />],
    ];
    const fit = (kind: string) => (chosen === kind ? say('page.chosen') : say('page.ways.fit-this'));
    return (
        <WideTable
            name={say('page.ways.kinds-of-part-side-by-side')}
            sx={{
                tableLayout: 'fixed',
                minWidth: 138 + 190 * ways.length,
                '& td, & th': { verticalAlign: 'top', px: 1.25 },
            }}
        >
            <TableHead>
                <TableRow>
                    <TableCell sx={{ width: 138 }} />
                    {ways.map((w) => (
                        <TableCell
                            key={w.kind}
                            sx={(t) => ({
                                borderTop: w.recommended
                                    ? `5px solid ${t.palette.role.action}`
                                    : `5px solid ${t.palette.role.rule}`,
                            })}
                        >
                            <Box component="h3" sx={{ m: 0, fontSize: '1.0625rem', fontWeight: 700 }}>
                                {say(`kind.${w.kind}`)}
                            </Box>
                            <Box
                                sx={{
                                    color: w.recommended ? 'primary.main' : 'text.secondary',
                                    fontWeight: w.recommended ? 700 : 400,
                                    fontSize: '0.9375rem',
                                }}
                            >
                                {w.recommended
                                    ? say('page.ways.recommended')
                                    : w.suits
                                      ? say('page.ways.would-do')
                                      : w.works
                                        ? say('page.ways.not-for-this-fault')
                                        : say('page.no-plan-works')}
                            </Box>
                            <Button
                                fullWidth
                                variant={w.recommended ? 'contained' : 'outlined'}
                                disabled={busy || !w.works}
                                onClick={() => choose(w.kind)}
                                sx={{ minHeight: 48, mt: 0.5 }}
                                aria-label={say('page.of', { what: fit(w.kind), which: say(`kind.${w.kind}`) })}
                            >
                                {chosen === w.kind ? <Ticked text={fit(w.kind)} /> : fit(w.kind)}
                            </Button>
                        </TableCell>
                    ))}
                </TableRow>
            </TableHead>
            <TableBody>
                <TableRow>
                    <TableCell component="th" scope="row" sx={{ color: 'text.secondary' }}>
                        {say('page.what-follows')}
                    </TableCell>
                    {ways.map((w) => (
                        <TableCell key={w.kind}>
                            <Follows way={w} />
                        </TableCell>
                    ))}
                </TableRow>
                {ways.some((w) => w.differs.length > 0) && (
                    <TableRow>
                        <TableCell component="th" scope="row" sx={{ color: 'text.secondary' }}>
                            {say('page.ways.beside-the', {
                                some: ways.some((w) => w.recommended) ? 'recommended' : 'first',
                            })}
                        </TableCell>
                        {ways.map((w) => (
                            <TableCell key={w.kind}>
                                <Box component="ul" sx={{ m: 0, pl: 2 }}>
                                    {w.differs.map((d) => (
                                        <li key={d.code}>{sayReason(d)}</li>
                                    ))}
                                </Box>
                            </TableCell>
                        ))}
                    </TableRow>
                )}
                {rows.map(([name, cell, figures]) => (
                    <TableRow key={name}>
                        <TableCell component="th" scope="row" sx={{ color: 'text.secondary' }}>
                            {name}
                        </TableCell>
                        {ways.map((w) => (
                            <TableCell
                                key={w.kind}
                                sx={figures ? { fontFamily: mono, fontVariantNumeric: 'tabular-nums' } : {}}
                            >
                                {cell(w)}
                            </TableCell>
                        ))}
                    </TableRow>
                ))}
            </TableBody>
        </WideTable>
    );
}

function Risks({ way }: { way: Way }) {
    return (
        <>
            <Box component="span" sx={{ fontFamily: mono }}>
                {way.risk} %
            </Box>
            {way.risks.map((r) => (
                <Box key={r.code + r.subject} sx={{ color: 'text.secondary', fontSize: '0.9375rem' }}>
                    {say(`risk.${r.code}`, { subject: r.subject })} {r.percent} %
                </Box>
            ))}
        </>
    );
}

function Follows({ way }: { way: Way }) {
    const lines = [
        ...(way.glass ? [sayReason(way.glass)] : []),
        ...way.because.map(sayReason),
        ...(way.money?.worth && way.money.worth.code !== 'worth-unknown' ? [sayReason(way.money.worth)] : []),
    ];
    return (
        <Box component="ul" sx={{ m: 0, pl: 2 }}>
            {lines.map((l) => (
                <li key={l}>{l}</li>
            ))}
        </Box>
    );
}
