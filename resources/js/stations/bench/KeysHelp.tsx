import Box from '@mui/material/Box';
import Dialog from '@mui/material/Dialog';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { say } from '../../words/words';
import { KEYS } from './useBenchKeys';

/** What every key of the bench does. */
export function KeysHelp({ close }: { close: () => void }) {
    return (
        <Dialog open onClose={close} aria-labelledby="keys-title">
            <DialogTitle id="keys-title">{say('page.bench.keys')}</DialogTitle>
            <DialogContent>
                <Box component="dl" sx={{ display: 'grid', gridTemplateColumns: 'auto 1fr', gap: 1.5, m: 0 }}>
                    {KEYS.map(([key, what]) => (
                        <Box key={key} sx={{ display: 'contents' }}>
                            <Box component="dt" sx={{ fontWeight: 700 }}>
                                {key}
                            </Box>
                            <Box component="dd" sx={{ m: 0 }}>
                                {what}
                            </Box>
                        </Box>
                    ))}
                </Box>
            </DialogContent>
        </Dialog>
    );
}
