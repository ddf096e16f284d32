import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { queries } from '../../api/queries';
import { Note } from '../../shell/Note';
import { say } from '../../words/words';
import { AddPerson } from './AddPerson';
import { PersonRow } from './PersonRow';
import { Main } from '../../shell/Main';

/** The people of the shop: who gets in, as what, and with which rights. */
export function Accounts() {
    const { data, error } = useQuery(queries.accounts());
    const [invited, setInvited] = useState<Schemas['Invited'] | null>(null);
    return (
        <Main sx={{ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr)', gap: 2.5, alignContent: 'start' }}>
            <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 3 }}>
                <Typography component="h1" variant="h1" sx={{ flex: 1 }}>
                    {say('page.accounts.people')}
                </Typography>
                <Button component={Link} to="/changes">
                    {say('page.changes.who-changed-what')}
                </Button>
            </Box>
            {error && <Note tone="stop">{error.message}</Note>}
            {invited && (
                <Note tone="done" role="status">
                    {say('page.accounts.way-in', { name: invited.account.name, hours: invited.hours })}{' '}
                    <Box component="code" sx={{ wordBreak: 'break-all', fontWeight: 700 }}>
                        {invited.address}
                    </Box>
                </Note>
            )}
            {data?.data.map((a) => (
                <PersonRow key={`${a.id} ${a.version}`} account={a} invited={setInvited} />
            ))}
            <AddPerson invited={setInvited} />
            <Typography color="textSecondary">
                {say('page.accounts.hours-and-pace')} <Link to="/settings">{say('page.accounts.settings')}</Link>
            </Typography>
        </Main>
    );
}
