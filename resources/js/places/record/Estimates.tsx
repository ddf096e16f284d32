import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useTheme } from '@mui/material/styles';
import { LineChart } from '@mui/x-charts/LineChart';
import { useQuery } from '@tanstack/react-query';
import type { Schemas } from '../../api/client';
import { queries } from '../../api/queries';
import { Empty } from '../../shell/Empty';
import { Note } from '../../shell/Note';
import { CHART_TEXT } from '../../theme/charts';
import { say } from '../../words/words';
import { months, useAsked } from './asked';
import { BandChart } from './BandChart';
import { ForeseenHeat } from './ForeseenHeat';
import { MinutesInUse } from './MinutesInUse';
import { monthName } from './named';
import { RecordTable } from './RecordTable';

const times = (v: number): string => `× ${v.toFixed(2)}`;
/** Kinds of step that were seen less often are in the table only. */
const ENOUGH = 20;

/** How long hands took against what was planned: by kind of step, by person, and month by month. */
export function Estimates() {
    const [asked] = useAsked();
    const { data, error } = useQuery(queries.recordMinutes(months(asked)));
    if (error) {
        return <Note tone="stop">{error.message}</Note>;
    }
    if (!data) {
        return null;
    }
    const kinds = data.kinds.map((k) => ({ ...k, name: say(`step-name.${k.of}`) }));
    const seen = kinds.filter((k) => k.count >= ENOUGH);
    return (
        <Box sx={{ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr)', gap: 3 }}>
            {data.kinds.length === 0 && <Empty>{say('page.record.nothing-yet')}</Empty>}
            {data.months.length > 1 && <Months months={data.months} />}
            {seen.length > 0 && (
                <>
                    <Typography component="h2" variant="h2">
                        {say('page.record.by-kind-of-step')}
                    </Typography>
                    <Typography color="textSecondary">{say('page.record.how-minutes-are-learnt')}</Typography>
                    <MinutesInUse inUse={data.inUse} />
                    <BandChart
                        label={say('page.record.picture-of-minutes')}
                        bands={seen.map((k) => ({ name: k.name, low: k.low, middle: k.times, high: k.high }))}
                        shown={times}
                        from={Math.floor(10 * Math.min(1, ...seen.map((k) => k.low))) / 10 - 0.1}
                        ends={{ low: say('page.record.to-estimate'), high: say('page.record.to-upper-end') }}
                    />
                </>
            )}
            {kinds.length > 0 && <Rows name="minutes-by-kind" rows={kinds} of={say('page.record.kind-of-step')} />}
            {data.families.length > 0 && (
                <Rows
                    name="minutes-by-kind-of-phone"
                    rows={data.families.map((f) => ({ ...f, name: say(`family.${f.of}`) }))}
                    of={say('page.record.kind-of-phone')}
                />
            )}
            {data.people.length > 0 && (
                <Rows
                    name="minutes-by-person"
                    rows={data.people.map((p) => ({ ...p, name: p.of }))}
                    of={say('facet.technician')}
                />
            )}
            <ForeseenHeat />
        </Box>
    );
}

function Months({ months: of }: { months: Schemas['MinutesRecord']['months'] }) {
    const { palette } = useTheme();
    return (
        <figure style={{ margin: 0 }} role="img" aria-label={say('page.record.picture-of-months')}>
            <LineChart
                dataset={of.map((m) => ({ ...m, month: monthName(m.month) }))}
                height={260}
                xAxis={[{ scaleType: 'point', dataKey: 'month' }]}
                yAxis={[{ width: 56, min: 0, label: say('page.record.minutes-a-job') }]}
                series={[
                    {
                        id: 'planned',
                        curve: 'linear',
                        dataKey: 'planned',
                        label: say('page.record.planned'),
                        color: palette.text.secondary,
                        shape: 'square',
                    },
                    {
                        id: 'taken',
                        curve: 'linear',
                        dataKey: 'taken',
                        label: say('page.record.taken'),
                        color: palette.text.primary,
                        shape: 'circle',
                    },
                ]}
                grid={{ horizontal: true }}
                skipAnimation
                sx={{
                    ...CHART_TEXT,
                    '& [data-series="planned"]': { strokeDasharray: '6 5' },
                }}
            />
        </figure>
    );
}

function Rows({ name, rows, of }: { name: string; rows: (Schemas['TimesRow'] & { name: string })[]; of: string }) {
    const left = rows.some((r) => r.interrupted !== undefined);
    return (
        <RecordTable
            name={name}
            heads={[
                of,
                say('page.record.seen'),
                ...(left ? [say('page.record.left-open')] : []),
                say('page.record.times-as-long'),
                say('page.record.from'),
                say('page.record.to'),
            ]}
            rows={rows.map((r) => ({
                key: r.of,
                values: [r.name, r.count, ...(left ? [r.interrupted ?? 0] : []), r.times, r.low, r.high],
            }))}
        />
    );
}
