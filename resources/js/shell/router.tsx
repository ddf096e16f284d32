import { createBrowserRouter } from 'react-router';
import { Shell } from './Shell';
import { SignIn } from './SignIn';
import { WentWrong } from './WentWrong';

export const router = createBrowserRouter([
    { path: '/sign-in', Component: SignIn },
    {
        path: '/',
        Component: Shell,
        ErrorBoundary: WentWrong,
        children: [
            { index: true, lazy: async () => ({ Component: (await import('../places/Today')).Today }) },
            { path: 'jobs', lazy: async () => ({ Component: (await import('../places/Jobs')).Jobs }) },
            { path: 'shelf', lazy: async () => ({ Component: (await import('../places/Shelf')).Shelf }) },
            { path: 'phones', lazy: async () => ({ Component: (await import('../places/Phones')).Phones }) },
            { path: 'new', lazy: async () => ({ Component: (await import('../stations/NewJob')).NewJob }) },
            {
                path: 'jobs/:job',
                lazy: async () => ({ Component: (await import('./JobFrame')).JobFrame }),
                children: [
                    { path: 'check-in', lazy: async () => ({ Component: (await import('../stations/CheckIn')).CheckIn }) },
                    { path: 'scope', lazy: async () => ({ Component: (await import('../stations/Scope')).Scope }) },
                    { path: 'part', lazy: async () => ({ Component: (await import('../stations/Part')).Part }) },
                    { path: 'plan', lazy: async () => ({ Component: (await import('../stations/Plan')).PlanStation }) },
                    { path: 'bench', lazy: async () => ({ Component: (await import('../stations/Bench')).Bench }) },
                    { path: 'prove', lazy: async () => ({ Component: (await import('../stations/Prove')).Prove }) },
                    { path: 'hand-over', lazy: async () => ({ Component: (await import('../stations/HandOver')).HandOver }) },
                ],
            },
        ],
    },
]);
