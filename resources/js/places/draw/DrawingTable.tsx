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
import { bondMarks, endAt, withEnd, type BondEnd } from './bondEnds';
import { drawnElements } from './drawn';
import {
    elementsOf,
    hit,
    moved,
    sheetOf,
    withElement,
    withElements,
    withSheet,
    freeId,
    GROUPS,
    nameOf,
    SHEETS,
    type Group,
    type Selected,
} from './elements';
import { FIELDS, SHEET_FIELDS } from './fields';
import { FilesInOut } from './FilesInOut';
import { allRound, fresh } from './library';
import { Sheet, TakeOut } from './Sheet';
import { Stacks } from './Stacks';
import { useDrawing } from './useDrawing';
import { Verdict } from './Verdict';
import { Versions } from './Versions';
import { say } from '../../words/words';

const GROUP_NAMES: Record<Group, string> = {
    openings: say('page.drawing-table.openings'),
    flexZones: say('page.drawing-table.flex-zones'),
    parts: say('page.parts'),
    fasteners: say('page.screws'),
    connectors: say('page.drawing-table.connectors'),
    bonds: say('page.bonds'),
    replacements: say('page.drawing-table.kinds-of-part'),
};

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
                gridTemplateColumns: { xs: '180px minmax(0, 1fr) 320px 260px', xl: '240px minmax(0, 1fr) 420px 360px' },
                height: 'calc(100vh - 60px)',
                minHeight: 0,
            }}
        >
            <Contents file={file} selected={selected} select={setSelected} add={add} />
            <Box sx={{ minHeight: 0, display: 'grid', gridTemplateRows: 'auto minmax(0, 1fr)' }}>
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
                    marks={[...drawnElements(file, face, selected), ...bondMarks(file, face, selected)]}
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
                sx={{ p: 2, overflow: 'auto', bgcolor: 'background.paper', borderLeft: 1, borderColor: 'divider' }}
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
                sx={{ p: 2, overflow: 'auto', borderLeft: 1, borderColor: 'divider' }}
            >
                {check ? (
                    <Verdict
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

interface ContentsProps {
    file: PhoneFile;
    selected: Selected;
    select: (s: Selected) => void;
    add: (group: Group) => void;
}

function Contents({ file, selected, select, add }: ContentsProps) {
    return (
        <Box
            component="nav"
            aria-label={say('page.drawing-table.contents')}
            sx={{ overflow: 'auto', p: 1, bgcolor: 'background.paper' }}
        >
            {[...SHEETS, 'stacks' as const].map((s) => (
                <Row
                    key={s}
                    on={'sheet' in selected && selected.sheet === s}
                    press={() => select({ sheet: s })}
                    text={s.charAt(0).toUpperCase() + s.slice(1)}
                />
            ))}
            {GROUPS.map((g) => (
                <Box key={g} component="section" aria-label={GROUP_NAMES[g]} sx={{ mt: 1 }}>
                    <Box sx={{ display: 'flex', alignItems: 'center', px: 1 }}>
                        <Typography component="h2" variant="h3" sx={{ flex: 1 }}>
                            {GROUP_NAMES[g]}
                        </Typography>
                        <Button
                            size="small"
                            onClick={() => add(g)}
                            aria-label={say('page.drawing-table.add-to', { GROUP_NAMES: GROUP_NAMES[g].toLowerCase() })}
                        >
                            +
                        </Button>
                    </Box>
                    {elementsOf(file, g).map((e, i) => (
                        <Row
                            key={`${e.id} ${i}`}
                            on={'group' in selected && selected.group === g && selected.index === i}
                            press={() => select({ group: g, index: i })}
                            text={nameOf(e)}
                        />
                    ))}
                </Box>
            ))}
        </Box>
    );
}

function Row({ on, press, text }: { on: boolean; press: () => void; text: string }) {
    return (
        <Button
            fullWidth
            size="small"
            color="inherit"
            aria-pressed={on}
            onClick={press}
            sx={(t) => ({
                justifyContent: 'flex-start',
                textAlign: 'left',
                fontWeight: on ? 700 : 400,
                minHeight: 34,
                bgcolor: on ? t.palette.role.nowFill : 'transparent',
            })}
        >
            {text}
        </Button>
    );
}

interface FiguresProps {
    file: PhoneFile;
    selected: Selected;
    set: (file: PhoneFile) => void;
    select: (s: Selected) => void;
    faults: { path: string; reason: string }[];
    fixedId: boolean;
}

function Figures({ file, selected, set, select, faults, fixedId }: FiguresProps) {
    const under = (prefix: string): Record<string, string> =>
        Object.fromEntries(
            faults
                .filter((f) => f.path.startsWith(`${prefix}.`))
                .map((f) => [f.path.slice(prefix.length + 1).replace(/\[\d+\].*/, ''), f.reason]),
        );
    if ('sheet' in selected) {
        if (selected.sheet === 'stacks') {
            return <Stacks file={file} set={set} />;
        }
        const sheet = selected.sheet;
        const fields = SHEET_FIELDS[sheet].filter((f) => !(fixedId && sheet === 'identity' && f.key === 'id'));
        const value = sheetOf(file, sheet);
        const family = Object.fromEntries(faults.filter((f) => f.path === 'family').map((f) => [f.path, f.reason]));
        return (
            <Sheet
                key={sheet}
                file={file}
                fields={fields}
                value={value}
                set={(v) => set(withSheet(file, sheet, v))}
                faults={{ ...under(sheet), ...(sheet === 'identity' ? family : {}) }}
            />
        );
    }
    const { group, index } = selected;
    const element = elementsOf(file, group)[index];
    if (!element) {
        return (
            <Typography color="textSecondary">{say('page.drawing-table.choose-something-on-the-left-or')}</Typography>
        );
    }
    const cut = element['cut'] as { hinge?: string } | undefined;
    return (
        <>
            <Sheet
                key={`${group} ${index}`}
                file={file}
                fields={FIELDS[group]}
                value={element}
                set={(v) => set(withElement(file, group, index, v as typeof element))}
                faults={under(`${group}[${index}]`)}
            />
            {group === 'bonds' && cut && (
                <Button
                    variant="outlined"
                    sx={{ mt: 1, mr: 1 }}
                    onClick={() =>
                        set(
                            withElement(file, group, index, {
                                ...element,
                                cut: { ...cut, stretches: allRound(file, cut.hinge) },
                            }),
                        )
                    }
                >
                    {say('page.drawing-table.cut-all-round')}
                </Button>
            )}
            <TakeOut
                what={nameOf(element)}
                take={() => {
                    set(
                        withElements(
                            file,
                            group,
                            elementsOf(file, group).filter((_, i) => i !== index),
                        ),
                    );
                    select({ sheet: 'identity' });
                }}
            />
        </>
    );
}
