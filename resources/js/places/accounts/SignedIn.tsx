import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMutation, useQuery } from '@tanstack/react-query';
import { api } from '../../api/client';
import { queries } from '../../api/queries';
import { queryClient } from '../../api/queryClient';
import { moment, say } from '../../words/words';

/** Where somebody is signed in; what is not this browser can be ended. */
export function SignedIn() {
    const sessions = useQuery(queries.sessions()).data?.data ?? [];
    const end = useMutation({
        mutationFn: (session: string) => api.DELETE('/api/me/sessions/{session}', { params: { path: { session } } }),
        onSettled: () => queryClient.invalidateQueries({ queryKey: ['sessions'] }),
    });
    return (
        <Box component="section" aria-labelledby="signed-in" sx={{ display: 'grid', gap: 1 }}>
            <Typography id="signed-in" component="h2" variant="h2">
                {say('page.me.signed-in')}
            </Typography>
            {sessions.map((s) => (
                <Box key={s.id} sx={{ display: 'flex', gap: 2, alignItems: 'center', minHeight: 48 }}>
                    <Box sx={{ flex: 1 }}>
                        <div>{s.browser}</div>
                        <Box sx={{ color: 'text.secondary' }}>
                            {say('page.me.last-seen', { address: s.address, at: moment(s.at) })}
                        </Box>
                    </Box>
                    {s.here ? (
                        <b>{say('page.me.here')}</b>
                    ) : (
                        <Button color="inherit" variant="outlined" onClick={() => end.mutate(s.id)}>
                            {say('page.me.end-it')}
                        </Button>
                    )}
                </Box>
            ))}
        </Box>
    );
}
