import Box from '@mui/material/Box';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import type { Schemas } from '../../api/client';
import { every } from '../../api/sets';
import { say } from '../../words/words';

type Right = Schemas['Right'];
const RIGHTS = every<Right>({ expert: true, uv: true, solder: true });

interface Props {
    name: string;
    value: Right[];
    set: (rights: Right[]) => void;
}

/** What not everybody may do at a bench: the day gives such work only to whom has the right. */
export function RightsField({ name, value, set }: Props) {
    return (
        <Box role="group" aria-label={say('page.accounts.rights-of', { name })} sx={{ display: 'flex', gap: 0.5 }}>
            {RIGHTS.map((right) => (
                <FormControlLabel
                    key={right}
                    sx={{ m: 0 }}
                    control={<Checkbox checked={value.includes(right)} />}
                    onChange={() => set(RIGHTS.filter((r) => (r === right) !== value.includes(r)))}
                    label={say(`right.${right}`)}
                />
            ))}
        </Box>
    );
}
