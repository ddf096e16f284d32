import { useQuery } from '@tanstack/react-query';
import type { Job, PhoneFile, Plan, Schemas, Step } from '../../api/client';
import { queries } from '../../api/queries';
import type { BenchView } from '../../bench/benchView';
import { bladeAt, placeOf, type Way } from '../../bench/drag';
import { feltMarks } from '../../mat/feltMarks';
import { Mat } from '../../mat/Mat';
import type { Mark } from '../../mat/mark';
import { boxAround, type Point } from '../../mat/geometry';
import { marksFor } from '../../mat/marks';
import { ScrewMat } from '../../mat/ScrewMat';
import type { Laying } from '../../seal/useLaying';
import { say } from '../../words/words';
import type { Grounding } from './useCapture';
import { plugsAsked } from './capture/BatteryQuestion';

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
    /** Places that are tapped for what is said of the phone, mm, and what adds one; null while nothing is said. */
    taps: { at: readonly Point[]; add: (p: Point) => void } | null;
    /** It is asked which plug is the battery's: all of them carry their numbers. */
    plugs: boolean;
    ground: Grounding;
}

/** Where the step is done: the phone with what matters on it, or the screw mat. */
export function Drawing({ job, phone, plan, view, screws, tick, drag, laying, taps, plugs, ground }: Props) {
    const { step, doneSteps } = view;
    const tests = useQuery({ ...queries.phoneTests(job.id), enabled: step?.gate != null }).data?.data ?? [];
    const photos = useQuery({ ...queries.photos(job.id), enabled: ground.photo !== null }).data?.data ?? [];
    if (screws && taps === null) {
        return <ScrewMat plan={plan} done={doneSteps} step={step} ticked={view.ticked} tap={tick} />;
    }
    const gate = step?.gate ?? null;
    const felt = gate === null ? [] : feltMarks(phone, tests, gate);
    const face = felt.length > 0 ? 'front' : (step?.face ?? 'front');
    const cracks =
        view.oldGlass && ground.photo === null ? (job.condition?.marks ?? []).filter((m) => m.face === face) : [];
    return (
        <Mat
            phone={phone}
            face={face}
            drawn={cracks}
            marks={[
                ...(plugs ? [plugMarks(phone)] : []),
                ...(taps ? [insideMark(phone, face)] : []),
                ...(step && !plugs ? marksFor(phone, plan, step, doneSteps, laying?.now ?? null) : []),
                ...felt,
                ...(taps ? [tapMark(taps.at)] : []),
                ...(drag ? [bladeMark(phone, drag)] : []),
                ...(laying?.tip ? [tipMark(laying.tip)] : []),
            ]}
            {...laid(job.id, photos, ground, face)}
            {...(taps ? { onDraw: { start: taps.add, move: () => undefined } } : {})}
            {...(drag && !taps ? { onDraw: tapping(phone, drag) } : {})}
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

/** The photo that lies under this face, if one does. */
function laid(job: string, photos: readonly Schemas['Photo'][], ground: Grounding, face: Step['face']) {
    const photo = photos.find((p) => p.id === ground.photo && p.ground?.face === face);
    return photo?.ground
        ? {
              ground: {
                  href: `/api/jobs/${job}/photos/${photo.id}.jpg`,
                  matrix: photo.ground.matrix,
                  fade: ground.fade,
              },
          }
        : {};
}

/** What is drawn of the inside, faintly: it is tapped between it. */
const insideMark = (phone: PhoneFile, face: Step['face']): Mark => ({
    id: 'inside',
    tone: 'plain',
    width: 0.25,
    dashed: true,
    boxes: phone.parts
        .filter((p) => p.face === face && !['frame', 'display-assembly', 'back-cover'].includes(p.kind))
        .map((p) => boxAround(p)),
});

const tapMark = (at: readonly Point[]): Mark => ({
    id: 'taps',
    tone: 'cold',
    dots: at.map((p, i) => ({ ...p, text: String(i + 1) })),
    ...(at.length > 0 ? { label: say('page.capture.here') } : {}),
});

const plugMarks = (phone: PhoneFile): Mark => ({
    id: 'plugs',
    tone: 'stop',
    dots: plugsAsked(phone).map((c, i) => ({ x: c.x, y: c.y, text: String(i + 1) })),
    label: say('page.battery-question.which'),
});

/** Where the tip of a tube should stand by now. */
const tipMark = (at: Point): Mark => ({ id: 'tip', tone: 'stop', dots: [at] });

function tapping(phone: PhoneFile, { way, move }: NonNullable<Props['drag']>) {
    const to = (p: Point) => move(placeOf(phone, way, p));
    return { start: to, move: to };
}
