import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMutation } from '@tanstack/react-query';
import { useState, type SyntheticEvent } from 'react';
import { api, take, type Schemas } from '../../api/client';
import { newId } from '../../bench/ids';
import { Refusal } from '../../shell/Refusal';
import { say } from '../../words/words';
import { accountsChanged } from './PersonRow';
import { RightsField } from './RightsField';
import { RoleField } from './RoleField';

/** Somebody new: name and address are typed, the password they set themselves. */
export function AddPerson({ invited }: { invited: (way: Schemas['Invited']) => void }) {
    const [id, setId] = useState(newId);
    const [name, setName] = useState('');
    const [email, setEmail] = useState('');
    const [role, setRole] = useState<Schemas['Role']>('technician');
    const [rights, setRights] = useState<Schemas['Right'][]>(['uv']);
    const add = useMutation({
        mutationFn: () => take(api.POST('/api/accounts', { body: { id, email, name: name.trim(), role, rights } })),
        onSuccess: async (way) => {
            setId(newId());
            setName('');
            setEmail('');
            invited(way);
            await accountsChanged();
        },
    });
    const submit = (event: SyntheticEvent) => {
        event.preventDefault();
        add.mutate();
    };
    return (
        <Box component="form" aria-labelledby="add-person" onSubmit={submit} sx={{ display: 'grid', gap: 1.25 }}>
            <Typography id="add-person" component="h2" variant="h2">
                {say('page.accounts.add-somebody')}
            </Typography>
            <Box sx={{ display: 'flex', gap: 1.25, flexWrap: 'wrap', alignItems: 'center' }}>
                <TextField
                    size="small"
                    required
                    label={say('page.name')}
                    value={name}
                    onChange={(e) => setName(e.target.value)}
                />
                <TextField
                    size="small"
                    required
                    type="email"
                    label={say('page.sign-in.e-mail-address')}
                    value={email}
                    onChange={(e) => setEmail(e.target.value)}
                />
                <RoleField value={role} set={setRole} />
                {role !== 'front-desk' && <RightsField name={name} value={rights} set={setRights} />}
                <Button type="submit" variant="contained" disabled={add.isPending}>
                    {say('page.accounts.add-and-invite')}
                </Button>
            </Box>
            <Refusal error={add.error} />
        </Box>
    );
}
