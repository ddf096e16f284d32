import Box from '@mui/material/Box';
import useMediaQuery from '@mui/material/useMediaQuery';
import type { ReactNode } from 'react';
import { Link, type To } from 'react-router';

export interface SideLink {
    /** A page, or a place on this one when it begins with #. */
    to: To;
    text: string;
    current?: boolean;
    /** A line above it: what follows lies elsewhere. */
    apart?: boolean;
}

interface Props {
    name: string;
    links: SideLink[];
    children?: ReactNode;
}

const LINK = {
    display: 'flex',
    alignItems: 'center',
    minHeight: 48,
    pl: 1.5,
    fontSize: '1.0625rem',
    borderLeft: 4,
    borderColor: 'transparent',
    '&[aria-current]': { borderColor: 'primary.main', fontWeight: 700 },
} as const;

/** The parts of a large page at its side; where there is no side, behind one line, so that the page comes first. */
export function SideNav({ name, links, children }: Props) {
    const beside = useMediaQuery('(min-width: 900px)');
    const list = (
        <Box sx={{ display: 'grid' }}>
            {links.map(({ to, text, current = false, apart = false }) => {
                const sx = apart
                    ? {
                          ...LINK,
                          mt: 1,
                          boxShadow: (t: { palette: { divider: string } }) => `0 -1px ${t.palette.divider}`,
                      }
                    : LINK;
                return typeof to === 'string' && to.startsWith('#') ? (
                    <Box component="a" key={text} href={to} sx={sx}>
                        {text}
                    </Box>
                ) : (
                    <Box component={Link} key={text} to={to} {...(current ? { 'aria-current': 'page' } : {})} sx={sx}>
                        {text}
                    </Box>
                );
            })}
        </Box>
    );
    return (
        <Box
            component="nav"
            aria-label={name}
            sx={{ position: { md: 'sticky' }, top: 80, '@media print': { display: 'none' } }}
        >
            {children}
            {beside ? (
                list
            ) : (
                <details>
                    <summary>{name}</summary>
                    {list}
                </details>
            )}
        </Box>
    );
}
