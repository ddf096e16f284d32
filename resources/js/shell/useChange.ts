import { useMutation } from '@tanstack/react-query';
import type { Job } from '../api/client';
import { queries } from '../api/queries';
import { queryClient } from '../api/queryClient';

/** A change of a job: the answer is the job as it now is; a refusal leaves the page as it was and is shown. */
export function useChange<T>(job: Job, call: (input: T) => Promise<Job>, then?: (job: Job) => void) {
    return useMutation({
        mutationFn: call,
        onSuccess: async (changed) => {
            queryClient.setQueryData(queries.job(job.id).queryKey, changed);
            await queryClient.invalidateQueries({ queryKey: ['job', job.id], predicate: (q) => q.queryKey.length > 2 });
            await queryClient.invalidateQueries({ queryKey: ['jobs'] });
            await queryClient.invalidateQueries({ queryKey: ['day'] });
            then?.(changed);
        },
    });
}
