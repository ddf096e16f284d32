import Box from '@mui/material/Box';
import Tab from '@mui/material/Tab';
import Typography from '@mui/material/Typography';
import { Link, useLocation, useNavigate } from 'react-router';
import { api, type Schemas } from '../api/client';
import { queryClient } from '../api/queryClient';
import { BarTabs } from './BarTabs';
import { BarTools } from './BarTools';
import { Clocks } from './Clocks';
import { Help } from './Help';
import { Saving } from './Saving';
import { TopBar } from './TopBar';
import { WhoWorks } from './WhoWorks';
import { say } from '../words/words';

const places = [
    { to: '/', label: say('page.places-bar.today') },
    { to: '/jobs', label: say('page.jobs') },
    { to: '/shelf', label: say('page.shelf') },
    { to: '/phones', label: say('page.phones') },
    { to: '/heat', label: say('page.heat-desk') },
    { to: '/seal', label: say('page.seal-desk') },
    { to: '/money', label: say('page.places-bar.money') },
];

const WORKERS = [{ to: '/record', label: say('page.places-bar.record') }];

const OWNERS = [{ to: '/settings', label: say('page.settings.settings') }];

/** The places of the shop, the look, and signing out; needs who is signed in. */
export function PlacesBar({ me }: { me: Schemas['Me'] }) {
    const { pathname } = useLocation();
    const navigate = useNavigate();
    const signOut = async () => {
        await api.POST('/api/sign-out');
        queryClient.clear();
        await navigate('/sign-in');
    };
    const here =
        [...places, ...WORKERS, ...OWNERS].find((p) => (p.to === '/' ? pathname === '/' : pathname.startsWith(p.to)))
            ?.to ?? false;
    return (
        <>
            <TopBar
                tabs={
                    <BarTabs name={say('page.places-bar.places')} value={here} wide>
                        {[
                            ...places,
                            ...(me.role === 'front-desk' ? [] : WORKERS),
                            ...(me.role === 'owner' ? OWNERS : []),
                        ].map((p) => (
                            <Tab
                                key={p.to}
                                value={p.to}
                                label={p.label}
                                component={Link}
                                to={p.to}
                                sx={{ minWidth: 48, px: 1.1 }}
                                {...(p.to === here ? { 'aria-current': 'page' as const } : {})}
                            />
                        ))}
                    </BarTabs>
                }
                tools={
                    <>
                        <Box sx={{ flex: { xs: 1, lg: 'none' } }} />
                        <Saving />
                        <Help />
                        <WhoWorks me={me} />
                        <BarTools signOut={() => void signOut()} />
                    </>
                }
            >
                <Typography component="span" sx={{ fontWeight: 800, fontSize: '1.125rem', letterSpacing: '-0.01em' }}>
                    {say('page.facelift')}
                </Typography>
            </TopBar>
            <Clocks beside />
        </>
    );
}
