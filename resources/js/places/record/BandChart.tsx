import { BarChart } from '@mui/x-charts/BarChart';
import { useTheme } from '@mui/material/styles';
import { CHART_TEXT } from '../../theme/charts';

export interface Band {
    name: string;
    low: number;
    middle: number;
    high: number;
}

interface Props {
    label: string;
    bands: Band[];
    shown: (value: number) => string;
    /** At the axis, where figures are round. */
    axis?: (value: number) => string;
    /** Where the axis begins; zero if nothing else is said. */
    from?: number;
    ends: { low: string; high: string };
}

/** Estimates with their bands: the bar begins and ends where the band does, and changes its tone at the estimate. */
export function BandChart({ label, bands, shown, axis, from = 0, ends }: Props) {
    const { palette } = useTheme();
    const rows = bands.map((b) => ({
        name: b.name,
        before: b.low - from,
        lower: b.middle - b.low,
        upper: b.high - b.middle,
    }));
    const told = (i: number | undefined) => {
        const b = bands[i ?? 0];
        return b ? `${shown(b.middle)} (${shown(b.low)} – ${shown(b.high)})` : '';
    };
    return (
        <figure style={{ margin: 0 }} role="img" aria-label={label}>
            <BarChart
                layout="horizontal"
                dataset={rows}
                height={48 * rows.length + 60}
                yAxis={[{ scaleType: 'band', dataKey: 'name', width: 220, categoryGapRatio: 0.45 }]}
                xAxis={[{ tickNumber: 7, valueFormatter: (v: number) => (axis ?? shown)(v + from) }]}
                series={[
                    { dataKey: 'before', stack: 'band', color: 'transparent', valueFormatter: () => null },
                    {
                        dataKey: 'lower',
                        stack: 'band',
                        label: ends.low,
                        color: palette.text.primary,
                        valueFormatter: (_, { dataIndex }) => told(dataIndex),
                    },
                    {
                        dataKey: 'upper',
                        stack: 'band',
                        label: ends.high,
                        color: palette.role.rule,
                        valueFormatter: () => null,
                    },
                ]}
                grid={{ vertical: true }}
                skipAnimation
                margin={{ left: 4, right: 24, top: 8, bottom: 4 }}
                slotProps={{ legend: { position: { vertical: 'bottom', horizontal: 'end' } } }}
                sx={CHART_TEXT}
            />
        </figure>
    );
}
