import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { queries } from '../api/queries';
import { JobRows } from './Today';

export function Jobs() {
    const { data } = useQuery(queries.jobs());
    const [find, setFind] = useState('');
    const words = find.toLowerCase().split(/\s+/).filter(Boolean);
    const rows = (data?.data ?? []).filter((j) => words.every((w) => `${j.tag} ${j.phone.name} ${j.customer}`.toLowerCase().includes(w)));
    return (
        <Box component="main" sx={{ p: 3, display: 'grid', gap: 2, maxWidth: 1280, width: '100%', mx: 'auto' }}>
            <Box sx={{ display: 'flex', alignItems: 'center', gap: 2 }}>
                <Typography component="h1" variant="h1" sx={{ flex: 1 }}>
                    Jobs
                </Typography>
                <TextField label="Find by tag, phone or customer" value={find} onChange={(e) => setFind(e.target.value)} sx={{ width: 360 }} />
            </Box>
            {rows.length === 0 && (
                <Typography color="textSecondary">
                    {words.length > 0 ? 'No job matches. Clear the field to see all.' : 'No jobs yet. Check in a phone from Today.'}
                </Typography>
            )}
            <JobRows rows={rows} />
        </Box>
    );
}
