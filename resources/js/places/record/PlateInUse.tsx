import { Link } from 'react-router';
import { api, take, type Schemas } from '../../api/client';
import { say } from '../../words/words';
import { monthName, percent } from './named';
import { TakeOver } from './TakeOver';

type Plate = Schemas['FiguresInUse']['plate'];

/** What is known of the plate's contact, which of it plans are made with, and the way to the other. */
export function PlateInUse({ plate }: { plate: Plate }) {
    const { inUse } = plate;
    return (
        <TakeOver
            name={say('page.record.plate-in-use')}
            inUse={inUse !== null}
            possible={plate.jobs >= plate.enough}
            over={(id) => take(api.PUT('/api/record/contact', { body: { id } }))}
            back={() => take(api.DELETE('/api/record/contact'))}
            words={{
                over: say(inUse ? 'page.record.take-contact-again' : 'page.record.take-contact'),
                back: say('page.record.take-contact-back'),
            }}
            follows={['job', 'day', 'heat']}
        >
            <div>
                {inUse === null
                    ? say('page.record.contact-estimated', { estimate: plate.estimate })
                    : say('page.record.contact-from-record', {
                          contact: inUse.contact,
                          jobs: inUse.jobs,
                          since: monthName(inUse.since),
                      })}
            </div>
            <div>
                {say(plate.jobs === 0 ? 'page.record.plate-not-read' : 'page.record.plate', {
                    contact: plate.contact,
                    low: plate.low,
                    high: plate.high,
                    jobs: plate.jobs,
                })}{' '}
                {plate.jobs < plate.enough && say('page.record.plate-needs', { enough: plate.enough })}
                {plate.jobs >= plate.enough && drift(plate)} <Link to="/heat">{say('page.record.keep-as-source')}</Link>
            </div>
        </TakeOver>
    );
}

/** Whether the plate gets worse, as far as it can be told. */
function drift(plate: Plate): string {
    const said = { share: percent(Math.abs(plate.drift)) };
    if (!plate.drifts) {
        return say('page.record.drift-not-told');
    }
    return say(plate.drift < 0 ? 'page.record.drift-worse' : 'page.record.drift-better', said);
}
