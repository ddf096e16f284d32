import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { api, take, type Condition } from '../../api/client';
import { queries } from '../../api/queries';
import type { MarkKind } from '../../api/sets';
import type { Face } from '../../mat/geometry';
import { useJob } from '../../shell/jobContext';
import { GoOn } from '../../shell/GoOn';
import { Note } from '../../shell/Note';
import { Refusal } from '../../shell/Refusal';
import { useChange } from '../../shell/useChange';
import { useSettled } from '../../shell/useSettled';
import { say, sayReason } from '../../words/words';
import { NextCheck } from '../pieces/NextCheck';
import { ByPost } from './ByPost';
import { Chips } from './Chips';
import { ComebackNote } from './ComebackNote';
import { blank, checked, complete, functionsOf, OBSERVATIONS, seenIn, SIGNS, takeOutOf, toggled } from './draft';
import { Functions } from './Functions';
import { MarkTools } from './MarkTools';
import { Photos } from './Photos';
import { Receipt } from './Receipt';

/** The condition before anything is opened, written down on the drawing and in lists; kept whole or not at all. */
export function CheckIn() {
    const { job, phone } = useJob();
    const [condition, change] = useState<Condition>(job.condition ?? blank());
    const [face, setFace] = useState<Face>('front');
    const [kind, setKind] = useState<MarkKind>('crack');
    const navigate = useNavigate();
    const list = functionsOf(phone);
    const settled = useSettled(condition, 200);
    const look = useQuery(queries.look(job.id, settled)).data;
    const save = useChange(
        job,
        () =>
            take(
                api.PUT('/api/jobs/{job}/check-in', {
                    params: { path: { job: job.id } },
                    body: {
                        version: job.version,
                        condition: complete({ ...condition, observations: seenIn(condition) }, list),
                    },
                }),
            ),
        () => void navigate(`/jobs/${job.id}/scope`),
    );
    const set = <K extends keyof Condition>(key: K, value: Condition[K]) => change((c) => ({ ...c, [key]: value }));
    return (
        <Box
            component="main"
            sx={{
                flex: 'none',
                display: 'grid',
                gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(380px, 0.75fr) 1fr' },
                minHeight: 0,
                height: { md: 'calc(100dvh - var(--bar, 60px) - var(--clocks, 0px))' },
            }}
        >
            <MarkTools {...{ phone, condition, change, look, face, setFace, kind, setKind }} />
            <Box sx={{ overflow: 'auto', p: 2.5, display: 'grid', gap: 2.5, alignContent: 'start' }}>
                <Typography component="h1" variant="h1">
                    {say('page.check-in.condition-before-anything-is-opened')}
                </Typography>
                <ComebackNote job={job} />
                <Chips
                    title={say('page.check-in.what-is-seen')}
                    all={OBSERVATIONS}
                    prefix="observation"
                    on={seenIn(condition)}
                    set={(v) => set('observations', v)}
                />
                {condition.observations.includes('cell-swollen') && (
                    <Note tone="stop">{say('reason.stop-cell-swollen')}.</Note>
                )}
                {look && (
                    <NextCheck
                        finding={look.finding}
                        done={condition.checks}
                        answer={(check) => change((c) => checked(c, check))}
                        undo={(check) => change((c) => ({ ...c, checks: c.checks.filter((x) => x.check !== check) }))}
                    />
                )}
                <Functions list={list} condition={condition} change={change} />
                <Chips
                    title={say('page.check-in.signs-of-an-earlier-repair')}
                    all={SIGNS}
                    prefix="sign"
                    on={condition.repairSigns}
                    set={(v) => set('repairSigns', v)}
                />
                {condition.repairSigns.length > 0 && (
                    <Note tone="care">
                        {[...new Set((look?.signs ?? []).flatMap((s) => s.consequences.map(sayReason)))].map((text) => (
                            <div key={text}>{text}.</div>
                        ))}
                    </Note>
                )}
                <TakenOut phone={phone} on={condition.takenOut} set={(v) => set('takenOut', v)} />
                <Box
                    component="section"
                    aria-label={say('page.check-in.owner-and-payment')}
                    sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 3, alignItems: 'center' }}
                >
                    <FormControlLabel
                        sx={{ minHeight: 48 }}
                        control={
                            <Checkbox checked={condition.canSwitchOff} onChange={(_, v) => set('canSwitchOff', v)} />
                        }
                        label={say('page.check-in.can-be-switched-off-without-the')}
                    />
                    <FormControlLabel
                        sx={{ minHeight: 48 }}
                        control={<Checkbox checked={condition.dataNeeded} onChange={(_, v) => set('dataNeeded', v)} />}
                        label={say('page.check-in.holds-data-the-customer-needs')}
                    />
                    <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center' }}>
                        <span id="who-pays">{say('page.check-in.who-pays')}</span>
                        <ToggleButtonGroup
                            exclusive
                            value={condition.payer}
                            onChange={(_, v: Condition['payer'] | null) => v && set('payer', v)}
                            aria-labelledby="who-pays"
                        >
                            <ToggleButton value="customer">{say('page.customer')}</ToggleButton>
                            <ToggleButton value="insurer">{say('page.insurer')}</ToggleButton>
                        </ToggleButtonGroup>
                    </Box>
                </Box>
                <Photos job={job.id} closed={job.handedOverAt !== null} />
                <Refusal error={save.error} job={job.id} />
                <Button
                    variant="contained"
                    onClick={() => save.mutate(undefined)}
                    disabled={save.isPending || job.handedOverAt !== null}
                    sx={{ minHeight: 76, fontSize: '1.2rem' }}
                >
                    {say('page.check-in.write-down-the-condition')}
                </Button>
                <ByPost job={job} />
                <Receipt job={job} />
                <GoOn job={job} at="check-in" inColumn />
            </Box>
        </Box>
    );
}

function TakenOut({
    phone,
    on,
    set,
}: {
    phone: ReturnType<typeof useJob>['phone'];
    on: string[];
    set: (v: string[]) => void;
}) {
    return (
        <Box component="section" aria-label={say('page.check-in.taken-out')}>
            <Typography component="h2" variant="h2">
                {say('page.check-in.taken-out-or-off')}
            </Typography>
            {takeOutOf(phone).map((t) => (
                <FormControlLabel
                    key={t.id}
                    sx={{ mr: 3, minHeight: 48 }}
                    control={<Checkbox checked={on.includes(t.id)} onChange={() => set(toggled(on, t.id))} />}
                    label={t.name}
                />
            ))}
        </Box>
    );
}
