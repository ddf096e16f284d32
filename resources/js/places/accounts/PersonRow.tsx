import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useMutation } from '@tanstack/react-query';
import { useState, type SyntheticEvent } from 'react';
import { api, take, type Schemas } from '../../api/client';
import { queryClient } from '../../api/queryClient';
import { Refusal } from '../../shell/Refusal';
import { say } from '../../words/words';
import { RightsField } from './RightsField';
import { RoleField } from './RoleField';

type Account = Schemas['Account'];

interface Props {
    account: Account;
    invited: (way: Schemas['Invited']) => void;
}

export const accountsChanged = async (): Promise<void> => {
    for (const key of ['accounts', 'me', 'shop', 'day']) {
        await queryClient.invalidateQueries({ queryKey: [key] });
    }
};

/** One of the people: changed in place, disabled, invited again. */
export function PersonRow({ account, invited }: Props) {
    const [name, setName] = useState(account.name);
    const [role, setRole] = useState(account.role);
    const [rights, setRights] = useState(account.rights);
    const keep = useMutation({
        mutationFn: (disabled: boolean) =>
            take(
                api.PUT('/api/accounts/{account}', {
                    params: { path: { account: account.id } },
                    body: { name: name.trim(), role, rights, version: account.version, disabled },
                }),
            ),
        onSettled: accountsChanged,
    });
    const invite = useMutation({
        mutationFn: () =>
            take(api.POST('/api/accounts/{account}/invitation', { params: { path: { account: account.id } } })),
        onSuccess: async (way) => {
            invited(way);
            await accountsChanged();
        },
    });
    const changed =
        name.trim() !== account.name ||
        role !== account.role ||
        rights.length !== account.rights.length ||
        rights.some((r) => !account.rights.includes(r));
    const submit = (event: SyntheticEvent) => {
        event.preventDefault();
        keep.mutate(account.disabled);
    };
    return (
        <Box
            component="form"
            aria-label={account.name}
            onSubmit={submit}
            sx={{
                display: 'grid',
                gridTemplateColumns: { xs: '1fr', md: '230px 160px 1fr auto' },
                columnGap: 2,
                rowGap: 0.75,
                alignItems: 'center',
                bgcolor: 'background.paper',
                border: 1,
                borderColor: 'divider',
                borderRadius: 1,
                p: 1.5,
            }}
        >
            <TextField size="small" label={say('page.name')} value={name} onChange={(e) => setName(e.target.value)} />
            <RoleField value={role} set={setRole} />
            {role === 'front-desk' ? <span /> : <RightsField name={account.name} value={rights} set={setRights} />}
            <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
                <Button type="submit" variant="outlined" disabled={!changed || keep.isPending}>
                    {say('page.accounts.keep')}
                </Button>
                <Button
                    color="inherit"
                    disabled={account.disabled || invite.isPending}
                    onClick={() => invite.mutate()}
                    aria-label={say('page.accounts.invite-again-of', { name: account.name })}
                >
                    {say('page.accounts.invite-again')}
                </Button>
                <Button
                    color="inherit"
                    disabled={keep.isPending}
                    onClick={() => keep.mutate(!account.disabled)}
                    aria-label={say(account.disabled ? 'page.accounts.let-in-of' : 'page.accounts.shut-out-of', {
                        name: account.name,
                    })}
                >
                    {say(account.disabled ? 'page.accounts.let-in' : 'page.accounts.shut-out')}
                </Button>
            </Box>
            <Box sx={{ gridColumn: '1 / -1', color: 'text.secondary' }}>
                {[account.email, ...stands(account)].join(' · ')}
            </Box>
            <Refusal error={keep.error ?? invite.error} />
        </Box>
    );
}

/** What there is to know of an account, in words. */
const stands = (a: Account): string[] => [
    ...(a.disabled ? [say('page.accounts.is-shut-out')] : []),
    ...(a.hasPassword ? [] : [say('page.accounts.no-password')]),
    ...(a.invited ? [say('page.accounts.is-invited')] : []),
    ...(a.secondFactor ? [say('page.accounts.second-factor')] : []),
];
