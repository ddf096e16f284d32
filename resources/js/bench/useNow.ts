import { useEffect, useState } from 'react';

let offset = 0;

/** Clocks run by the server's time, so that two screens show the same. */
export function learnServerTime(serverMs: number): void {
    offset = serverMs - Date.now();
}

export const serverNow = (): number => Math.round(Date.now() + offset);

/** The time, four times a second while something runs. */
export function useNow(running: boolean): number {
    const [now, setNow] = useState(serverNow);
    useEffect(() => {
        if (!running) {
            return undefined;
        }
        const tick = window.setInterval(() => setNow(serverNow()), 250);
        return () => window.clearInterval(tick);
    }, [running]);
    return now;
}
