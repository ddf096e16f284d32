import Box from '@mui/material/Box';
import { mono, slate } from '../theme/tokens';
import { say } from '../words/words';
import type { Labelling } from './Labels';
import { colour } from './mark';

/** What found no place beside the drawing, with the letters that stand on it. */
export function LabelList({ of, height }: { of: Labelling; height: number }) {
    return (
        <Box
            role="region"
            tabIndex={0}
            aria-label={say('page.mat.also-marked')}
            sx={{ overflow: 'auto', height, bgcolor: slate.deep, color: slate.line, px: 1.5, py: 0.75 }}
        >
            <Box component="ul" sx={{ m: 0, p: 0, listStyle: 'none', display: 'grid', gap: 0.5 }}>
                {of.layout.listed.map((id) => {
                    const w = of.words.get(id);
                    return (
                        w && (
                            <Box component="li" key={id} sx={{ display: 'flex', gap: 1, fontSize: '1rem' }}>
                                <Box component="span" sx={{ fontFamily: mono, fontWeight: 700, width: 20 }}>
                                    {of.letters.get(id)?.letter ?? '·'}
                                </Box>
                                <span>
                                    <b style={{ color: colour[w.mark.tone], fontSize: '1.125rem' }}>{w.mark.label}</b>
                                    {w.mark.detail && ` ${w.mark.detail}`}
                                </span>
                            </Box>
                        )
                    );
                })}
            </Box>
        </Box>
    );
}
