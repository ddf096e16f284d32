import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import type { Schemas } from '../api/client';
import { mono } from '../theme/tokens';
import { capital, say, wordedFigures } from '../words/words';
import type { Offer } from './laying';

type Reason = Schemas['Reason'];
type Way = Offer['way'];

interface Props {
    choice: Schemas['SealChoice'];
    way: Way | null;
    set: (way: Way) => void;
}

/** The ways side by side in figures: the recommended one with its reason, and why others cannot be or do not last. */
export function Ways({ choice, way, set }: Props) {
    return (
        <Box role="radiogroup" aria-label={say('page.seal.ways')} sx={{ display: 'grid', gap: 1 }}>
            {inOrder(choice).map(([o, i]) => (
                <ButtonBase
                    key={o.way}
                    role="radio"
                    aria-checked={o.way === way}
                    disabled={o.refused !== null}
                    onClick={() => set(o.way)}
                    sx={{
                        display: 'grid',
                        gap: 0.25,
                        textAlign: 'left',
                        justifyItems: 'start',
                        justifyContent: 'start',
                        p: 1.25,
                        minHeight: 48,
                        borderRadius: 1,
                        border: 2,
                        borderColor: o.way === way ? 'primary.main' : 'divider',
                        fontSize: '1rem',
                        fontFamily: 'inherit',
                    }}
                >
                    <Box
                        component="span"
                        sx={{ fontWeight: 700, color: o.refused ? 'text.secondary' : 'text.primary' }}
                    >
                        {capital(say(`way.${o.way}`))}
                        {i === choice.best ? ` · ${say('page.seal.recommended')}` : ''}
                    </Box>
                    <Box component="span" sx={{ color: 'text.secondary' }}>
                        {o.refused ? sayNote(o.refused) : figures(o)}
                    </Box>
                    {i === choice.best && choice.because.length > 0 && (
                        <Box component="span">{choice.because.map(sayNote).join(' ')}</Box>
                    )}
                </ButtonBase>
            ))}
        </Box>
    );
}

/** The recommended one first, then what can be done, then what cannot; each with its place in the answer. */
function inOrder(choice: Schemas['SealChoice']): [Offer, number][] {
    const rank = ([o, i]: [Offer, number]) => (i === choice.best ? 0 : o.refused ? 2 : 1);
    return choice.offers.map((o, i): [Offer, number] => [o, i]).sort((a, b) => rank(a) - rank(b));
}

/** In a row: how it sits, what it holds, what it takes. */
function figures(o: Offer) {
    const highest = o.heights?.sides.reduce((a, b) => (b.proud > a.proud ? b : a));
    const parts = [
        ...(highest ? [say(`sits.${highest.sits}`)] : []),
        ...(o.supplied ? [say('page.seal.came-with-the-part')] : []),
        ...(o.holds === null ? [] : [say('page.seal.mm2', { mm2: Math.round(o.holds) })]),
        ...(o.pieces.length > 0 ? [say('page.seal.pieces', { count: o.pieces.length })] : []),
        say('page.seal.min', { min: Math.max(1, Math.round(o.hands / 60)) }),
        ...(o.hold && o.hold.clamp > 0 ? [say('page.seal.held-min', { min: o.hold.clamp })] : []),
    ];
    return (
        <Box component="span" sx={{ fontFamily: mono, fontSize: '0.9375rem' }}>
            {parts.join(' · ')}
        </Box>
    );
}

/** A reason of the seal in words. */
export const sayNote = (reason: Reason): string => say(`note.${reason.code}`, wordedFigures(reason.figures));
