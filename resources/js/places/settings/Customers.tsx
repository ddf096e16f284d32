import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useState, type SyntheticEvent } from 'react';
import { Link } from 'react-router';
import { api, take, type Schemas } from '../../api/client';
import { queries } from '../../api/queries';
import { queryClient } from '../../api/queryClient';
import { Note } from '../../shell/Note';
import { Refusal } from '../../shell/Refusal';
import { useDone } from '../../shell/useDone';
import { mono } from '../../theme/tokens';
import { fullDay, say } from '../../words/words';

type Found = Schemas['CustomerJob'];

/** All that is kept of one customer: handed out as a file, or taken out of the jobs that are closed. */
export function Customers() {
    const [name, setName] = useState('');
    const [asked, setAsked] = useState('');
    const found = useQuery({ ...queries.jobsOfCustomer(asked), enabled: asked !== '' });
    const look = (event: SyntheticEvent) => {
        event.preventDefault();
        setAsked(name.trim());
    };
    const jobs = found.data?.data;
    return (
        <Box
            component="section"
            aria-label={say('page.customers.one-customer')}
            sx={{ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr)', gap: 2 }}
        >
            <Typography component="h3" variant="h2">
                {say('page.customers.one-customer')}
            </Typography>
            <Typography color="textSecondary">{say('page.customers.what-for')}</Typography>
            <Box component="form" onSubmit={look} sx={{ display: 'flex', gap: 2 }}>
                <TextField
                    label={say('page.customers.name')}
                    value={name}
                    onChange={(e) => setName(e.target.value)}
                    slotProps={{ htmlInput: { maxLength: 80 } }}
                    sx={{ flex: 1, maxWidth: 420 }}
                />
                <Button type="submit" variant="outlined" sx={{ minHeight: 56, px: 4 }}>
                    {say('page.customers.look')}
                </Button>
            </Box>
            <Refusal error={found.error} />
            {jobs?.length === 0 && <Note tone="care">{say('page.customers.nobody', { name: asked })}</Note>}
            {jobs && jobs.length > 0 && <Chosen key={asked} jobs={jobs} />}
        </Box>
    );
}

function Chosen({ jobs }: { jobs: Found[] }) {
    const [chosen, setChosen] = useState(jobs.map((j) => j.id));
    const [sure, setSure] = useState(false);
    const here = jobs.filter((j) => j.closed === null && chosen.includes(j.id));
    const file = useMutation({
        mutationFn: async () =>
            take(api.POST('/api/privacy/file', { body: { jobs: chosen }, parseAs: 'blob' })) as Promise<unknown>,
        onSuccess: (zip) => {
            const link = document.createElement('a');
            link.href = URL.createObjectURL(zip as Blob);
            link.download = 'customer.zip';
            link.click();
            URL.revokeObjectURL(link.href);
        },
    });
    const forget = useDone(
        () => api.POST('/api/privacy/nameless', { body: { jobs: chosen } }),
        async () => {
            setSure(false);
            await queryClient.invalidateQueries();
        },
    );
    const turn = (id: string) => setChosen(chosen.includes(id) ? chosen.filter((c) => c !== id) : [...chosen, id]);
    return (
        <>
            <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0, bgcolor: 'background.paper', borderRadius: 1 }}>
                {jobs.map((j) => (
                    <Box
                        component="li"
                        key={j.id}
                        sx={{
                            display: 'grid',
                            gridTemplateColumns: { xs: '56px minmax(0, 1fr)', md: '56px 90px 1.2fr 1fr 1.4fr' },
                            alignItems: 'center',
                            minHeight: 56,
                            borderBottom: 1,
                            borderColor: 'divider',
                        }}
                    >
                        <Checkbox
                            checked={chosen.includes(j.id)}
                            onChange={() => turn(j.id)}
                            slotProps={{ input: { 'aria-label': say('page.customers.this-job', { tag: j.tag }) } }}
                        />
                        <Box component={Link} to={`/jobs/${j.id}`} sx={{ fontFamily: mono, fontWeight: 700 }}>
                            {j.tag}
                        </Box>
                        <span>{j.phone}</span>
                        <Box component="span" sx={{ fontFamily: mono }}>
                            {j.imei ?? ''}
                        </Box>
                        <Box component="span" sx={{ color: 'text.secondary' }}>
                            {j.closed === null
                                ? say('page.customers.here-since', { day: fullDay(new Date(j.cameIn)) })
                                : say('page.customers.left', { day: fullDay(new Date(j.closed)) })}
                        </Box>
                    </Box>
                ))}
            </Box>
            <Refusal error={file.error ?? forget.error} />
            {here.length > 0 && <Typography>{say('page.customers.still-here', { tag: here[0]?.tag })}</Typography>}
            <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap' }}>
                <Button
                    variant="outlined"
                    disabled={chosen.length === 0 || file.isPending}
                    onClick={() => file.mutate()}
                    sx={{ minHeight: 56, px: 3 }}
                >
                    {say('page.customers.as-a-file')}
                </Button>
                {!sure && (
                    <Button
                        variant="outlined"
                        color="error"
                        disabled={chosen.length === 0 || here.length > 0}
                        onClick={() => setSure(true)}
                        sx={{ minHeight: 56, px: 3 }}
                    >
                        {say('page.customers.take-out')}
                    </Button>
                )}
                {sure && (
                    <>
                        <span>{say('page.customers.for-good', { count: chosen.length })}</span>
                        <Button
                            variant="contained"
                            color="error"
                            disabled={forget.isPending}
                            onClick={() => forget.mutate()}
                            sx={{ minHeight: 56, px: 3 }}
                        >
                            {say('page.customers.take-out-now')}
                        </Button>
                        <Button onClick={() => setSure(false)} sx={{ minHeight: 56 }}>
                            {say('page.customers.leave')}
                        </Button>
                    </>
                )}
            </Box>
        </>
    );
}
