import Typography from '@mui/material/Typography';
import { useOutbox } from '../bench/useOutbox';
import { say } from '../words/words';

/** Whether everything confirmed on screen is kept. */
export function Saving() {
    const { waiting, unreachable } = useOutbox();
    const saved = waiting.length === 0;
    return (
        <Typography
            variant="body2"
            role="status"
            sx={(theme) => ({
                color: saved ? theme.palette.role.done : theme.palette.role.now,
                fontWeight: 700,
                whiteSpace: 'nowrap',
            })}
        >
            {saved
                ? say('page.saving.saved')
                : say('page.saving.waiting-to-send', {
                      waiting: waiting.length,
                      unreachable: unreachable ? say('page.saving.server-away') : '',
                  })}
        </Typography>
    );
}
