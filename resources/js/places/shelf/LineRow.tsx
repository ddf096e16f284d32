import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TableCell from '@mui/material/TableCell';
import TableRow from '@mui/material/TableRow';
import TextField from '@mui/material/TextField';
import { useMutation } from '@tanstack/react-query';
import { useState, type SyntheticEvent } from 'react';
import { api, take } from '../../api/client';
import { queries } from '../../api/queries';
import { queryClient } from '../../api/queryClient';
import { Refusal } from '../../shell/Refusal';
import { say } from '../../words/words';
import { amountOf, nameOf, usedOf, type Line } from './lines';

const COLUMNS = 7;

/** One thing that the shop keeps, and its level. */
export function LineRow({ line, mayKeep, open = false }: { line: Line; mayKeep: boolean; open?: boolean }) {
    const [shown, setShown] = useState(open);
    const name = nameOf(line);
    const bold = line.order > 0 ? { fontWeight: 700 } : {};
    return (
        <>
            <TableRow sx={{ height: 48 }}>
                <TableCell component="th" scope="row" sx={bold}>
                    {name}
                </TableCell>
                <TableCell align="right" sx={{ ...bold, fontSize: line.order > 0 ? 18 : undefined }}>
                    {line.order > 0 ? amountOf(line, line.order) : say('page.reorder.enough')}
                </TableCell>
                <TableCell align="right">{amountOf(line, line.have)}</TableCell>
                <TableCell align="right">{usedOf(line)}</TableCell>
                <TableCell align="right">
                    {amountOf(line, line.level)}{' '}
                    <Source text={say(line.set === null ? 'page.reorder.from-the-record' : 'page.reorder.set-here')} />
                </TableCell>
                <TableCell align="right">
                    {say('page.reorder.days', { days: line.leadDays })} <Source text={say(`lead.${line.leadFrom}`)} />
                </TableCell>
                <TableCell align="right">
                    {mayKeep && (
                        <Button
                            size="small"
                            aria-expanded={shown}
                            aria-label={say('page.reorder.level-of', { name })}
                            onClick={() => setShown(!shown)}
                        >
                            {say('page.reorder.level')}
                        </Button>
                    )}
                </TableCell>
            </TableRow>
            {shown && (
                <TableRow>
                    <TableCell colSpan={COLUMNS}>
                        <Level line={line} done={() => setShown(false)} />
                    </TableCell>
                </TableRow>
            )}
        </>
    );
}

function Source({ text }: { text: string }) {
    return (
        <Box component="span" sx={{ color: 'text.secondary', whiteSpace: 'nowrap' }}>
            {text}
        </Box>
    );
}

const figure = (text: string): number | null => (text.trim() === '' ? null : Number(text.trim().replace(',', '.')));

/** Left empty, a field follows the record or the supplier again. */
function Level({ line, done }: { line: Line; done: () => void }) {
    const [level, setLevel] = useState(line.set === null ? '' : String(line.set));
    const [days, setDays] = useState(line.leadFrom === 'set' ? String(line.leadDays) : '');
    const keep = useMutation({
        mutationFn: () =>
            take(
                api.PUT('/api/reorder/level', {
                    body: {
                        of: line.of,
                        version: line.version,
                        ...(line.phone !== null && line.kind !== null ? { phone: line.phone, kind: line.kind } : {}),
                        ...(line.width !== null ? { width: line.width } : {}),
                        level: figure(level),
                        leadDays: figure(days),
                    },
                }),
            ),
        onSuccess: (all) => {
            queryClient.setQueryData(queries.reorder().queryKey, all);
            done();
        },
        onError: () => void queryClient.invalidateQueries({ queryKey: queries.reorder().queryKey }),
    });
    const submit = (event: SyntheticEvent) => {
        event.preventDefault();
        keep.mutate();
    };
    return (
        <Box component="form" onSubmit={submit} sx={{ display: 'flex', gap: 1.5, alignItems: 'center', py: 1 }}>
            <TextField
                size="small"
                autoFocus
                label={say('page.reorder.order-at-or-below')}
                value={level}
                onChange={(e) => setLevel(e.target.value)}
                slotProps={{ htmlInput: { inputMode: 'decimal' } }}
            />
            <TextField
                size="small"
                label={say('page.reorder.comes-after-days')}
                value={days}
                onChange={(e) => setDays(e.target.value)}
                slotProps={{ htmlInput: { inputMode: 'numeric' } }}
            />
            <Button type="submit" variant="outlined" disabled={keep.isPending}>
                {say('page.reorder.keep')}
            </Button>
            <Box sx={{ color: 'text.secondary' }}>{say('page.reorder.empty-follows')}</Box>
            {keep.error && <Refusal error={keep.error} />}
        </Box>
    );
}
