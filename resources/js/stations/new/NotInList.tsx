import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useState, type SyntheticEvent } from 'react';
import { api, take, type Schemas } from '../../api/client';
import { queries } from '../../api/queries';
import { queryClient } from '../../api/queryClient';
import { Note } from '../../shell/Note';
import { Refusal } from '../../shell/Refusal';
import { say } from '../../words/words';
import { FamilyDrawing } from './FamilyDrawing';
import { FrontTaps } from './FrontTaps';

type Told = Schemas['ToldPhone'];
type Family = Schemas['FamilySummary'];

const SIZES = ['width', 'height', 'thickness'] as const;
const FLAGS = ['tray', 'stylus', 'curved'] as const;

/** A phone that nobody has drawn: what its label says, how it opens, and what a ruler says of it. */
export function NotInList({ found }: { found: (phone: Schemas['PhoneSummary']) => void }) {
    const families = useQuery(queries.families()).data?.data ?? [];
    const known = useQuery(queries.phones('')).data?.data ?? [];
    const [like, setLike] = useState('');
    const [names, setNames] = useState({ maker: '', model: '', code: '' });
    const [family, setFamily] = useState<Family | null>(null);
    const [sizes, setSizes] = useState<Record<(typeof SIZES)[number], string>>({
        width: '',
        height: '',
        thickness: '',
    });
    const [flags, setFlags] = useState({ tray: true, stylus: false, curved: false });
    const [front, setFront] = useState<Told['front']>([]);
    const told = (of: Family): Told => ({
        ...names,
        ...flags,
        family: of.family,
        like: like === '' ? null : like,
        width: Number(sizes.width),
        height: Number(sizes.height),
        thickness: Number(sizes.thickness),
        front,
    });
    const measured = SIZES.every((s) => Number(sizes[s]) > 0);
    const complete = family !== null && measured && Object.values(names).every((n) => n.trim() !== '');
    const near = useMutation({ mutationFn: (t: Told) => take(api.POST('/api/provisional/near', { body: t })) });
    const make = useMutation({
        mutationFn: (t: Told) => take(api.POST('/api/provisional', { body: t })),
        onSuccess: async (phone) => {
            await queryClient.invalidateQueries({ queryKey: ['phones'] });
            found(phone);
        },
    });
    const send = (event: SyntheticEvent) => {
        event.preventDefault();
        if (!complete) {
            return;
        }
        const all = told(family);
        // It may be one that is drawn: asked once, and gone on with what was said.
        if (near.data === undefined) {
            near.mutate(all, { onSuccess: (known) => known.data.length === 0 && make.mutate(all) });
        } else {
            make.mutate(all);
        }
    };
    return (
        <Box
            component="form"
            onSubmit={send}
            aria-label={say('page.not-in-list.title')}
            sx={{ display: 'grid', gap: 2, mt: 2 }}
        >
            <Typography component="h2" variant="h2">
                {say('page.not-in-list.title')}
            </Typography>
            <Box sx={{ display: 'grid', gridTemplateColumns: { xs: 'minmax(0, 1fr)', sm: '1fr 1fr 1fr' }, gap: 1.5 }}>
                {(['maker', 'model', 'code'] as const).map((n) => (
                    <TextField
                        key={n}
                        label={say(`told.${n}`)}
                        value={names[n]}
                        onChange={(e) => setNames({ ...names, [n]: e.target.value })}
                        slotProps={{ htmlInput: { maxLength: 40 } }}
                        autoComplete="off"
                    />
                ))}
            </Box>
            <TextField
                select
                label={say('page.not-in-list.like')}
                value={like}
                onChange={(e) => {
                    const one = known.find((p) => p.id === e.target.value);
                    setLike(e.target.value);
                    setFamily(families.find((f) => f.family === one?.family) ?? family);
                }}
                slotProps={{ inputLabel: { shrink: true }, select: { displayEmpty: true } }}
            >
                <MenuItem value="">{say('page.not-in-list.like-none')}</MenuItem>
                {known.map((p) => (
                    <MenuItem key={p.id} value={p.id}>
                        {p.maker} {p.model}
                    </MenuItem>
                ))}
            </TextField>
            <ToggleButtonGroup
                exclusive
                orientation="vertical"
                value={family?.family ?? null}
                onChange={(_, v: string | null) => {
                    setFamily(families.find((f) => f.family === v) ?? null);
                    setLike('');
                }}
                aria-label={say('page.not-in-list.how-it-opens')}
            >
                {families.map((f) => (
                    <ToggleButton
                        key={f.family}
                        value={f.family}
                        sx={{ justifyContent: 'flex-start', textAlign: 'left', gap: 2, textTransform: 'none' }}
                    >
                        <FamilyDrawing family={f.family} />
                        <Box>
                            <Box sx={{ fontWeight: 700 }}>{say(`family.${f.family}`)}</Box>
                            <Box sx={{ fontWeight: 400 }}>{f.tells.map((t) => say(`tells.${t}`)).join(' ')}</Box>
                        </Box>
                    </ToggleButton>
                ))}
            </ToggleButtonGroup>
            <Box sx={{ display: 'grid', gridTemplateColumns: { xs: 'minmax(0, 1fr)', sm: '1fr 1fr 1fr' }, gap: 1.5 }}>
                {SIZES.map((s) => (
                    <TextField
                        key={s}
                        label={say(`told.${s}`)}
                        value={sizes[s]}
                        onChange={(e) => setSizes({ ...sizes, [s]: e.target.value.replace(',', '.') })}
                        slotProps={{ htmlInput: { inputMode: 'decimal', maxLength: 6 } }}
                        {...(family ? { helperText: say('told.usual', { mm: family[s] }) } : {})}
                    />
                ))}
            </Box>
            <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 3 }}>
                {FLAGS.map((f) => (
                    <FormControlLabel
                        key={f}
                        sx={{ minHeight: 48 }}
                        control={<Checkbox checked={flags[f]} onChange={(_, v) => setFlags({ ...flags, [f]: v })} />}
                        label={say(`told.${f}`)}
                    />
                ))}
            </Box>
            {measured && (
                <FrontTaps width={Number(sizes.width)} height={Number(sizes.height)} front={front} set={setFront} />
            )}
            {(near.data?.data.length ?? 0) > 0 && (
                <Note tone="care" role="status">
                    {say('page.not-in-list.may-be', {
                        names: (near.data?.data ?? []).map((n) => `${n.name} (${n.codes.join(', ')})`).join(', '),
                    })}
                </Note>
            )}
            <Refusal error={make.error ?? near.error} />
            <Button type="submit" variant="contained" disabled={!complete || make.isPending || near.isPending}>
                {(near.data?.data.length ?? 0) > 0
                    ? say('page.not-in-list.none-of-them')
                    : say('page.not-in-list.make')}
            </Button>
            <Typography color="textSecondary">{say('page.not-in-list.what-follows')}</Typography>
        </Box>
    );
}
