import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import type { Schemas } from '../../api/client';
import { queries } from '../../api/queries';
import { Note } from '../../shell/Note';
import { say } from '../../words/words';
import { months, useAsked, type Facet, type Question } from './asked';
import { BackCurve } from './BackCurve';
import { BandChart } from './BandChart';
import { Behind } from './Behind';
import { BehindLinks } from './BehindLinks';
import { percent, roundPercent, valueName } from './named';
import { RecordTable } from './RecordTable';
import { headline, Told } from './Told';

interface Props {
    question: Question;
    /** What jobs can be told apart by here; the first if nothing is asked. */
    facets: readonly [Facet, ...Facet[]];
}

/** A share, by what jobs are told apart by: in a sentence, as a picture, as a table, and the jobs behind it. */
export function ShareAnswer({ question, facets }: Props) {
    const [asked, ask] = useAsked();
    const facet = asked.facet !== null && facets.includes(asked.facet) ? asked.facet : facets[0];
    const query = { question, facet, ...months(asked), ...(asked.days === null ? {} : { days: asked.days }) };
    const { data, error, isPlaceholderData } = useQuery(queries.recordShares(query));
    return (
        <Box
            aria-busy={isPlaceholderData || !data}
            sx={{
                display: 'grid',
                gridTemplateColumns: 'minmax(0, 1fr)',
                gap: 2.5,
                opacity: isPlaceholderData ? 0.4 : 1,
            }}
        >
            {error && <Note tone="stop">{error.message}</Note>}
            {data && (
                <Typography sx={{ fontSize: '1.1875rem' }} role="status">
                    {headline(question, data)}
                </Typography>
            )}
            <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', '@media print': { display: 'none' } }}>
                <TextField
                    select
                    size="small"
                    label={say('page.record.told-apart-by')}
                    value={facet}
                    onChange={(e) => ask({ facet: e.target.value as Facet, behind: null })}
                    sx={{ minWidth: 220 }}
                >
                    {facets.map((f) => (
                        <MenuItem key={f} value={f}>
                            {say(`facet.${f}`)}
                        </MenuItem>
                    ))}
                </TextField>
                {question === 'comebacks' && data && (
                    <TextField
                        select
                        size="small"
                        label={say('page.record.within')}
                        value={data.days ?? 30}
                        onChange={(e) => ask({ days: Number(e.target.value) })}
                        sx={{ minWidth: 160 }}
                    >
                        {[...new Set([30, 90, data.warranty, data.days ?? 30])].map((d) => (
                            <MenuItem key={d} value={d}>
                                {say('page.record.days', { days: d })}
                            </MenuItem>
                        ))}
                    </TextField>
                )}
            </Box>
            {data && data.rows.length > 0 && <Shown question={question} shares={data} />}
            {data && asked.behind !== null && (
                <Behind query={{ ...query, value: asked.behind, hits: asked.hits ? '1' : '0' }} />
            )}
        </Box>
    );
}

/** Those with fewer jobs are in the table only: their bands are as wide as the picture. */
const ENOUGH = 5;

function Shown({ question, shares }: { question: Question; shares: Schemas['Shares'] }) {
    const { facet, rows } = shares;
    const named = rows.map((r) => ({ ...r, name: valueName(facet, r.value, r.name) }));
    const often = named.filter((r) => r.tries >= ENOUGH);
    return (
        <>
            <Told shares={shares} />
            <BandChart
                label={say('page.record.picture-of-shares')}
                bands={(often.length > 0 ? often : named).map((r) => ({
                    name: r.name,
                    low: r.low,
                    middle: r.share,
                    high: r.high,
                }))}
                shown={percent}
                axis={roundPercent}
                ends={{ low: say('page.record.to-estimate'), high: say('page.record.to-upper-end') }}
            />
            <RecordTable
                name={`${question}-${facet}`}
                heads={[
                    say(`facet.${facet}`),
                    say('page.record.jobs'),
                    say(`shares.hits.${question}`),
                    say('page.record.estimate'),
                    say('page.record.from'),
                    say('page.record.to'),
                ]}
                rows={named.map((r) => ({
                    key: r.value,
                    values: [r.name, r.tries, r.hits, r.share, r.low, r.high],
                    shown: [r.name, String(r.tries), String(r.hits), percent(r.share), percent(r.low), percent(r.high)],
                    more: <BehindLinks name={r.name} value={r.value} question={question} />,
                }))}
            />
            {shares.curve.length > 1 && <BackCurve curve={shares.curve} />}
        </>
    );
}
