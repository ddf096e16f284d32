import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMutation } from '@tanstack/react-query';
import { useState, type SyntheticEvent } from 'react';
import { api, take, type Schemas } from '../../api/client';
import { newId } from '../../bench/ids';
import { Note } from '../../shell/Note';
import { Refusal } from '../../shell/Refusal';
import { Figure } from '../../shell/Figure';
import { mono } from '../../theme/tokens';
import { say } from '../../words/words';

type CountState = Schemas['Count'];

/** Counting with a scanner, which types a label and Enter, or by hand. */
export function Count() {
    const [count, setCount] = useState<CountState | null>(null);
    const [label, setLabel] = useState('');
    const start = useMutation({
        mutationFn: () => take(api.POST('/api/shelf/counts', { body: { id: newId() } })),
        onSuccess: setCount,
    });
    const add = useMutation({
        mutationFn: (text: string) =>
            take(
                api.POST('/api/shelf/counts/{count}/items', {
                    params: { path: { count: count?.id ?? '' } },
                    body: { label: text },
                }),
            ),
        onSuccess: setCount,
    });
    const close = useMutation({
        mutationFn: () =>
            take(api.POST('/api/shelf/counts/{count}/close', { params: { path: { count: count?.id ?? '' } } })),
        onSuccess: setCount,
    });
    const submit = (event: SyntheticEvent) => {
        event.preventDefault();
        if (label.trim() !== '') {
            add.mutate(label);
            setLabel('');
        }
    };
    return (
        <Box sx={{ display: 'grid', gap: 2, maxWidth: 900 }}>
            <Typography component="h1" variant="h1">
                {say('page.count.count-the-shelf')}
            </Typography>
            {(count === null || count.closed) && (
                <Box sx={{ display: 'flex', gap: 2, alignItems: 'center' }}>
                    <Button
                        variant="contained"
                        onClick={() => start.mutate()}
                        disabled={start.isPending}
                        sx={{ minHeight: 56 }}
                    >
                        {count === null ? say('page.count.begin-a-count') : say('page.count.begin-another')}
                    </Button>
                    {count === null && (
                        <Typography color="textSecondary">{say('page.count.scan-each-label-or-type-it')}</Typography>
                    )}
                </Box>
            )}
            {count && !count.closed && (
                <Box component="form" onSubmit={submit} sx={{ display: 'flex', gap: 1 }}>
                    <TextField
                        label={say('page.count.label-scanned-or-typed')}
                        value={label}
                        onChange={(e) => setLabel(e.target.value)}
                        autoFocus
                        fullWidth
                        autoComplete="off"
                    />
                    <Button type="submit" variant="contained" sx={{ flex: 'none', minHeight: 56 }}>
                        {say('page.count.counted')}
                    </Button>
                    <Button
                        variant="outlined"
                        onClick={() => close.mutate()}
                        disabled={close.isPending}
                        sx={{ flex: 'none', minHeight: 56 }}
                    >
                        {say('page.count.end-the-count')}
                    </Button>
                </Box>
            )}
            <Refusal error={add.error ?? close.error ?? start.error} />
            {count?.last && !count.closed && (
                <Note tone={count.last.item ? 'done' : 'care'} role="status">
                    {count.last.item
                        ? say('page.count.belongs-at', {
                              label: count.last.label,
                              name: count.last.item.name,
                              place: count.last.item.place,
                          })
                        : say('page.count.is-not-in-the-books', { label: count.last.label })}
                </Note>
            )}
            {count && (
                <>
                    <Box sx={{ display: 'flex', gap: 4 }}>
                        <Figure name={say('page.count.counted-2')} value={String(count.counted)} />
                        <Figure
                            name={count.closed ? 'missing' : say('page.count.still-to-find')}
                            value={String(count.missing)}
                        />
                        <Figure name={say('page.count.not-in-the-books')} value={String(count.strange.length)} />
                    </Box>
                    {count.strange.length > 0 && (
                        <Typography>
                            {say('page.count.not-in-the-books-2', { strange: count.strange.join(', ') })}
                        </Typography>
                    )}
                    <Box
                        component="ul"
                        aria-label={count.closed ? say('page.count.missing') : say('page.count.still-to-find-2')}
                        sx={{ m: 0, p: 0, listStyle: 'none' }}
                    >
                        {count.missingItems.map((i) => (
                            <Box
                                component="li"
                                key={i.id}
                                sx={{ display: 'flex', gap: 2, py: 0.5, borderBottom: 1, borderColor: 'divider' }}
                            >
                                <Box sx={{ fontFamily: mono, width: 90 }}>{i.label}</Box>
                                <Box sx={{ flex: 1 }}>{i.name}</Box>
                                <Box>{i.place}</Box>
                            </Box>
                        ))}
                    </Box>
                </>
            )}
        </Box>
    );
}
