import { useLayoutEffect, useRef, useState } from 'react';

export interface Size {
    width: number;
    height: number;
}

/** px of an element, followed as it changes; null before it is known. */
export function useSize<T extends Element>() {
    const ref = useRef<T>(null);
    const [size, setSize] = useState<Size | null>(null);
    useLayoutEffect(() => {
        const element = ref.current;
        if (element === null) {
            return;
        }
        const read = () => {
            const { width, height } = element.getBoundingClientRect();
            setSize((s) => (s?.width === width && s.height === height ? s : { width, height }));
        };
        read();
        const watch = new ResizeObserver(read);
        watch.observe(element);
        return () => watch.disconnect();
    }, []);
    return [ref, size] as const;
}
