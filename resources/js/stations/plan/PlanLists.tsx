import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { PhoneFile, Plan } from '../../api/client';
import { say, sayReason } from '../../words/words';

/** What moves over, which screws, how much tape, which tests, and what the customer hears. */
export function PlanLists({ plan, phone }: { plan: Plan; phone: PhoneFile }) {
    const part = (id: string) => phone.parts.find((p) => p.id === id)?.name ?? id;
    const groups = [...new Set(plan.screws.map((s) => s.fastener))].map((id) => ({
        id,
        of: plan.screws.filter((s) => s.fastener === id),
    }));
    return (
        <Box sx={{ p: 2.5, display: 'grid', gap: 2 }}>
            <List
                title={say('page.plan-lists.moves-over')}
                items={plan.route.moved.map(part)}
                empty={say('page.plan-lists.nothing-has-to-move-over')}
            />
            <List
                title={say('page.screw-mat')}
                items={groups.map((g) =>
                    say('page.plan-lists.mm', {
                        of: g.of.length,
                        driver: g.of[0]?.driver,
                        of2: g.of[0]?.length,
                        name: phone.fasteners.find((f) => f.id === g.id)?.name ?? g.id,
                    }),
                )}
                empty={say('page.plan-lists.no-screws')}
            />
            <List
                title={say('page.adhesive')}
                items={plan.seals.map((s) =>
                    say('page.of', {
                        what: phone.bonds.find((b) => b.id === s.bond)?.name ?? s.bond,
                        which: sealWords(s).join(', '),
                    }),
                )}
                empty=""
            />
            <List
                title={say('page.plan-lists.tests')}
                items={plan.gates.map(
                    (g) =>
                        `${say(`gate.${g.gate}`)}: ${g.functions.map((f) => say(`function.${f.function}`)).join(', ')}`,
                )}
                empty=""
            />
            <List title={say('page.customer-hears')} items={plan.customer.map((r) => sayReason(r))} empty="" />
        </Box>
    );
}

/** Way, tape, bead and height of a seal, as far as it has them. */
function sealWords(s: Plan['seals'][number]): string[] {
    const metres = s.pieces.reduce((sum, p) => sum + p.length, 0) / 1000;
    const proud = s.heights ? Math.max(...s.heights.sides.map((h) => h.proud)) : null;
    return [
        say(s.way ? `way.${s.way}` : `renewal.${s.renewal}`),
        ...(s.pieces.length > 0
            ? [say('page.plan-lists.m-of-tape-in-pieces', { m: metres.toFixed(2), pieces: s.pieces.length })]
            : []),
        ...(s.bead ? [say('page.plan-lists.ml-of-bead', { ml: s.bead.ml.toFixed(2) })] : []),
        ...(proud === null
            ? []
            : [
                  proud === 0
                      ? say('page.plan-lists.screen-flush')
                      : proud > 0
                        ? say('page.plan-lists.proud', { mm: proud })
                        : say('page.plan-lists.below', { mm: -proud }),
              ]),
    ];
}

function List({ title, items, empty }: { title: string; items: string[]; empty: string }) {
    return (
        <Box component="section" aria-label={title}>
            <Typography component="h2" variant="h3">
                {title}
            </Typography>
            {items.length === 0 && <Typography color="textSecondary">{empty}</Typography>}
            <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
                {items.map((i) => (
                    <li key={i}>{i}</li>
                ))}
            </Box>
        </Box>
    );
}
