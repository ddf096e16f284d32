import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { api, take, type Condition, type PhoneFile } from '../api/client';
import type { Face, Point } from '../mat/geometry';
import { Mat } from '../mat/Mat';
import { Note } from '../shell/Note';
import { Refusal } from '../shell/Refusal';
import { useChange } from '../shell/useChange';
import { useJob } from '../shell/jobContext';
import { say } from '../words/words';

type Observation = Condition['observations'][number];
type Fn = Condition['functions'][number]['function'];
type State = Condition['functions'][number]['state'];
type Sign = Condition['repairSigns'][number];

const OBSERVATIONS: Observation[] = [
    'cracked-glass',
    'lines',
    'spots',
    'flicker',
    'no-image',
    'blotches',
    'no-touch',
    'dead-zones',
    'dim-image',
    'still-rings',
    'screen-lifted',
    'frame-bent',
    'back-cracked',
    'cell-swollen',
];
const SIGNS: Sign[] = ['foreign-tape', 'liquid-glue', 'missing-screws', 'mixed-screws', 'lifts-easily', 'seal-missing', 'part-notice'];
const STATES: State[] = ['works', 'fails', 'cannot-test'];

/** The functions of this phone in the order of testing, from the parts in its file. */
const functionsOf = (phone: PhoneFile): Fn[] => {
    const order = [
        'image',
        'brightness',
        'touch',
        'stylus',
        'earpiece',
        'loudspeaker',
        'microphone',
        'call',
        'proximity',
        'ambient-light',
        'front-camera',
        'rear-camera',
        'keys',
        'home-key',
        'vibration',
        'fingerprint',
        'face-unlock',
        'charging',
        'wireless-charging',
        'signal',
        'wifi',
        'sim',
        'part-notice',
    ] as Fn[];
    const served = new Set(phone.parts.flatMap((p) => p.functions ?? []));
    return order.filter((f) => served.has(f));
};

const takeOutOf = (phone: PhoneFile): { id: string; name: string }[] => [
    ...phone.parts.filter((p) => p.kind === 'sim-tray' || p.kind === 'stylus').map((p) => ({ id: p.id, name: p.name })),
    { id: 'card', name: 'Memory card' },
    { id: 'case', name: 'Case' },
    { id: 'protector', name: 'Screen protector' },
];

