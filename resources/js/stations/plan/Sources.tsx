import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import type { Schemas } from '../../api/client';
import { queries } from '../../api/queries';
import { sourceWords, type HeatSource } from '../../heat/source';
import { Refusal } from '../../shell/Refusal';
import { mono } from '../../theme/tokens';
import { minutes, say } from '../../words/words';

type Row = Schemas['Strategy'];

interface Props {
    job: string;
    /** The source that the plan at hand was made with; null while there is none. */
    chosen: HeatSource | null;
    /** Plans with a source; undefined while that is not possible. */
    plan: ((source: HeatSource) => void) | undefined;
}

/** Every source of the shop side by side, planned through for this job: which would open it, and how. */
export function Sources({ job, chosen, plan }: Props) {
    const all = useQuery(queries.strategies(job));
    const rows = all.data?.data ?? [];
    if (all.isPending) {
        return <LinearProgress aria-label={say('page.sources.planning-with-every-source')} />;
    }
    if (all.error || rows.length === 0) {
        return <Refusal error={all.error} />;
    }
    // Once a plan is made the answer is taken: it folds away.
    return (
        <Box component="details" open={chosen === null}>
            <Box component="summary" sx={{ minHeight: 40, py: 0.5, cursor: 'pointer' }}>
                <Typography id="sources" component="h2" variant="h2" sx={{ display: 'inline' }}>
                    {say('page.sources.sources-of-heat')}
                </Typography>
            </Box>
            {!rows.some((r) => r.recommended) && <Typography>{say('page.sources.none-opens-it')}</Typography>}
            <Table size="small" aria-labelledby="sources">
                <TableHead>
                    <TableRow>
                        {['source', 'heatings', 'hands-on', 'in-all', 'battery', 'panel'].map((c) => (
                            <TableCell key={c} align={c === 'source' ? 'left' : 'right'} sx={{ whiteSpace: 'nowrap' }}>
                                {say(`sources.${c}`)}
                            </TableCell>
                        ))}
                        <TableCell />
                    </TableRow>
                </TableHead>
                <TableBody>
                    {rows.map((r) => (
                        <SourceRow
                            key={r.name ?? r.usual}
                            row={r}
                            first={chosen === null}
                            isChosen={chosen !== null && sourceWords(chosen) === sourceWords(r.source)}
                            plan={plan && (() => plan(r.source))}
                        />
                    ))}
                </TableBody>
            </Table>
            <Typography variant="body2" color="textSecondary">
                {say('page.sources.estimates-at-the-settings-that')}
            </Typography>
        </Box>
    );
}

interface RowProps {
    row: Row;
    /** True while there is no plan yet. */
    first: boolean;
    isChosen: boolean;
    plan: (() => void) | undefined;
}

function SourceRow({ row, first, isChosen, plan }: RowProps) {
    const name = row.name ?? say(`sources.${row.usual}`);
    const number = { fontFamily: mono, whiteSpace: 'nowrap' } as const;
    return (
        <TableRow selected={row.recommended}>
            <TableCell component="th" scope="row">
                <b>{name}</b>
                {row.recommended && (
                    <Box sx={(t) => ({ color: t.palette.role.action, fontWeight: 700 })}>
                        {say('page.sources.recommended')}
                    </Box>
                )}
                <Box sx={{ color: 'text.secondary' }}>{sourceWords(row.source)}</Box>
            </TableCell>
            {row.works ? (
                <>
                    <TableCell align="right" sx={number}>
                        {row.heatings}
                    </TableCell>
                    <TableCell align="right" sx={number}>
                        {minutes(row.hands)}
                    </TableCell>
                    <TableCell align="right" sx={number}>
                        {minutes(row.elapsed)}
                    </TableCell>
                    <TableCell align="right" sx={number}>
                        {say('page.sources.c', { degrees: row.battery.toFixed(0) })}
                    </TableCell>
                    <TableCell align="right" sx={number}>
                        {say('page.sources.c', { degrees: row.panel.toFixed(0) })}
                    </TableCell>
                </>
            ) : (
                <TableCell colSpan={5} sx={{ color: 'text.secondary' }}>
                    {say(`blocked.${row.blocked}`)}
                </TableCell>
            )}
            <TableCell align="right">
                {row.works && (
                    <Button
                        variant={row.recommended && first ? 'contained' : 'outlined'}
                        disabled={plan === undefined || isChosen}
                        onClick={plan}
                        aria-label={say('page.of', {
                            what: say(isChosen ? 'page.chosen' : 'page.sources.plan-with-it'),
                            which: name,
                        })}
                        sx={{ minHeight: 48, whiteSpace: 'nowrap' }}
                    >
                        {isChosen ? say('page.chosen') : say('page.sources.plan-with-it')}
                    </Button>
                )}
            </TableCell>
        </TableRow>
    );
}
