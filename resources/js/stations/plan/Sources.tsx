import Box from '@mui/material/Box';
import LinearProgress from '@mui/material/LinearProgress';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { Job } from '../../api/client';
import { queries } from '../../api/queries';
import { sourceWords, type HeatSource } from '../../heat/source';
import { Refusal } from '../../shell/Refusal';
import { say } from '../../words/words';
import { SourceRow, type Strategy } from './SourceRow';
import { WhyAnother } from './WhyAnother';
import { WideTable } from '../../shell/WideTable';

/** A source that was chosen, and what is to become of the old panel with it. */
export interface Choice {
    source: HeatSource;
    oldPanel: Job['oldPanel'];
    reason: string | null;
}

interface Props {
    job: Job;
    /** Plans with a source; undefined while that is not possible. */
    plan: ((choice: Choice) => void) | undefined;
}

const COLUMNS = ['heatings', 'hands-on', 'in-all', 'battery', 'panel', 'nearest', 'chance'] as const;

/** Every source of the shop side by side, planned through for this job: which would open it, and how. */
export function Sources({ job, plan }: Props) {
    const saved = useQuery(queries.strategies(job.id, 'save'));
    // New glass goes onto the old panel: it is not given up.
    const given = useQuery({ ...queries.strategies(job.id, 'give-up'), enabled: job.kind !== 'glass-only' });
    const [asked, setAsked] = useState<Choice | null>(null);
    const rows = saved.data?.data ?? [];
    const other = given.data?.data ?? [];
    if (saved.isPending) {
        return <LinearProgress aria-label={say('page.sources.planning-with-every-source')} />;
    }
    if (saved.error || rows.length === 0) {
        return <Refusal error={saved.error} />;
    }
    const best = rows.find((r) => r.recommended) ?? other.find((r) => r.recommended);
    const choose = (row: Strategy, oldPanel: Job['oldPanel']) => {
        const choice = { source: row.source, oldPanel, reason: null };
        if (row === best) {
            plan?.(choice);
        } else {
            setAsked(choice);
        }
    };
    const isChosen = (row: Strategy, oldPanel: Job['oldPanel']) =>
        job.source !== null && job.oldPanel === oldPanel && sourceWords(job.source) === sourceWords(row.source);
    return (
        // Once a plan is made the answer is taken: it folds away.
        <Box component="details" open={job.source === null}>
            <Box component="summary" sx={{ minHeight: 40, py: 0.5, cursor: 'pointer' }}>
                <Typography id="sources" component="h2" variant="h2" sx={{ display: 'inline' }}>
                    {say('page.sources.sources-of-heat')}
                </Typography>
            </Box>
            {job.sourceReason !== null && (
                <Typography>{say('page.sources.another-was-taken', { why: job.sourceReason })}</Typography>
            )}
            {!rows.some((r) => r.recommended) && <Typography>{say('page.sources.none-opens-it')}</Typography>}
            <WideTable name={say('page.sources.sources-of-heat')} sx={{ '& td, & th': { px: 1 } }}>
                <TableHead>
                    <TableRow>
                        <TableCell>{say('sources.source')}</TableCell>
                        <TableCell component="td" />
                        {COLUMNS.map((c) => (
                            <TableCell key={c} align="right" sx={{ whiteSpace: 'nowrap' }}>
                                {say(`sources.${c}`)}
                            </TableCell>
                        ))}
                        {other.length > 0 && <TableCell>{say('page.sources.panel-given-up')}</TableCell>}
                    </TableRow>
                </TableHead>
                <TableBody>
                    {rows.map((r, i) => (
                        <SourceRow
                            key={r.name ?? r.usual}
                            row={r}
                            givenUp={other[i]}
                            best={best}
                            first={job.source === null}
                            isChosen={isChosen}
                            choose={plan && choose}
                        />
                    ))}
                </TableBody>
            </WideTable>
            <Typography variant="body2" color="textSecondary">
                {say('page.sources.estimates-at-the-settings-that')}
            </Typography>
            {asked !== null && (
                <WhyAnother
                    close={() => setAsked(null)}
                    take={(reason) => {
                        setAsked(null);
                        plan?.({ ...asked, reason });
                    }}
                />
            )}
        </Box>
    );
}
