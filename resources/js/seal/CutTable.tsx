import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import { useQuery } from '@tanstack/react-query';
import { queries } from '../api/queries';
import type { Offer } from './laying';
import { Note } from '../shell/Note';
import { say } from '../words/words';
import { WideTable } from '../shell/WideTable';

/** Equal lengths are told once: `2 × 143.2 + 21.4`. */
function mm(lengths: readonly number[]): string {
    const texts = lengths.map((l) => l.toFixed(1));
    return [...new Set(texts)]
        .map((text) => [texts.filter((t) => t === text).length, text] as const)
        .map(([count, text]) => (count > 1 ? `${count} × ${text}` : text))
        .join(' + ');
}

/** What is cut from which roll, and what the rolls lack. */
export function CutTable({ cut }: { cut: NonNullable<Offer['cut']> }) {
    const rolls = useQuery(queries.rolls()).data?.data ?? [];
    return (
        <>
            <WideTable name={say('page.cut-table.cut-list')}>
                <TableHead>
                    <TableRow>
                        <TableCell>{say('page.cut-table.roll')}</TableCell>
                        <TableCell>{say('page.cut-table.lengths')}</TableCell>
                        <TableCell align="right">{say('page.cut-table.left')}</TableCell>
                    </TableRow>
                </TableHead>
                <TableBody>
                    {cut.rolls.map((r) => (
                        <TableRow key={r.roll}>
                            <TableCell>
                                {rolls.find((k) => k.id === r.roll)?.name ??
                                    say('page.cut-table.usual', { width: r.width })}
                            </TableCell>
                            <TableCell>{mm(r.lengths)}</TableCell>
                            <TableCell align="right">
                                {say('page.cut-table.m', { m: (r.left / 1000).toFixed(2) })}
                            </TableCell>
                        </TableRow>
                    ))}
                </TableBody>
            </WideTable>
            {cut.missing.map((m) => (
                <Note key={m.width} tone="care">
                    {say('page.cut-table.missing', { width: m.width, lengths: mm(m.lengths) })}
                </Note>
            ))}
            {cut.waste > 0 && <span>{say('page.cut-table.waste', { mm: cut.waste.toFixed(0) })}</span>}
        </>
    );
}
