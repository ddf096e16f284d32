import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState, type SyntheticEvent } from 'react';
import { tenthsOf } from '../bench/heat';
import { report } from '../bench/useOutbox';
import { say } from '../words/words';

const PROBES = ['outer-face', 'edge', 'panel', 'battery'] as const;

/** What the thermometer shows at this moment, and where it sits. */
export function ReadingDialog({ job, step, close }: { job: string; step: string; close: () => void }) {
    const [probe, setProbe] = useState<string>(PROBES[0]);
    const [typed, setTyped] = useState('');
    const tenths = tenthsOf(typed);
    const keep = (event: SyntheticEvent) => {
        event.preventDefault();
        if (tenths !== null) {
            report(job, 'reading', { step, probe, tenths });
            close();
        }
    };
    return (
        <Dialog open onClose={close} aria-labelledby="reading-title">
            <DialogTitle id="reading-title">Reading of the thermometer</DialogTitle>
            <DialogContent>
                <Box component="form" onSubmit={keep} sx={{ display: 'grid', gap: 1.5, pt: 1 }}>
                    <TextField select size="small" label="Where" value={probe} onChange={(e) => setProbe(e.target.value)}>
                        {PROBES.map((p) => (
                            <MenuItem key={p} value={p}>
                                {say(`probe.${p}`)}
                            </MenuItem>
                        ))}
                    </TextField>
                    <TextField
                        size="small"
                        autoFocus
                        label="Temperature, °C"
                        value={typed}
                        error={typed !== '' && tenths === null}
                        helperText={typed !== '' && tenths === null ? '−20 to 250 °C' : ' '}
                        onChange={(e) => setTyped(e.target.value)}
                        slotProps={{ htmlInput: { inputMode: 'decimal' } }}
                    />
                    <Typography variant="body2" color="textSecondary">
                        It counts from this moment. One reading is enough to correct what follows.
                    </Typography>
                    <Button type="submit" variant="contained" disabled={tenths === null}>
                        Keep the reading
                    </Button>
                </Box>
            </DialogContent>
        </Dialog>
    );
}
