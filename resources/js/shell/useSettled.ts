import { useEffect, useState } from 'react';

/** The value once it has not changed for so many ms: what is typed or drawn is not sent letter by letter. */
export function useSettled<T>(value: T, ms: number): T {
    const [settled, setSettled] = useState(value);
    useEffect(() => {
        const timer = setTimeout(() => setSettled(value), ms);
        return () => clearTimeout(timer);
    }, [value, ms]);
    return settled;
}
