import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useState, type SyntheticEvent } from 'react';
import { api, take, type Schemas } from '../../api/client';
import { queries } from '../../api/queries';
import { queryClient } from '../../api/queryClient';
import { SUPPLY_KINDS, type SupplyKind } from '../../api/sets';
import { newId } from '../../bench/ids';
import { Refusal } from '../../shell/Refusal';
import { say } from '../../words/words';
import { amountOf } from './lines';

type Supply = Schemas['Supply'];

const figure = (text: string): number => Number(text.trim().replace(',', '.'));
const changed = async (): Promise<void> => {
    for (const key of ['supplies', 'reorder']) {
        await queryClient.invalidateQueries({ queryKey: [key] });
    }
};

/** Glue, blades and picks: the bench books them out by the step, so that they are counted at times. */
export function Supplies({ mayKeep }: { mayKeep: boolean }) {
    const supplies = useQuery(queries.supplies()).data?.data ?? [];
    return (
        <Box component="section" aria-labelledby="supplies" sx={{ display: 'grid', gap: 1.5 }}>
            <Typography id="supplies" component="h2" variant="h2">
                {say('page.reorder.supplies')}
            </Typography>
            <Typography color="textSecondary">{say('page.reorder.booked-by-the-step')}</Typography>
            {supplies.map((s) => (
                <Counted key={`${s.id} ${s.left}`} supply={s} mayKeep={mayKeep} />
            ))}
            {mayKeep && <Another />}
        </Box>
    );
}

function Counted({ supply, mayKeep }: { supply: Supply; mayKeep: boolean }) {
    const [left, setLeft] = useState('');
    const count = useMutation({
        mutationFn: () =>
            take(
                api.PUT('/api/supplies/{supply}/count', {
                    params: { path: { supply: supply.id } },
                    body: { left: figure(left), shown: supply.left },
                }),
            ),
        onSettled: changed,
    });
    const drop = useMutation({
        mutationFn: () => api.DELETE('/api/supplies/{supply}', { params: { path: { supply: supply.id } } }),
        onSuccess: changed,
    });
    const submit = (event: SyntheticEvent) => {
        event.preventDefault();
        count.mutate();
    };
    return (
        <Box
            component="form"
            aria-label={supply.name}
            onSubmit={submit}
            sx={{
                display: 'flex',
                gap: 1.5,
                alignItems: 'center',
                flexWrap: 'wrap',
                bgcolor: 'background.paper',
                p: 1,
            }}
        >
            <Box sx={{ flex: 1, minWidth: 220 }}>
                <b>{supply.name}</b>
                <Box component="span" sx={{ color: 'text.secondary' }}>
                    {' '}
                    {say(`stocked.${supply.kind}`)}
                    {supply.make !== '' && `, ${supply.make}`}
                </Box>
            </Box>
            <span>{say('page.reorder.about', { amount: amountOf({ of: supply.kind }, supply.left) })}</span>
            {mayKeep && (
                <>
                    <TextField
                        size="small"
                        label={say('page.reorder.counted')}
                        value={left}
                        onChange={(e) => setLeft(e.target.value)}
                        slotProps={{ htmlInput: { inputMode: 'decimal' } }}
                        sx={{ width: 130 }}
                    />
                    <Button type="submit" variant="outlined" disabled={left.trim() === '' || count.isPending}>
                        {say('page.reorder.keep-count')}
                    </Button>
                    <Button
                        color="inherit"
                        onClick={() => drop.mutate()}
                        aria-label={say('page.reorder.empty-of', supply)}
                    >
                        {say('page.reorder.empty')}
                    </Button>
                </>
            )}
            {count.error && <Refusal error={count.error} />}
        </Box>
    );
}

function Another() {
    const [kind, setKind] = useState<SupplyKind>('glue');
    const [name, setName] = useState('');
    const [make, setMake] = useState('');
    const [left, setLeft] = useState('');
    const keep = useMutation({
        mutationFn: () =>
            take(
                api.PUT('/api/supplies/{supply}', {
                    params: { path: { supply: newId() } },
                    body: { kind, name: name.trim(), make: kind === 'glue' ? make.trim() : '', left: figure(left) },
                }),
            ),
        onSuccess: async () => {
            setName('');
            setMake('');
            setLeft('');
            await changed();
        },
    });
    const submit = (event: SyntheticEvent) => {
        event.preventDefault();
        keep.mutate();
    };
    return (
        <Box component="form" onSubmit={submit} sx={{ display: 'flex', gap: 1.25, flexWrap: 'wrap' }}>
            <TextField
                select
                size="small"
                label={say('page.reorder.what')}
                value={kind}
                onChange={(e) => setKind(e.target.value as SupplyKind)}
                sx={{ width: 190 }}
            >
                {SUPPLY_KINDS.map((k) => (
                    <MenuItem key={k} value={k}>
                        {say(`stocked.${k}`)}
                    </MenuItem>
                ))}
            </TextField>
            <TextField size="small" label={say('page.name')} value={name} onChange={(e) => setName(e.target.value)} />
            {kind === 'glue' && (
                <TextField
                    size="small"
                    label={say('page.rolls.make')}
                    value={make}
                    onChange={(e) => setMake(e.target.value)}
                />
            )}
            <TextField
                size="small"
                label={say(kind === 'glue' ? 'page.reorder.amount-ml' : 'page.reorder.pieces')}
                value={left}
                onChange={(e) => setLeft(e.target.value)}
                slotProps={{ htmlInput: { inputMode: 'decimal' } }}
            />
            <Button
                type="submit"
                variant="outlined"
                disabled={keep.isPending || name.trim() === '' || left.trim() === ''}
            >
                {say('page.rolls.put-on-the-shelf')}
            </Button>
            {keep.error && <Refusal error={keep.error} />}
        </Box>
    );
}
