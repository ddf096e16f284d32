import Box from '@mui/material/Box';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { every } from '../../../api/sets';
import { isOfScrews } from '../../../bench/captures';
import type { Capture } from '../../../bench/outbox';
import { say } from '../../../words/words';
import { Choice } from './Choice';
import { DriverPicture, type Driver } from './DriverPicture';

const DRIVERS = every<Driver>({ P2: true, Y000: true, PH000: true, PH00: true, T3: true, T5: true, T6: true });
const PLUGS = every<NonNullable<Capture['plug']>>({ 'board-to-board': true, zif: true, coax: true, spring: true });
const ADHESIVES = every<NonNullable<Capture['adhesive']>>({
    'foam-tape': true,
    'precut-seal': true,
    'double-tape': true,
    'strong-glue': true,
    'flex-glue': true,
    'pull-tab': true,
    silicone: true,
    clips: true,
});
/** Parts that a technician may come upon; what every phone has is in the file from the start. */
const PARTS: readonly NonNullable<Capture['part']>[] = [
    'earpiece',
    'earpiece-sensor-flex',
    'mesh',
    'loudspeaker',
    'front-camera',
    'rear-camera',
    'fingerprint-reader',
    'home-key',
    'side-keys',
    'soft-keys',
    'vibration-motor',
    'antenna',
    'sensor-holder',
    'charging-coil',
    'charging-board',
    'shielding-foil',
    'grille',
    'stylus-layer',
    'bracket',
    'cover',
];
const PAIRINGS = every<NonNullable<Capture['pairing']>>({ none: true, biometric: true, calibrated: true });

interface Props {
    said: Capture;
    /** What the thing is of, where a known thing is put right: only its own figures are asked. */
    group: 'part' | 'screws' | 'plug' | 'bond' | null;
    set: (change: Partial<Capture>) => void;
}

/** What something is like: by picture, by look and feel, with a calliper. */
export function Figures({ said, group, set }: Props) {
    const kind = said.kind;
    const alike = kind === 'like-this';
    const screws = isOfScrews(kind) || (alike && group === 'screws');
    return (
        <>
            {screws && <ScrewFigures said={said} set={set} counted={isOfScrews(kind)} />}
            {(kind === 'more-plug' || (alike && group === 'plug')) && (
                <>
                    <Choice
                        label={say('page.capture.plug')}
                        values={PLUGS}
                        chosen={said.plug}
                        choose={(plug) => set({ plug })}
                        words={(v) => say(`plug-kind.${v}`)}
                    />
                    <FormControlLabel
                        control={
                            <Checkbox checked={said.clip === true} onChange={(e) => set({ clip: e.target.checked })} />
                        }
                        label={say('page.capture.clip')}
                    />
                </>
            )}
            {(kind === 'more-bond' || (alike && group === 'bond')) && (
                <Choice
                    label={say('page.capture.adhesive')}
                    values={ADHESIVES}
                    chosen={said.adhesive}
                    choose={(adhesive) => set({ adhesive })}
                    words={(v) => say(`feels.${v}`)}
                />
            )}
            {(kind === 'more-part' || (alike && group === 'part')) && (
                <>
                    <TextField
                        select
                        label={say('page.capture.part')}
                        value={said.part ?? ''}
                        onChange={(e) =>
                            set({ part: e.target.value === '' ? null : (e.target.value as Capture['part']) })
                        }
                    >
                        {alike && <MenuItem value="">{say('page.capture.as-assumed')}</MenuItem>}
                        {PARTS.map((p) => (
                            <MenuItem key={p} value={p}>
                                {say(`part-kind.${p}`)}
                            </MenuItem>
                        ))}
                    </TextField>
                    <Choice
                        label={say('page.capture.pairing')}
                        values={PAIRINGS}
                        chosen={said.pairing}
                        choose={(pairing) => set({ pairing })}
                        words={(v) => say(`pairing-known.${v}`)}
                    />
                </>
            )}
        </>
    );
}

function ScrewFigures({ said, set, counted }: Pick<Props, 'said' | 'set'> & { counted: boolean }) {
    return (
        <>
            <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1.5 }}>
                {counted && (
                    <TextField
                        label={say('page.capture.count')}
                        value={said.count === 0 ? '' : String(said.count)}
                        onChange={(e) => set({ count: Math.min(40, Number(e.target.value.replace(/\D/g, ''))) })}
                        slotProps={{ htmlInput: { inputMode: 'numeric', maxLength: 2 } }}
                    />
                )}
                <TextField
                    label={say('page.capture.length')}
                    defaultValue={said.length ?? ''}
                    onChange={(e) => {
                        const mm = Number(e.target.value.replace(',', '.'));
                        set({ length: e.target.value.trim() === '' || Number.isNaN(mm) ? null : mm });
                    }}
                    slotProps={{ htmlInput: { inputMode: 'decimal', maxLength: 5 } }}
                />
            </Box>
            <Choice
                label={say('page.capture.driver')}
                values={DRIVERS}
                chosen={said.driver}
                choose={(driver) => set({ driver })}
                words={(d) => say(`driver-form.${d}`)}
                picture={(d) => <DriverPicture driver={d} />}
            />
        </>
    );
}
