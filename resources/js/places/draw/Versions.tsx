import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { queries } from '../../api/queries';
import { say, ago, sayReason, sentence } from '../../words/words';

/** Every version that was kept, with what changed in it. */
export function Versions({ phone, close }: { phone: string; close: () => void }) {
    const all = useQuery(queries.phoneVersions(phone)).data?.data ?? [];
    return (
        <Dialog open onClose={close} fullWidth maxWidth="sm" aria-labelledby="versions-title">
            <DialogTitle id="versions-title">{say('page.versions')}</DialogTitle>
            <DialogContent>
                {all.length === 0 && <Typography>{say('page.versions.no-version-has-been-kept-here')}</Typography>}
                {all.map((v) => (
                    <Box
                        component="section"
                        key={v.version}
                        aria-label={say('page.versions.version', { version: v.version })}
                        sx={{ mb: 2 }}
                    >
                        <Typography component="h3" variant="h3">
                            {say('page.versions.version-2', { version: v.version, by: v.by, at: ago(v.at) })}
                        </Typography>
                        {v.changes.length === 0 && (
                            <Typography color="textSecondary">
                                {say('page.versions.the-first-that-was-kept')}
                            </Typography>
                        )}
                        <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
                            {v.changes.map((c, i) => (
                                <li key={i}>{sentence(sayReason(c))}</li>
                            ))}
                        </Box>
                    </Box>
                ))}
                <Button onClick={close}>{say('page.close')}</Button>
            </DialogContent>
        </Dialog>
    );
}
