import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, take, type Schemas } from '../api/client';
import { queries } from '../api/queries';
import { say } from '../words/words';
import { inUnits } from '../words/units';

export type Thermometer = Schemas['Thermometer'];
export type Probe = Schemas['Follow']['probe'];

/** The thermometer that matters to a job: the one read for it, else the first that is heard. */
export function thermometerFor(all: readonly Thermometer[], job: string): Thermometer | null {
    return all.find((t) => t.follows?.job === job) ?? all.find((t) => t.state !== 'silent') ?? all[0] ?? null;
}

/** What it shows, in words. */
export function shown(t: Thermometer): string {
    if (t.state === 'silent') {
        return say('page.use-thermometer.is-silent', { id: t.id });
    }
    return t.celsius === null
        ? say('page.use-thermometer.probe-open', { id: t.id })
        : inUnits(`${t.id} ${t.celsius.toFixed(1)} °C`);
}

/** The thermometer of a job's bench, and putting it to a heating or leaving it. */
export function useThermometer(job: string) {
    const client = useQueryClient();
    const all = useQuery(queries.thermometers()).data?.data ?? [];
    const again = () => client.invalidateQueries({ queryKey: queries.thermometers().queryKey });
    const follow = useMutation({
        mutationFn: (body: Schemas['Follow']) =>
            take(api.PUT('/api/jobs/{job}/thermometer', { params: { path: { job } }, body })),
        onSettled: again,
    });
    const leave = useMutation({
        mutationFn: () => api.DELETE('/api/jobs/{job}/thermometer', { params: { path: { job } } }),
        onSettled: again,
    });
    return { thermometer: thermometerFor(all, job), follow, leave };
}
