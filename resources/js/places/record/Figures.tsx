import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import Typography from '@mui/material/Typography';
import { useMutation, useQuery } from '@tanstack/react-query';
import { api, take, type Schemas } from '../../api/client';
import { queries } from '../../api/queries';
import { queryClient } from '../../api/queryClient';
import { newId } from '../../bench/ids';
import { Empty } from '../../shell/Empty';
import { Note } from '../../shell/Note';
import { Refusal } from '../../shell/Refusal';
import { say } from '../../words/words';
import { BandChart } from './BandChart';
import { monthName } from './named';
import { OtherFigures } from './OtherFigures';
import { RecordTable } from './RecordTable';

type Window = Schemas['LearntWindow'];

const celsius = (v: number): string => say('page.record.celsius', { t: v.toFixed(1) });

/** The figures that plans are made with: where each comes from, since when, and the way back to the estimate. */
export function Figures() {
    const { data, error } = useQuery(queries.learntWindows());
    const me = useQuery(queries.me()).data;
    const named = data?.data.map((w) => ({
        ...w,
        name: say('page.record.adhesive-in-state', {
            adhesive: say(`adhesive.${w.adhesive}`),
            state: say(`adhesive-state.${w.state}`),
        }),
    }));
    return (
        <Box sx={{ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr)', gap: 2.5 }}>
            {error && <Note tone="stop">{error.message}</Note>}
            {named?.length === 0 && <Empty>{say('page.record.no-passes-yet')}</Empty>}
            {me?.role === 'owner' && data && <BySelf on={data.bySelf} />}
            {named?.map((w) => (
                <WindowCard key={`${w.adhesive} ${w.state}`} window={w} name={w.name} owner={me?.role === 'owner'} />
            ))}
            {named && named.length > 0 && (
                <RecordTable
                    name="windows"
                    heads={[
                        say('page.record.adhesive'),
                        say('page.record.jobs'),
                        say('page.record.passes'),
                        say('page.record.estimated'),
                        say('page.record.learnt'),
                        say('page.record.from'),
                        say('page.record.to'),
                        say('page.record.pace'),
                        say('page.record.planned-with'),
                    ]}
                    rows={named.map((w) => ({
                        key: w.name,
                        values: [
                            w.name,
                            w.jobs,
                            w.passes,
                            w.estimate.middle,
                            w.learnt.middle,
                            w.learnt.low,
                            w.learnt.high,
                            w.learnt.pace,
                            w.inUse?.low ?? w.estimate.middle,
                        ],
                    }))}
                />
            )}
            <OtherFigures />
        </Box>
    );
}

function BySelf({ on }: { on: boolean }) {
    const set = useMutation({
        mutationFn: (bySelf: boolean) => take(api.PUT('/api/record/learning', { body: { bySelf } })),
        onSuccess: () => queryClient.invalidateQueries({ queryKey: ['record'] }),
    });
    return (
        <Box>
            <FormControlLabel
                control={<Checkbox checked={on} disabled={set.isPending} onChange={(_, v) => set.mutate(v)} />}
                label={say('page.record.by-self')}
            />
            <Refusal error={set.error} />
        </Box>
    );
}

function WindowCard({ window: w, name, owner }: { window: Window; name: string; owner: boolean }) {
    const is = { adhesive: w.adhesive, state: w.state };
    const onSuccess = async () => {
        for (const key of ['record', 'job', 'heat']) {
            await queryClient.invalidateQueries({ queryKey: [key] });
        }
    };
    const over = useMutation({
        mutationFn: (id: string) => take(api.PUT('/api/record/windows', { body: { id, ...is } })),
        onSuccess,
    });
    const back = useMutation({
        mutationFn: () => take(api.DELETE('/api/record/windows', { body: is })),
        onSuccess,
    });
    return (
        <Box
            component="section"
            aria-label={name}
            sx={{ bgcolor: 'background.paper', border: 1, borderColor: 'divider', borderRadius: 1, p: 2 }}
        >
            <Box sx={{ display: 'flex', gap: 2, alignItems: 'start', flexWrap: 'wrap' }}>
                <Box sx={{ flex: 1, minWidth: 320 }}>
                    <Typography component="h2" variant="h2">
                        {name}
                    </Typography>
                    <Box role="status">
                        {w.inUse
                            ? say('page.record.used-from-record', {
                                  t: w.inUse.low.toFixed(1),
                                  jobs: w.inUse.jobs,
                                  since: monthName(w.inUse.since),
                              })
                            : say('page.record.used-estimate', { t: w.estimate.middle.toFixed(1) })}
                    </Box>
                    <Box sx={{ color: 'text.secondary' }}>
                        {say('page.record.seen-of-window', {
                            jobs: w.jobs,
                            passes: w.passes,
                            share: Math.round(100 * w.narrowed),
                            pace: w.learnt.pace.toFixed(2),
                        })}
                    </Box>
                </Box>
                {owner && (
                    <Box sx={{ display: 'flex', gap: 1, '@media print': { display: 'none' } }}>
                        <Button
                            variant="outlined"
                            disabled={over.isPending}
                            onClick={() => over.mutate(newId())}
                            aria-label={say('page.record.take-over-of', { name })}
                        >
                            {say(w.inUse ? 'page.record.take-over-again' : 'page.record.take-over')}
                        </Button>
                        {w.inUse && (
                            <Button
                                color="inherit"
                                disabled={back.isPending}
                                onClick={() => back.mutate()}
                                aria-label={say('page.record.take-back-of', { name })}
                            >
                                {say('page.record.take-back')}
                            </Button>
                        )}
                    </Box>
                )}
            </Box>
            <BandChart
                label={say('page.record.picture-of-window', { name })}
                bands={[
                    { name: say('page.record.estimated'), ...w.estimate },
                    { name: say('page.record.learnt'), ...w.learnt },
                ]}
                from={Math.floor(Math.min(w.estimate.low, w.learnt.low)) - 2}
                shown={celsius}
                axis={(v) => say('page.record.celsius', { t: Math.round(10 * v) / 10 })}
                ends={{ low: say('page.record.to-estimate'), high: say('page.record.to-upper-end') }}
            />
            <Refusal error={over.error ?? back.error} />
        </Box>
    );
}
