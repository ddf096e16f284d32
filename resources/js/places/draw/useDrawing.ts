import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useReducer } from 'react';
import { api, take, type PhoneFile } from '../../api/client';
import { useSettled } from '../../shell/useSettled';
import { history, opened } from './history';

/** A phone file in hand: every step undone and redone, checked and planned as it is drawn, kept as the next version. */
export function useDrawing(file: PhoneFile, kept: (version: number) => void) {
    const client = useQueryClient();
    const [state, act] = useReducer(history, file, opened);
    const settled = useSettled(state.now, 150);
    const check = useQuery({
        queryKey: ['phone-check', settled],
        queryFn: () =>
            take(
                api.POST('/api/phone-files/check', { body: { document: settled as unknown as Record<string, never> } }),
            ),
        placeholderData: keepPreviousData,
        staleTime: Infinity,
        gcTime: 10_000,
    });
    const keep = useMutation({
        mutationFn: ({ over, file: drawn }: { over: number; file: PhoneFile }) =>
            take(
                api.PUT('/api/phone-files/{phone}', {
                    params: { path: { phone: drawn.identity.id } },
                    body: { document: drawn as unknown as Record<string, never>, version: over },
                }),
            ),
        onSuccess: async (answer) => {
            kept(answer.version);
            await client.invalidateQueries({ queryKey: ['phones'] });
            await client.invalidateQueries({ queryKey: ['phone-versions'] });
        },
    });
    return {
        state,
        act,
        check: check.data ?? null,
        keep: (over: number) => keep.mutate({ over, file: state.now }),
        keeping: keep.isPending,
        refused: keep.error,
        /** True until the next edit: what is kept is what is drawn. */
        isKept: keep.isSuccess && keep.variables.file === state.now,
    };
}
