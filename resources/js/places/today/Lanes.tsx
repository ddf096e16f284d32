import Box from '@mui/material/Box';
import { useEffect, useRef, useState } from 'react';
import { useNow } from '../../bench/useNow';
import { mono, sans, slate } from '../../theme/tokens';
import { say, wallClock } from '../../words/words';
import { axisOf, type Axis } from './axis';
import { Block, NAMES } from './Block';
import { isLate, lanesOf, tagged, type Lane } from './lanes';
import type { Day, useDay } from './useDay';

const HEAD = 30;

/** People and equipment over the open hours that come, on slate as the mat is; phones by their tags. */
export function Lanes({ day, change }: { day: Day; change: ReturnType<typeof useDay> }) {
    const box = useRef<HTMLDivElement>(null);
    const [width, setWidth] = useState(1200);
    useEffect(() => {
        const seen = new ResizeObserver(([entry]) => entry && setWidth(Math.max(560, entry.contentRect.width)));
        if (box.current) {
            seen.observe(box.current);
        }
        return () => seen.disconnect();
    }, []);
    const axis = axisOf(day, width - NAMES - 16);
    const lanes = lanesOf(day, axis);
    const height = HEAD + lanes.reduce((sum, l) => sum + l.height, 0) + 6;
    return (
        <Box ref={box} sx={{ bgcolor: slate.mat, borderRadius: 1, overflow: 'hidden' }}>
            <svg
                width={width}
                height={height}
                role="img"
                aria-label={`${say('page.day.lanes')}. ${say('page.day.lanes-say')}`}
                style={{ display: 'block', touchAction: 'pan-y' }}
            >
                <Shut axis={axis} height={height} />
                {axis.hours.map((h) => (
                    <g key={h}>
                        <line
                            x1={NAMES + axis.x(h)}
                            x2={NAMES + axis.x(h)}
                            y1={HEAD - 4}
                            y2={height}
                            stroke={slate.grid}
                        />
                        <text x={NAMES + axis.x(h) + 4} y={20} fill={slate.quiet} fontFamily={mono} fontSize={15}>
                            {wallClock(new Date(h))}
                        </text>
                    </g>
                ))}
                {lanes.map((lane, i) => (
                    <Row
                        key={lane.name + String(i)}
                        lane={lane}
                        y={HEAD + lanes.slice(0, i).reduce((sum, l) => sum + l.height, 0)}
                        width={width}
                        axis={axis}
                        day={day}
                        change={change}
                    />
                ))}
                <Now axis={axis} height={height} />
            </svg>
        </Box>
    );
}

interface RowProps {
    lane: Lane;
    y: number;
    width: number;
    axis: Axis;
    day: Day;
    change: ReturnType<typeof useDay>;
}

function Row({ lane, y, width, axis, day, change }: RowProps) {
    return (
        <g>
            <line x1={0} x2={width} y1={y} y2={y} stroke={slate.grid} />
            <text
                x={12}
                y={y + lane.height / 2 + 5}
                fill={slate.line}
                fontFamily={sans}
                fontSize={lane.moves ? 16 : 14}
                fontWeight={lane.moves ? 700 : 400}
            >
                {lane.name}
            </text>
            {lane.bars.map((bar, i) => (
                <Block
                    // The same block while it is held, though the day is read again and it now begins later.
                    key={`${bar.job} ${lane.bars.slice(0, i).filter((b) => b.job === bar.job).length}`}
                    bar={bar}
                    y={lane.moves ? y + 26 : y + 4}
                    height={lane.moves ? 22 : lane.height - 8}
                    moves={lane.moves}
                    axis={axis}
                    day={day}
                    change={change}
                />
            ))}
            {tagged(lane, axis, (bar) => isLate(day, bar)).map((bar) => (
                <text
                    key={bar.job + String(bar.from)}
                    data-label={bar.tag}
                    x={NAMES + axis.x(bar.from) + (lane.moves ? 0 : 4)}
                    y={lane.moves ? y + 20 : y + lane.height / 2 + 5}
                    fill={isLate(day, bar) && lane.moves ? slate.stop : lane.moves ? slate.line : slate.deep}
                    fontFamily={mono}
                    fontSize={lane.moves ? 15 : 14}
                    fontWeight={700}
                    pointerEvents="none"
                >
                    {isLate(day, bar) && lane.moves ? `! ${bar.tag}` : bar.tag}
                </text>
            ))}
        </g>
    );
}

/** Between two openings. */
function Shut({ axis, height }: { axis: Axis; height: number }) {
    return (
        <>
            <defs>
                <pattern id="shut" width="8" height="8" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
                    <line x1="0" y1="0" x2="0" y2="8" stroke={slate.grid} strokeWidth="3" />
                </pattern>
            </defs>
            {axis.stretches.slice(1).map((s, i) => {
                const before = axis.stretches[i];
                const x = before ? before.x + before.width : s.x;
                return (
                    <rect key={s.from} x={NAMES + x} y={HEAD - 4} width={s.x - x} height={height} fill="url(#shut)" />
                );
            })}
        </>
    );
}

function Now({ axis, height }: { axis: Axis; height: number }) {
    const now = useNow(true);
    const x = NAMES + axis.x(now);
    // It lies over the phones and must not keep a finger from them.
    return (
        <g pointerEvents="none">
            <line x1={x} x2={x} y1={HEAD - 6} y2={height} stroke={slate.now} strokeWidth={2} />
            <path d={`M ${x} ${HEAD - 14} l 7 7 l -7 7 l -7 -7 z`} fill={slate.now} />
        </g>
    );
}
