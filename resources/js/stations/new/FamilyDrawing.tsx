import type { Schemas } from '../../api/client';

type Family = Schemas['FamilySummary']['family'];

/** What moves and what holds, as lines in a field of 60 by 60: the phone's edge from the side, front up. */
const LINES: Readonly<Record<Family, readonly string[]>> = {
    // The screen is a lid: it swings up from the tail, two screws below.
    'front-opening': ['M10 40h40v8H10z', 'M10 36L46 18', 'M14 52v4M20 52v4'],
    // The back comes off below, the screen stays.
    'rear-opening': ['M10 22h40v10H10z', 'M10 20h40', 'M12 44h36', 'M30 34v8M26 39l4 4 4-4'],
    // The back is taken off by hand, and the battery out; the screen is glued.
    'front-bonded': ['M10 16h40', 'M10 20h40v10H10z', 'M18 38h24v6H18z', 'M12 52h36'],
    // Back off, then screws, then the chassis.
    'screwed-chassis': ['M10 14h40v8H10z', 'M10 26h40v8H10z', 'M16 38v6M30 38v6M44 38v6', 'M12 52h36'],
    // Metal all round, screws at the tail.
    'metal-shell': ['M10 18h40', 'M10 22h40v20q0 4-4 4H14q-4 0-4-4z', 'M16 50v4M44 50v4'],
    // Two halves and a hinge; the screen outside.
    'folding-outer': ['M8 18h18v26H8z', 'M34 18h18v26H34z', 'M26 22q4 9 0 18M34 22q-4 9 0 18', 'M8 14h18'],
    // A lid in front and a cover behind.
    'two-sided': ['M10 24h40v10H10z', 'M10 20L46 10', 'M12 46h36', 'M30 36v6M26 40l4 4 4-4'],
};

/** A family from the side: what comes off first, and what holds it. */
export function FamilyDrawing({ family }: { family: Family }) {
    return (
        <svg viewBox="4 6 52 54" width="64" height="64" aria-hidden>
            {LINES[family].map((d) => (
                <path key={d} d={d} fill="none" stroke="currentColor" strokeWidth="2" strokeLinejoin="round" />
            ))}
        </svg>
    );
}
