import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { api, take, type Schemas } from '../../api/client';
import { queries } from '../../api/queries';
import { queryClient } from '../../api/queryClient';
import { newId } from '../../bench/ids';

export type Day = Schemas['BenchDay'];
export type DayPhone = Day['phones'][number];
export type Moved = Schemas['MovedPhone'];

/** One change of the day, by whom or of which phone. */
export type Asked =
    | { what: 'place'; phone: DayPhone; at: number | null; firm: boolean }
    | { what: 'away'; person: string; from: number; to: number }
    | { what: 'back'; absence: string };

const bodyOf = (asked: Asked): Schemas['DayChange'] =>
    asked.what === 'place'
        ? { place: { job: asked.phone.job, at: asked.at, firm: asked.firm } }
        : asked.what === 'away'
          ? { away: { person: asked.person, from: asked.from, to: asked.to } }
          : { back: asked.absence };

const doIt = (asked: Asked, id: string): Promise<Day> =>
    asked.what === 'place'
        ? take(
              api.PUT('/api/jobs/{job}/place', {
                  params: { path: { job: asked.phone.job } },
                  body: { version: asked.phone.version, at: asked.at, firm: asked.firm },
              }),
          )
        : asked.what === 'away'
          ? take(
                api.PUT('/api/absences/{absence}', {
                    params: { path: { absence: id } },
                    body: { person: asked.person, from: asked.from, to: asked.to },
                }),
            )
          : take(api.DELETE('/api/absences/{absence}', { params: { path: { absence: asked.absence } } }));

/** What is wanted of the day: what follows is looked at first, then it is done or left. */
export function useDay() {
    const [asked, setAsked] = useState<{ change: Asked; id: string } | null>(null);
    const look = useMutation({
        mutationFn: (change: Asked) => take(api.POST('/api/day/preview', { body: bodyOf(change) })),
    });
    const act = useMutation({
        mutationFn: () => (asked ? doIt(asked.change, asked.id) : Promise.reject(new Error('nothing is asked'))),
        onSuccess: (day) => {
            queryClient.setQueryData(queries.day().queryKey, day);
            setAsked(null);
        },
        // Somebody else may have changed it: what is shown next is as it is now.
        onError: () => void queryClient.invalidateQueries({ queryKey: queries.day().queryKey }),
    });
    return {
        asked: asked?.change ?? null,
        follows: look.data ?? null,
        refused: look.error ?? act.error,
        busy: look.isPending || act.isPending,
        ask: (change: Asked) => {
            act.reset();
            setAsked({ change, id: newId() });
            look.mutate(change);
        },
        doIt: () => act.mutate(),
        leave: () => {
            act.reset();
            look.reset();
            setAsked(null);
        },
    };
}
