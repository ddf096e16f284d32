import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import type { Schemas } from '../../api/client';
import { queries } from '../../api/queries';
import type { HeatSource } from '../../heat/source';
import { Refusal } from '../../shell/Refusal';
import { Figure } from '../../shell/Figure';
import { clock, say, sentences } from '../../words/words';
import { HeatCurves } from './HeatCurves';
import { LayerCurves } from './LayerCurves';
import { RegionChart } from './RegionChart';
import { inUnits } from '../../words/units';

interface Props {
    tried: Schemas['HeatTried'];
    wide: boolean;
    take: (seconds: number) => void;
    set: (s: HeatSource) => void;
}

/** What one source does to one bond: at lift-off, the curves, and every setting and time that works. */
export function Tried({ tried, wide, take, set }: Props) {
    const answer = useQuery(queries.heat(tried));
    const a = answer.data;
    if (!a) {
        return <Refusal error={answer.error} />;
    }
    const off = a.samples.reduce((best, s) => (Math.abs(s.t - a.lift) < Math.abs(best.t - a.lift) ? s : best));
    const band = a.band.find((b) => b.t === off.t);
    const works = a.region.filter((p) => p.binding === 'target').length;
    return (
        <>
            <Refusal error={answer.error} />
            <Box sx={{ display: 'flex', gap: 3, flexWrap: 'wrap' }}>
                <Figure
                    name={say('page.tried.bond-after-of', {
                        lift: clock(a.lift),
                        low: a.window.low,
                        high: a.window.high,
                    })}
                    value={say('page.tried.c', {
                        degrees: off.bond.toFixed(0),
                        band: band && ` (${band.low.toFixed(0)}–${band.high.toFixed(0)})`,
                    })}
                    why={say('why.bond-heat')}
                />
                <Figure
                    name={say('page.tried.battery-stop-at', { batteryStop: a.limits.batteryStop })}
                    value={inUnits(`${off.battery.toFixed(0)} °C`)}
                    why={say('why.battery-heat')}
                />
                <Figure
                    name={say('page.tried.panel-limit', {
                        panel: a.limits.panel,
                        panelPeak:
                            a.limits.panelPeak > a.limits.panel
                                ? say('page.tried.for-s', {
                                      panelPeak: a.limits.panelPeak,
                                      panelPeakSeconds: a.limits.panelPeakSeconds,
                                  })
                                : '',
                    })}
                    value={inUnits(`${off.panel.toFixed(0)} °C`)}
                    why={say('why.panel-heat')}
                />
                <Figure
                    name={say('page.tried.of-what-the-panel-bears')}
                    value={`${Math.round(100 * a.panelUsed)} %`}
                    why={say('why.panel-budget')}
                />
            </Box>
            <Typography>
                <b>{a.best ? say('page.tried.gentlest-that-works') : say('page.tried.nothing-works')}</b>
                {sentences(a.because)}{' '}
                {a.best && (
                    <Button
                        size="small"
                        variant="outlined"
                        onClick={() => {
                            take(a.best?.seconds ?? tried.seconds);
                            if (tried.source.kind !== 'grain-bag') {
                                set({ ...tried.source, set: Math.round(a.best?.set ?? 0) });
                            }
                        }}
                    >
                        {say('page.take-it')}
                    </Button>
                )}
            </Typography>
            <Box
                sx={{
                    display: 'grid',
                    gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: wide ? '1.5fr 1fr' : '1fr' },
                    gap: 2,
                    minWidth: 0,
                }}
            >
                <HeatCurves advice={a} />
                <RegionChart advice={a} />
                {a.layers.length > 0 && tried.stack !== undefined && <LayerCurves advice={a} stack={tried.stack} />}
            </Box>
            <Typography color="textSecondary">
                {say('page.tried.of-pairs-of-setting-and-time', {
                    works,
                    region: a.region.length,
                    coefficient: a.source.coefficient,
                    origin: say(`origin.${a.source.origin}`),
                })}
            </Typography>
        </>
    );
}
