import type { Job, PhoneFile, Plan } from '../../api/client';
import type { BenchView } from '../../bench/benchView';
import { Mat } from '../../mat/Mat';
import { marksFor } from '../../mat/marks';
import { ScrewMat } from '../../mat/ScrewMat';
import { say } from '../../words/words';

interface Props {
    job: Job;
    phone: PhoneFile;
    plan: Plan;
    view: BenchView;
    /** The screw mat instead of the phone. */
    screws: boolean;
    /** Called with a screw's number; undefined for who may only look. */
    tick: ((number: number) => void) | undefined;
}

/** Where the step is done: the phone with what matters on it, or the screw mat. */
export function Drawing({ job, phone, plan, view, screws, tick }: Props) {
    const { step, doneSteps } = view;
    if (screws) {
        return <ScrewMat plan={plan} done={doneSteps} step={step} ticked={view.ticked} tap={tick} />;
    }
    const face = step?.face ?? 'front';
    const cracks = view.oldGlass ? (job.condition?.marks ?? []).filter((m) => m.face === face) : [];
    return (
        <Mat
            phone={phone}
            face={face}
            drawn={cracks}
            marks={step ? marksFor(phone, plan, step, doneSteps) : []}
            title={say('page.bench.up', { maker: phone.identity.maker, model: phone.identity.model, face })}
        />
    );
}
