import CssBaseline from '@mui/material/CssBaseline';
import { ThemeProvider } from '@mui/material/styles';
import { createContext, useContext, useMemo, useState, type ReactNode } from 'react';
import { facelift } from './theme';

type Mode = 'light' | 'dark';
const KEY = 'facelift.look';
const LookContext = createContext<{ mode: Mode; turn: () => void } | null>(null);

/** Light or dark, for everything in it; kept on this screen. */
export function Look({ children }: { children: ReactNode }) {
    const [mode, setMode] = useState<Mode>(() => (window.localStorage.getItem(KEY) === 'dark' ? 'dark' : 'light'));
    const theme = useMemo(() => facelift(mode), [mode]);
    const value = useMemo(
        () => ({
            mode,
            turn: () =>
                setMode((was) => {
                    const next = was === 'light' ? 'dark' : 'light';
                    window.localStorage.setItem(KEY, next);
                    return next;
                }),
        }),
        [mode],
    );
    return (
        <LookContext value={value}>
            <ThemeProvider theme={theme}>
                <CssBaseline />
                {children}
            </ThemeProvider>
        </LookContext>
    );
}

export function useLook(): { mode: Mode; turn: () => void } {
    const look = useContext(LookContext);
    if (look === null) {
        throw new Error('useLook needs <Look> around it.');
    }
    return look;
}
