import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { useRef, useState, type SyntheticEvent } from 'react';
import { api, take, type Job, type PhoneFile, type Schemas, type Step } from '../../api/client';
import { every } from '../../api/sets';
import { Refusal } from '../../shell/Refusal';
import { useChange } from '../../shell/useChange';
import { say } from '../../words/words';

type Capture = Schemas['Capture'];
type Kind = Capture['kind'];
type Driver = PhoneFile['fasteners'][number]['driver'];

const KINDS = every<Kind>({
    'more-screws': true,
    'more-cover': true,
    'more-plug': true,
    'screws-counted': true,
    'not-there': true,
});
const DRIVERS = every<Driver>({ P2: true, Y000: true, PH000: true, PH00: true, T3: true, T5: true, T6: true });

interface Thing {
    id: string;
    name: string;
}

interface Props {
    job: Job;
    phone: PhoneFile;
    step: Step | null;
    /** What is struck out or counted first: what the step at hand is about. */
    first: Kind;
    close: () => void;
}

/** What each kind is about: something known, or what lies under what is new. */
function about(kind: Kind, phone: PhoneFile): Thing[] {
    switch (kind) {
        case 'more-screws':
            return phone.parts;
        case 'more-cover':
            return [...phone.connectors, ...phone.parts];
        case 'more-plug':
            return phone.parts;
        case 'screws-counted':
            return phone.fasteners;
        case 'not-there':
            return [...phone.parts, ...phone.fasteners, ...phone.connectors, ...phone.bonds];
    }
}

const isNew = (kind: Kind): boolean => kind.startsWith('more-');
const isOfScrews = (kind: Kind): boolean => kind === 'more-screws' || kind === 'screws-counted';

/** A phone that nobody has drawn: what is met that is not in the plan, what is not there, how many there are. */
export function CaptureDialog({ job, phone, step, first, close }: Props) {
    const id = useRef(crypto.randomUUID());
    const [kind, setKind] = useState<Kind>(first);
    const [chosen, setChosen] = useState<string | null>(null);
    const [name, setName] = useState('');
    const [count, setCount] = useState('2');
    const [length, setLength] = useState('');
    const [driver, setDriver] = useState<Driver | ''>('');
    const things = about(kind, phone);
    const usual = things.find((t) => step?.subjects.includes(t.id))?.id ?? things[0]?.id ?? '';
    const of = things.some((t) => t.id === chosen) ? (chosen ?? usual) : usual;
    const keep = useChange(
        job,
        (body: Capture) => take(api.POST('/api/jobs/{job}/captures', { params: { path: { job: job.id } }, body })),
        close,
    );
    const send = (event: SyntheticEvent) => {
        event.preventDefault();
        keep.mutate({
            id: id.current,
            at: Date.now(),
            kind,
            of: isNew(kind) ? '' : of,
            name: isNew(kind) ? name.trim() || say(`capture.${kind}`) : '',
            under: isNew(kind) ? [of] : [],
            count: isOfScrews(kind) ? Number(count) : 0,
            length: isOfScrews(kind) && length !== '' ? Number(length.replace(',', '.')) : null,
            driver: isOfScrews(kind) ? driver : '',
            places: [],
        });
    };
    return (
        <Dialog open onClose={close} aria-labelledby="capture-title" fullWidth>
            <DialogTitle id="capture-title">{say('page.capture.title')}</DialogTitle>
            <DialogContent>
                <Box component="form" onSubmit={send} sx={{ display: 'grid', gap: 2, pt: 1 }}>
                    <ToggleButtonGroup
                        exclusive
                        orientation="vertical"
                        value={kind}
                        onChange={(_, v: Kind | null) => v && setKind(v)}
                        aria-label={say('page.capture.what')}
                    >
                        {KINDS.map((k) => (
                            <ToggleButton key={k} value={k}>
                                {say(`capture.${k}`)}
                            </ToggleButton>
                        ))}
                    </ToggleButtonGroup>
                    <TextField
                        select
                        label={say(`capture-about.${kind}`)}
                        value={of}
                        onChange={(e) => setChosen(e.target.value)}
                    >
                        {things.map((t) => (
                            <MenuItem key={t.id} value={t.id}>
                                {t.name}
                            </MenuItem>
                        ))}
                    </TextField>
                    {isNew(kind) && (
                        <TextField
                            label={say('page.capture.name')}
                            value={name}
                            onChange={(e) => setName(e.target.value)}
                            slotProps={{ htmlInput: { maxLength: 60 } }}
                        />
                    )}
                    {isOfScrews(kind) && (
                        <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr 1fr', gap: 1.5 }}>
                            <TextField
                                label={say('page.capture.count')}
                                value={count}
                                onChange={(e) => setCount(e.target.value.replace(/\D/g, ''))}
                                slotProps={{ htmlInput: { inputMode: 'numeric', maxLength: 2 } }}
                            />
                            <TextField
                                label={say('page.capture.length')}
                                value={length}
                                onChange={(e) => setLength(e.target.value)}
                                slotProps={{ htmlInput: { inputMode: 'decimal', maxLength: 5 } }}
                            />
                            <TextField
                                select
                                label={say('page.capture.driver')}
                                value={driver}
                                onChange={(e) => setDriver(e.target.value as Driver | '')}
                            >
                                <MenuItem value="">{say('page.capture.as-assumed')}</MenuItem>
                                {DRIVERS.map((d) => (
                                    <MenuItem key={d} value={d}>
                                        {d}
                                    </MenuItem>
                                ))}
                            </TextField>
                        </Box>
                    )}
                    <Refusal error={keep.error} job={job.id} />
                    <Button type="submit" variant="contained" disabled={keep.isPending || of === ''}>
                        {say('page.capture.keep')}
                    </Button>
                </Box>
            </DialogContent>
        </Dialog>
    );
}
