import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ListItemButton from '@mui/material/ListItemButton';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useState, type SyntheticEvent } from 'react';
import { Link, useNavigate } from 'react-router';
import { api, take, type Schemas } from '../../api/client';
import { queries } from '../../api/queries';
import { queryClient } from '../../api/queryClient';
import { newId } from '../../bench/ids';
import { Refusal } from '../../shell/Refusal';
import { mono } from '../../theme/tokens';
import { Note } from '../../shell/Note';
import { moment, say } from '../../words/words';
import { NotInList } from './NotInList';
import { TellApart } from './TellApart';
import { Main } from '../../shell/Main';

type Phone = Schemas['PhoneSummary'];

/** Which phone is this, and whose. */
export function NewJob() {
    const [id] = useState(newId);
    const [find, setFind] = useState('');
    const [unknown, setUnknown] = useState(false);
    const [phone, setPhone] = useState<Phone | null>(null);
    const [code, setCode] = useState('');
    const [colour, setColour] = useState('');
    const [customer, setCustomer] = useState('');
    const [imei, setImei] = useState('');
    const [comesOn, setComesOn] = useState('');
    const found = useQuery(queries.phones(find));
    const [told, setTold] = useState<Phone[] | null>(null);
    const history = useQuery({ ...queries.history(imei), enabled: imei.length === 15 });
    const navigate = useNavigate();
    const open = useMutation({
        mutationFn: () =>
            take(
                api.POST('/api/jobs', {
                    body: {
                        id,
                        phone: phone?.id ?? '',
                        modelCode: code,
                        colour: colour === '' ? null : colour,
                        customer,
                        imei: imei === '' ? null : imei,
                        comesOn: comesOn === '' ? null : comesOn,
                    },
                }),
            ),
        onSuccess: async (job) => {
            queryClient.setQueryData(queries.job(job.id).queryKey, job);
            await queryClient.invalidateQueries({ queryKey: ['jobs'] });
            await navigate(`/jobs/${job.id}/check-in`);
        },
    });
    const choose = (p: Phone) => {
        setPhone(p);
        const typed = p.codes.find((c) => find.toLowerCase().includes(c.code.toLowerCase()));
        setCode(typed?.code ?? '');
        setColour('');
    };
    const submit = (event: SyntheticEvent) => {
        event.preventDefault();
        open.mutate();
    };
    return (
        <Main
            widest={1100}
            sx={{ display: 'grid', gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '1fr 1fr' }, gap: 4 }}
        >
            <Box>
                <Typography component="h1" variant="h1" sx={{ mb: 2 }}>
                    {say('page.new-job.which-phone-is-it')}
                </Typography>
                <TextField
                    label={say('page.new-job.maker-model-or-model-code')}
                    helperText={say('page.new-job.the-code-is-printed-on-the')}
                    fullWidth
                    autoFocus
                    value={find}
                    onChange={(e) => setFind(e.target.value)}
                />
                <Box role="group" aria-label={say('page.new-job.phones-found')} sx={{ mt: 1.5 }}>
                    {(told ?? found.data?.data ?? []).map((p) => (
                        <ListItemButton
                            key={p.id}
                            selected={p.id === phone?.id}
                            aria-pressed={p.id === phone?.id}
                            component="button"
                            type="button"
                            onClick={() => choose(p)}
                            sx={{
                                width: '100%',
                                textAlign: 'left',
                                display: 'block',
                                borderRadius: 1,
                                border: 1,
                                borderColor: 'divider',
                                bgcolor: 'background.paper',
                                mb: 1,
                                font: 'inherit',
                                color: 'inherit',
                            }}
                        >
                            <Box sx={{ fontWeight: 700 }}>
                                {p.maker} {p.model}
                            </Box>
                            <Box sx={{ color: 'text.secondary', fontSize: '0.9375rem' }}>
                                {p.year} · {say(`family.${p.family}`)} ·{' '}
                                <span style={{ fontFamily: mono }}>{p.codes.map((c) => c.code).join(' ')}</span>
                            </Box>
                        </ListItemButton>
                    ))}
                    {(told !== null || found.data?.data.length !== 1) && <TellApart find={find} found={setTold} />}
                    {!unknown && (
                        <Button variant="outlined" onClick={() => setUnknown(true)} sx={{ mt: 1, ml: 1 }}>
                            {say('page.not-in-list.open')}
                        </Button>
                    )}
                    {found.data?.data.length === 0 && !unknown && (
                        <Typography color="textSecondary">
                            {say('page.new-job.no-phone-file-matches-check-the', { find })}
                        </Typography>
                    )}
                </Box>
                {unknown && (
                    <NotInList
                        found={(p) => {
                            setUnknown(false);
                            setFind(`${p.maker} ${p.model}`);
                            setTold(null);
                            setPhone(p);
                            setCode(p.codes[0]?.code ?? '');
                            setColour('');
                        }}
                    />
                )}
            </Box>
            <Box component="form" onSubmit={submit} sx={{ display: 'grid', gap: 2, alignContent: 'start', pt: 7 }}>
                <TextField
                    select
                    label={say('page.new-job.model-code')}
                    required
                    disabled={!phone}
                    value={code}
                    onChange={(e) => setCode(e.target.value)}
                    helperText={
                        phone
                            ? say('page.new-job.regional-codes-take-other-panels')
                            : say('page.new-job.choose-the-phone-first')
                    }
                >
                    {(phone?.codes ?? []).map((c) => (
                        <MenuItem key={c.code} value={c.code}>
                            {c.code} · {c.region}
                        </MenuItem>
                    ))}
                </TextField>
                <TextField
                    select
                    label={say('page.new-job.colour-of-bezel-and-frame')}
                    disabled={!phone}
                    value={colour}
                    onChange={(e) => setColour(e.target.value)}
                >
                    <MenuItem value="">{say('page.new-job.does-not-matter')}</MenuItem>
                    {(phone?.colours ?? []).map((c) => (
                        <MenuItem key={c} value={c}>
                            {c}
                        </MenuItem>
                    ))}
                </TextField>
                <TextField
                    label={say('page.customer')}
                    required
                    value={customer}
                    onChange={(e) => setCustomer(e.target.value)}
                    slotProps={{ htmlInput: { maxLength: 80 } }}
                    autoComplete="off"
                />
                <TextField
                    label={say('page.new-job.imei-if-at-hand')}
                    value={imei}
                    onChange={(e) => setImei(e.target.value.replace(/\D/g, ''))}
                    slotProps={{ htmlInput: { maxLength: 15, inputMode: 'numeric' } }}
                />
                {imei.length === 15 && history.data && <Seen history={history.data} />}
                <TextField
                    type="date"
                    label={say('page.new-job.comes-on')}
                    helperText={say('page.new-job.comes-on-what-for')}
                    value={comesOn}
                    onChange={(e) => setComesOn(e.target.value)}
                    slotProps={{ inputLabel: { shrink: true } }}
                />
                <Refusal error={open.error} />
                <Button
                    type="submit"
                    variant="contained"
                    disabled={!phone || code === '' || customer.trim() === '' || open.isPending}
                    sx={{ minHeight: 76, fontSize: '1.2rem' }}
                >
                    {say('page.new-job.open-the-job')}
                </Button>
                <Typography color="textSecondary">{say('page.new-job.no-passcode-is-asked-for-or')}</Typography>
            </Box>
        </Main>
    );
}

/** What the shop knows of this phone. */
function Seen({ history }: { history: Schemas['History'] }) {
    if (!history.valid) {
        return <Note tone="stop">{say('page.new-job.the-last-digit-of-the-imei')}</Note>;
    }
    if (history.data.length === 0) {
        return <Typography color="textSecondary">{say('page.new-job.this-phone-has-not-been-here')}</Typography>;
    }
    const back = history.data.find((j) => j.warranty);
    return (
        <Note tone={back ? 'care' : 'plain'}>
            {back && <b>{say('page.new-job.comeback-within-the-warranty-period-of', { tag: back.tag })} </b>}
            {history.data.map((j) => (
                <div key={j.id}>
                    <Link to={`/jobs/${j.id}/hand-over`}>{j.tag}</Link> {j.phone}, {j.customer}
                    {j.kind ? `, ${say(`kind.${j.kind}`).toLowerCase()}` : ''}
                    {j.part ? ` ${j.part}` : ''}:{' '}
                    {j.closedAt && j.closedAs
                        ? `${say(`closed.${j.closedAs}`).toLowerCase()} ${moment(j.closedAt)}`
                        : say('page.new-job.still-open')}
                </div>
            ))}
        </Note>
    );
}
