import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { useState, type PointerEvent } from 'react';
import type { Schemas } from '../../api/client';
import { every } from '../../api/sets';
import { slate } from '../../theme/tokens';
import { say } from '../../words/words';

type Seen = Schemas['ToldPhone']['front'][number];
type What = Seen['what'];

const THINGS = every<What>({
    camera: true,
    'earpiece-slot': true,
    'light-sensor': true,
    microphone: true,
    'home-key': true,
});
/** mm across, as they are drawn */
const ACROSS: Readonly<Record<What, number>> = {
    camera: 4.2,
    'earpiece-slot': 12,
    'light-sensor': 2.2,
    microphone: 2.4,
    'home-key': 11,
};

interface Props {
    width: number;
    height: number;
    front: readonly Seen[];
    set: (front: Seen[]) => void;
}

/** The front at its own proportions: choose what is seen, tap where it is. */
export function FrontTaps({ width, height, front, set }: Props) {
    const [what, setWhat] = useState<What>('camera');
    const tap = (e: PointerEvent<SVGSVGElement>) => {
        const matrix = e.currentTarget.getScreenCTM()?.inverse();
        const p = new DOMPoint(e.clientX, e.clientY).matrixTransform(matrix);
        if (p.x > 0 && p.y > 0 && p.x < width && p.y < height) {
            set([...front, { what, x: Math.round(10 * p.x) / 10, y: Math.round(10 * p.y) / 10 }]);
        }
    };
    return (
        <Box
            sx={{
                display: 'grid',
                gridTemplateColumns: { xs: 'minmax(0, 1fr)', sm: 'auto 1fr' },
                gap: 2,
                alignItems: 'start',
            }}
        >
            <svg
                role="img"
                aria-label={say('page.not-in-list.front', { count: front.length })}
                viewBox={`-2 -2 ${width + 4} ${height + 4}`}
                style={{ height: 260, background: slate.mat, touchAction: 'none', cursor: 'crosshair' }}
                onPointerDown={tap}
            >
                <rect width={width} height={height} rx={8} fill={slate.deep} stroke={slate.line} strokeWidth={0.5} />
                {front.map((f) => {
                    const size = ACROSS[f.what];
                    const high = f.what === 'earpiece-slot' || f.what === 'microphone' ? 1.2 : size;
                    return (
                        <rect
                            key={`${f.what} ${f.x} ${f.y}`}
                            x={f.x - size / 2}
                            y={f.y - high / 2}
                            width={size}
                            height={high}
                            rx={high / 2}
                            fill="none"
                            stroke={slate.now}
                            strokeWidth={0.6}
                        />
                    );
                })}
            </svg>
            <Box sx={{ display: 'grid', gap: 1 }}>
                <ToggleButtonGroup
                    exclusive
                    orientation="vertical"
                    value={what}
                    onChange={(_, v: What | null) => v && setWhat(v)}
                    aria-label={say('page.not-in-list.what-is-seen')}
                >
                    {THINGS.map((t) => (
                        <ToggleButton key={t} value={t}>
                            {say(`front-thing.${t}`)}
                        </ToggleButton>
                    ))}
                </ToggleButtonGroup>
                <Button onClick={() => set(front.slice(0, -1))} disabled={front.length === 0}>
                    {say('page.not-in-list.remove-last')}
                </Button>
            </Box>
        </Box>
    );
}
