import '@fontsource-variable/atkinson-hyperlegible-next';
import '@fontsource-variable/atkinson-hyperlegible-mono';
import createCache from '@emotion/cache';
import { CacheProvider } from '@emotion/react';
import { QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { RouterProvider } from 'react-router';
import { queryClient } from './api/queryClient';
import { outbox } from './bench/useOutbox';
import { router } from './shell/router';
import { Look } from './theme/Look';

const nonce = document.querySelector('meta[name="style-nonce"]')?.getAttribute('content') ?? '';
const styles = createCache({ key: 'fl', nonce, prepend: true });
const root = document.getElementById('root');

if (root) {
    void outbox.flush();
    createRoot(root).render(
        <StrictMode>
            <CacheProvider value={styles}>
                <QueryClientProvider client={queryClient}>
                    <Look>
                        <RouterProvider router={router} />
                    </Look>
                </QueryClientProvider>
            </CacheProvider>
        </StrictMode>,
    );
}
