import Box from '@mui/material/Box';
import { useEffect, type ReactNode } from 'react';
import { useSize } from '../mat/useSize';

interface Props {
    /** The places, or the stations of a job. */
    tabs?: ReactNode;
    /** What stands at the right. */
    tools?: ReactNode;
    /** Where one is. */
    children: ReactNode;
}

/** The bar over every page: of the places, or of one job. */
export function TopBar({ tabs, tools, children }: Props) {
    const [bar, size] = useSize<HTMLElement>();
    // Keys go through it as it is read: in one row, or names and tools first and then the row that is pushed.
    const oneRow = (size?.width ?? window.innerWidth) >= 1200;
    const height = size?.height ?? 60;
    useEffect(() => {
        // What fills the window under the bar has to know how high it is: where it is narrow it has two rows.
        document.documentElement.style.setProperty('--bar', `${height}px`);
    }, [height]);
    return (
        <Box
            component="header"
            ref={bar}
            sx={{
                display: 'flex',
                alignItems: 'center',
                gap: { xs: 1, lg: 2 },
                px: 2,
                // Narrow: names and tools in a row, the places or stations in a second one that is pushed.
                flexWrap: { xs: 'wrap', lg: 'nowrap' },
                minHeight: 60,
                pt: { xs: 0.75, lg: 0 },
                rowGap: 0,
                flex: 'none',
                bgcolor: 'background.paper',
                borderBottom: 1,
                borderColor: 'divider',
                position: 'sticky',
                top: 0,
                zIndex: 5,
            }}
        >
            {children}
            {oneRow && tabs}
            {tools}
            {!oneRow && tabs}
        </Box>
    );
}
