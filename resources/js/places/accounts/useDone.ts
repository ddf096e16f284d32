import { useMutation } from '@tanstack/react-query';
import { take } from '../../api/client';

interface Answer {
    data?: unknown;
    error?: unknown;
    response: Response;
}

/** Something that is answered with nothing: done, or refused with why. */
export function useDone(ask: () => Promise<Answer>, done: () => Promise<void>) {
    return useMutation({
        mutationFn: async () => {
            const answer = await ask();
            if (!answer.response.ok) {
                await take(Promise.resolve(answer));
            }
        },
        onSuccess: done,
    });
}
