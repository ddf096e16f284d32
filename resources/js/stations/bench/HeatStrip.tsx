import type { Plan } from '../../api/client';
import { momentOf, type BenchView, type Opening } from '../../bench/benchView';
import { asItWent, type Heated } from '../../bench/heat';
import type { Run } from '../../bench/run';
import { useNow } from '../../bench/useNow';
import { Strip } from '../../mat/Strip';
import { HeatBar } from './HeatBar';

interface Props {
    job: string;
    plan: Plan;
    run: Run;
    view: BenchView;
    opening: Opening;
    /** The heating as it really went; null until one has begun and the server has answered. */
    real: Heated | null;
    mayWork: boolean;
}

/** How hot and how long, under the drawing. It ticks by itself; what lies around it does not. */
export function HeatStrip({ job, plan, run, view, opening, real, mayWork }: Props) {
    const { at, words } = momentOf(plan, run, opening, real, useNow(true));
    const strip = (
        <Strip opening={asItWent(opening, real)} readings={real?.readings ?? []} at={at} name={view.bondName} />
    );
    return (
        <>
            {real && words && (
                <HeatBar job={job} heat={real} words={words} heating={view.heating} mayWork={mayWork} strip={strip} />
            )}
            {strip}
        </>
    );
}
