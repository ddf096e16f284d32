import Box from '@mui/material/Box';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Typography from '@mui/material/Typography';
import type { Schemas } from '../../api/client';
import { WideTable } from '../../shell/WideTable';
import { say } from '../../words/words';

interface Props {
    rows: Schemas['Proof']['gates'][number]['rows'];
}

/** What worked at check-in beside what works now. */
export function TestsBeforeAndAfter({ rows }: Props) {
    const name = say('page.hand-over.tests-before-and-after');
    return (
        <Box component="section" aria-label={name}>
            <Typography component="h2" variant="h2">
                {name}
            </Typography>
            <WideTable name={name}>
                <TableHead>
                    <TableRow>
                        <TableCell>{say('page.hand-over.function')}</TableCell>
                        <TableCell>{say('page.hand-over.at-check-in')}</TableCell>
                        <TableCell>{say('page.hand-over.finished')}</TableCell>
                        <TableCell component="td" />
                    </TableRow>
                </TableHead>
                <TableBody>
                    {rows.map((r) => (
                        <TableRow key={r.function}>
                            <TableCell>{say(`function.${r.function}`)}</TableCell>
                            <TableCell>{say(`state.${r.before}`)}</TableCell>
                            <TableCell>
                                {r.after === null ? say('page.hand-over.not-tested') : say(`outcome.${r.after}`)}
                            </TableCell>
                            <TableCell
                                sx={(t) =>
                                    r.change === 'new-fault' ? { color: t.palette.role.stop, fontWeight: 700 } : {}
                                }
                            >
                                {say(`change.${r.change}`)}
                            </TableCell>
                        </TableRow>
                    ))}
                </TableBody>
            </WideTable>
        </Box>
    );
}
