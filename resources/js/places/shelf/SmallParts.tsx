import Box from '@mui/material/Box';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import TextField from '@mui/material/TextField';
import { useQuery } from '@tanstack/react-query';
import { queries } from '../../api/queries';
import { say } from '../../words/words';

interface Props {
    /** model codes as they are typed */
    codes: string;
    /** ids with blanks between, `none`, or empty where it is not known */
    value: string;
    set: (value: string) => void;
}

/** Which small parts are fitted, ticked from the part's own list; where the phone is not known, as it was written. */
export function SmallParts({ codes, value, set }: Props) {
    const code = codes.trim().split(/[\s,]+/)[0] ?? '';
    const phones = useQuery({ ...queries.phones(code), enabled: code !== '' });
    const id = phones.data?.data.find((p) => p.codes.some((c) => c.code === code))?.id ?? '';
    const file = useQuery({ ...queries.phone(id), enabled: id !== '' });
    const could = file.data?.replacements.flatMap((r) => r.brings ?? []) ?? [];
    const parts = file.data?.parts.filter((p) => could.includes(p.id)) ?? [];
    const fitted = value === 'none' ? [] : value.split(/\s+/).filter(Boolean);
    if (parts.length === 0) {
        return fitted.length === 0 ? null : (
            <TextField label={say('page.item.small-parts')} value={value} onChange={(e) => set(e.target.value)} />
        );
    }
    const turn = (part: string) => {
        const next = fitted.includes(part) ? fitted.filter((f) => f !== part) : [...fitted, part];
        set(next.length === 0 ? 'none' : next.join(' '));
    };
    return (
        <Box role="group" aria-label={say('page.item.small-parts')} sx={{ display: 'flex', gap: 2, flexWrap: 'wrap' }}>
            <Box sx={{ alignSelf: 'center', fontWeight: 700 }}>{say('page.item.small-parts')}</Box>
            {parts.map((p) => (
                <FormControlLabel
                    key={p.id}
                    sx={{ m: 0 }}
                    control={<Checkbox checked={fitted.includes(p.id)} onChange={() => turn(p.id)} />}
                    label={p.name}
                />
            ))}
            <FormControlLabel
                sx={{ m: 0 }}
                control={<Checkbox checked={value === ''} onChange={() => set(value === '' ? 'none' : '')} />}
                label={say('page.not-known')}
            />
        </Box>
    );
}
