import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState, type SyntheticEvent } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import type { Job, PhoneFile, Step } from '../../../api/client';
import {
    about,
    blank,
    isNew,
    isOfScrews,
    makes,
    offered,
    under as liesUnder,
    waitingThings,
    type CaptureKind,
    type Thing,
} from '../../../bench/captures';
import type { Capture } from '../../../bench/outbox';
import { outbox, useOutbox } from '../../../bench/useOutbox';
import { say } from '../../../words/words';
import { Figures } from './Figures';
import type { Grounding } from '../useCapture';
import { KindKeys } from './KindKeys';
import { PhotoGround } from './PhotoGround';
import { SaidSoFar } from './SaidSoFar';

interface Props {
    job: Job;
    phone: PhoneFile;
    step: Step | null;
    first: CaptureKind;
    /** mm, tapped on the drawing while this is open. */
    taps: readonly { x: number; y: number }[];
    clearTaps: () => void;
    ground: Grounding;
    lay: (change: Partial<Grounding>) => void;
    close: () => void;
}

/** A phone that nobody has drawn: what is met, what is not there, what is otherwise; two or three keys each. */
export function CapturePanel({ job, phone, step, first, taps, clearTaps, ground, lay, close }: Props) {
    const { waiting } = useOutbox();
    const [said, setSaid] = useState<Capture>(() => blank(first));
    const [met, setMet] = useState<string | null>(null);
    const [chosen, setChosen] = useState<string | null>(null);
    const [ticked, setTicked] = useState<string[] | null>(null);
    const set = (change: Partial<Capture>) => setSaid((s) => ({ ...s, ...change }));
    const kind = said.kind;
    const start = (next: CaptureKind) => {
        setSaid(blank(next));
        setChosen(null);
        setTicked(null);
        clearTaps();
    };
    useHotkeys('escape', close, { enableOnFormTags: true });
    const things = [...about(kind, phone), ...(isNew(kind) ? waitingThings(waiting, job.id) : [])];
    const of = things.some((t) => t.id === chosen) ? (chosen ?? '') : offered(kind, things, step, met);
    const lie = ticked ?? (kind === 'lies-over' ? liesUnder(phone, of) : []);
    const ready = of !== '' && (!isOfScrews(kind) || said.count > 0) && (kind !== 'more-part' || said.part !== null);
    const keep = (event: SyntheticEvent) => {
        event.preventDefault();
        if (!ready) {
            return;
        }
        const on = kind === 'more-part' ? onto(phone, of) : null;
        outbox.say(job.id, {
            ...said,
            of: isNew(kind) ? (on?.of ?? '') : of,
            under: kind === 'lies-over' ? lie : isNew(kind) ? (on?.under ?? [of]) : [],
            name: isNew(kind) ? said.name.trim() || usualName(said) : said.name.trim(),
            places: taps.map((t) => [t.x, t.y]),
        });
        if (isNew(kind)) {
            setMet(makes(said.id));
        }
        // A cover is held by something: that is what is said next, more often than not.
        start(kind === 'more-cover' ? 'more-screws' : kind);
    };
    return (
        <Box
            component="section"
            aria-labelledby="capture-title"
            sx={{
                bgcolor: 'background.paper',
                borderLeft: { md: 1 },
                borderColor: 'divider',
                overflowY: { md: 'auto' },
                px: 2,
                pt: 1.5,
            }}
        >
            <Box sx={{ display: 'flex', alignItems: 'baseline', justifyContent: 'space-between' }}>
                <Typography component="h1" variant="h2" id="capture-title">
                    {say('page.capture.title')}
                </Typography>
                <Button onClick={close}>{say('page.capture.back')}</Button>
            </Box>
            <KindKeys kind={kind} choose={start} />
            <Box component="form" onSubmit={keep} sx={{ display: 'grid', gap: 1.5, pt: 1.5 }}>
                <TextField
                    select
                    label={say(`capture-about.${kind}`)}
                    value={of}
                    onChange={(e) => {
                        setChosen(e.target.value);
                        setTicked(null);
                    }}
                >
                    {things.map((t) => (
                        <MenuItem key={t.id} value={t.id}>
                            {t.name}
                        </MenuItem>
                    ))}
                </TextField>
                <Figures said={said} group={groupOf(phone, of)} set={set} />
                {kind === 'lies-over' && <Under phone={phone} of={of} ticked={lie} tick={setTicked} />}
                {(isNew(kind) || kind === 'like-this') && (
                    <TextField
                        label={say('page.capture.name')}
                        value={said.name}
                        onChange={(e) => set({ name: e.target.value })}
                        placeholder={isNew(kind) ? usualName(said) : ''}
                        slotProps={{ htmlInput: { maxLength: 60 }, inputLabel: { shrink: true } }}
                    />
                )}
                {kind !== 'not-there' && kind !== 'lies-over' && kind !== 'more-bond' && (
                    <Box sx={{ display: 'flex', alignItems: 'center', gap: 1 }}>
                        <Typography sx={{ flex: 1 }}>
                            {taps.length === 0
                                ? say('page.capture.tap-where')
                                : say('page.capture.tapped', { count: taps.length })}
                        </Typography>
                        <Button onClick={clearTaps} disabled={taps.length === 0}>
                            {say('page.capture.tap-anew')}
                        </Button>
                    </Box>
                )}
                <Box sx={{ position: 'sticky', bottom: 0, bgcolor: 'background.paper', py: 1.5 }}>
                    <Button type="submit" variant="contained" fullWidth disabled={!ready} sx={{ minHeight: 64 }}>
                        {say('page.capture.keep')}
                    </Button>
                </Box>
            </Box>
            <PhotoGround job={job} face={step?.face ?? 'front'} ground={ground} lay={lay} />
            <SaidSoFar job={job} phone={phone} />
        </Box>
    );
}

