import Box from '@mui/material/Box';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { queries } from '../../api/queries';
import { say } from '../../words/words';
import { LineRow } from './LineRow';
import { emptyLine, keyOf, type Line } from './lines';
import { Supplies } from './Supplies';
import { WhichPhone } from './WhichPhone';
import { WideTable } from '../../shell/WideTable';

/** What to order for the shelf, from what the jobs of the last weeks took; and what is not counted by labels. */
export function ToOrder() {
    const me = useQuery(queries.me()).data;
    const { data } = useQuery(queries.reorder());
    const [added, setAdded] = useState<Line | null>(null);
    const mayKeep = me !== undefined && me.role !== 'front-desk';
    const lines = data?.data ?? [];
    const known = added !== null && lines.some((l) => keyOf(l) === keyOf(added));
    return (
        <Box sx={{ display: 'grid', gap: 3 }}>
            <Box component="section" aria-labelledby="to-order" sx={{ display: 'grid', gap: 1.5 }}>
                <Typography id="to-order" component="h1" variant="h1">
                    {say('page.reorder.to-order')}
                </Typography>
                {data && (
                    <Typography color="textSecondary">
                        {say(data.weeks > 1 ? 'page.reorder.from-use' : 'page.reorder.from-one-week', {
                            weeks: Math.round(data.weeks),
                            sure: Math.round(100 * data.sure),
                            lasts: data.lasts,
                        })}
                    </Typography>
                )}
                <WideTable name={say('page.reorder.to-order')}>
                    <TableHead>
                        <TableRow>
                            <TableCell>{say('page.reorder.what')}</TableCell>
                            <TableCell align="right">{say('page.reorder.order-now')}</TableCell>
                            <TableCell align="right">{say('page.reorder.there')}</TableCell>
                            <TableCell align="right">{say('page.reorder.used')}</TableCell>
                            <TableCell align="right">{say('page.reorder.at-or-below')}</TableCell>
                            <TableCell align="right">{say('page.reorder.comes-after')}</TableCell>
                            <TableCell component="td" />
                        </TableRow>
                    </TableHead>
                    <TableBody>
                        {added && !known && <LineRow line={added} mayKeep open />}
                        {lines.map((l) => (
                            <LineRow key={keyOf(l)} line={l} mayKeep={mayKeep} />
                        ))}
                    </TableBody>
                </WideTable>
                {mayKeep && (
                    <Box sx={{ display: 'grid', gap: 1 }}>
                        <Typography component="h2" variant="h2">
                            {say('page.reorder.keep-another')}
                        </Typography>
                        <WhichPhone chosen={(phone, part) => setAdded(emptyLine(phone, part.kind))} />
                    </Box>
                )}
            </Box>
            <Supplies mayKeep={mayKeep} />
        </Box>
    );
}
