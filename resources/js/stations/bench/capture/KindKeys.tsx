import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import { useHotkeys } from 'react-hotkeys-hook';
import type { CaptureKind } from '../../../bench/captures';
import { mono } from '../../../theme/tokens';
import { say } from '../../../words/words';

/** In the order of their keys, 1 to 9 and 0. */
const KINDS: readonly CaptureKind[] = [
    'more-screws',
    'more-plug',
    'more-cover',
    'more-lead',
    'more-bond',
    'more-part',
    'screws-counted',
    'like-this',
    'lies-over',
    'not-there',
];

const key = (i: number): string => String((i + 1) % 10);

/** What kind of thing is met: one digit each. */
export function KindKeys({ kind, choose }: { kind: CaptureKind; choose: (kind: CaptureKind) => void }) {
    useHotkeys(KINDS.map((_, i) => key(i)).join(','), (e) => {
        const at = (Number(e.key) + 9) % 10;
        const next = KINDS[at];
        if (next) {
            choose(next);
        }
    });
    return (
        <Box
            role="group"
            aria-label={say('page.capture.what')}
            sx={{ display: 'grid', gridTemplateColumns: 'repeat(3, 1fr)', gap: 0.75, pt: 1 }}
        >
            {KINDS.map((k, i) => (
                <ButtonBase
                    key={k}
                    aria-pressed={k === kind}
                    onClick={() => choose(k)}
                    sx={{
                        minHeight: 48,
                        justifyContent: 'flex-start',
                        textAlign: 'left',
                        gap: 0.75,
                        px: 0.75,
                        border: 1,
                        borderColor: k === kind ? 'text.primary' : 'divider',
                        borderRadius: 1,
                        fontSize: 14.5,
                        lineHeight: 1.15,
                        fontWeight: k === kind ? 700 : 400,
                        bgcolor: k === kind ? 'action.selected' : 'transparent',
                    }}
                >
                    <Box component="span" sx={{ fontFamily: mono, fontWeight: 700 }}>
                        {key(i)}
                    </Box>
                    {say(`capture.${k}`)}
                </ButtonBase>
            ))}
        </Box>
    );
}
