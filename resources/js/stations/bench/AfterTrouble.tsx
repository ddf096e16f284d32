import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import type { Job, Plan } from '../../api/client';
import { queries } from '../../api/queries';
import type { Run } from '../../bench/run';
import { Note } from '../../shell/Note';
import { say } from '../../words/words';
import { PartOrder } from '../pieces/PartOrder';

/** True once a part that was ordered has been confirmed to be here. */
const awaited = (plan: Plan, run: Run, part: string): boolean =>
    plan.steps.some((s) => s.kind === 'await-part' && s.subjects[0] === part && run.done.has(s.id));

/** What a trouble has changed in the plan: the price may no longer hold. */
export function Happened({ job, plan, run }: { job: string; plan: Plan; run: Run }) {
    const all = useQuery(queries.troubles(job)).data?.data ?? [];
    const lacks = (t: (typeof all)[number]) =>
        t.part !== null && t.order?.state !== 'ordered' && !awaited(plan, run, t.part.id);
    const price = all.filter((t) => t.quote && (t.agreed === null || lacks(t)));
    return (
        <>
            {price.map((t) => (
                <Note key={t.id} tone="care">
                    <b>
                        {say(`trouble.${t.trouble}`)}: {t.name}.
                    </b>{' '}
                    {t.agreed === null ? `${say('reason.quote-no-longer-holds')}. ` : ''}
                    {lacks(t) ? say('page.step-card.is-not-ordered-yet', { name: t.part?.name }) : ''}
                    <Link to={`/jobs/${job}/quote`}>{say('page.step-card.to-the-quote')}</Link>
                </Note>
            ))}
        </>
    );
}

/**
 * Where the order of a part stands that a step waits for; what is not ordered yet is said above, and is ordered at
 * the quote.
 */
export function Awaited({ job, part }: { job: Job; part: string }) {
    const all = useQuery(queries.troubles(job.id)).data?.data ?? [];
    return all
        .filter((t) => t.part?.id === part && t.order !== null)
        .map((t) => t.part && <PartOrder key={t.id} job={job} trouble={t} part={t.part.name} />);
}
