import Button from '@mui/material/Button';
import Tab from '@mui/material/Tab';
import Tabs from '@mui/material/Tabs';
import Typography from '@mui/material/Typography';
import { Link, useLocation, useNavigate } from 'react-router';
import { api, type Schemas } from '../api/client';
import { queryClient } from '../api/queryClient';
import { useLook } from '../theme/Look';
import { Clocks } from './Clocks';
import { Saving } from './Saving';
import { TopBar } from './TopBar';

const places = [
    { to: '/', label: 'Today' },
    { to: '/jobs', label: 'Jobs' },
    { to: '/shelf', label: 'Shelf' },
    { to: '/phones', label: 'Phones' },
    { to: '/heat', label: 'Heat desk' },
    { to: '/money', label: 'Money' },
];

export function PlacesBar({ me }: { me: Schemas['Me'] }) {
    const { pathname } = useLocation();
    const navigate = useNavigate();
    const look = useLook();
    const signOut = async () => {
        await api.POST('/api/sign-out');
        queryClient.clear();
        await navigate('/sign-in');
    };
    const here = places.find((p) => (p.to === '/' ? pathname === '/' : pathname.startsWith(p.to)))?.to ?? false;
    return (
        <TopBar>
            <Typography component="span" sx={{ fontWeight: 800, fontSize: '1.125rem', letterSpacing: '-0.01em' }}>
                Facelift
            </Typography>
            <Tabs component="nav" aria-label="Places" value={here} sx={{ flex: 1, minHeight: 56 }}>
                {places.map((p) => (
                    <Tab
                        key={p.to}
                        value={p.to}
                        label={p.label}
                        component={Link}
                        to={p.to}
                        {...(p.to === here ? { 'aria-current': 'page' as const } : {})}
                    />
                ))}
            </Tabs>
            <Clocks />
            <Saving />
            <Button onClick={look.turn} color="inherit" aria-label={look.mode === 'light' ? 'Dark look' : 'Light look'}>
                {look.mode === 'light' ? 'Dark' : 'Light'}
            </Button>
            <Button onClick={() => void signOut()} color="inherit">
                Sign out {me.name.split(' ')[0]}
            </Button>
        </TopBar>
    );
}
