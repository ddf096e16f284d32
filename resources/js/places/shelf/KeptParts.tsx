import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Typography from '@mui/material/Typography';
import { useMutation, useQuery } from '@tanstack/react-query';
import { api, take } from '../../api/client';
import { queries } from '../../api/queries';
import { queryClient } from '../../api/queryClient';
import { Empty } from '../../shell/Empty';
import { Refusal } from '../../shell/Refusal';
import { say } from '../../words/words';
import { WideTable } from '../../shell/WideTable';

/** Frames and panels that stayed in the shop, for parts. */
export function KeptParts() {
    const kept = useQuery(queries.oldParts());
    const use = useMutation({
        mutationFn: (part: number) => take(api.PUT('/api/old-parts/{part}/used', { params: { path: { part } } })),
        onSuccess: () => queryClient.invalidateQueries({ queryKey: queries.oldParts().queryKey }),
    });
    const rows = kept.data?.data ?? [];
    return (
        <Box sx={{ display: 'grid', gap: 2 }}>
            <Typography component="h1" variant="h1">
                {say('page.kept-parts.title')}
            </Typography>
            <Refusal error={use.error} />
            {kept.isSuccess && rows.length === 0 && <Empty>{say('page.kept-parts.none')}</Empty>}
            {rows.length > 0 && (
                <WideTable name={say('page.kept-parts.title')}>
                    <TableHead>
                        <TableRow>
                            {['label', 'what', 'phone', 'for', 'place', 'do'].map((h) => (
                                <TableCell key={h}>{h === 'do' ? '' : say(`kept-part.${h}`)}</TableCell>
                            ))}
                        </TableRow>
                    </TableHead>
                    <TableBody>
                        {rows.map((r) => (
                            <TableRow key={r.id}>
                                <TableCell>
                                    <b>{r.label}</b>
                                </TableCell>
                                <TableCell>{r.name}</TableCell>
                                <TableCell>
                                    {r.phone} {r.modelCode} · {r.tag}
                                </TableCell>
                                <TableCell>{say(`stream.${r.goes}`)}</TableCell>
                                <TableCell>{r.place}</TableCell>
                                <TableCell align="right" sx={{ whiteSpace: 'nowrap' }}>
                                    <Button
                                        component="a"
                                        href={`/api/old-parts/${r.id}/label.pdf`}
                                        target="_blank"
                                        rel="noreferrer"
                                    >
                                        {say('page.kept-parts.label')}
                                    </Button>
                                    <Button onClick={() => use.mutate(r.id)} disabled={use.isPending}>
                                        {say('page.kept-parts.used')}
                                    </Button>
                                </TableCell>
                            </TableRow>
                        ))}
                    </TableBody>
                </WideTable>
            )}
        </Box>
    );
}
