import { useQuery } from '@tanstack/react-query';
import type { Job, PhoneFile, Plan } from '../../api/client';
import { queries } from '../../api/queries';
import type { BenchView } from '../../bench/benchView';
import { bladeAt, placeOf, type Way } from '../../bench/drag';
import { feltMarks } from '../../mat/feltMarks';
import { Mat } from '../../mat/Mat';
import type { Mark } from '../../mat/mark';
import type { Point } from '../../mat/geometry';
import { marksFor } from '../../mat/marks';
import { ScrewMat } from '../../mat/ScrewMat';
import type { Laying } from '../../seal/useLaying';
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
    /** Where a blade that drags stands, mm along its side, and what moves it there; null while none drags. */
    drag: { way: Way; at: number; move: (mm: number) => void } | null;
    /** What of the adhesive is laid now; null at any other step. */
    laying: Laying | null;
}

/** Where the step is done: the phone with what matters on it, or the screw mat. */
export function Drawing({ job, phone, plan, view, screws, tick, drag, laying }: Props) {
    const { step, doneSteps } = view;
    const tests = useQuery({ ...queries.phoneTests(job.id), enabled: step?.gate != null }).data?.data ?? [];
    if (screws) {
        return <ScrewMat plan={plan} done={doneSteps} step={step} ticked={view.ticked} tap={tick} />;
    }
    const gate = step?.gate ?? null;
    const felt = gate === null ? [] : feltMarks(phone, tests, gate);
    const face = felt.length > 0 ? 'front' : (step?.face ?? 'front');
    const cracks = view.oldGlass ? (job.condition?.marks ?? []).filter((m) => m.face === face) : [];
    return (
        <Mat
            phone={phone}
            face={face}
            drawn={cracks}
            marks={[
                ...(step ? marksFor(phone, plan, step, doneSteps, laying?.now ?? null) : []),
                ...felt,
                ...(drag ? [bladeMark(phone, drag)] : []),
                ...(laying?.tip ? [tipMark(laying.tip)] : []),
            ]}
            {...(drag ? { onDraw: tapping(phone, drag) } : {})}
            title={say('page.bench.up', { maker: phone.identity.maker, model: phone.identity.model, face })}
        />
    );
}

function bladeMark(phone: PhoneFile, { way, at }: NonNullable<Props['drag']>): Mark {
    const point = bladeAt(phone, way, at);
    return {
        id: 'blade',
        tone: 'stop',
        dots: point ? [point] : [],
        label: say('page.drag.blade'),
        detail: say('page.drag.dragged-here'),
    };
}

/** Where the tip of a tube should stand by now. */
const tipMark = (at: Point): Mark => ({ id: 'tip', tone: 'stop', dots: [at] });

function tapping(phone: PhoneFile, { way, move }: NonNullable<Props['drag']>) {
    const to = (p: Point) => move(placeOf(phone, way, p));
    return { start: to, move: to };
}
