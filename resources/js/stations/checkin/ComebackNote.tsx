import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import type { Job, Schemas } from '../../api/client';
import { queries } from '../../api/queries';
import { Note } from '../../shell/Note';
import { moment, say } from '../../words/words';

/** That this phone came back, with what, and what the job before had used of that. */
export function ComebackNote({ job }: { job: Job }) {
    const back = useQuery(queries.after(job.id)).data?.cameBack ?? null;
    if (job.comebackOf === null) {
        return null;
    }
    return (
        <Note tone="care">
            {say('page.check-in.this-phone-came-back-from')}{' '}
            <Link to={`/jobs/${job.comebackOf.id}/hand-over`}>{job.comebackOf.tag}</Link>
            {job.comebackOf.covered
                ? ` ${say('page.check-in.within-the-warranty-period')}`
                : ` ${say('page.check-in.after-the-warranty')}`}
            {back !== null && (
                <>
                    <div>
                        <b>
                            {[
                                say(`came-back.${back.what}`),
                                back.side === null ? null : say(`side.${back.side}`),
                                back.function === null ? null : say(`function.${back.function}`),
                            ]
                                .filter((w) => w !== null)
                                .join(', ')}
                        </b>
                        : {back.text}
                    </div>
                    {tied(back.tied).map((line) => (
                        <div key={line}>{line}.</div>
                    ))}
                </>
            )}
        </Note>
    );
}

function tied({ adhesive, part, method, step }: Schemas['TiedTo']): string[] {
    const at = (ms: number): string => moment(new Date(ms).toISOString());
    const lines: (string | null)[] = [
        adhesive === null
            ? null
            : `${say('tied.adhesive', {
                  bond: adhesive.bond,
                  way: adhesive.way === null ? '–' : say(`way.${adhesive.way}`),
                  laid: adhesive.laid === null ? '–' : at(adhesive.laid),
              })}, ${
                  adhesive.clamped === null
                      ? say('tied.not-clamped')
                      : say('tied.clamped', { minutes: Math.round(adhesive.clamped / 60) })
              }`,
        part === null ? null : say('tied.part', part),
        say('tied.method', { source: say(`source.${method.source}`) }),
        step === null ? null : say('tied.step', { title: step.title, at: at(step.at) }),
    ];
    return lines.filter((l) => l !== null);
}
