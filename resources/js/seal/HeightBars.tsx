import Box from '@mui/material/Box';
import { mono } from '../theme/tokens';
import { say } from '../words/words';
import type { Heights } from './laying';

/** mm above and below the frame that are drawn */
const RANGE = 0.25;
const WIDTH = 160;

/**
 * Where the glass ends up at each side: a bar from the frame's edge, with what is likely and what is possible at the
 * outside drawn on it.
 */
export function HeightBars({ heights }: { heights: Heights }) {
    const at = (mm: number) => (WIDTH * (Math.max(-RANGE, Math.min(RANGE, mm)) + RANGE)) / (2 * RANGE);
    return (
        <Box
            component="table"
            aria-label={say('page.seal.height-at-each-side')}
            sx={{ borderSpacing: 0, width: '100%' }}
        >
            <thead>
                <tr>
                    <Head>{say('page.seal.side')}</Head>
                    <Head>{say('page.seal.against-the-frame')}</Head>
                    <Head>{say('page.seal.likely-up-to')}</Head>
                    <Head> </Head>
                </tr>
            </thead>
            <tbody>
                {heights.sides.map((s) => (
                    <tr key={s.side}>
                        <Box component="td" sx={{ py: 0.5, pr: 2 }}>
                            {say(`side.${s.side}`)}
                        </Box>
                        <Box component="td" sx={{ fontFamily: mono, fontWeight: 700, pr: 2 }}>
                            {signed(s.proud)}
                        </Box>
                        <Box component="td" sx={{ fontFamily: mono, pr: 2 }}>
                            {signed(s.likely)}
                        </Box>
                        <Box component="td" sx={{ width: '100%' }}>
                            <Box
                                component="svg"
                                aria-hidden
                                viewBox={`0 0 ${WIDTH} 20`}
                                sx={{ width: '100%', display: 'block' }}
                            >
                                <line x1={at(0)} x2={at(0)} y1={0} y2={20} stroke="currentColor" strokeWidth={1.5} />
                                <line
                                    x1={at(s.proud)}
                                    x2={at(s.worst)}
                                    y1={10}
                                    y2={10}
                                    stroke="currentColor"
                                    strokeWidth={1}
                                    strokeDasharray="3 2"
                                />
                                <Box
                                    component="rect"
                                    x={Math.min(at(s.proud), at(s.likely))}
                                    y={6}
                                    width={Math.max(1, Math.abs(at(s.likely) - at(s.proud)))}
                                    height={8}
                                    sx={(t) => ({
                                        fill:
                                            s.sits === 'flush'
                                                ? t.palette.role.done
                                                : t.palette.role[s.sits === 'sunk' ? 'care' : 'stop'],
                                    })}
                                />
                                <circle cx={at(s.proud)} cy={10} r={4} fill="currentColor" />
                            </Box>
                        </Box>
                    </tr>
                ))}
            </tbody>
        </Box>
    );
}

const signed = (mm: number): string => `${mm > 0 ? '+' : mm < 0 ? '−' : ''}${Math.abs(mm).toFixed(2)}`;

function Head({ children }: { children: string }) {
    return (
        <Box
            {...(children.trim() === '' ? { component: 'td' } : { component: 'th', scope: 'col' })}
            sx={{ textAlign: 'left', color: 'text.secondary', fontWeight: 500, pr: 2, whiteSpace: 'nowrap' }}
        >
            {children}
        </Box>
    );
}