export function CheckIn() {
    const { job, phone } = useJob();
    const was = job.condition;
    const [face, setFace] = useState<Face>('front');
    const [observations, setObservations] = useState<Observation[]>(was?.observations ?? []);
    const [cracks, setCracks] = useState<Condition['cracks']>(was?.cracks ?? []);
    const [functions, setFunctions] = useState<Partial<Record<Fn, State>>>(Object.fromEntries((was?.functions ?? []).map((f) => [f.function, f.state])));
    const [signs, setSigns] = useState<Sign[]>(was?.repairSigns ?? []);
    const [takenOut, setTakenOut] = useState<string[]>(was?.takenOut ?? []);
    const [canSwitchOff, setCanSwitchOff] = useState(was?.canSwitchOff ?? true);
    const [dataNeeded, setDataNeeded] = useState(was?.dataNeeded ?? false);
    const navigate = useNavigate();
    const list = functionsOf(phone);
    const open = list.filter((f) => functions[f] === undefined);
    const save = useChange(
        job,
        () =>
            take(
                api.PUT('/api/jobs/{job}/check-in', {
                    params: { path: { job: job.id } },
                    body: {
                        version: job.version,
                        condition: {
                            observations,
                            cracks,
                            functions: list.map((f) => ({ function: f, state: functions[f] ?? 'cannot-test' })),
                            repairSigns: signs,
                            takenOut,
                            canSwitchOff,
                            dataNeeded,
                        },
                    },
                }),
            ),
        () => void navigate(`/jobs/${job.id}/scope`),
    );
    const draw = {
        start: (p: Point) => setCracks((all) => [...all, { face, points: [rounded(p), rounded(p)] }]),
        move: (p: Point) =>
            setCracks((all) => {
                const last = all[all.length - 1];
                return last && last.points.length < 400 ? [...all.slice(0, -1), { ...last, points: [...last.points, rounded(p)] }] : all;
            }),
        end: () => {
            const seen: Observation = face === 'front' ? 'cracked-glass' : 'back-cracked';
            setObservations((all) => (all.includes(seen) ? all : [...all, seen]));
        },
    };
    const shown = cracks.filter((c) => c.face === face);
    return (
        <Box
            component="main"
            sx={{ flex: 'none', display: 'grid', gridTemplateColumns: 'minmax(380px, 0.8fr) 1fr', minHeight: 0, height: 'calc(100vh - 60px)' }}
        >
            <Box sx={{ display: 'flex', flexDirection: 'column', minHeight: 0, bgcolor: '#24323A' }}>
                <Box sx={{ flex: 1, minHeight: 0 }}>
                    <Mat phone={phone} face={face} cracks={shown.map((c) => c.points)} title={`${face} of the phone, ${drawn(shown.length)}`} onDraw={draw} />
                </Box>
                <Box sx={{ display: 'flex', gap: 1, p: 1.5, bgcolor: 'background.paper', alignItems: 'center' }}>
                    <ToggleButtonGroup exclusive value={face} onChange={(_, v: Face | null) => v && setFace(v)} aria-label="Face">
                        <ToggleButton value="front">Front</ToggleButton>
                        <ToggleButton value="back">Back</ToggleButton>
                    </ToggleButtonGroup>
                    <Typography color="textSecondary" sx={{ flex: 1 }}>
                        {shown.length === 0 ? 'Draw each crack with finger or mouse' : drawn(shown.length)}
                    </Typography>
                    <Button disabled={shown.length === 0} onClick={() => setCracks((all) => all.filter((c) => c !== shown[shown.length - 1]))}>
                        Remove last
                    </Button>
                </Box>
            </Box>
            <Box sx={{ overflow: 'auto', p: 2.5, display: 'grid', gap: 2.5, alignContent: 'start' }}>
                <Typography component="h1" variant="h1">
                    Condition before anything is opened
                </Typography>
                <Chips title="What is seen" all={OBSERVATIONS} prefix="observation" on={observations} set={setObservations} />
                {observations.includes('cell-swollen') && <Note tone="stop">{say('reason.stop-cell-swollen')}.</Note>}
                <Box component="section" aria-label="Functions">
                    <Box sx={{ display: 'flex', alignItems: 'center', mb: 0.5 }}>
                        <Typography component="h2" variant="h2" sx={{ flex: 1 }}>
                            Functions · {list.length - open.length} of {list.length}
                        </Typography>
                        {open.length > 0 && (
                            <Button onClick={() => setFunctions((f) => ({ ...Object.fromEntries(open.map((o) => [o, 'works'])), ...f }))}>
                                The other {open.length} work
                            </Button>
                        )}
                    </Box>
                    <Box sx={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fill, minmax(312px, 1fr))', columnGap: 2.5 }}>
                        {list.map((f) => (
                            <Box key={f} sx={{ display: 'flex', alignItems: 'center', gap: 1, py: 0.4 }}>
                                <Box sx={{ flex: 1 }}>{say(`function.${f}`)}</Box>
                                <ToggleButtonGroup
                                    exclusive
                                    size="small"
                                    value={functions[f] ?? null}
                                    onChange={(_, v: State | null) => v && setFunctions((all) => ({ ...all, [f]: v }))}
                                    aria-label={say(`function.${f}`)}
                                >
                                    {STATES.map((s) => (
                                        <ToggleButton key={s} value={s} sx={{ px: 1.25 }}>
                                            {s === 'cannot-test' ? 'No test' : say(`state.${s}`)}
                                        </ToggleButton>
                                    ))}
                                </ToggleButtonGroup>
                            </Box>
                        ))}
                    </Box>
                    {open.length > 0 && (
                        <Typography color="textSecondary">
                            What is left open is written down as “cannot be tested”: a fault found afterwards is then nobody’s.
                        </Typography>
                    )}
                </Box>
                <Chips title="Signs of an earlier repair" all={SIGNS} prefix="sign" on={signs} set={setSigns} />
                {signs.length > 0 && (
                    <Note tone="care">
                        Unknown adhesive: the heat plan takes 5 K less, and no water seal is there to restore. The record keeps these signs.
                    </Note>
                )}
                <Box component="section" aria-label="Taken out">
                    <Typography component="h2" variant="h2">
                        Taken out
                    </Typography>
                    {takeOutOf(phone).map((t) => (
                        <FormControlLabel
                            key={t.id}
                            sx={{ mr: 3, minHeight: 48 }}
                            control={
                                <Checkbox
                                    checked={takenOut.includes(t.id)}
                                    onChange={(_, v) => setTakenOut((all) => (v ? [...all, t.id] : all.filter((x) => x !== t.id)))}
                                />
                            }
                            label={t.name}
                        />
                    ))}
                </Box>
                <Box>
                    <FormControlLabel
                        sx={{ mr: 3, minHeight: 48 }}
                        control={<Checkbox checked={canSwitchOff} onChange={(_, v) => setCanSwitchOff(v)} />}
                        label="Can be switched off without the owner"
                    />
                    <FormControlLabel
                        sx={{ minHeight: 48 }}
                        control={<Checkbox checked={dataNeeded} onChange={(_, v) => setDataNeeded(v)} />}
                        label="Holds data the customer needs"
                    />
                </Box>
                <Refusal error={save.error} job={job.id} />
                <Button
                    variant="contained"
                    onClick={() => save.mutate(undefined)}
                    disabled={save.isPending || job.handedOverAt !== null}
                    sx={{ minHeight: 76, fontSize: '1.2rem' }}
                >
                    Write down the condition
                </Button>
            </Box>
        </Box>
    );
}

const drawn = (n: number): string => `${n} ${n === 1 ? 'crack' : 'cracks'} drawn`;

const rounded = (p: Point): Point => ({ x: Math.round(p.x * 10) / 10, y: Math.round(p.y * 10) / 10 });

function Chips<T extends string>({ title, all, prefix, on, set }: { title: string; all: T[]; prefix: string; on: T[]; set: (v: T[]) => void }) {
    return (
        <Box component="section" aria-label={title}>
            <Typography component="h2" variant="h2" sx={{ mb: 0.5 }}>
                {title}
            </Typography>
            <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
                {all.map((o) => (
                    <ToggleButton
                        key={o}
                        value={o}
                        selected={on.includes(o)}
                        onChange={() => set(on.includes(o) ? on.filter((x) => x !== o) : [...on, o])}
                        sx={{ px: 1.75 }}
                    >
                        {on.includes(o) ? '● ' : ''}
                        {say(`${prefix}.${o}`)}
                    </ToggleButton>
                ))}
            </Box>
        </Box>
    );
}
