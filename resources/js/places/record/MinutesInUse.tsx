import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useMutation, useQuery } from '@tanstack/react-query';
import { api, take, type Schemas } from '../../api/client';
import { queries } from '../../api/queries';
import { queryClient } from '../../api/queryClient';
import { newId } from '../../bench/ids';
import { Refusal } from '../../shell/Refusal';
import { say } from '../../words/words';
import { monthName } from './named';

/** Which minutes plans, prices and days are made with, and the way to the others. */
export function MinutesInUse({ inUse }: { inUse: Schemas['MinutesRecord']['inUse'] }) {
    const owner = useQuery(queries.me()).data?.role === 'owner';
    const onSuccess = async () => {
        for (const key of ['record', 'job', 'day']) {
            await queryClient.invalidateQueries({ queryKey: [key] });
        }
    };
    const over = useMutation({
        mutationFn: (id: string) => take(api.PUT('/api/record/minutes', { body: { id } })),
        onSuccess,
    });
    const back = useMutation({ mutationFn: () => take(api.DELETE('/api/record/minutes')), onSuccess });
    return (
        <Box
            component="section"
            aria-label={say('page.record.minutes-in-use')}
            sx={{ display: 'flex', gap: 1.5, alignItems: 'center', flexWrap: 'wrap' }}
        >
            <Box sx={{ flex: 1, minWidth: 300 }}>
                {inUse === null
                    ? say('page.record.minutes-estimated')
                    : say('page.record.minutes-from-record', {
                          kinds: inUse.kinds,
                          steps: inUse.steps,
                          since: inUse.since === null ? '' : monthName(inUse.since),
                      })}
            </Box>
            {owner && (
                <Box sx={{ display: 'flex', gap: 1, '@media print': { display: 'none' } }}>
                    <Button variant="outlined" disabled={over.isPending} onClick={() => over.mutate(newId())}>
                        {say(inUse ? 'page.record.take-minutes-again' : 'page.record.take-minutes')}
                    </Button>
                    {inUse && (
                        <Button color="inherit" disabled={back.isPending} onClick={() => back.mutate()}>
                            {say('page.record.take-minutes-back')}
                        </Button>
                    )}
                </Box>
            )}
            <Refusal error={over.error ?? back.error} />
        </Box>
    );
}
