import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMutation, useQuery } from '@tanstack/react-query';
import { api, take, type Schemas } from '../../api/client';
import { queries } from '../../api/queries';
import { queryClient } from '../../api/queryClient';
import { Empty } from '../../shell/Empty';
import { Refusal } from '../../shell/Refusal';
import { mono } from '../../theme/tokens';
import { moment, say } from '../../words/words';

type Return = Schemas['Return'];
const NEXT: Record<Return['state'], Return['state'][]> = {
    open: ['sent', 'refused'],
    sent: ['credited', 'refused'],
    credited: [],
    refused: [],
};
const VERB: Record<string, string> = {
    sent: say('page.returns.sent-off'),
    credited: say('page.returns.credited'),
    refused: say('page.returns.supplier-refused'),
};

/** Parts that failed before they were glued, on their way back. */
export function Returns() {
    const { data } = useQuery(queries.returns());
    const move = useMutation({
        mutationFn: ({ row, state }: { row: Return; state: Return['state'] }) =>
            take(
                api.PUT('/api/returns/{return}', {
                    params: { path: { return: row.id } },
                    body: { version: row.version, state },
                }),
            ),
        onSettled: () => queryClient.invalidateQueries({ queryKey: ['returns'] }),
    });
    return (
        <Box sx={{ display: 'grid', gap: 2 }}>
            <Typography component="h1" variant="h1">
                {say('page.returns.returns-to-suppliers')}
            </Typography>
            <Refusal error={move.error} />
            {data?.data.length === 0 && <Empty>{say('page.returns.nothing-is-going-back-a-part')}</Empty>}
            {data?.data.map((r) => (
                <Box
                    key={r.id}
                    component="section"
                    aria-label={say('page.returns.return-of', { label: r.item.label })}
                    sx={{
                        display: 'grid',
                        gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '100px 1.2fr 1.4fr 120px auto' },
                        gap: 2,
                        alignItems: 'center',
                        bgcolor: 'background.paper',
                        p: 2,
                        borderRadius: 1,
                    }}
                >
                    <Box sx={{ fontFamily: mono, fontWeight: 700 }}>{r.item.label}</Box>
                    <Box>
                        <b>{r.item.name}</b>
                        <Box sx={{ color: 'text.secondary' }}>
                            {r.item.supplier}, {r.item.batch}
                        </Box>
                    </Box>
                    <Box>
                        {r.reason}
                        <Box sx={{ color: 'text.secondary' }}>
                            {r.tag ?? say('page.returns.no-job')}, {moment(r.at)}
                        </Box>
                    </Box>
                    <Box sx={{ fontWeight: 700 }}>{say(`returnstate.${r.state}`)}</Box>
                    <Box sx={{ display: 'flex', gap: 1 }}>
                        {NEXT[r.state].map((state) => (
                            <Button
                                key={state}
                                variant="outlined"
                                disabled={move.isPending}
                                onClick={() => move.mutate({ row: r, state })}
                            >
                                {VERB[state]}
                            </Button>
                        ))}
                    </Box>
                </Box>
            ))}
        </Box>
    );
}
