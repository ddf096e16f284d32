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
            say('page.ledger.on-the-screw-mat'),
            ledger.screws.map((s) => ({
                key: s.id,
                text: say('page.ledger.mm', { out: s.out, driver: s.driver, s: s.length }),
                note: s.out < s.all ? say('page.ledger.came-out', { all: s.all }) : s.name,
            })),
        ],
        [say('page.ledger.unplugged'), ledger.off.map((c) => ({ key: c.id, text: c.name }))],
        [
            say('page.ledger.out-of-the-phone'),
            ledger.parts.map((p) => ({
                key: p.id,
                text: p.name,
                note: `${say(`where.${p.where}`)}${p.paired ? say('page.ledger.cannot-be-replaced') : ''}`,
            })),
        ],
        [say('page.ledger.on-the-new-part'), ledger.moved.map((p) => ({ key: p.id, text: p.name }))],
        [
            say('page.ledger.on-for-the-work'),
            ledger.on.map((t) => ({
                key: t,
                text: say(`thing.${t}`),
                note: t === AT_HAND_OVER ? say('page.ledger.comes-off-at-hand-over') : undefined,
            })),
        ],
        [say('page.ledger.wet'), ledger.wet.map((w) => ({ key: w, text: say(`place.${w}`) }))],
    ];
    const left = lists.filter(([, rows]) => rows.length > 0);
    const astray = left.some(
        ([name, rows]) => name !== say('page.ledger.on-the-new-part') && rows.some((r) => r.key !== AT_HAND_OVER),
    );
    return (
        <Dialog open onClose={close} fullWidth maxWidth="sm" aria-labelledby="ledger-title">
            <DialogTitle id="ledger-title">{say('page.what-is-where')}</DialogTitle>
            <DialogContent>
                {!astray && <Typography>{say('page.ledger.everything-is-in-its-place')}</Typography>}
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
                        {say('page.ledger.print-the-screw-mat-1-1')}
                    </Button>
                    <Button
                        variant="outlined"
                        color="inherit"
                        href={`/api/jobs/${job}/screw-mat.svg`}
                        target="_blank"
                        rel="noreferrer"
                    >
                        {say('page.ledger.as-svg')}
                    </Button>
                    <Button onClick={close} sx={{ ml: 'auto' }}>
                        {say('page.close')}
                    </Button>
                </Box>
            </DialogContent>
        </Dialog>
    );
}
