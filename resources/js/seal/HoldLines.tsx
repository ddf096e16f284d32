import Box from '@mui/material/Box';
import { Figure } from '../shell/Figure';
import { say } from '../words/words';
import type { Seal } from './laying';
import { sayNote } from './Ways';

/** Three figures that are not one: under clamps, lying light, to full strength. */
export function HoldLines({ hold }: { hold: NonNullable<Seal['hold']> }) {
    return (
        <>
            <Box sx={{ display: 'flex', gap: 3, flexWrap: 'wrap' }}>
                <Figure
                    name={say('page.seal.with', { by: say(`hold-by.${hold.by}`) })}
                    value={hold.clamp > 0 ? say('page.seal.min', { min: hold.clamp }) : say('page.seal.pressed-only')}
                    why={say('why.hold')}
                />
                {hold.longer > hold.clamp && (
                    <Figure name={say('page.seal.of-use-up-to')} value={say('page.seal.min', { min: hold.longer })} />
                )}
                {hold.light > 0 && (
                    <Figure name={say('page.seal.then-lying-light')} value={say('page.seal.h', { h: hold.light })} />
                )}
                <Figure
                    name={say('page.seal.tail-screws-after')}
                    value={say('page.seal.min', { min: hold.untilScrews })}
                />
                <Figure name={say('page.seal.carried-after')} value={say('page.seal.h', { h: hold.untilCarried })} />
                {hold.perMm > 0 && hold.by === 'clamps' && (
                    <Figure name={say('page.seal.n-per-mm')} value={hold.perMm.toFixed(2)} />
                )}
                <Figure
                    name={say('page.seal.to-full-strength')}
                    value={say('page.seal.h', { h: hold.cure })}
                    why={say('why.cure')}
                />
            </Box>
            {hold.because.map((r) => (
                <span key={r.code}>{sayNote(r)}</span>
            ))}
        </>
    );
}