/** What it is called if nobody calls it otherwise. */
function usualName(said: Capture): string {
    return said.kind === 'more-part' && said.part !== null
        ? say(`part-kind.${said.part}`)
        : say(`capture-name.${said.kind}`);
}

/** A part that is met sits on a part, or lies over a plug. */
function onto(phone: PhoneFile, id: string): Pick<Capture, 'of' | 'under'> {
    return phone.parts.some((p) => p.id === id) ? { of: id, under: [] } : { of: '', under: [id] };
}

function groupOf(phone: PhoneFile, id: string): 'part' | 'screws' | 'plug' | 'bond' | null {
    const has = (list: readonly { id: string }[]) => list.some((e) => e.id === id);
    if (has(phone.fasteners)) {
        return 'screws';
    }
    if (has(phone.connectors)) {
        return 'plug';
    }
    if (has(phone.bonds)) {
        return 'bond';
    }
    return has(phone.parts) ? 'part' : null;
}

interface UnderProps {
    phone: PhoneFile;
    of: string;
    ticked: readonly string[];
    tick: (ids: string[]) => void;
}

/** All that lies under a part: ticked as drawn. */
function Under({ phone, of, ticked, tick }: UnderProps) {
    const things: Thing[] = [...phone.connectors, ...phone.fasteners, ...phone.parts, ...phone.bonds];
    return (
        <Box role="group" aria-label={say('page.capture.under')} sx={{ maxHeight: 280, overflowY: 'auto' }}>
            {things
                .filter((t) => t.id !== of)
                .map((t) => (
                    <FormControlLabel
                        key={t.id}
                        sx={{ display: 'flex', minHeight: 48 }}
                        control={
                            <Checkbox
                                checked={ticked.includes(t.id)}
                                onChange={(e) =>
                                    tick(e.target.checked ? [...ticked, t.id] : ticked.filter((i) => i !== t.id))
                                }
                            />
                        }
                        label={t.name}
                    />
                ))}
        </Box>
    );
}
