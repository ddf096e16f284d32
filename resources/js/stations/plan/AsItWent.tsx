import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import type { Plan } from '../../api/client';
import { queries } from '../../api/queries';
import { asItWent } from '../../bench/heat';
import { Strip } from '../../mat/Strip';
import { clock, say } from '../../words/words';
import { inUnits } from '../../words/units';

/** A few readings one by one; many, as a thermometer makes them, by how many and from where to where. */
export function readingsInWords(readings: { t: number; probe: string; celsius: number }[]): string {
    const one = (r: { t: number; probe: string; celsius: number }): string =>
        inUnits(`${clock(r.t)}: ${say(`probe.${r.probe}`).toLowerCase()} ${r.celsius.toFixed(1)} °C`);
    const [first, last] = [readings[0], readings[readings.length - 1]];
    if (readings.length <= FEW || !first || !last) {
        return readings.map((r) => say('page.as-it-went.read-at', { r: one(r) })).join('');
    }
    return say('page.as-it-went.read-times-from-to', { readings: readings.length, first: one(first), last: one(last) });
}

const FEW = 4;

/**
 * The heating that really was, set beside the planned one: times on the source, and what was read against what was
 * reckoned.
 */
export function AsItWent({ job, opening, name }: { job: string; opening: Plan['openings'][number]; name: string }) {
    const answer = useQuery(queries.benchHeat(job, opening.bond)).data;
    const heat = answer?.heat;
    if (!answer || !heat) {
        return null;
    }
    const planned = opening.phases.filter((p) => p.kind === 'heat').map((p) => clock(p.to - p.from));
    const end = heat.samples[heat.samples.length - 1]?.t ?? 0;
    return (
        <Box component="section" aria-label={say('page.as-it-went.as-it-went')}>
            <Box sx={{ height: 190 }}>
                <Strip
                    opening={asItWent(opening, heat)}
                    readings={heat.readings}
                    at={Math.min((answer.now - heat.from) / 1000, end)}
                    name={say('page.as-it-went.as-it-went-2', { name })}
                />
            </Box>
            <Typography sx={{ px: 2.5, py: 1.5 }}>
                {say('page.as-it-went.on-the-source-planned', {
                    heats: heat.heats.map((h) => clock(h.to - h.from)).join(', '),
                    planned: planned.join(', '),
                    readings: readingsInWords(heat.readings),
                })}
            </Typography>
        </Box>
    );
}
