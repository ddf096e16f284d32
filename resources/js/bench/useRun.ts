import { useQuery } from '@tanstack/react-query';
import { useEffect, useMemo } from 'react';
import type { Plan } from '../api/client';
import { queries } from '../api/queries';
import { runOf, type Run } from './run';
import { useOutbox } from './useOutbox';
import { learnServerTime } from './useNow';

export type RunView = { kind: 'loading' } | { kind: 'error'; error: Error } | { kind: 'ready'; plan: Plan; run: Run };

/** The plan and where its run stands, what waits to be sent included. */
export function useRun(job: string): RunView {
    const plan = useQuery(queries.plan(job));
    const bench = useQuery({ ...queries.bench(job), enabled: plan.data?.works === true });
    const { waiting } = useOutbox();
    const state = bench.data;
    useEffect(() => {
        if (state) {
            learnServerTime(state.now);
        }
    }, [state]);
    const run = useMemo(
        () =>
            plan.data && state
                ? runOf(
                      plan.data,
                      state,
                      waiting.filter((w) => w.job === job).flatMap((w) => w.event ?? []),
                  )
                : null,
        [plan.data, state, waiting, job],
    );
    if (plan.data && run) {
        return { kind: 'ready', plan: plan.data, run };
    }
    const error = plan.error ?? bench.error;
    return error ? { kind: 'error', error } : { kind: 'loading' };
}
