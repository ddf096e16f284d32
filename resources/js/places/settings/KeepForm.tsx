import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { ReactNode, SyntheticEvent } from 'react';
import { Note } from '../../shell/Note';
import { Refusal } from '../../shell/Refusal';

interface Props {
    title: string;
    whatFor: string;
    /** What is said once it is kept. */
    kept: string;
    keep: string;
    saving: { mutate: () => void; error: Error | null; isSuccess: boolean; isPending: boolean };
    children: ReactNode;
}

/** What the owner sets for the whole shop: kept as one, and it is said whether it was. */
export function KeepForm({ title, whatFor, kept, keep, saving, children }: Props) {
    const submit = (event: SyntheticEvent) => {
        event.preventDefault();
        saving.mutate();
    };
    return (
        <Box
            component="form"
            onSubmit={submit}
            aria-label={title}
            sx={{ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr)', gap: 2 }}
        >
            <Typography component="h2" variant="h1">
                {title}
            </Typography>
            <Typography color="textSecondary">{whatFor}</Typography>
            {children}
            <Refusal error={saving.error} />
            {saving.isSuccess && (
                <Note tone="done" role="status">
                    {kept}
                </Note>
            )}
            <Button
                type="submit"
                variant="contained"
                disabled={saving.isPending}
                sx={{ justifySelf: 'start', minHeight: 56, px: 4 }}
            >
                {keep}
            </Button>
        </Box>
    );
}
