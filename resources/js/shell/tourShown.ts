import { useSyncExternalStore } from 'react';

/** Where this device keeps, for each account, that the tour was put away. */
const key = (account: number): string => `facelift.tour.${account}`;
const listeners = new Set<() => void>();
let asked = false;

const told = (): void => listeners.forEach((l) => l());
const listen = (listener: () => void) => {
    listeners.add(listener);
    return () => listeners.delete(listener);
};

/** Shown again, although it was put away. */
export function showTour(): void {
    asked = true;
    told();
}

/** Put away for good, on this device and for this account. */
export function putTourAway(account: number): void {
    asked = false;
    try {
        localStorage.setItem(key(account), 'away');
    } catch {
        // A browser that keeps nothing asks again next time.
    }
    told();
}

const isAway = (account: number): boolean => {
    try {
        return localStorage.getItem(key(account)) === 'away';
    } catch {
        return false;
    }
};

/** True while the shop is at its first job and nobody has put the tour away, or if it was asked for. */
export const useTour = (account: number, firstJob: boolean): boolean =>
    useSyncExternalStore(listen, () => asked || (firstJob && !isAway(account)));
