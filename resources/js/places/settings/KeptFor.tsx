import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, take, type Schemas } from '../../api/client';
import { queries } from '../../api/queries';
import { queryClient } from '../../api/queryClient';
import { say } from '../../words/words';
import { KeepForm } from './KeepForm';

const LONGEST = 240;
const KEPT = ['name', 'pictures', 'stays', 'backups'] as const;

/** How long customers' details are kept after a phone has left. */
export function KeptFor() {
    const kept = useQuery(queries.keepingTime());
    return kept.data ? <Form kept={kept.data} /> : null;
}

function Form({ kept }: { kept: Schemas['KeepingTime'] }) {
    const [months, setMonths] = useState(kept.keepMonths);
    const [version, setVersion] = useState(kept.version);
    const fits = months >= 1 && months <= LONGEST;
    const over = useQuery({ ...queries.keepingTime(months), enabled: fits });
    const save = useMutation({
        mutationFn: () => take(api.PUT('/api/privacy', { body: { version, keepMonths: months } })),
        onSuccess: async (now) => {
            setVersion(now.version);
            await queryClient.invalidateQueries({ queryKey: ['keeping-time'] });
        },
    });
    return (
        <KeepForm
            title={say('page.kept-for.customers')}
            whatFor={say('page.kept-for.what-for')}
            kept={say('page.kept-for.kept')}
            keep={say('page.kept-for.keep')}
            saving={save}
        >
            <Box component="ul" sx={{ m: 0, pl: 3, display: 'grid', gap: 0.5 }}>
                {KEPT.map((what) => (
                    <li key={what}>{say(`kept-for.${what}`)}</li>
                ))}
            </Box>
            <Box sx={{ display: 'flex', gap: 3, alignItems: 'center', flexWrap: 'wrap' }}>
                <TextField
                    label={say('page.kept-for.months')}
                    value={months === 0 ? '' : months}
                    onChange={(e) => setMonths(Number(e.target.value.replace(/\D/g, '').slice(0, 3)))}
                    error={!fits}
                    helperText={fits ? ' ' : say('page.kept-for.from-to', { most: LONGEST })}
                    slotProps={{ htmlInput: { inputMode: 'numeric' } }}
                    sx={{ width: 220 }}
                />
                <Typography role="status" sx={{ flex: 1, minWidth: 260 }}>
                    {over.data && fits ? say('page.kept-for.over', { count: over.data.over, months }) : ''}
                </Typography>
            </Box>
        </KeepForm>
    );
}
