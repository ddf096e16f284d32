import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import { useState, type ReactNode } from 'react';
import type { PhoneFile, Schemas } from '../../api/client';
import { mono } from '../../theme/tokens';
import { amount, minutes, say, sayReason } from '../../words/words';
import { Ticked } from '../../shell/Ticked';
import { FigureBar } from '../../shell/FigureBar';
import { Why } from '../../shell/Why';
import { WideTable } from '../../shell/WideTable';
import { WayDrawing } from './WayDrawing';

type Way = Schemas['Way'];

interface Props {
    phone: PhoneFile;
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
type RowOf = [string, (w: Way) => ReactNode, boolean?, why?: string];

const figure = (text: string | undefined): number => Number(text ?? 0);

/**
 * All kinds of part side by side, the difference first: what each disturbs as a drawing, work, money and risk as bars;
 * what follows from it is behind them.
 */
export function Ways({ phone, ways, currency, chosen, busy, choose }: Props) {
    const money = (text: string | undefined): string =>
        text === undefined ? say('page.not-known') : amount(text, currency);
    const inside = ways.some((w) => w.money?.inside != null);
    const most = {
        hands: Math.max(...ways.map((w) => w.guess?.longest ?? w.handsOn)),
        price: Math.max(...ways.map((w) => figure(w.money?.gross))),
        margin: Math.max(...ways.map((w) => figure(w.money?.inside?.margin))),
        risk: Math.max(...ways.map((w) => w.risk)),
    };
    const first: RowOf[] = [
        [say('page.ways.disturbs'), (w) => <WayDrawing phone={phone} way={w} />],
        [
            say('page.ways.hands-on'),
            (w) => (
                <FigureBar
                    text={hands(w)}
                    value={w.handsOn}
                    most={most.hands}
                    {...(w.guess ? { low: w.guess.least, high: w.guess.longest } : {})}
                />
            ),
            false,
            say('why.hands-of-way'),
        ],
        [
            say('page.ways.price'),
            (w) => <FigureBar text={money(w.money?.gross)} value={figure(w.money?.gross)} most={most.price} />,
            false,
            say('why.price'),
        ],
        ...(inside
            ? [
                  [
                      say('page.ways.margin'),
                      (w) => (
                          <FigureBar
                              text={money(w.money?.inside?.margin)}
                              value={figure(w.money?.inside?.margin)}
                              most={most.margin}
                          />
                      ),
                      false,
                      say('why.margin'),
                  ] satisfies RowOf,
              ]
            : []),
        [
            say('page.ways.something-is-ruined'),
            (w) => (
                <>
                    <FigureBar text={`${w.risk} %`} value={w.risk} most={most.risk} />
                    <Risks way={w} />
                </>
            ),
            false,
            say('why.risk'),
        ],
        [say('page.ways.on-the-shelf'), (w) => (w.item ? `${w.item.label} ${w.item.name}` : say('page.ways.none'))],
    ];
    const cost: RowOf = [say('page.ways.expected-cost'), (w) => money(w.money?.inside?.expected), true];
    const behind: RowOf[] = [
        [say('page.what-follows'), (w) => <Follows way={w} />],
        ...(ways.some((w) => w.differs.length > 0)
            ? [
                  [
                      say('page.ways.beside-the', {
                          some: ways.some((w) => w.recommended) ? 'recommended' : 'first',
                      }),
                      (w) => <Differs way={w} />,
                  ] satisfies RowOf,
              ]
            : []),
        ...(inside ? [cost] : []),
        [say('page.ways.waiting'), (w) => minutes(w.waiting), true],
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
    ];
    const [open, setOpen] = useState(false);
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
                    <TableCell component="td" sx={{ width: 138 }} />
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
                {first.map((row) => (
                    <Compared key={row[0]} row={row} ways={ways} />
                ))}
                <TableRow>
                    <TableCell colSpan={ways.length + 1} sx={{ p: 0 }}>
                        <Button fullWidth color="inherit" aria-expanded={open} onClick={() => setOpen(!open)}>
                            {say(open ? 'page.ways.less' : 'page.ways.more')}
                        </Button>
                    </TableCell>
                </TableRow>
                {open && behind.map((row) => <Compared key={row[0]} row={row} ways={ways} />)}
            </TableBody>
        </WideTable>
    );
}

function Compared({ row: [name, cell, figures, why], ways }: { row: RowOf; ways: Way[] }) {
    return (
        <TableRow>
            <TableCell component="th" scope="row" sx={{ color: 'text.secondary' }}>
                {name}
                {why !== undefined && <Why of={name}>{why}</Why>}
            </TableCell>
            {ways.map((w) => (
                <TableCell key={w.kind} sx={figures ? { fontFamily: mono, fontVariantNumeric: 'tabular-nums' } : {}}>
                    {cell(w)}
                </TableCell>
            ))}
        </TableRow>
    );
}

function Differs({ way }: { way: Way }) {
    return (
        <Box component="ul" sx={{ m: 0, pl: 2 }}>
            {way.differs.map((d) => (
                <li key={d.code}>{sayReason(d)}</li>
            ))}
        </Box>
    );
}

function Risks({ way }: { way: Way }) {
    return (
        <>
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
