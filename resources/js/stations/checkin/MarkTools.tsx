import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { useRef } from 'react';
import type { Condition, PhoneFile, Schemas } from '../../api/client';
import { Mat } from '../../mat/Mat';
import type { Mark } from '../../mat/mark';
import type { Face } from '../../mat/geometry';
import { say, sayReason } from '../../words/words';
import { MARK_KINDS, type MarkKind } from '../../api/sets';
import { begun, drawn, full } from './draft';

interface Props {
    phone: PhoneFile;
    condition: Condition;
    change: (f: (c: Condition) => Condition) => void;
    look: Schemas['Look'] | undefined;
    face: Face;
    setFace: (f: Face) => void;
    kind: MarkKind;
    setKind: (k: MarkKind) => void;
}

/** The mat to draw on, what is drawn, and every mark in words. */
export function MarkTools({ phone, condition, change, look, face, setFace, kind, setKind }: Props) {
    const taken = useRef(true);
    const here = condition.marks.filter((m) => m.face === face);
    const cups = (look?.edges ?? []).filter((e) => e.face === face);
    const marks: Mark[] = cups.flatMap((e): Mark[] =>
        e.cup === null
            ? []
            : [
                  {
                      id: e.bond,
                      tone: 'done',
                      boxes: [{ x: e.cup.x - 15, y: e.cup.y - 15, width: 30, height: 30, round: true }],
                      dashed: true,
                  },
              ],
    );
    return (
        <Box sx={{ display: 'flex', flexDirection: 'column', minHeight: 0, bgcolor: '#24323A' }}>
            <Box sx={{ flex: { xs: '0 0 min(58dvh, 560px)', md: 1 }, minHeight: 0 }}>
                <Mat
                    phone={phone}
                    face={face}
                    drawn={here}
                    marks={marks}
                    title={say('ui.marks-drawn', { face, count: here.length })}
                    onDraw={{
                        start: (p) => {
                            taken.current = !full(condition);
                            change((c) => begun(c, kind, face, p));
                        },
                        move: (p) => taken.current && change((c) => drawn(c, p)),
                    }}
                />
            </Box>
            <Box sx={{ bgcolor: 'background.paper', p: 1.5, display: 'grid', gap: 1 }}>
                <Box sx={{ display: 'flex', gap: 1, alignItems: 'center' }}>
                    <ToggleButtonGroup
                        exclusive
                        value={face}
                        onChange={(_, v: Face | null) => v && setFace(v)}
                        aria-label={say('page.face')}
                    >
                        <ToggleButton value="front">{say('page.front')}</ToggleButton>
                        <ToggleButton value="back">{say('page.back')}</ToggleButton>
                    </ToggleButtonGroup>
                    <Box sx={{ flex: 1 }} />
                    <Button
                        disabled={condition.marks.length === 0}
                        onClick={() => change((c) => ({ ...c, marks: c.marks.slice(0, -1) }))}
                    >
                        {say('page.mark-tools.remove-last')}
                    </Button>
                </Box>
                <ToggleButtonGroup
                    exclusive
                    value={kind}
                    onChange={(_, v: MarkKind | null) => v && setKind(v)}
                    aria-label={say('page.mark-tools.what-to-draw')}
                    sx={{ display: 'grid', gridTemplateColumns: 'repeat(3, 1fr)' }}
                >
                    {MARK_KINDS.map((k) => (
                        <ToggleButton key={k} value={k} sx={{ border: 1, borderRadius: 0 }}>
                            {say(`mark.${k}`)}
                        </ToggleButton>
                    ))}
                </ToggleButtonGroup>
                <Box
                    component="section"
                    aria-label={say('page.mark-tools.marks-in-words')}
                    tabIndex={0}
                    sx={{ maxHeight: 128, overflow: 'auto', fontSize: '0.9375rem' }}
                >
                    {full(condition) && <Typography role="status">{say('page.mark-tools.full')}</Typography>}
                    {condition.marks.length === 0 && (
                        <Typography color="textSecondary">
                            {say('page.mark-tools.draw-with-finger-or-mouse-each')}
                        </Typography>
                    )}
                    {condition.marks.map((m, i) => {
                        const words = look?.marks[i];
                        return (
                            <Box key={i} sx={{ display: 'flex', gap: 1 }}>
                                <Box sx={{ width: 46, color: 'text.secondary' }}>{say(`face.${m.face}`)}</Box>
                                <Box sx={{ flex: 1 }}>{words ? sayReason(words) : say(`mark.${m.kind}`)}</Box>
                            </Box>
                        );
                    })}
                    {cups.map((e) => (
                        <Box key={e.bond} sx={{ mt: 0.5, fontWeight: 700 }}>
                            {edgeWords(e)}
                        </Box>
                    ))}
                </Box>
            </Box>
        </Box>
    );
}

function edgeWords(e: Schemas['Look']['edges'][number]): string {
    const cup =
        e.cup === null
            ? say('page.mark-tools.no-whole-glass-for-the-suction')
            : e.moved
              ? say('page.mark-tools.suction-cup-mm-from-the-left', { x: Math.round(e.cup.x) })
              : say('page.mark-tools.whole-glass-for-the-suction-cup', { side: say(`side.${e.start}`) });
    const crazed = e.crazed.length === 0 ? '' : ` ${say('ui.crazed', { count: e.crazed.length })}`;
    return `${e.name}: ${cup}.${crazed}`;
}
