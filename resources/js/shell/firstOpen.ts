import type { Job } from '../api/client';

/** The first station that is reached and not done: where the work on a job goes on. */
export const firstOpen = (job: Pick<Job, 'stations'>): string =>
    job.stations.find((s) => s.reachable && !s.done)?.id ?? 'hand-over';
