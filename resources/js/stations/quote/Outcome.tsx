import type { Job } from '../../api/client';
import { Note } from '../../shell/Note';
import { amount, moment, say } from '../../words/words';

/** What the customer has said: yes with a price and a time, or no. */
export function Outcome({ job, currency }: { job: Job; currency: string }) {
    if (job.closedAs === 'refused') {
        return (
            <Note tone="plain">
                {say('page.quote.handed-back-unrepaired', { closedReason: job.closedReason })}{' '}
                <a href={`/api/jobs/${job.id}/receipt.pdf`}>{say('page.receipt-pdf')}</a>
            </Note>
        );
    }
    if (!job.accepted) {
        return null;
    }
    const a = job.accepted;
    return (
        <Note tone="done" role="status">
            <b>{say('page.quote.accepted', { at: moment(a.at), kind: say(`kind.${a.kind}`), label: a.label })}</b>{' '}
            {a.warranty
                ? say('page.quote.under-warranty-nothing-to-pay')
                : say('page.quote.due-at-the-counter', {
                      due: amount(a.due, currency),
                      insured:
                          a.insured === '0.00'
                              ? ''
                              : say('page.quote.the-insurer-owes-from-hand-over', {
                                    insured: amount(a.insured, currency),
                                }),
                  })}
            {a.data && ` ${say('page.data.decided', { by: a.data.by, way: say(`data-way.${a.data.way}`) })}. `}
            {job.promisedAt && say('page.quote.promised', { promisedAt: moment(job.promisedAt) })}
        </Note>
    );
}
