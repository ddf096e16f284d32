import TextField from '@mui/material/TextField';
import { say } from '../../words/words';

/** The present password, with which something of one's own is changed. */
export function PresentPassword({ value, set }: { value: string; set: (typed: string) => void }) {
    return (
        <TextField
            size="small"
            required
            type="password"
            autoComplete="current-password"
            label={say('page.me.present-password')}
            value={value}
            onChange={(e) => set(e.target.value)}
        />
    );
}
