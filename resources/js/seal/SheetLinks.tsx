import Box from '@mui/material/Box';
import Link from '@mui/material/Link';
import { say } from '../words/words';

const FORMATS = ['pdf', 'svg', 'dxf'] as const;

/** The cut sheet at its true size, in every form that it is written in. */
export function SheetLinks({ to }: { to: (format: (typeof FORMATS)[number]) => string }) {
    return (
        <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'baseline' }}>
            <span>{say('page.seal.cut-sheet')}</span>
            {FORMATS.map((format) => (
                <Link
                    key={format}
                    href={to(format)}
                    target="_blank"
                    rel="noreferrer"
                    aria-label={`${say('page.seal.cut-sheet')} ${format.toUpperCase()}`}
                    sx={{ minWidth: 48, minHeight: 48, display: 'grid', placeItems: 'center' }}
                >
                    {format.toUpperCase()}
                </Link>
            ))}
        </Box>
    );
}
