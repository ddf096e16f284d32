import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import Slider from '@mui/material/Slider';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { PhoneFile, Schemas } from '../../api/client';
import { queries } from '../../api/queries';
import { CORNER_CUTS, type CornerCut } from '../../api/sets';
import { Mat } from '../../mat/Mat';
import { CutTable } from '../../seal/CutTable';
import { HeightBars } from '../../seal/HeightBars';
import { HoldLines } from '../../seal/HoldLines';
import { freeMarks, glassLaidMarks, layoutMarks, ledgeMarks, type Offer } from '../../seal/laying';
import { SheetLinks } from '../../seal/SheetLinks';
import { sayNote, Ways } from '../../seal/Ways';
import { Note } from '../../shell/Note';
import { Refusal } from '../../shell/Refusal';
import { useSettled } from '../../shell/useSettled';
import { clock, say } from '../../words/words';
import { Rolls } from './Rolls';
import { Main } from '../../shell/Main';

type Kind = Schemas['Kind'];
type Choice = Schemas['SealChoice'];

/**
 * A seal tried out on paper: phone, part and stock; a thickness or the ledge's width is moved and the verdict follows
 * at once.
 */
export function SealDesk() {
    const phones = useQuery(queries.phones('')).data?.data ?? [];
    const [phoneId, setPhoneId] = useState('brasca-fern-5');
    const phone = useQuery(queries.phone(phoneId)).data;
    const [kindWished, setKind] = useState<Kind | null>(null);
    const [bondWished, setBond] = useState<string | null>(null);
    const [wayWished, setWay] = useState<Offer['way'] | null>(null);
    const [corner, setCorner] = useState<CornerCut>('notched');
    const [thickness, setThickness] = useState<number | null>(null);
    const [wider, setWider] = useState(0);
    const kinds = [...new Set((phone?.replacements ?? []).map((r) => r.kind))];
    const kind = kindWished && kinds.includes(kindWished) ? kindWished : kinds[0];
    const bonds = (phone?.bonds ?? []).filter((b) => b.cut !== undefined);
    const replaced = phone?.replacements.find((r) => r.kind === kind)?.replaces ?? [];
    const bond =
        bonds.find((b) => b.id === bondWished) ?? bonds.find((b) => replaced.includes(b.joins[0] ?? '')) ?? bonds[0];
    const tried = useSettled(
        phone && kind && bond ? asked(phone, kind, bond.id, { corner, thickness, wider }) : null,
        60,
    );
    const answer = useQuery({ ...queries.sealTried(tried ?? NOTHING), enabled: tried !== null });
    const choice = answer.data;
    const offer = choice?.offers.find((o) => o.way === wayWished && !o.refused) ?? choice?.offers[choice.best ?? -1];
    const choose = (id: string) => {
        setPhoneId(id);
        setKind(null);
        setBond(null);
        setWay(null);
        setThickness(null);
        setWider(0);
    };
    return (
        <Main widest={1500} sx={{ display: 'grid', gap: 2 }}>
            <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap' }}>
                <Typography component="h1" variant="h1" sx={{ mr: 'auto' }}>
                    {say('page.seal-desk')}
                </Typography>
                <Pick
                    label={say('page.heat-desk.phone')}
                    value={phones.length > 0 ? phoneId : ''}
                    set={choose}
                    options={phones.map((p) => [p.id, `${p.maker} ${p.model}`])}
                />
                <Pick
                    label={say('page.seal-desk.part')}
                    value={kind ?? ''}
                    set={(k) => setKind(k as Kind)}
                    options={kinds.map((k) => [k, say(`kind.${k}`)])}
                />
                <Pick
                    label={say('page.heat-desk.bond')}
                    value={bond?.id ?? ''}
                    set={setBond}
                    options={bonds.map((b) => [b.id, b.name])}
                />
                <Pick
                    label={say('page.seal-desk.round-corners')}
                    value={corner}
                    set={(c) => setCorner(c as CornerCut)}
                    options={CORNER_CUTS.map((c) => [c, say(`corner-cut.${c}`)])}
                />
            </Box>
            <Box sx={{ display: 'grid', gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '1fr 1fr' }, gap: 5, px: 1 }}>
                <Drag
                    id="tape-thickness"
                    label={
                        thickness === null
                            ? say('page.seal-desk.thickness-of-the-rolls')
                            : say('page.seal-desk.thickness', { mm: thickness.toFixed(2) })
                    }
                    value={thickness ?? 0.3}
                    min={0.05}
                    max={1}
                    step={0.05}
                    set={setThickness}
                />
                <Drag
                    id="ledge-wider"
                    label={
                        wider === 0
                            ? say('page.seal-desk.ledge-as-drawn')
                            : say('page.seal-desk.ledge-by', {
                                  mm: `${wider > 0 ? '+' : '−'}${Math.abs(wider).toFixed(1)}`,
                              })
                    }
                    value={wider}
                    min={-1}
                    max={1}
                    step={0.1}
                    set={setWider}
                />
            </Box>
            {answer.error && <Refusal error={answer.error} />}
            {phone && bond && choice && (
                <Box
                    sx={{
                        display: 'grid',
                        gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 1fr) minmax(0, 1fr)' },
                        gap: 2,
                    }}
                >
                    <Box sx={{ height: 'min(720px, calc(100vh - 90px))', minWidth: 0, position: 'sticky', top: 76 }}>
                        <Mat
                            phone={phone}
                            face={bond.face}
                            marks={marksOf(phone, bond, offer, choice)}
                            title={say('page.seal-desk.drawing', { bond: bond.name })}
                        />
                    </Box>
                    <Box sx={{ display: 'grid', gap: 1.5, alignContent: 'start', minWidth: 0 }}>
                        <Ways choice={choice} way={offer?.way ?? null} set={setWay} />
                        {offer && <Chosen offer={offer} choice={choice} tried={tried} />}
                    </Box>
                </Box>
            )}
            <Rolls />
        </Main>
    );
}

