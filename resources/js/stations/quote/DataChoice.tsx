import Box from '@mui/material/Box';
import Radio from '@mui/material/Radio';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import type { Schemas } from '../../api/client';
import { ChipFigures } from './ChipFigures';
import { say, sayReason, sentence } from '../../words/words';

type DataWay = Schemas['DataWay'];

/** What was chosen about the display's data, and who said so. */
export interface Chosen {
    way: DataWay['way'];
    by: string;
}

/** True if the customer has to decide: the phone keeps no panel of its own. */
export const asksForData = (ways: readonly DataWay[]): boolean => ways.some((w) => w.way !== 'own');

interface Props {
    /** Moving the old chip; null if this part has no place for it. */
    chip: Schemas['ChipOffer'] | null;
    /** Who is signed in may choose that. */
    expert: boolean;
    currency: string;
    ways: readonly DataWay[];
    chosen: Chosen;
    choose: (chosen: Chosen) => void;
    closed: boolean;
    /** The kind of part that it is about, so that the names of two tables differ. */
    of: string;
}

/** What the customer will see of the display's data: ways side by side, and the sentences of the chosen one. */
export function DataChoice({ ways, chip, expert, currency, chosen, choose, closed, of }: Props) {
    const rows = ways[0]?.rows ?? [];
    const title = say('page.data.what-will-be-seen');
    const now = ways.find((w) => w.way === chosen.way) ?? ways[0];
    return (
        <Box
            component="section"
            aria-label={say('page.of', { what: title, which: of })}
            sx={{ border: 1, borderColor: 'divider', borderRadius: 1, p: 1.25, display: 'grid', gap: 1 }}
        >
            <Typography component="h3" variant="h3">
                {title}
            </Typography>
            <Box
                component="table"
                sx={{
                    borderCollapse: 'collapse',
                    width: '100%',
                    '& th, & td': { textAlign: 'left', verticalAlign: 'top', p: 0.5, fontSize: '0.9375rem' },
                    '& tbody tr': { borderTop: 1, borderColor: 'divider' },
                }}
            >
                <thead>
                    <tr>
                        <th scope="col">{say('page.data.way')}</th>
                        {ways.map((w) => (
                            <th key={w.way} scope="col">
                                {ways.length > 1 && (
                                    <Radio
                                        size="small"
                                        checked={w.way === now?.way}
                                        disabled={closed || (w.way === 'chip' && !expert)}
                                        onChange={() => choose({ ...chosen, way: w.way })}
                                        slotProps={{ input: { 'aria-label': say(`data-way.${w.way}`) } }}
                                        sx={{ p: 0.5, ml: -0.5 }}
                                    />
                                )}
                                {say(`data-way.${w.way}`)}
                            </th>
                        ))}
                    </tr>
                </thead>
                <tbody>
                    {rows.map((row, i) => (
                        <tr key={row.function}>
                            <th scope="row">{say(`function.${row.function}`)}</th>
                            {ways.map((w) => (
                                <td key={w.way}>{w.rows[i] && <Fate row={w.rows[i]} />}</td>
                            ))}
                        </tr>
                    ))}
                </tbody>
            </Box>
            {now && (
                <Box sx={{ color: 'text.secondary' }}>
                    {[...new Set(now.rows.map((r) => sentence(sayReason(r.because))))].join(' ')}
                </Box>
            )}
            {chip && <ChipFigures chip={chip} chosen={now?.way === 'chip'} expert={expert} currency={currency} />}
            <Box component="ul" aria-label={say('page.customer-hears')} sx={{ m: 0, pl: 2.5 }}>
                {now?.hears.map((h) => (
                    <li key={h.code + JSON.stringify(h.figures)}>{sentence(sayReason(h))}</li>
                ))}
            </Box>
            {asksForData(ways) && !closed && (
                <TextField
                    size="small"
                    label={say('page.data.agreed-by')}
                    helperText={say('page.data.say-it-first')}
                    value={chosen.by}
                    onChange={(e) => choose({ ...chosen, by: e.target.value })}
                    slotProps={{ htmlInput: { maxLength: 80 } }}
                />
            )}
        </Box>
    );
}

function Fate({ row }: { row: Schemas['DataRow'] }) {
    return (
        <>
            <Box component="b" sx={(t) => (row.fate === 'lost' ? { color: t.palette.role.stop } : {})}>
                {say(`fate.${row.fate}`)}
            </Box>
            {row.days > 0 && ` ${say('page.data.in-front-for-days', { days: row.days })}`}
        </>
    );
}
