import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useState, type SyntheticEvent } from 'react';
import { api, take, type Schemas } from '../../api/client';
import { queries } from '../../api/queries';
import { queryClient } from '../../api/queryClient';
import { newId } from '../../bench/ids';
import { Refusal } from '../../shell/Refusal';
import { say } from '../../words/words';
import { WideTable } from '../../shell/WideTable';

const EMPTY = { name: '', make: '', width: '', thickness: '', gives: '20', left: '' };
type Typed = typeof EMPTY;

const changed = () =>
    Promise.all([
        queryClient.invalidateQueries({ queryKey: ['rolls'] }),
        queryClient.invalidateQueries({ queryKey: ['seal'] }),
    ]);

/** The shop's rolls of tape: what is left on each, a new one put on the shelf, an empty one taken off. */
export function Rolls() {
    const me = useQuery(queries.me()).data;
    const rolls = useQuery(queries.rolls()).data?.data ?? [];
    const [typed, setTyped] = useState<Typed>(EMPTY);
    const keep = useMutation({
        mutationFn: (roll: Schemas['RollToKeep']) =>
            take(api.PUT('/api/rolls/{roll}', { params: { path: { roll: newId() } }, body: roll })),
        onSuccess: async () => {
            setTyped(EMPTY);
            await changed();
        },
    });
    const drop = useMutation({
        mutationFn: (roll: string) => api.DELETE('/api/rolls/{roll}', { params: { path: { roll } } }),
        onSuccess: changed,
    });
    const figure = (text: string) => Number(text.trim().replace(',', '.'));
    const submit = (event: SyntheticEvent) => {
        event.preventDefault();
        keep.mutate({
            name: typed.name.trim(),
            make: typed.make.trim(),
            width: figure(typed.width),
            thickness: figure(typed.thickness),
            gives: figure(typed.gives) / 100,
            left: figure(typed.left) * 1000,
        });
    };
    const mayKeep = me !== undefined && me.role !== 'front-desk';
    const field = (key: keyof Typed, label: string) => (
        <TextField
            size="small"
            label={label}
            value={typed[key]}
            onChange={(e) => setTyped((t) => ({ ...t, [key]: e.target.value }))}
            slotProps={{ htmlInput: key === 'name' || key === 'make' ? {} : { inputMode: 'decimal' } }}
        />
    );
    return (
        <Box component="section" aria-labelledby="rolls" sx={{ display: 'grid', gap: 1.5 }}>
            <Typography id="rolls" component="h2" variant="h2">
                {say('page.rolls.rolls-of-tape')}
            </Typography>
            {rolls.length === 0 && <Typography>{say('page.rolls.none-kept')}</Typography>}
            {rolls.length > 0 && (
                <WideTable name={say('page.rolls.rolls-of-tape')}>
                    <TableHead>
                        <TableRow>
                            <TableCell>{say('page.name')}</TableCell>
                            <TableCell>{say('page.rolls.make')}</TableCell>
                            <TableCell align="right">{say('page.rolls.width-mm')}</TableCell>
                            <TableCell align="right">{say('page.rolls.thickness-mm')}</TableCell>
                            <TableCell align="right">{say('page.rolls.gives')}</TableCell>
                            <TableCell align="right">{say('page.rolls.left-m')}</TableCell>
                            <TableCell component="td" />
                        </TableRow>
                    </TableHead>
                    <TableBody>
                        {rolls.map((r) => (
                            <TableRow key={r.id}>
                                <TableCell>{r.name}</TableCell>
                                <TableCell>{r.make === '' ? '–' : r.make}</TableCell>
                                <TableCell align="right">{r.width}</TableCell>
                                <TableCell align="right">{r.thickness}</TableCell>
                                <TableCell align="right">{Math.round(100 * r.gives)} %</TableCell>
                                <TableCell align="right">{(r.left / 1000).toFixed(2)}</TableCell>
                                <TableCell align="right">
                                    {mayKeep && (
                                        <Button size="small" color="inherit" onClick={() => drop.mutate(r.id)}>
                                            {say('page.rolls.take-off', { name: r.name })}
                                        </Button>
                                    )}
                                </TableCell>
                            </TableRow>
                        ))}
                    </TableBody>
                </WideTable>
            )}
            {mayKeep && (
                <Box component="form" onSubmit={submit} sx={{ display: 'flex', gap: 1.25, flexWrap: 'wrap' }}>
                    {field('name', say('page.name'))}
                    {field('make', say('page.rolls.make'))}
                    {field('width', say('page.rolls.width-mm'))}
                    {field('thickness', say('page.rolls.thickness-mm'))}
                    {field('gives', say('page.rolls.gives-percent'))}
                    {field('left', say('page.rolls.left-m'))}
                    <Button type="submit" variant="outlined" disabled={keep.isPending || typed.name.trim() === ''}>
                        {say('page.rolls.put-on-the-shelf')}
                    </Button>
                </Box>
            )}
            {keep.error && <Refusal error={keep.error} />}
        </Box>
    );
}
