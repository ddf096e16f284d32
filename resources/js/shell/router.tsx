import { createBrowserRouter } from 'react-router';
import { Shell } from './Shell';
import { SignIn } from './SignIn';
import { WentWrong } from './WentWrong';

/** A page that gives reasons: its words are there before its script is. */
const worded =
    <T,>(load: () => Promise<T>) =>
    async (): Promise<T> => {
        await import('../words/later');
        return load();
    };

export const router = createBrowserRouter([
    { path: '/sign-in', Component: SignIn },
    { path: '/invited/:word', lazy: async () => ({ Component: (await import('./Invited')).Invited }) },
    {
        path: '/',
        Component: Shell,
        ErrorBoundary: WentWrong,
        // Nothing is shown until the page's own script is there: it comes from this machine.
        HydrateFallback: () => null,
        children: [
            { index: true, lazy: async () => ({ Component: (await import('../places/today/Today')).Today }) },
            { path: 'jobs', lazy: async () => ({ Component: (await import('../places/Jobs')).Jobs }) },
            {
                lazy: async () => ({ Component: (await import('../places/shelf/Shelf')).Shelf }),
                children: [
                    { path: 'shelf', lazy: async () => ({ Component: (await import('../places/shelf/Parts')).Parts }) },
                    {
                        path: 'shelf/:label',
                        lazy: async () => ({ Component: (await import('../places/shelf/Item')).ItemPage }),
                    },
                    {
                        path: 'shelf-orders',
                        lazy: async () => ({ Component: (await import('../places/shelf/OnOrder')).OnOrder }),
                    },
                    {
                        path: 'shelf-reorder',
                        lazy: async () => ({ Component: (await import('../places/shelf/ToOrder')).ToOrder }),
                    },
                    {
                        path: 'shelf-import',
                        lazy: async () => ({ Component: (await import('../places/shelf/TakeInList')).TakeInList }),
                    },
                    {
                        path: 'shelf-count',
                        lazy: async () => ({ Component: (await import('../places/shelf/Count')).Count }),
                    },
                    {
                        path: 'shelf-kept',
                        lazy: async () => ({ Component: (await import('../places/shelf/KeptParts')).KeptParts }),
                    },
                    {
                        path: 'shelf-returns',
                        lazy: async () => ({ Component: (await import('../places/shelf/Returns')).Returns }),
                    },
                ],
            },
            {
                path: 'heat',
                lazy: worded(async () => ({ Component: (await import('../places/heat/HeatDesk')).HeatDesk })),
            },
            {
                path: 'seal',
                lazy: worded(async () => ({ Component: (await import('../places/seal/SealDesk')).SealDesk })),
            },
            {
                path: 'accounts',
                lazy: async () => ({ Component: (await import('../places/accounts/Accounts')).Accounts }),
            },
            {
                path: 'settings',
                lazy: worded(async () => ({ Component: (await import('../places/settings/Settings')).Settings })),
            },
            {
                path: 'changes',
                lazy: worded(async () => ({ Component: (await import('../places/accounts/Changes')).Changes })),
            },
            { path: 'me', lazy: async () => ({ Component: (await import('../places/accounts/Me')).Me }) },
            {
                path: 'record',
                lazy: worded(async () => ({ Component: (await import('../places/record/Record')).Record })),
            },
            { path: 'money', lazy: async () => ({ Component: (await import('../places/money/Money')).Money }) },
            {
                path: 'phones',
                lazy: worded(async () => ({ Component: (await import('../places/Phones')).Phones })),
            },
            {
                path: 'draw',
                lazy: worded(async () => ({ Component: (await import('../places/draw/Workbench')).Workbench })),
            },
            {
                path: 'draw/:phone',
                lazy: worded(async () => ({ Component: (await import('../places/draw/Workbench')).Workbench })),
            },
            { path: 'new', lazy: worded(async () => ({ Component: (await import('../stations/new/NewJob')).NewJob })) },
            {
                path: 'jobs/:job',
                lazy: worded(async () => ({ Component: (await import('./JobFrame')).JobFrame })),
                children: [
                    {
                        path: 'check-in',
                        lazy: worded(async () => ({
                            Component: (await import('../stations/checkin/CheckIn')).CheckIn,
                        })),
                    },
                    {
                        path: 'scope',
                        lazy: worded(async () => ({ Component: (await import('../stations/scope/Scope')).Scope })),
                    },
                    {
                        path: 'part',
                        lazy: worded(async () => ({ Component: (await import('../stations/part/Part')).Part })),
                    },
                    {
                        path: 'quote',
                        lazy: worded(async () => ({ Component: (await import('../stations/quote/Quote')).Quote })),
                    },
                    {
                        path: 'plan',
                        lazy: worded(async () => ({ Component: (await import('../stations/plan/Plan')).PlanStation })),
                    },
                    {
                        path: 'bench',
                        lazy: worded(async () => ({ Component: (await import('../stations/bench/Bench')).Bench })),
                    },
                    {
                        path: 'prove',
                        lazy: worded(async () => ({ Component: (await import('../stations/prove/Prove')).Prove })),
                    },
                    {
                        path: 'hand-over',
                        lazy: worded(async () => ({
                            Component: (await import('../stations/handover/HandOver')).HandOver,
                        })),
                    },
                ],
            },
        ],
    },
]);
