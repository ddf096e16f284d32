import { queryOptions } from '@tanstack/react-query';
import { api, take } from './client';

const path = (job: string) => ({ params: { path: { job } } });

export const queries = {
    me: () => queryOptions({ queryKey: ['me'], queryFn: () => take(api.GET('/api/me')), retry: false, staleTime: Infinity }),
    jobs: () => queryOptions({ queryKey: ['jobs'], queryFn: () => take(api.GET('/api/jobs')) }),
    job: (id: string) => queryOptions({ queryKey: ['job', id], queryFn: () => take(api.GET('/api/jobs/{job}', path(id))) }),
    phones: (q: string) => queryOptions({ queryKey: ['phones', q], queryFn: () => take(api.GET('/api/phones', { params: { query: { q } } })) }),
    phone: (id: string) =>
        queryOptions({
            queryKey: ['phone', id],
            queryFn: () => take(api.GET('/api/phones/{phone}', { params: { path: { phone: id } } })),
            staleTime: Infinity,
        }),
    scope: (id: string) => queryOptions({ queryKey: ['job', id, 'scope'], queryFn: () => take(api.GET('/api/jobs/{job}/scope', path(id))) }),
    parts: (id: string) => queryOptions({ queryKey: ['job', id, 'part'], queryFn: () => take(api.GET('/api/jobs/{job}/part', path(id))) }),
    plan: (id: string) => queryOptions({ queryKey: ['job', id, 'plan'], queryFn: () => take(api.GET('/api/jobs/{job}/plan', path(id))) }),
    bench: (id: string) =>
        queryOptions({ queryKey: ['job', id, 'bench'], queryFn: () => take(api.GET('/api/jobs/{job}/bench', path(id))), refetchInterval: 15_000 }),
    proof: (id: string) => queryOptions({ queryKey: ['job', id, 'proof'], queryFn: () => take(api.GET('/api/jobs/{job}/proof', path(id))) }),
    timers: () => queryOptions({ queryKey: ['timers'], queryFn: () => take(api.GET('/api/timers')), refetchInterval: 15_000 }),
    shelf: () => queryOptions({ queryKey: ['shelf'], queryFn: () => take(api.GET('/api/shelf')) }),
};
