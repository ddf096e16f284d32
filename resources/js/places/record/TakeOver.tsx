import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useMutation, useQuery } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { queries } from '../../api/queries';
import { queryClient } from '../../api/queryClient';
import { newId } from '../../bench/ids';
import { Refusal } from '../../shell/Refusal';

interface Props {
    name: string;
    /** What plans are made with, in words. */
    children: ReactNode;
    inUse: boolean;
    over: (id: string) => Promise<unknown>;
    back: () => Promise<unknown>;
    words: { over: string; back: string };
    /** True if it may be taken over at all. */
    possible?: boolean;
    /** What else follows from it. */
    follows: readonly string[];
}

/** A figure that plans are made with, and for the owner the way to the other one and back. */
export function TakeOver({ name, children, inUse, over, back, words, possible = true, follows }: Props) {
    const owner = useQuery(queries.me()).data?.role === 'owner';
    const onSuccess = async () => {
        for (const key of ['record', ...follows]) {
            await queryClient.invalidateQueries({ queryKey: [key] });
        }
    };
    const taken = useMutation({ mutationFn: over, onSuccess });
    const given = useMutation({ mutationFn: back, onSuccess });
    return (
        <Box
            component="section"
            aria-label={name}
            sx={{ display: 'flex', gap: 1.5, alignItems: 'center', flexWrap: 'wrap' }}
        >
            <Box sx={{ flex: 1, minWidth: 300 }}>{children}</Box>
            {owner && (
                <Box sx={{ display: 'flex', gap: 1, '@media print': { display: 'none' } }}>
                    {possible && (
                        <Button variant="outlined" disabled={taken.isPending} onClick={() => taken.mutate(newId())}>
                            {words.over}
                        </Button>
                    )}
                    {inUse && (
                        <Button color="inherit" disabled={given.isPending} onClick={() => given.mutate()}>
                            {words.back}
                        </Button>
                    )}
                </Box>
            )}
            <Refusal error={taken.error ?? given.error} />
        </Box>
    );
}
