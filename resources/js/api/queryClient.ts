import { QueryClient } from '@tanstack/react-query';
import { Refused } from './client';

export const queryClient = new QueryClient({
    defaultOptions: {
        queries: {
            staleTime: 5_000,
            networkMode: 'always',
            retry: (count, error) => !(error instanceof Refused && error.status < 500) && count < 2,
        },
        mutations: { networkMode: 'always' },
    },
});
