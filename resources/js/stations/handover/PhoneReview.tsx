import Box from '@mui/material/Box';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { PhoneFile, Schemas } from '../../api/client';
import { boxAround, type Face } from '../../mat/geometry';
import { Mat } from '../../mat/Mat';
import type { Mark, Tone } from '../../mat/mark';
import { Note } from '../../shell/Note';
import { say, sayReason, sentence } from '../../words/words';

type Review = Schemas['PhoneReview'];
type Named = Schemas['NamedElement'];

interface Props {
    phone: PhoneFile;
    review: Review;
    /** It is kept with the hand-over; null once that is past. */
    keep: { on: boolean; set: (on: boolean) => void } | null;
}

/** What the repair has shown of a phone that nobody had drawn: the next job of it opens with that. */
export function PhoneReview({ phone, review, keep }: Props) {
    const [face, setFace] = useState<Face>('front');
    const agrees = review.contradicts.length === 0;
    return (
        <Box component="section" aria-label={say('page.phone-review.title')}>
            <Typography component="h2" variant="h2">
                {say('page.phone-review.title')}
            </Typography>
            {!agrees && (
                <Note tone="care">
                    <b>{say('page.phone-review.contradicts')}</b>
                    <Box component="ul" sx={{ m: 0, pl: 3 }}>
                        {review.contradicts.map((r) => (
                            <li key={r.code + JSON.stringify(r.figures)}>{sentence(sayReason(r))}</li>
                        ))}
                    </Box>
                </Note>
            )}
            <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', md: '300px 1fr' }, gap: 2, pt: 1 }}>
                <Box>
                    <Box sx={{ height: 400 }}>
                        <Mat
                            phone={phone}
                            face={face}
                            marks={marksOf(phone, review, face)}
                            title={say('page.phone-review.drawing', { face: say(`face.${face}`) })}
                        />
                    </Box>
                    <ToggleButtonGroup
                        exclusive
                        fullWidth
                        value={face}
                        onChange={(_, v: Face | null) => v && setFace(v)}
                        aria-label={say('page.phone-review.which-face')}
                    >
                        <ToggleButton value="front">{say('face.front')}</ToggleButton>
                        <ToggleButton value="back">{say('face.back')}</ToggleButton>
                    </ToggleButtonGroup>
                </Box>
                <Box sx={{ display: 'grid', gap: 1.25, alignContent: 'start' }}>
                    <Line tone="done" words={say('page.phone-review.seen')} things={review.seen} />
                    <Line tone="now" words={say('page.phone-review.met')} things={review.met} />
                    <Line tone="stop" words={say('page.phone-review.gone')} things={review.gone} />
                    <Line tone="cold" words={say('page.phone-review.unmeasured')} things={review.unmeasured} />
                    <Line tone="plain" words={say('page.phone-review.assumed')} things={review.assumed} />
                    {review.sections.length > 0 && (
                        <Typography color="textSecondary">
                            {say('page.phone-review.sections', {
                                sections: review.sections.map((s) => say(`file-section.${s}`)).join(', '),
                            })}
                        </Typography>
                    )}
                    {keep && (
                        <FormControlLabel
                            sx={{ minHeight: 48 }}
                            control={<Checkbox checked={keep.on} onChange={(_, v) => keep.set(v)} />}
                            label={agrees ? say('page.phone-review.keep') : say('page.phone-review.propose')}
                        />
                    )}
                </Box>
            </Box>
        </Box>
    );
}

/** Each has its own sign, so that it is told apart without colour. */
const SIGN: Readonly<Record<Tone, string>> = { done: '✓', now: '+', stop: '×', cold: '?', plain: '○' };

function Line({ tone, words, things }: { tone: Tone; words: string; things: readonly Named[] }) {
    return things.length === 0 ? null : (
        <Typography>
            <Box component="b" sx={{ fontSize: '1.1em' }}>
                {SIGN[tone]} {words}
            </Box>{' '}
            {things.map((t) => t.name).join(', ')}
        </Typography>
    );
}

function marksOf(phone: PhoneFile, review: Review, face: Face): Mark[] {
    const tones: [Tone, readonly Named[]][] = [
        ['plain', review.assumed],
        ['done', review.seen],
        ['now', review.met],
    ];
    return tones.flatMap(([tone, things]) =>
        things.flatMap((t) => {
            const mark = placeOf(phone, t.id, face);
            return mark ? [{ id: `${tone}-${t.id}`, tone, width: 0.6, dashed: tone === 'plain', ...mark }] : [];
        }),
    );
}

function placeOf(phone: PhoneFile, id: string, face: Face): Pick<Mark, 'boxes' | 'dots'> | null {
    const part = phone.parts.find((p) => p.id === id);
    if (part) {
        return part.face === face && part.kind !== 'frame' ? { boxes: [boxAround(part)] } : null;
    }
    const plug = phone.connectors.find((c) => c.id === id);
    if (plug) {
        return plug.face === face ? { boxes: [boxAround({ ...plug, width: 8, height: 4 })] } : null;
    }
    const screws = phone.fasteners.find((f) => f.id === id);
    return screws?.face === face ? { dots: screws.places } : null;
}
