import Typography from '@mui/material/Typography';
import { useTheme } from '@mui/material/styles';
import { LineChart } from '@mui/x-charts/LineChart';
import { CHART_TEXT } from '../../theme/charts';
import { say } from '../../words/words';
import { roundPercent } from './named';

/** When phones come back: the share that has, day by day. */
export function BackCurve({ curve }: { curve: number[][] }) {
    const { palette } = useTheme();
    const points = [[0, 0], ...curve].map(([days = 0, share = 0]) => ({ days, share }));
    return (
        <section aria-labelledby="back-curve">
            <Typography id="back-curve" component="h2" variant="h2">
                {say('page.record.when-they-come')}
            </Typography>
            <figure style={{ margin: 0 }} role="img" aria-label={say('page.record.picture-of-days')}>
                <LineChart
                    dataset={points}
                    height={260}
                    xAxis={[{ dataKey: 'days', label: say('page.record.days-out'), min: 0 }]}
                    yAxis={[{ valueFormatter: roundPercent, width: 64, min: 0 }]}
                    series={[{ dataKey: 'share', curve: 'stepAfter', showMark: false, color: palette.text.primary }]}
                    grid={{ horizontal: true }}
                    hideLegend
                    skipAnimation
                    sx={CHART_TEXT}
                />
            </figure>
        </section>
    );
}
