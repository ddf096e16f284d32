import { useRef, useState } from 'react';
import { slate } from '../../theme/tokens';
import type { Axis } from './axis';
import { isLate, type Bar } from './lanes';
import type { Day, useDay } from './useDay';

/** Width of what stands before the hours: names. */
export const NAMES = 148;

interface BlockProps {
    bar: Bar;
    y: number;
    height: number;
    moves: boolean;
    axis: Axis;
    day: Day;
    change: ReturnType<typeof useDay>;
}

/** Work on one phone; with the finger or the mouse it is put where it is wanted. */
export function Block({ bar, y, height, moves, axis, day, change }: BlockProps) {
    const [by, setBy] = useState<number | null>(null);
    const began = useRef(0);
    const from = axis.x(Math.max(bar.from, axis.stretches[0]?.from ?? bar.from));
    const hands = axis.x(bar.hands);
    const to = axis.x(bar.to);
    if (to - from < 1) {
        return null;
    }
    const phone = day.phones.find((p) => p.job === bar.job);
    const late = isLate(day, bar);
    const first = day.slots.find((s) => s.job === bar.job)?.from === bar.from;
    const draws = moves && first && phone !== undefined;
    return (
        <g
            transform={`translate(${NAMES + from + (by ?? 0)} ${y})`}
            style={draws ? { cursor: 'grab', touchAction: 'none' } : undefined}
            opacity={by === null ? 1 : 0.75}
            {...(draws
                ? {
                      onPointerDown: (e) => {
                          e.currentTarget.setPointerCapture(e.pointerId);
                          began.current = e.clientX;
                          setBy(0);
                      },
                      onPointerMove: (e) => setBy((b) => (b === null ? null : e.clientX - began.current)),
                      onPointerCancel: () => setBy(null),
                      // From where it was let go of: the last move may not have been drawn yet.
                      onPointerUp: (e) => {
                          const moved = by === null ? 0 : e.clientX - began.current;
                          if (Math.abs(moved) > 6) {
                              const at = Math.max(day.now, axis.at(from + moved));
                              change.ask({ what: 'place', phone, at, firm: phone.firm });
                          }
                          setBy(null);
                      },
                  }
                : {})}
        >
            {/* Wide enough for a finger, however short the work is. */}
            {draws && <rect width={Math.max(24, to - from)} height={height} fill="transparent" />}
            {hands - from > 0 && (
                <rect
                    width={Math.max(2, hands - from - 1)}
                    height={height}
                    rx={3}
                    fill={moves ? slate.line : slate.quiet}
                    stroke={late ? slate.stop : 'none'}
                    strokeWidth={2}
                />
            )}
            {to > hands && moves && (
                <line
                    x1={hands - from}
                    x2={to - from}
                    y1={height / 2}
                    y2={height / 2}
                    stroke={slate.quiet}
                    strokeWidth={3}
                    strokeDasharray="3 5"
                />
            )}
        </g>
    );
}
