import { api, take, type Schemas } from '../../api/client';
import { say } from '../../words/words';
import { monthName } from './named';
import { TakeOver } from './TakeOver';

/** Which minutes plans, prices and days are made with, and the way to the others. */
export function MinutesInUse({ inUse }: { inUse: Schemas['MinutesRecord']['inUse'] }) {
    return (
        <TakeOver
            name={say('page.record.minutes-in-use')}
            inUse={inUse !== null}
            over={(id) => take(api.PUT('/api/record/minutes', { body: { id } }))}
            back={() => take(api.DELETE('/api/record/minutes'))}
            words={{
                over: say(inUse ? 'page.record.take-minutes-again' : 'page.record.take-minutes'),
                back: say('page.record.take-minutes-back'),
            }}
            follows={['job', 'day']}
        >
            {inUse === null
                ? say('page.record.minutes-estimated')
                : say('page.record.minutes-from-record', {
                      kinds: inUse.kinds,
                      families: inUse.families,
                      steps: inUse.steps,
                      since: inUse.since === null ? '' : monthName(inUse.since),
                  })}
        </TakeOver>
    );
}
