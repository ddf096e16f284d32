import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Typography from '@mui/material/Typography';
import type { PhoneFile, Plan } from '../../api/client';
import { AT_HAND_OVER, whereabouts } from '../../bench/ledger';
import type { Run } from '../../bench/run';
import { say } from '../../words/words';

interface Props {
    job: string;
    phone: PhoneFile;
    plan: Plan;
    run: Run;
    close: () => void;
}

/** Where everything is that is not in its place: screws, connectors, parts, and what was put on for the work. */
export function Ledger({ job, phone, plan, run, close }: Props) {
    const ledger = whereabouts(phone, plan, run);
    const lists: [string, { key: string; text: string; note?: string | undefined }[]][] = [
        [
            'On the screw mat',
            ledger.screws.map((s) => ({
                key: s.id,
                text: `${s.out} × ${s.driver}, ${s.length} mm`,
                note: s.out < s.all ? `${s.all} came out` : s.name,
            })),
        ],
        ['Unplugged', ledger.off.map((c) => ({ key: c.id, text: c.name }))],
        [
            'Out of the phone',
            ledger.parts.map((p) => ({
                key: p.id,
                text: p.name,
                note: `${say(`where.${p.where}`)}${p.paired ? ', cannot be replaced' : ''}`,
            })),
        ],
        ['On the new part', ledger.moved.map((p) => ({ key: p.id, text: p.name }))],
        [
            'On for the work',
            ledger.on.map((t) => ({
                key: t,
                text: say(`thing.${t}`),
                note: t === AT_HAND_OVER ? 'comes off at hand-over' : undefined,
            })),
        ],
        ['Wet', ledger.wet.map((w) => ({ key: w, text: say(`place.${w}`) }))],
    ];
    const left = lists.filter(([, rows]) => rows.length > 0);
    const astray = left.some(([name, rows]) => name !== 'On the new part' && rows.some((r) => r.key !== AT_HAND_OVER));
    return (
        <Dialog open onClose={close} fullWidth maxWidth="sm" aria-labelledby="ledger-title">
            <DialogTitle id="ledger-title">What is where</DialogTitle>
            <DialogContent>
                {!astray && <Typography>Everything is in its place.</Typography>}
                {left.map(([name, rows]) => (
                    <Box component="section" key={name} aria-label={name} sx={{ mb: 1.5 }}>
                        <Typography component="h3" variant="h3">
                            {name}
                        </Typography>
                        <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
                            {rows.map((r) => (
                                <Box
                                    component="li"
                                    key={r.key}
                                    sx={{ display: 'flex', gap: 2, py: 0.5, borderBottom: 1, borderColor: 'divider' }}
                                >
                                    <Box sx={{ flex: 1 }}>{r.text}</Box>
                                    <Box sx={{ color: 'text.secondary' }}>{r.note}</Box>
                                </Box>
                            ))}
                        </Box>
                    </Box>
                ))}
                <Box sx={{ display: 'flex', gap: 1, mt: 2 }}>
                    <Button variant="outlined" href={`/api/jobs/${job}/screw-mat.pdf`} target="_blank" rel="noreferrer">
                        Print the screw mat, 1:1
                    </Button>
                    <Button
                        variant="outlined"
                        color="inherit"
                        href={`/api/jobs/${job}/screw-mat.svg`}
                        target="_blank"
                        rel="noreferrer"
                    >
                        As SVG
                    </Button>
                    <Button onClick={close} sx={{ ml: 'auto' }}>
                        Close
                    </Button>
                </Box>
            </DialogContent>
        </Dialog>
    );
}
