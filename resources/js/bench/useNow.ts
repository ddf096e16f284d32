import { useEffect, useState } from 'react';

let offset = 0;
const clocks = new Set<() => void>();

/** Clocks run by the server's time, so that two screens show the same; running ones are set right at once. */
export function learnServerTime(serverMs: number): void {
    offset = serverMs - Date.now();
    clocks.forEach((tick) => tick());
}

export const serverNow = (): number => Math.round(Date.now() + offset);

/** How far moments that are said now lie ahead of this device's own clock, ms. */
export const serverAhead = (): number => offset;

/** The time, four times a second while something runs. */
export function useNow(running: boolean): number {
    const [now, setNow] = useState(serverNow);
    useEffect(() => {
        if (!running) {
            return undefined;
        }
        const tick = () => setNow(serverNow());
        const timer = window.setInterval(tick, 250);
        clocks.add(tick);
        return () => {
            window.clearInterval(timer);
            clocks.delete(tick);
        };
    }, [running]);
    return now;
}
