import Box from '@mui/material/Box';
import ToggleButton from '@mui/material/ToggleButton';
import Typography from '@mui/material/Typography';
import { say } from '../../words/words';
import { toggled } from './draft';

interface Props<T extends string> {
    title: string;
    all: readonly T[];
    prefix: string;
    on: T[];
    set: (v: T[]) => void;
}

/** A set of things that are so or not, each one tap. */
export function Chips<T extends string>({ title, all, prefix, on, set }: Props<T>) {
    return (
        <Box component="section" aria-label={title}>
            <Typography component="h2" variant="h2" sx={{ mb: 0.5 }}>
                {title}
            </Typography>
            <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
                {all.map((o) => (
                    <ToggleButton
                        key={o}
                        value={o}
                        selected={on.includes(o)}
                        onChange={() => set(toggled(on, o))}
                        sx={{ px: 1.75 }}
                    >
                        {on.includes(o) ? '● ' : ''}
                        {say(`${prefix}.${o}`)}
                    </ToggleButton>
                ))}
            </Box>
        </Box>
    );
}
