import Box from '@mui/material/Box';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { queries } from '../api/queries';
import { mono } from '../theme/tokens';
import { say } from '../words/words';

export function Shelf() {
    const { data } = useQuery(queries.shelf());
    return (
        <Box component="main" sx={{ p: 3, maxWidth: 1280, width: '100%', mx: 'auto' }}>
            <Typography component="h1" variant="h1" sx={{ mb: 2 }}>
                Shelf
            </Typography>
            <Table size="small" sx={{ bgcolor: 'background.paper' }}>
                <TableHead>
                    <TableRow>
                        {['Label', 'Part', 'Kind', 'Codes', 'Colour', 'Supplier, batch', 'Place', 'For'].map((h) => (
                            <TableCell key={h} sx={{ fontWeight: 700 }}>
                                {h}
                            </TableCell>
                        ))}
                    </TableRow>
                </TableHead>
                <TableBody>
                    {(data?.data ?? []).map((i) => (
                        <TableRow key={i.id} sx={{ height: 48 }}>
                            <TableCell sx={{ fontFamily: mono, fontWeight: 700 }}>{i.label}</TableCell>
                            <TableCell>{i.name}</TableCell>
                            <TableCell>{say(`kind.${i.kind}`)}</TableCell>
                            <TableCell sx={{ fontFamily: mono }}>{i.modelCodes.join(' ')}</TableCell>
                            <TableCell>{i.colour ?? 'not known'}</TableCell>
                            <TableCell>
                                {i.supplier}, {i.batch}
                            </TableCell>
                            <TableCell>{i.place}</TableCell>
                            <TableCell sx={{ fontFamily: mono }}>{i.taken ?? ''}</TableCell>
                        </TableRow>
                    ))}
                </TableBody>
            </Table>
        </Box>
    );
}
