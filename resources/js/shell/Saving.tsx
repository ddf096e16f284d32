import Typography from '@mui/material/Typography';
import { useOutbox } from '../bench/useOutbox';

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
            {saved ? '● saved' : `◆ ${waiting.length} waiting to send${unreachable ? ', server away' : ''}`}
        </Typography>
    );
}
