import type { Theme } from '@mui/material/styles';
import type { SystemStyleObject } from '@mui/system';
import Table from '@mui/material/Table';
import TableContainer from '@mui/material/TableContainer';
import type { ReactNode } from 'react';
import { useSize } from '../mat/useSize';
import { say } from '../words/words';

interface Props {
    /** What it shows, for those who come to it by key. */
    name: string;
    sx?: SystemStyleObject<Theme>;
    children: ReactNode;
}

/** A table that is pushed sideways by itself where the screen is too narrow for it, by finger or by key. */
export function WideTable({ name, sx = {}, children }: Props) {
    const [room, size] = useSize<HTMLDivElement>();
    const [table, whole] = useSize<HTMLTableElement>();
    const wider = size !== null && whole !== null && whole.width > size.width + 1;
    return (
        <TableContainer
            ref={room}
            sx={{ overflowX: 'auto' }}
            {...(wider ? { role: 'region', 'aria-label': say('page.wide-table.pushed', { name }), tabIndex: 0 } : {})}
        >
            <Table ref={table} size="small" aria-label={name} sx={{ bgcolor: 'background.paper', ...sx }}>
                {children}
            </Table>
        </TableContainer>
    );
}
