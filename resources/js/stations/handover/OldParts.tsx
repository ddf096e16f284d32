import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import type { Schemas } from '../../api/client';
import { every } from '../../api/sets';
import { say, sayReason, sentence } from '../../words/words';

type Stream = Schemas['Stream'];

/** Where an old part goes, as it will be sent. */
export interface Going {
    part: string;
    goes: Stream;
    place: string;
}

const STREAMS = every<Stream>({
    kept: true,
    salvage: true,
    glass: true,
    battery: true,
    electronics: true,
    customer: true,
});

const stays = (goes: Stream): boolean => goes === 'kept' || goes === 'salvage';

/** As it is suggested, with what was changed by hand. */
export const going = (left: Schemas['After']['oldParts'], changed: Readonly<Record<string, Going>>): Going[] =>
    left.map((o) => changed[o.part] ?? { part: o.part, goes: o.suggested, place: say('page.old-parts.usual-place') });

interface Props {
    left: Schemas['After']['oldParts'];
    said: readonly Going[];
    say: (one: Going) => void;
}

/** Every old part and where it goes: what stays in the shop gets a label and needs a place. */
export function OldParts({ left, said, say: change }: Props) {
    return (
        <Box component="section" aria-label={say('page.old-parts.title')} sx={{ display: 'grid', gap: 1 }}>
            <Typography component="h2" variant="h2">
                {say('page.old-parts.title')}
            </Typography>
            {left.map((o) => {
                const one = said.find((s) => s.part === o.part);
                return one === undefined ? null : (
                    <Box
                        key={o.part}
                        sx={{
                            display: 'grid',
                            gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '1fr 250px 110px' },
                            gap: 1.5,
                            alignItems: 'center',
                        }}
                    >
                        <Box>
                            <b>{o.name}</b>
                            <Box sx={(t) => ({ color: t.palette.role.quiet })}>{sentence(sayReason(o.because))}</Box>
                        </Box>
                        <TextField
                            select
                            size="small"
                            label={say('page.old-parts.goes', { name: o.name })}
                            value={one.goes}
                            onChange={(e) => change({ ...one, goes: e.target.value as Stream })}
                        >
                            {STREAMS.map((s) => (
                                <MenuItem key={s} value={s}>
                                    {say(`stream.${s}`)}
                                </MenuItem>
                            ))}
                        </TextField>
                        {stays(one.goes) && (
                            <TextField
                                size="small"
                                label={say('page.old-parts.place')}
                                value={one.place}
                                onChange={(e) => change({ ...one, place: e.target.value })}
                                slotProps={{ htmlInput: { maxLength: 40 } }}
                            />
                        )}
                    </Box>
                );
            })}
        </Box>
    );
}

/** What became of them, as it was said when the phone was handed over. */
export function KeptOldParts({ kept }: { kept: Schemas['After']['kept'] }) {
    return kept.length === 0 ? null : (
        <Box component="section" aria-label={say('page.old-parts.title')}>
            <Typography component="h2" variant="h2">
                {say('page.old-parts.title')}
            </Typography>
            <Box component="ul" sx={{ m: 0, pl: 3 }}>
                {kept.map((k) => (
                    <li key={k.part}>
                        {k.name}: {say(`stream.${k.goes}`)}
                        {k.label !== null && ` · ${k.label}, ${k.place ?? ''}`}
                    </li>
                ))}
            </Box>
        </Box>
    );
}
