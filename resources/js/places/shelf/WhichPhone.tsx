import Autocomplete from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { queries } from '../../api/queries';
import { say } from '../../words/words';

type Phone = Schemas['PhoneSummary'];
export type KnownPart = Schemas['KnownPart'];

/** A phone by any word of its name or code, and one of the kinds of parts that there are for it. */
export function WhichPhone({ chosen }: { chosen: (phone: Phone, part: KnownPart) => void }) {
    const [find, setFind] = useState('');
    const [phone, setPhone] = useState<Phone | null>(null);
    const found = useQuery(queries.phones(find));
    const parts = useQuery({ ...queries.knownParts(phone?.id ?? ''), enabled: phone !== null });
    const name = (p: Phone): string => `${p.maker} ${p.model}`;
    return (
        <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center', flexWrap: 'wrap' }}>
            <Autocomplete
                sx={{ width: 320 }}
                options={found.data?.data ?? []}
                getOptionLabel={name}
                getOptionKey={(p) => p.id}
                isOptionEqualToValue={(a, b) => a.id === b.id}
                filterOptions={(all) => all}
                value={phone}
                onChange={(_, p) => setPhone(p)}
                onInputChange={(_, typed, why) => setFind(why === 'reset' ? '' : typed)}
                renderInput={(params) => <TextField {...params} label={say('page.item.which-phone')} />}
            />
            <Box role="group" aria-label={say('page.kind')} sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
                {phone &&
                    parts.data?.data.map((p) => (
                        <Button key={p.name} variant="outlined" onClick={() => chosen(phone, p)} sx={{ minHeight: 48 }}>
                            {say(`kind.${p.kind}`)}
                        </Button>
                    ))}
            </Box>
        </Box>
    );
}
