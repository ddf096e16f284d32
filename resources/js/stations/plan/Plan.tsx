import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import FormControlLabel from '@mui/material/FormControlLabel';
import Radio from '@mui/material/Radio';
import RadioGroup from '@mui/material/RadioGroup';
import Tab from '@mui/material/Tab';
import Tabs from '@mui/material/Tabs';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { useState, type SyntheticEvent } from 'react';
import { Link } from 'react-router';
import { api, take, type PhoneFile, type Plan } from '../../api/client';
import { queries } from '../../api/queries';
import { usual, type HeatSource } from '../../heat/source';
import { OldPanelField } from '../../heat/OldPanelField';
import { SourceFields } from '../../heat/SourceFields';
import { Strip } from '../../mat/Strip';
import { GoOn } from '../../shell/GoOn';
import { Note } from '../../shell/Note';
import { Refusal } from '../../shell/Refusal';
import { useChange } from '../../shell/useChange';
import { useJob } from '../../shell/jobContext';
import { clock, minutes, say, sayReason, sentence } from '../../words/words';
import { AsItWent } from './AsItWent';
import { PlanLists } from './PlanLists';
import { PlanSteps } from './PlanSteps';
import { Sources, type Choice } from './Sources';
import { Figure } from '../../shell/Figure';

/** The whole job, computed: source in, steps out. */
export function PlanStation() {
    const { job, phone } = useJob();
    const plan = useQuery({ ...queries.plan(job.id), enabled: job.source !== null });
    const [source, setSource] = useState<HeatSource>(job.source ?? usual.plate);
    const [oldPanel, setOldPanel] = useState(job.oldPanel);
    const [school, setSchool] = useState(job.school);
    const kept = job.kind === 'glass-only';
    const make = useChange(job, (by: Choice) =>
        take(
            api.PUT('/api/jobs/{job}/plan', {
                params: { path: { job: job.id } },
                body: { version: job.version, ...by, school },
            }),
        ),
    );
    const planWith = (by: Choice) => {
        setSource(by.source);
        setOldPanel(by.oldPanel);
        make.mutate(by);
    };
    const submit = (event: SyntheticEvent) => {
        event.preventDefault();
        make.mutate({ source, oldPanel, reason: job.sourceReason });
    };
    const mayPlan = !make.isPending && job.handedOverAt === null;
    const p = job.source === null ? undefined : plan.data;
    return (
        <Box
            component="main"
            sx={{
                flex: 'none',
                display: 'grid',
                // Until there is a plan the comparison has the whole page.
                gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: p ? 'minmax(0, 1fr) 460px' : 'minmax(0, 1fr)' },
                minHeight: 0,
                height: { lg: 'calc(100dvh - var(--bar, 60px) - var(--clocks, 0px))' },
            }}
        >
            <Box
                tabIndex={0}
                role="region"
                aria-label={say('page.plan.steps-of-the-plan')}
                sx={{ p: 2.5, overflow: 'auto' }}
            >
                <Box
                    component="form"
                    onSubmit={submit}
                    sx={{ display: 'flex', gap: 2, alignItems: 'center', mb: 2, flexWrap: 'wrap' }}
                >
                    <Typography component="h1" variant="h1" sx={{ flex: 1 }}>
                        {say('page.plan.plan')}
                    </Typography>
                    <SourceFields source={source} set={setSource} />
                    <OldPanelField size="medium" value={kept ? 'save' : oldPanel} set={setOldPanel} disabled={kept} />
                    <Button type="submit" variant="outlined" disabled={!mayPlan} sx={{ minHeight: 56 }}>
                        {p ? say('page.plan.plan-again') : say('page.plan.make-the-plan')}
                    </Button>
                    {p?.works && (
                        <Button
                            component={Link}
                            to={`/jobs/${job.id}/bench`}
                            variant="contained"
                            sx={{ minHeight: 56 }}
                        >
                            {say('page.plan.to-the-bench')}
                        </Button>
                    )}
                </Box>
                <Box sx={{ display: 'grid', gap: 1.5 }}>
                    <Refusal error={make.error} job={job.id} />
                    <Sources job={job} plan={mayPlan ? planWith : undefined} />
                    {p?.warnings.map((w) => (
                        <Note key={w.code} tone={w.severity}>
                            {sentence(sayReason(w))}
                        </Note>
                    ))}
                </Box>
                {p && p.works && <PlanSteps plan={p} />}
                <GoOn job={job} at="plan" inColumn />
            </Box>
            {p && (
                <Box
                    tabIndex={0}
                    role="region"
                    aria-label={say('page.plan.figures-of-the-plan')}
                    sx={{ bgcolor: 'background.paper', borderLeft: 1, borderColor: 'divider', overflow: 'auto' }}
                >
                    <>
                        <InFigures plan={p} />
                        <Typography variant="body2" color="textSecondary" sx={{ px: 2.5, pb: 1.5 }}>
                            {say('page.plan.removals-in-the-order-with-the', {
                                removals: p.summary.removals,
                                changes: p.route.changes,
                                optimal: p.route.optimal
                                    ? say('page.plan.proven-no-valid-order-of-them')
                                    : say('page.plan.not-proven-at-least-are-needed', { bound: p.route.bound }),
                            })}
                        </Typography>
                        {p.steps.some((s) => s.times !== undefined) && (
                            <Typography variant="body2" color="textSecondary" sx={{ px: 2.5, pb: 1.5 }}>
                                {say('page.plan.minutes-of-your-own')}
                            </Typography>
                        )}
                        {p.source.origin === 'shops-record' && (
                            <Typography variant="body2" color="textSecondary" sx={{ px: 2.5, pb: 1.5 }}>
                                {say('page.plan.contact-of-your-own', { contact: p.source.coefficient.toFixed(0) })}
                            </Typography>
                        )}
                        {p.schools.length > 1 && <Schools plan={p} school={school} set={setSchool} />}
                        <Openings job={job.id} plan={p} phone={phone} />
                        <PlanLists plan={p} phone={phone} />
                    </>
                </Box>
            )}
        </Box>
    );
}