const NOTHING: Schemas['SealQuery'] = { phone: '', kind: 'display-assembly' };

interface Moved {
    corner: CornerCut;
    thickness: number | null;
    wider: number;
}

function asked(phone: PhoneFile, kind: Kind, bond: string, { corner, thickness, wider }: Moved): Schemas['SealQuery'] {
    const { top, right, bottom, left } = phone.ledge;
    const by = (mm: number) => Math.max(0.2, Number((mm + wider).toFixed(2)));
    return {
        phone: phone.identity.id,
        kind,
        bond,
        corner,
        ...(thickness === null ? {} : { thickness }),
        ...(wider === 0 ? {} : { ledge: { top: by(top), right: by(right), bottom: by(bottom), left: by(left) } }),
    };
}

function marksOf(phone: PhoneFile, bond: PhoneFile['bonds'][number], offer: Offer | undefined, choice: Choice) {
    const laid = offer ? layoutMarks(offer, null) : [];
    const ledge = ledgeMarks(phone, bond, offer ? { label: bond.name, detail: say(`way.${offer.way}`) } : {});
    return [
        ...(laid.length > 0 ? laid : ledge),
        ...(offer ? freeMarks(phone, offer.freed) : []),
        ...(choice.glass ? glassLaidMarks(choice.glass.laid) : []),
    ];
}

/** The verdict on one way: how it sits and what follows, what is held, how long, what is cut from where. */
function Chosen({ offer, choice, tried }: { offer: Offer; choice: Choice; tried: Schemas['SealQuery'] | null }) {
    const query = tried
        ? new URLSearchParams({ phone: tried.phone, kind: tried.kind, bond: choice.bond.id, way: offer.way })
        : '';
    return (
        <Box component="section" aria-label={say('page.seal-desk.verdict')} sx={{ display: 'grid', gap: 1.25 }}>
            {offer.sits.map((r) => (
                <Note key={r.code} tone={offer.lasts ? 'done' : 'stop'}>
                    {sayNote(r)}
                </Note>
            ))}
            {offer.heights && <HeightBars heights={offer.heights} />}
            {offer.because.map((r) => (
                <span key={r.code}>{sayNote(r)}</span>
            ))}
            {offer.hold && <HoldLines hold={offer.hold} />}
            {choice.glass && (
                <Note tone="care">
                    {choice.glass.cures
                        .map((c) =>
                            say('page.seal-desk.cures', { light: say(`light.${c.light}`), time: clock(c.seconds) }),
                        )
                        .join(' · ')}
                </Note>
            )}
            {offer.cut && <CutTable cut={offer.cut} />}
            {choice.inner.length > 0 && (
                <span>
                    {say('page.seal-desk.inside')} {choice.inner.map((i) => `${i.name}: ${sayNote(i.how)}`).join(' ')}
                </span>
            )}
            <SheetLinks to={(format) => `/api/seal/sheet.${format}?${query}`} />
        </Box>
    );
}

interface PickProps {
    label: string;
    value: string;
    set: (value: string) => void;
    options: [string, string][];
}

function Pick({ label, value, set, options }: PickProps) {
    return (
        <TextField
            select
            size="small"
            label={label}
            value={value}
            onChange={(e) => set(e.target.value)}
            sx={{ width: 220 }}
        >
            {options.map(([id, name]) => (
                <MenuItem key={id} value={id}>
                    {name}
                </MenuItem>
            ))}
        </TextField>
    );
}

interface DragProps {
    id: string;
    label: string;
    value: number;
    min: number;
    max: number;
    step: number;
    set: (value: number) => void;
}

function Drag({ id, label, value, min, max, step, set }: DragProps) {
    return (
        <Box>
            <span id={id}>{label}</span>
            <Slider aria-labelledby={id} value={value} min={min} max={max} step={step} onChange={(_, v) => set(v)} />
        </Box>
    );
}
