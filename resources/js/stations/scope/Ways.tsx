import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import { useState } from 'react';
import type { PhoneFile, Schemas } from '../../api/client';
import { mono } from '../../theme/tokens';
import { say } from '../../words/words';
import { Ticked } from '../../shell/Ticked';
import { Why } from '../../shell/Why';
import { WideTable } from '../../shell/WideTable';
import { rowsOf, type RowOf } from './wayRows';

type Way = Schemas['Way'];

interface Props {
    phone: PhoneFile;
    ways: Way[];
    currency: string;
    chosen: string | null;
    busy: boolean;
    choose: (kind: Way['kind']) => void;
}

/**
 * All kinds of part side by side, the difference first: what each disturbs as a drawing, work, money and risk as bars;
 * what follows from it is behind them.
 */
export function Ways({ phone, ways, currency, chosen, busy, choose }: Props) {
    const { first, behind } = rowsOf(phone, ways, currency);
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
