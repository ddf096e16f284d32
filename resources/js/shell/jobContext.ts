import { useOutletContext } from 'react-router';
import type { Job, PhoneFile } from '../api/client';

export interface JobContext {
    job: Job;
    phone: PhoneFile;
}

/** The job and its phone file; inside a job's stations only. */
export function useJob(): JobContext {
    const context = useOutletContext<JobContext | null>();
    if (context === null) {
        throw new Error('useJob needs a job around it.');
    }
    return context;
}
