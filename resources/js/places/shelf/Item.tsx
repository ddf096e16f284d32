import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useState, type SyntheticEvent } from 'react';
import { useNavigate, useParams } from 'react-router';
import { api, take, type Schemas } from '../../api/client';
import { REPLACEMENT_KINDS, STATES_BY_HAND, TECHNOLOGIES } from '../../api/sets';
import { queries } from '../../api/queries';
import { queryClient } from '../../api/queryClient';
import { Note } from '../../shell/Note';
import { Refusal } from '../../shell/Refusal';
import { ago, say } from '../../words/words';
import { fieldsOf, knownText, textOf, type Text } from './fields';
import { SmallParts } from './SmallParts';
import { WhichPhone } from './WhichPhone';

type Item = Schemas['ShelfItem'];

const FLAGS = {
    stylusLayer: say('page.item.stylus-layer'),
    readerThrough: say('page.item.reader-sees-through'),
    memory: say('page.item.memory-in-it'),
    chipPlace: say('page.item.place-for-the-old-chip'),
    pulled: say('page.item.out-of-another-phone'),
} as const;

/** One part: what its label opens. */
export function ItemPage() {
    const label = useParams()['label'] ?? '';
    const fresh = label === 'new';
    const item = useQuery({ ...queries.item(label), enabled: !fresh });
    if (!fresh && item.isError) {
        return <Note tone="stop">{say('page.item.there-is-no-part-with-the', { label })}</Note>;
    }
    if (!fresh && !item.data) {
        return null;
    }
    return <ItemForm key={item.data?.version ?? 0} item={item.data ?? null} />;
}

