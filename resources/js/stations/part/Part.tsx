import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { api, take, type Schemas } from '../../api/client';
import { queries } from '../../api/queries';
import { GoOn } from '../../shell/GoOn';
import { Note } from '../../shell/Note';
import { Ticked } from '../../shell/Ticked';
import { Refusal } from '../../shell/Refusal';
import { useChange } from '../../shell/useChange';
import { useJob } from '../../shell/jobContext';
import { mono } from '../../theme/tokens';
import { say, sayReason, sentence } from '../../words/words';
import { Offers } from './Offers';
import { PartFailed } from './PartFailed';
import { Main } from '../../shell/Main';

type Row = Schemas['FittedPart'];
type Verdict = Row['verdict'];
const MARK = { fits: '●', 'fits-with-a-loss': '◆', unknown: '◇', 'does-not-fit': '✕' } satisfies Record<
    Verdict,
    string
>;
const ROLE = {
    fits: 'done',
    'fits-with-a-loss': 'now',
    unknown: 'now',
    'does-not-fit': 'stop',
} as const satisfies Record<Verdict, string>;

/** Parts on the shelf for this phone, judged criterion by criterion. */
export function Part() {
    const { job } = useJob();
    const parts = useQuery(queries.parts(job.id));
    const navigate = useNavigate();
    const choose = useChange(
        job,
        (item: number) =>
            take(
                api.PUT('/api/jobs/{job}/part', {
                    params: { path: { job: job.id } },
                    body: { version: job.version, item },
                }),
            ),
        (changed) => void navigate(`/jobs/${job.id}/${changed.source === null ? 'quote' : 'bench'}`),
    );
    const failedAtBench = job.part === null && job.works === true;
    return (
        <Main>
            <Typography component="h1" variant="h1">
                {say('page.part.parts-on-the-shelf-for', { name: job.phone.name, modelCode: job.modelCode })}
            </Typography>
            <Typography color="textSecondary" sx={{ mb: 2 }}>
                {say('page.part.wanted-the-part-is-inspected-and', {
                    kind: job.kind ? say(`kind.${job.kind}`).toLowerCase() : say('page.part.not-chosen-yet'),
                    colour: job.colour ? `, ${job.colour}` : '',
                })}
            </Typography>
            <Refusal error={choose.error ?? parts.error} job={job.id} />
            {failedAtBench && <Note tone="care">{say('page.part.the-part-failed-at-the-bench')}</Note>}
            {parts.data?.data.length === 0 && (
                <Note tone="care">
                    {say('page.part.no-part-for-this-phone-is')}{' '}
                    <Link to={`/jobs/${job.id}/scope`}>{say('page.part.scope')}</Link>
                    {say('page.part.or-order-one-before-the-phone')}
                </Note>
            )}
            <Box sx={{ display: 'grid', gap: 1.5, mt: 1.5 }}>
                {parts.data?.data.map((row) => (
                    <PartRow
                        key={row.item.id}
                        row={row}
                        chosen={job.part?.id === row.item.id}
                        tag={job.tag}
                        busy={choose.isPending || job.handedOverAt !== null}
                        choose={() => choose.mutate(row.item.id)}
                    />
                ))}
            </Box>
            {job.part && <PartFailed job={job} part={job.part} />}
            <Offers job={job} />
            <GoOn job={job} at="part" />
        </Main>
    );
}

function PartRow({
    row,
    chosen,
    tag,
    busy,
    choose,
}: {
    row: Row;
    chosen: boolean;
    tag: string;
    busy: boolean;
    choose: () => void;
}) {
    const { item } = row;
    const [all, setAll] = useState(false);
    const notable = row.criteria.filter((c) => c.verdict !== 'fits');
    const shown = all || notable.length === 0 ? (all ? row.criteria : row.criteria.slice(2, 4)) : notable;
    const taken = item.taken !== null && item.taken !== tag;
    const free = taken ? say('page.part.for', { taken: item.taken }) : say('page.take-it');
    const what = chosen ? say('page.chosen') : free;
    return (
        <Box
            component="section"
            aria-label={`${item.label} ${item.name}`}
            sx={(t) => ({
                bgcolor: 'background.paper',
                border: `1px solid ${t.palette.role.rule}`,
                borderLeft: `6px solid ${t.palette.role[ROLE[row.verdict]]}`,
                borderRadius: 1,
                p: 2,
                display: 'grid',
                gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: '230px 190px 1fr 150px' },
                gap: 2,
                alignItems: 'start',
            })}
        >
            <Box>
                <Box sx={{ fontFamily: mono, fontWeight: 700 }}>{item.label}</Box>
                <Box sx={{ fontWeight: 700 }}>{item.name}</Box>
                <Box sx={{ color: 'text.secondary', fontSize: '0.9375rem' }}>
                    {item.supplier}, {item.batch} · {item.place}
                </Box>
            </Box>
            <Box sx={(t) => ({ color: t.palette.role[ROLE[row.verdict]], fontWeight: 700 })}>
                <span aria-hidden>{MARK[row.verdict]} </span>
                {say(`verdict.${row.verdict}`)}
                <Criteria row={row} />
            </Box>
            <Box>
                <Box component="ul" sx={{ m: 0, p: 0, listStyle: 'none' }}>
                    {shown.map((c) => (
                        <Box component="li" key={c.name}>
                            <Box component="span" aria-hidden sx={(t) => ({ color: t.palette.role[ROLE[c.verdict]] })}>
                                {MARK[c.verdict]}{' '}
                            </Box>
                            <b>{say(`criterion.${c.name}`)}:</b> {sayReason(c.because)}
                            {c.customer && (
                                <Box sx={{ pl: 2.5, color: 'text.secondary' }}>
                                    {say('page.part.customer-hears', { customer: sentence(sayReason(c.customer)) })}
                                </Box>
                            )}
                        </Box>
                    ))}
                </Box>
                <Button size="small" onClick={() => setAll(!all)} aria-expanded={all} sx={{ ml: -0.5 }}>
                    {all ? say('page.part.fewer') : say('page.part.all-criteria', { criteria: row.criteria.length })}
                </Button>
            </Box>
            {row.verdict === 'does-not-fit' ? (
                <Box />
            ) : (
                <Button
                    variant={row.verdict === 'fits' ? 'contained' : 'outlined'}
                    disabled={busy || taken}
                    onClick={choose}
                    aria-label={say('page.of', { what, which: item.label })}
                    sx={{ minHeight: 56 }}
                >
                    {chosen ? <Ticked text={what} /> : what}
                </Button>
            )}
        </Box>
    );
}

/** All criteria as a row of signs, so that two parts are told apart before a word is read. */
function Criteria({ row }: { row: Row }) {
    const fit = row.criteria.filter((c) => c.verdict === 'fits').length;
    return (
        <Box sx={{ fontWeight: 400 }}>
            <Box aria-hidden sx={{ fontSize: '0.875rem', letterSpacing: 0, lineHeight: 1.3, overflowWrap: 'anywhere' }}>
                {row.criteria.map((c) => (
                    <Box key={c.name} component="span" sx={(t) => ({ color: t.palette.role[ROLE[c.verdict]] })}>
                        {MARK[c.verdict]}
                    </Box>
                ))}
            </Box>
            <Box sx={{ color: 'text.secondary' }}>
                {say('page.part.criteria-fit', { fit, all: row.criteria.length })}
            </Box>
        </Box>
    );
}