/** What the plan comes to, each figure with where it is from. */
function InFigures({ plan: { summary, steps } }: { plan: Plan }) {
    const own = steps.some((s) => s.times !== undefined) ? 'yes' : 'no';
    const figures: [name: string, value: string, why: string][] = [
        [say('page.plan.hands-on'), minutes(summary.handsOn), say('why.hands', { own })],
        [say('page.plan.waiting'), minutes(summary.waiting), say('why.waiting')],
        [say('page.plan.steps'), String(summary.steps), say('why.steps')],
        [say('page.plan.screws'), String(summary.screws), say('why.screws')],
        [say('page.plan.tool-changes-turns'), String(summary.changes), say('why.changes')],
        [say('page.plan.battery-on'), `${summary.batteryCycles} ×`, say('why.battery')],
    ];
    return (
        <Box
            sx={{
                display: 'grid',
                gridTemplateColumns: { xs: 'repeat(2, 1fr)', sm: 'repeat(3, 1fr)' },
                gap: 1.5,
                p: 2.5,
            }}
        >
            {figures.map(([name, value, why]) => (
                <Figure key={name} name={name} value={value} why={why} />
            ))}
        </Box>
    );
}

/** Both ways of moving parts over to a new frame, with what each takes; the next plan is made by the one chosen. */
function Schools({ plan, school, set }: { plan: Plan; school: Plan['school']; set: (s: Plan['school']) => void }) {
    return (
        <Box component="fieldset" sx={{ border: 0, m: 0, px: 2.5, pb: 1.5 }}>
            <Typography component="legend" variant="body2" color="textSecondary">
                {say('page.plan.moving-over-to-the-new-frame')}
            </Typography>
            <RadioGroup value={school} onChange={(e) => set(e.target.value as Plan['school'])}>
                {plan.schools.map((s) => (
                    <FormControlLabel
                        key={s.school}
                        value={s.school}
                        control={<Radio />}
                        label={say('page.plan.from-first-to-last-step-changes', {
                            school: say(`school.${s.school}`),
                            elapsed: minutes(s.elapsed),
                            changes: s.changes,
                            school2: s.school === plan.school ? say('page.plan.this-plan') : '',
                        })}
                    />
                ))}
            </RadioGroup>
            {school !== plan.school && (
                <Typography color="textSecondary">{say('page.plan.plan-again-to-take-it')}</Typography>
            )}
        </Box>
    );
}

function Openings({ job, plan, phone }: { job: string; plan: Plan; phone: PhoneFile }) {
    const [at, setAt] = useState(0);
    const opening = plan.openings[at];
    const name = (id: string): string => phone.bonds.find((b) => b.id === id)?.name ?? id;
    if (!opening) {
        return null;
    }
    const heated = opening.phases.find((p) => p.kind === 'heat');
    const off =
        heated &&
        opening.samples.reduce((best, s) => (Math.abs(s.t - heated.to) < Math.abs(best.t - heated.to) ? s : best));
    return (
        <Box>
            {plan.openings.length > 1 && (
                <Tabs value={at} onChange={(_, v: number) => setAt(v)} aria-label={say('page.bonds')}>
                    {plan.openings.map((o) => (
                        <Tab key={o.bond} label={name(o.bond)} />
                    ))}
                </Tabs>
            )}
            <Box sx={{ height: 190 }}>
                <Strip opening={opening} at={null} name={name(opening.bond)} />
            </Box>
            {heated && off && (
                <Typography sx={{ px: 2.5, py: 1.5 }}>
                    {say('page.plan.on-the-source-bond-c-of', {
                        to: clock(heated.to - heated.from),
                        bond: off.bond.toFixed(0),
                        low: opening.window.low,
                        high: opening.window.high,
                        battery: off.battery.toFixed(0),
                        batteryStop: opening.limits.batteryStop,
                        phases: opening.phases.filter((p) => p.kind === 'heat').length,
                    })}
                </Typography>
            )}
            {plan.works && <AsItWent job={job} opening={opening} name={name(opening.bond)} />}
        </Box>
    );
}
