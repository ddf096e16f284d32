import { useMutation } from '@tanstack/react-query';
import { done } from '../api/client';

/** Something that is answered with nothing: done, or refused with why. */
export function useDone(ask: () => Parameters<typeof done>[0], then: () => Promise<void>) {
    return useMutation({ mutationFn: () => done(ask()), onSuccess: then });
}
