import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { queries } from '../../api/queries';
import { Note } from '../../shell/Note';
import { say } from '../../words/words';
import { useAsked } from './asked';
import { monthName, percent } from './named';
import { RecordTable } from './RecordTable';

/** What is otherwise than the month before, as far as it can be told. */
export function Changed() {
    const [asked] = useAsked();
    const { data, error } = useQuery(queries.recordChanged(asked.to));
    if (error) {
        return <Note tone="stop">{error.message}</Note>;
    }
    if (!data) {
        return null;
    }
    return (
        <Box sx={{ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr)', gap: 2 }}>
            {data.rows.map((r) => {
                const said = {
                    is: percent(r.is.share),
                    was: percent(r.was.share),
                    month: monthName(data.month),
                    before: monthName(data.before),
                };
                return (
                    <Note key={r.question} tone={r.told ? 'care' : 'plain'}>
                        <Typography component="h2" sx={{ fontWeight: 700 }}>
                            {say(`shares.changed.${r.question}`, said)}
                        </Typography>
                        {r.told
                            ? say(r.low > 0 ? 'page.record.is-more' : 'page.record.is-less')
                            : r.is.tries === 0 || r.was.tries === 0
                              ? say('page.record.nothing-to-compare')
                              : r.more === null
                                ? say('page.record.no-difference')
                                : say('page.record.may-be-chance', { more: r.more })}
                    </Note>
                );
            })}
            <RecordTable
                name="changed"
                heads={[
                    say('page.record.what'),
                    monthName(data.before),
                    say('page.record.jobs'),
                    monthName(data.month),
                    say('page.record.jobs-then'),
                    say('page.record.from'),
                    say('page.record.to'),
                ]}
                rows={data.rows.map((r) => ({
                    key: r.question,
                    values: [
                        say(`shares.hits.${r.question}`),
                        r.was.share,
                        r.was.tries,
                        r.is.share,
                        r.is.tries,
                        r.low,
                        r.high,
                    ],
                    shown: [
                        null,
                        percent(r.was.share),
                        null,
                        percent(r.is.share),
                        null,
                        percent(r.low),
                        percent(r.high),
                    ],
                }))}
            />
        </Box>
    );
}
