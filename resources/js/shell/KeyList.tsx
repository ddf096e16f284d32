import Box from '@mui/material/Box';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Button from '@mui/material/Button';
import type { ReactNode } from 'react';
import { say } from '../words/words';
import type { KeyRow } from './keys';

interface Props {
    keys: readonly KeyRow[];
    close: () => void;
    /** What else helps. */
    children?: ReactNode;
}

/** What every key of a page does. */
export function KeyList({ keys, close, children }: Props) {
    return (
        <Dialog open onClose={close} aria-labelledby="keys-title">
            <DialogTitle id="keys-title">{say('page.keys.title')}</DialogTitle>
            <DialogContent>
                <Box component="dl" sx={{ display: 'grid', gridTemplateColumns: 'auto 1fr', gap: 1.5, m: 0 }}>
                    {keys.map(([key, what]) => (
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
            <DialogActions>
                {children}
                <Button onClick={close}>{say('page.close')}</Button>
            </DialogActions>
        </Dialog>
    );
}
