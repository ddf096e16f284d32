import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { queries } from '../../api/queries';
import { say } from '../../words/words';
import { MinutesInUse } from './MinutesInUse';
import { percent } from './named';
import { PlateInUse } from './PlateInUse';
import { RecordTable } from './RecordTable';

/** The other figures that plans, prices and promises rest on, each with where it comes from and where it is set. */
export function OtherFigures() {
    const { data } = useQuery(queries.figuresInUse());
    const minutes = useQuery(queries.recordMinutes({})).data;
    if (!data) {
        return null;
    }
    const { plate, risks, paces } = data;
    return (
        <Box
            component="section"
            aria-labelledby="other-figures"
            sx={{ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr)', gap: 1.5 }}
        >
            <Typography id="other-figures" component="h2" variant="h2">
                {say('page.record.other-figures')}
            </Typography>
            <PlateInUse plate={plate} />
            {minutes && <MinutesInUse inUse={minutes.inUse} />}
            <RecordTable
                name="figures"
                heads={[
                    say('page.record.what'),
                    say('page.record.used'),
                    say('page.record.from'),
                    say('page.record.to'),
                    say('page.record.rests-on'),
                ]}
                moreHead={say('page.settings.settings')}
                rows={[
                    ...risks.map((r) => ({
                        key: r.what,
                        values: [
                            say(`risk-of.${r.what}`),
                            r.share,
                            r.low,
                            r.high,
                            say('page.record.tries', { ...r, before: percent(r.before) }),
                        ],
                        shown: [null, percent(r.share), percent(r.low), percent(r.high), null],
                    })),
                    ...paces.map((p) => ({
                        key: p.person,
                        values: [
                            say('page.record.pace-of', { name: p.person }),
                            p.pace,
                            null,
                            null,
                            say('page.record.hours-of-work', { hours: p.hours }),
                        ],
                        more: <Link to="/settings#shop">{say('page.record.set-it')}</Link>,
                    })),
                ]}
            />
        </Box>
    );
}