function ItemForm({ item }: { item: Item | null }) {
    const [text, setText] = useState<Text>(() => textOf(item));
    const navigate = useNavigate();
    const save = useMutation({
        mutationFn: () => {
            const body = fieldsOf(text, item);
            return item === null
                ? take(api.POST('/api/shelf', { body }))
                : take(api.PUT('/api/shelf/{item}', { params: { path: { item: item.id } }, body }));
        },
        onSuccess: async (saved) => {
            queryClient.setQueryData(queries.item(saved.label).queryKey, saved);
            await queryClient.invalidateQueries({ queryKey: ['shelf'] });
            if (item === null) {
                await navigate(`/shelf/${encodeURIComponent(saved.label)}`);
            }
        },
    });
    const submit = (event: SyntheticEvent) => {
        event.preventDefault();
        save.mutate();
    };
    const bind = (key: string) => ({
        value: text[key] ?? '',
        onChange: (e: { target: { value: string } }) => setText((t) => ({ ...t, [key]: e.target.value })),
    });
    const gone = item !== null && (item.state === 'fitted' || item.state === 'returned');
    return (
        <Box component="form" onSubmit={submit} sx={{ display: 'grid', gap: 2, maxWidth: 1000 }}>
            <Typography component="h1" variant="h1">
                {item === null ? say('page.take-in-a-part') : `${item.label} · ${item.name}`}
            </Typography>
            {item && (
                <Typography color="textSecondary">
                    {say(`itemstate.${item.state}`)}
                    {item.taken ? say('page.item.reserved-for', { taken: item.taken }) : ''} ·{' '}
                    {item.countedAt
                        ? say('page.item.counted', { countedAt: ago(item.countedAt) })
                        : say('page.item.never-counted')}
                </Typography>
            )}
            {item === null && <WhichPhone chosen={(_, part) => setText((t) => ({ ...t, ...knownText(part) }))} />}
            <Box
                sx={{
                    display: 'grid',
                    gridTemplateColumns: { xs: 'repeat(2, minmax(0, 1fr))', md: 'repeat(4, 1fr)' },
                    gap: 2,
                }}
            >
                {item === null && (
                    <TextField
                        label={say('page.item.label-empty-for-the-next')}
                        {...bind('label')}
                        slotProps={{ htmlInput: { maxLength: 20 } }}
                    />
                )}
                <TextField label={say('page.name')} required {...bind('name')} sx={{ gridColumn: 'span 2' }} />
                <TextField label={say('page.kind')} select required {...bind('kind')}>
                    {REPLACEMENT_KINDS.map((k) => (
                        <MenuItem key={k} value={k}>
                            {say(`kind.${k}`)}
                        </MenuItem>
                    ))}
                </TextField>
                <TextField
                    label={say('page.item.model-codes-blank-between')}
                    required
                    {...bind('modelCodes')}
                    sx={{ gridColumn: 'span 2' }}
                />
                <TextField label={say('page.connector')} {...bind('connector')} />
                <TextField label={say('page.technology')} select {...bind('technology')}>
                    {['', ...TECHNOLOGIES].map((t) => (
                        <MenuItem key={t} value={t}>
                            {t === '' ? say('page.not-known') : say(`technology.${t}`)}
                        </MenuItem>
                    ))}
                </TextField>
                <TextField label={say('page.item.colour')} {...bind('colour')} />
                <TextField label={say('page.item.refresh-hz')} {...bind('refresh')} />
                <TextField label={say('page.item.supplier')} required {...bind('supplier')} />
                <TextField label={say('page.item.batch')} required {...bind('batch')} />
                <TextField label={say('page.place')} required {...bind('place')} />
                <TextField label={say('page.state')} select required {...bind('state')} disabled={gone}>
                    {(gone ? [item.state] : STATES_BY_HAND).map((s) => (
                        <MenuItem key={s} value={s}>
                            {say(`itemstate.${s}`)}
                        </MenuItem>
                    ))}
                </TextField>
                <TextField
                    label={say('page.item.cost')}
                    {...bind('cost')}
                    helperText={say('page.item.for-owner-and-technician')}
                />
            </Box>
            <SmallParts
                codes={text['modelCodes'] ?? ''}
                value={text['brings'] ?? ''}
                set={(brings) => setText((t) => ({ ...t, brings }))}
            />
            <Typography component="h2" variant="h2">
                {say('page.item.data-sheet')}
            </Typography>
            <Box
                sx={{
                    display: 'grid',
                    gridTemplateColumns: { xs: 'repeat(2, minmax(0, 1fr))', md: 'repeat(4, 1fr)' },
                    gap: 2,
                }}
            >
                <TextField label={say('page.lit-width-mm')} {...bind('width')} />
                <TextField label={say('page.lit-height-mm')} {...bind('height')} />
                <TextField label={say('page.pixels-wide')} {...bind('pixelsWide')} />
                <TextField label={say('page.pixels-high')} {...bind('pixelsHigh')} />
                <TextField label={say('page.item.module-thickness-mm')} {...bind('thickness')} />
                {Object.entries(FLAGS).map(([key, name]) => (
                    <TextField key={key} label={name} select {...bind(key)}>
                        <MenuItem value="">{say('page.not-known')}</MenuItem>
                        <MenuItem value="yes">{say('page.item.yes')}</MenuItem>
                        <MenuItem value="no">{say('page.item.no')}</MenuItem>
                    </TextField>
                ))}
            </Box>
            <Refusal error={save.error} />
            {save.isSuccess && item !== null && (
                <Note tone="done" role="status">
                    {say('page.item.kept')}
                </Note>
            )}
            <Box sx={{ display: 'flex', gap: 1 }}>
                <Button
                    type="submit"
                    variant="contained"
                    disabled={save.isPending || gone}
                    sx={{ minHeight: 56, px: 4 }}
                >
                    {item === null ? say('page.item.put-it-on-the-shelf') : say('page.item.keep-the-change')}
                </Button>
                {item && (
                    <Button
                        component="a"
                        href={`/api/shelf/labels.pdf?labels=${encodeURIComponent(item.label)}`}
                        target="_blank"
                        rel="noopener"
                    >
                        {say('page.item.label-pdf')}
                    </Button>
                )}
            </Box>
        </Box>
    );
}
