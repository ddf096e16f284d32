import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import type { ReactNode } from 'react';
import { say } from '../../words/words';
import { download } from './csv';
import { WideTable } from '../../shell/WideTable';

type Value = string | number | null;

interface Props {
    /** As the file is called that the table goes into. */
    name: string;
    heads: string[];
    /** Over what stands behind each row; the jobs if nothing else is said. */
    moreHead?: string;
    rows: { key: string; values: Value[]; shown?: (string | null)[]; more?: ReactNode }[];
}

/** Links lead nowhere on paper. */
const ON_SCREEN = { '@media print': { display: 'none' } };

/** A table that stands beside its picture: every figure in it can be read, copied, and taken along as a file. */
export function RecordTable({ name, heads, rows, moreHead = say('page.record.behind-it') }: Props) {
    const more = rows.some((r) => r.more !== undefined);
    return (
        <Box>
            <WideTable name={name}>
                <TableHead>
                    <TableRow>
                        {heads.map((h, i) => (
                            <TableCell key={h} align={i === 0 ? 'left' : 'right'} sx={{ fontWeight: 700 }}>
                                {h}
                            </TableCell>
                        ))}
                        {more && <TableCell sx={{ fontWeight: 700, ...ON_SCREEN }}>{moreHead}</TableCell>}
                    </TableRow>
                </TableHead>
                <TableBody>
                    {rows.map((row) => (
                        <TableRow key={row.key}>
                            {row.values.map((v, i) => (
                                <TableCell
                                    key={heads[i]}
                                    component={i === 0 ? 'th' : 'td'}
                                    align={i === 0 ? 'left' : 'right'}
                                    {...(i === 0 ? { scope: 'row' } : {})}
                                    sx={{ fontVariantNumeric: 'tabular-nums', fontSize: '1rem' }}
                                >
                                    {row.shown?.[i] ?? v ?? '–'}
                                </TableCell>
                            ))}
                            {more && <TableCell sx={{ whiteSpace: 'nowrap', ...ON_SCREEN }}>{row.more}</TableCell>}
                        </TableRow>
                    ))}
                </TableBody>
            </WideTable>
            <Button
                onClick={() => download(name, [heads, ...rows.map((r) => r.values)])}
                sx={{ mt: 1, '@media print': { display: 'none' } }}
            >
                {say('page.record.as-csv')}
            </Button>
        </Box>
    );
}
