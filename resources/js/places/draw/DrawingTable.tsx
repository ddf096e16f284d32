import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { useRef, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { Refused, type PhoneFile } from '../../api/client';
import type { Face, Point } from '../../mat/geometry';
import { Mat } from '../../mat/Mat';
import { Note } from '../../shell/Note';
import { Refusal } from '../../shell/Refusal';
import { Contents } from './Contents';
import { bondMarks, endAt, withEnd, type BondEnd } from './bondEnds';
import { drawnElements } from './drawn';
import { elementsOf, hit, moved, withElements, freeId, selectedBy, type Group, type Selected } from './elements';
import { FilesInOut } from './FilesInOut';
import { Figures } from './Figures';
import { fresh } from './library';
import { useDrawing } from './useDrawing';
import { Verdict } from './Verdict';
import { Versions } from './Versions';
import { say } from '../../words/words';

interface Props {
    start: PhoneFile;
    version: number;
    kept: (version: number) => void;
    fixedId: boolean;
}

/** List, drawing, figures and verdict of a phone file side by side. */
export function DrawingTable({ start, version, kept, fixedId }: Props) {
    const { state, act, check, keep, keeping, refused, isKept } = useDrawing(start, kept);
    const file = state.now;
    const [selected, setSelected] = useState<Selected>({ sheet: 'identity' });
    const [face, setFace] = useState<Face>('front');
    const [versions, setVersions] = useState(false);
    const drag = useRef<{ at: NonNullable<ReturnType<typeof hit>>; last: Point } | { end: BondEnd } | null>(null);
    const set = (next: PhoneFile) => act({ type: 'set', file: next });
    const options = { preventDefault: true, enableOnFormTags: false } as const;
    useHotkeys('mod+z', () => act({ type: 'undo' }), options);
    useHotkeys(['mod+shift+z', 'mod+y'], () => act({ type: 'redo' }), options);
    const nudge = (key: string) => {
        if ('group' in selected) {
            const by = { ArrowLeft: [-0.5, 0], ArrowRight: [0.5, 0], ArrowUp: [0, -0.5], ArrowDown: [0, 0.5] }[key] ?? [
                0, 0,
            ];
            set(moved(file, selected, { x: by[0] ?? 0, y: by[1] ?? 0 }));
        }
    };
    useHotkeys(['left', 'right', 'up', 'down'], (e) => nudge(e.key), options, [file, selected]);
    const onDraw = {
        start: (p: Point) => {
            const end = endAt(file, face, selected, p);
            if (end !== null) {
                drag.current = { end };
                return;
            }
            const at = hit(file, face, p);
            drag.current = at === null ? null : { at, last: p };
            if (at !== null) {
                setSelected({ group: at.group, index: at.index });
            }
        },
        move: (p: Point) => {
            if (drag.current && 'end' in drag.current) {
                act({ type: 'drag', file: withEnd(file, drag.current.end, p) });
            } else if (drag.current) {
                const { at, last } = drag.current;
                act({ type: 'drag', file: moved(file, at, { x: p.x - last.x, y: p.y - last.y }) });
                drag.current = { at, last: p };
            }
        },
        end: () => {
            drag.current = null;
            act({ type: 'drop' });
        },
    };
    const add = (group: Group) => {
        const element = fresh(group, freeId(file, `new-${group.replace(/s$/, '').toLowerCase()}`), file);
        set(withElements(file, group, [...elementsOf(file, group), element]));
        setSelected({ group, index: elementsOf(file, group).length });
    };
    const stale = refused instanceof Refused && refused.code === 'stale-version';
    const faulty = (check?.faults.length ?? 1) > 0;
    return (
        <Box
            component="main"
            sx={{
                flex: 'none',
                display: 'grid',
                // One below the other, list and drawing side by side, or all four.
                gridTemplateColumns: {
                    xs: 'minmax(0, 1fr)',
                    sm: '220px minmax(0, 1fr)',
                    lg: '180px minmax(0, 1fr) 320px 260px',
                    xl: '240px minmax(0, 1fr) 420px 360px',
                },
                height: { lg: 'calc(100dvh - var(--bar, 60px) - var(--clocks, 0px))' },
                minHeight: 0,
            }}
        >
            <Contents file={file} selected={selected} select={setSelected} add={add} />
            <Box
                sx={{
                    minHeight: 0,
                    height: { xs: '64dvh', sm: '72dvh', lg: 'auto' },
                    display: 'grid',
                    gridTemplateColumns: 'minmax(0, 1fr)',
                    gridTemplateRows: 'auto minmax(0, 1fr)',
                }}
            >
                <Box
                    sx={{
                        display: 'flex',
                        gap: 1,
                        p: 1,
                        alignItems: 'center',
                        flexWrap: 'wrap',
                        bgcolor: 'background.paper',
                    }}
                >
                    <Typography component="h1" variant="h2" noWrap sx={{ maxWidth: { xs: '100%', lg: 160 } }}>
                        {file.identity.model === '' ? say('page.drawing-table.not-named') : file.identity.model}
                    </Typography>
                    <ToggleButtonGroup
                        exclusive
                        size="small"
                        value={face}
                        onChange={(_, v: Face | null) => v && setFace(v)}
                        aria-label={say('page.face')}
                    >
                        <ToggleButton value="front">{say('page.front')}</ToggleButton>
                        <ToggleButton value="back">{say('page.back')}</ToggleButton>
                    </ToggleButtonGroup>
                    <Button size="small" disabled={state.past.length === 0} onClick={() => act({ type: 'undo' })}>
                        {say('page.undo')}
                    </Button>
                    <Button size="small" disabled={state.future.length === 0} onClick={() => act({ type: 'redo' })}>
                        {say('page.drawing-table.redo')}
                    </Button>
                    <Button
                        variant="contained"
                        disabled={faulty || keeping}
                        onClick={() => keep(version)}
                        sx={{ ml: 'auto' }}
                    >
                        {say('page.drawing-table.keep-as-version', { version: version + 1 })}
                    </Button>
                </Box>
                <Mat
                    phone={file}
                    face={face}
                    marks={[
                        ...drawnElements(file, face, selected, faultyIn(check?.faults ?? [])),
                        ...bondMarks(file, face, selected),
                    ]}
                    title={say('page.drawing-table.being-drawn', {
                        maker: file.identity.maker,
                        model: file.identity.model,
                        face,
                    })}
                    onDraw={onDraw}
                />
            </Box>
            <Box
                tabIndex={0}
                role="region"
                aria-label={say('page.drawing-table.figures')}
                sx={{
                    gridColumn: { sm: '1 / -1', lg: 'auto' },
                    p: 2,
                    overflow: 'auto',
                    bgcolor: 'background.paper',
                    borderLeft: 1,
                    borderColor: 'divider',
                }}
            >
                <Refusal error={refused} />
                {stale && (
                    <Box sx={{ display: 'flex', gap: 1, my: 1 }}>
                        <Button size="small" variant="outlined" onClick={() => setVersions(true)}>
                            {say('page.drawing-table.what-changed')}
                        </Button>
                        <Button size="small" onClick={() => keep(refused.version ?? version)}>
                            {say('page.drawing-table.keep-mine-on-top')}
                        </Button>
                    </Box>
                )}
                {isKept && (
                    <Note tone="plain">{say('page.drawing-table.version-is-kept-new-jobs-take', { version })}</Note>
                )}
                <Figures
                    file={file}
                    selected={selected}
                    set={set}
                    select={setSelected}
                    faults={check?.faults ?? []}
                    fixedId={fixedId}
                />
                <FilesInOut
                    file={file}
                    open={(f) => act({ type: 'set', file: f })}
                    versions={() => setVersions(true)}
                />
            </Box>
            <Box
                tabIndex={0}
                role="region"
                aria-label={say('page.drawing-table.verdict')}
                sx={{
                    gridColumn: { sm: '1 / -1', lg: 'auto' },
                    p: 2,
                    overflow: 'auto',
                    borderLeft: 1,
                    borderColor: 'divider',
                }}
            >
                {check ? (
                    <Verdict
                        file={file}
                        check={check}
                        part={'group' in selected && selected.group === 'replacements' ? selected.index : null}
                        select={setSelected}
                    />
                ) : (
                    <Typography>{say('page.drawing-table.checking')}</Typography>
                )}
            </Box>
            {versions && <Versions phone={file.identity.id} close={() => setVersions(false)} />}
        </Box>
    );
}

/** Elements that a fault is about: they are marked on the drawing. */
const faultyIn = (faults: readonly { path: string }[]): Selected[] =>
    faults.flatMap((f) => {
        const at = selectedBy(f.path);
        return at ? [at] : [];
    });
