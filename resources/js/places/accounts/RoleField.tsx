import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { every } from '../../api/sets';
import type { Schemas } from '../../api/client';
import { say } from '../../words/words';

type Role = Schemas['Role'];
const ROLES = every<Role>({ owner: true, technician: true, 'front-desk': true });

export function RoleField({ value, set }: { value: Role; set: (role: Role) => void }) {
    return (
        <TextField
            select
            size="small"
            label={say('page.accounts.role')}
            value={value}
            onChange={(e) => set(e.target.value as Role)}
            sx={{ width: 160 }}
        >
            {ROLES.map((r) => (
                <MenuItem key={r} value={r}>
                    {say(`role.${r}`)}
                </MenuItem>
            ))}
        </TextField>
    );
}
