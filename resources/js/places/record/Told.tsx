import Box from '@mui/material/Box';
import type { Schemas } from '../../api/client';
import { Note } from '../../shell/Note';
import { say } from '../../words/words';
import type { Facet, Question } from './asked';
import { percent, valueName } from './named';

interface Props {
    shares: Schemas['Shares'];
}

/** Whether it can be told which is better, and if not, how many jobs more it takes. */
export function Told({ shares }: Props) {
    const pair = shares.pair;
    if (pair === null) {
        return shares.facet === 'all' ? null : <Note tone="plain">{say('page.record.nothing-to-compare')}</Note>;
    }
    const name = (value: string) => nameOf(shares, shares.facet, value);
    const said = { most: name(pair.most), least: name(pair.least) };
    return (
        <Note tone={pair.told ? 'care' : 'plain'} role="status">
            <Box sx={{ fontWeight: 700 }}>
                {pair.told
                    ? say(`shares.told.${shares.question}`, {
                          ...said,
                          low: percent(Math.max(0, pair.low)),
                          high: percent(pair.high),
                      })
                    : say('page.record.cannot-tell-yet', said)}
            </Box>
            {!pair.told && (
                <Box>
                    {pair.more === null
                        ? say('page.record.never-told')
                        : say('page.record.more-jobs', { more: about(pair.more) })}
                </Box>
            )}
            {pair.pairs > 3 && <Box>{say('page.record.many-pairs', { pairs: pair.pairs })}</Box>}
        </Note>
    );
}

/** It is known no better than to two figures. */
const about = (jobs: number): number => Number(jobs.toPrecision(2));

function nameOf(shares: Schemas['Shares'], facet: Facet, value: string): string {
    return valueName(facet, value, shares.rows.find((r) => r.value === value)?.name);
}

/** The answer in one sentence. */
export function headline(question: Question, shares: Schemas['Shares']): string {
    const { all, days } = shares;
    return all.tries === 0
        ? say('page.record.nothing-yet')
        : say(`shares.headline.${question}`, {
              share: percent(all.share),
              low: percent(all.low),
              high: percent(all.high),
              hits: all.hits,
              tries: all.tries,
              days: days ?? 0,
          }) + (all.waits > 0 ? ' ' + say('page.record.not-over', { waits: all.waits }) : '');
}
