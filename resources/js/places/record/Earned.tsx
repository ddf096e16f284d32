import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useTheme } from '@mui/material/styles';
import { BarChart } from '@mui/x-charts/BarChart';
import { useQuery } from '@tanstack/react-query';
import type { Schemas } from '../../api/client';
import { queries } from '../../api/queries';
import { Empty } from '../../shell/Empty';
import { Figure } from '../../shell/Figure';
import { Note } from '../../shell/Note';
import { CHART_TEXT } from '../../theme/charts';
import { amount, say } from '../../words/words';
import { months, useAsked } from './asked';
import { monthName, valueName } from './named';
import { RecordTable } from './RecordTable';

type Row = Schemas['EarnedRow'];

/** What a time came to: price, part, consumables, hands, tax, and what is left of it. */
export function Earned() {
    const [asked] = useAsked();
    const { data, error } = useQuery(queries.recordMoney(months(asked)));
    return (
        <Box sx={{ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr)', gap: 2.5 }}>
            {error && <Note tone="stop">{error.message}</Note>}
            {data?.all === null && <Empty>{say('page.record.nothing-yet')}</Empty>}
            {data?.all && (
                <>
                    <Totals all={data.all} owed={data.owed} currency={data.currency} />
                    <Months rows={data.months} currency={data.currency} />
                    <Rows name="earned-by-month" rows={data.months} of={say('page.record.month')} named={monthName} />
                    <Rows
                        name="earned-by-kind"
                        rows={data.kinds}
                        of={say('facet.kind')}
                        named={(v) => valueName('kind', v)}
                    />
                    <Typography color="textSecondary">
                        {say('page.record.hands-cost', { rate: amount(data.hourly, data.currency) })}
                    </Typography>
                </>
            )}
        </Box>
    );
}

function Totals({ all, owed, currency }: { all: Row; owed: string; currency: string }) {
    const each = (Number(all.margin) / Math.max(1, all.jobs)).toFixed(2);
    return (
        <Box sx={{ display: 'flex', gap: 4, flexWrap: 'wrap' }}>
            <Figure
                name={say('page.record.left-in-all')}
                value={amount(all.margin, currency)}
                why={say('why.left-in-all')}
            />
            <Figure name={say('page.record.left-of-a-job')} value={amount(each, currency)} />
            <Figure
                name={say('page.record.an-hour-brings')}
                value={all.perHour === null ? '–' : amount(all.perHour, currency)}
            />
            <Figure name={say('page.record.tax')} value={amount(all.tax, currency)} />
            <Figure name={say('page.record.owed-by-insurers')} value={amount(owed, currency)} />
        </Box>
    );
}

/** Where the net price goes, month by month; four tones that a printer tells apart. */
function Months({ rows, currency }: { rows: Row[]; currency: string }) {
    const { palette } = useTheme();
    const parts = [
        ['part', palette.text.primary],
        ['consumables', palette.text.secondary],
        ['labour', palette.role.care],
        ['margin', palette.role.rule],
    ] as const;
    const shown = (v: number | null) => amount((v ?? 0).toFixed(2), currency);
    return (
        <figure style={{ margin: 0 }} role="img" aria-label={say('page.record.picture-of-money')}>
            <BarChart
                dataset={rows.map((r) => ({
                    month: monthName(r.of),
                    part: Number(r.part),
                    consumables: Number(r.consumables),
                    labour: Number(r.labour),
                    margin: Number(r.margin),
                }))}
                height={300}
                xAxis={[{ scaleType: 'band', dataKey: 'month' }]}
                yAxis={[{ width: 76, valueFormatter: (v: number) => String(v) }]}
                series={parts.map(([key, color]) => ({
                    dataKey: key,
                    stack: 'net',
                    label: say(`money-goes.${key}`),
                    color,
                    valueFormatter: shown,
                }))}
                grid={{ horizontal: true }}
                skipAnimation
                sx={CHART_TEXT}
            />
        </figure>
    );
}

interface RowsProps {
    name: string;
    rows: Row[];
    of: string;
    named: (value: string) => string;
}

function Rows({ name, rows, of, named }: RowsProps) {
    return (
        <RecordTable
            name={name}
            heads={[
                of,
                say('page.record.jobs'),
                say('page.record.net'),
                say('money-goes.part'),
                say('money-goes.consumables'),
                say('money-goes.labour'),
                say('money-goes.margin'),
                say('page.record.hours'),
                say('page.record.an-hour-brings'),
            ]}
            rows={rows.map((r) => ({
                key: r.of,
                values: [
                    named(r.of),
                    r.jobs,
                    r.net,
                    r.part,
                    r.consumables,
                    r.labour,
                    r.margin,
                    r.hours.toFixed(1),
                    r.perHour,
                ],
            }))}
        />
    );
}
