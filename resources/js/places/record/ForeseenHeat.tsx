import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useTheme } from '@mui/material/styles';
import { LineChart } from '@mui/x-charts/LineChart';
import { useQuery } from '@tanstack/react-query';
import type { Schemas } from '../../api/client';
import { queries } from '../../api/queries';
import { CHART_TEXT } from '../../theme/charts';
import { say } from '../../words/words';
import { percent, roundPercent } from './named';
import { RecordTable } from './RecordTable';

type Foreseen = Schemas['Foreseen'];

/** How well heat was foreseen: how often a blade dragged against how likely that was, and what thermometers showed. */
export function ForeseenHeat() {
    const { data } = useQuery(queries.foreseenHeat());
    if (!data) {
        return null;
    }
    const passes = data.drags.reduce((sum, d) => sum + d.passes, 0);
    return (
        <Box
            component="section"
            aria-labelledby="foreseen-heat"
            sx={{ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr)', gap: 1.5 }}
        >
            <Typography id="foreseen-heat" component="h2" variant="h2">
                {say('page.record.heat-foreseen')}
            </Typography>
            <Typography color="textSecondary">{say('page.record.how-heat-is-foreseen')}</Typography>
            <Typography>
                {passes === 0 ? say('page.record.no-drags-yet') : say('page.record.drags-foreseen', told(data.drags))}
            </Typography>
            {data.drags.length > 1 && <Calibration drags={data.drags} />}
            {passes > 0 && (
                <RecordTable
                    name="drags-foreseen"
                    heads={[
                        say('page.record.chance-foreseen'),
                        say('page.record.passes'),
                        say('page.record.dragged'),
                        say('page.record.share-dragged'),
                        say('page.record.from'),
                        say('page.record.to'),
                    ]}
                    rows={data.drags.map((d) => ({
                        key: String(d.tenth),
                        values: [d.foreseen, d.passes, d.dragged, d.seen, d.low, d.high],
                        shown: [
                            percent(d.foreseen),
                            String(d.passes),
                            String(d.dragged),
                            percent(d.seen),
                            percent(d.low),
                            percent(d.high),
                        ],
                    }))}
                />
            )}
            <Readings readings={data.readings} />
        </Box>
    );
}

/** How many drags were foreseen and came, in all passes together. */
function told(drags: Foreseen['drags']) {
    const sum = (of: (d: Foreseen['drags'][number]) => number) => drags.reduce((s, d) => s + of(d), 0);
    return {
        passes: sum((d) => d.passes),
        foreseen: Math.round(sum((d) => d.passes * d.foreseen)),
        dragged: sum((d) => d.dragged),
    };
}

/** On the dashed line every chance is as it was foreseen; the thin lines hold the band of each. */
function Calibration({ drags }: { drags: Foreseen['drags'] }) {
    const { palette } = useTheme();
    const band = { curve: 'linear', showMark: false, color: palette.text.secondary } as const;
    return (
        <figure style={{ margin: 0 }} role="img" aria-label={say('page.record.picture-of-drags')}>
            <LineChart
                dataset={drags.map((d) => ({ ...d, line: d.foreseen }))}
                height={340}
                xAxis={[
                    {
                        dataKey: 'foreseen',
                        height: 64,
                        tickMinStep: 0.1,
                        scaleType: 'linear',
                        min: 0,
                        max: 1,
                        valueFormatter: roundPercent,
                        label: say('page.record.chance-foreseen'),
                    },
                ]}
                yAxis={[
                    {
                        width: 72,
                        min: 0,
                        max: 1,
                        valueFormatter: roundPercent,
                        label: say('page.record.share-dragged'),
                    },
                ]}
                series={[
                    { id: 'line', dataKey: 'line', label: say('page.record.as-foreseen'), ...band },
                    { id: 'low', dataKey: 'low', label: say('page.record.from'), ...band },
                    { id: 'high', dataKey: 'high', label: say('page.record.to'), ...band },
                    {
                        id: 'seen',
                        dataKey: 'seen',
                        curve: 'linear',
                        shape: 'circle',
                        showMark: true,
                        label: say('page.record.dragged'),
                        color: palette.text.primary,
                    },
                ]}
                grid={{ horizontal: true, vertical: true }}
                skipAnimation
                sx={{
                    ...CHART_TEXT,
                    '& [data-series="line"]': { strokeDasharray: '6 5' },
                    '& [data-series="low"], & [data-series="high"]': { strokeWidth: 1 },
                }}
            />
        </figure>
    );
}

function Readings({ readings }: { readings: Foreseen['readings'] }) {
    const sum = (of: (r: Foreseen['readings'][number]) => number) => readings.reduce((s, r) => s + of(r), 0);
    const all = sum((r) => r.readings);
    if (all === 0) {
        return <Typography>{say('page.record.no-readings-yet')}</Typography>;
    }
    const off = sum((r) => r.readings * r.off) / all;
    return (
        <>
            <Typography>
                {say(off < 0 ? 'page.record.read-colder' : 'page.record.read-hotter', {
                    readings: all,
                    inside: sum((r) => r.inside),
                    share: percent(sum((r) => r.inside) / all),
                    off: Math.abs(off).toFixed(1),
                })}
            </Typography>
            <RecordTable
                name="readings-foreseen"
                heads={[
                    say('page.record.foreseen-celsius'),
                    say('page.record.readings'),
                    say('page.record.read-less-foreseen'),
                    say('page.record.spread'),
                    say('page.record.inside-band'),
                ]}
                rows={readings.map((r) => ({
                    key: String(r.from),
                    values: [`${r.from}–${r.to}`, r.readings, r.off, r.spread, r.inside],
                    shown: [null, null, r.off.toFixed(1).replace('-', '−'), r.spread.toFixed(1), null],
                }))}
            />
        </>
    );
}
