import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { queries } from '../../api/queries';
import { ABOUTS, type About } from '../../api/sets';
import { Empty } from '../../shell/Empty';
import { Note } from '../../shell/Note';
import { moment, say } from '../../words/words';
import { WideTable } from '../../shell/WideTable';
import { changedName, changedValue, membersOf } from './changed';
import { Main } from '../../shell/Main';

type Change = Schemas['Change'];

/** Who changed what outside the bench, the latest first. */
export function Changes() {
    const [about, setAbout] = useState<About | ''>('');
    // Where each page begins; the first begins with what was changed last.
    const [pages, setPages] = useState<(number | null)[]>([null]);
    const { data, error } = useQuery(queries.audit(pages[pages.length - 1] ?? null, about));
    const rows = data?.data ?? [];
    const last = rows[rows.length - 1];
    return (
        <Main sx={{ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr)', gap: 2, alignContent: 'start' }}>
            <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap' }}>
                <Typography component="h1" variant="h1" sx={{ flex: 1 }}>
                    {say('page.changes.who-changed-what')}
                </Typography>
                <TextField
                    select
                    size="small"
                    label={say('page.changes.about')}
                    value={about}
                    onChange={(e) => {
                        setAbout(e.target.value as About | '');
                        setPages([null]);
                    }}
                    sx={{ width: 200 }}
                >
                    <MenuItem value="">{say('page.changes.everything')}</MenuItem>
                    {ABOUTS.map((a) => (
                        <MenuItem key={a} value={a}>
                            {say(`about.${a}`)}
                        </MenuItem>
                    ))}
                </TextField>
                <Button component="a" href="/api/audit.csv" variant="outlined">
                    {say('page.changes.as-a-table')}
                </Button>
            </Box>
            {error && <Note tone="stop">{error.message}</Note>}
            {data && rows.length === 0 && <Empty>{say('page.changes.none')}</Empty>}
            <WideTable name={say('page.changes.who-changed-what')}>
                <TableHead>
                    <TableRow>
                        {[
                            say('page.changes.when'),
                            say('page.changes.who'),
                            say('page.changes.of-what'),
                            say('page.changes.what'),
                        ].map((h) => (
                            <TableCell key={h} sx={{ fontWeight: 700 }}>
                                {h}
                            </TableCell>
                        ))}
                    </TableRow>
                </TableHead>
                <TableBody>
                    {rows.map((c) => (
                        <TableRow key={c.id} sx={{ verticalAlign: 'top' }}>
                            <TableCell sx={{ whiteSpace: 'nowrap' }}>{moment(c.at)}</TableCell>
                            <TableCell>{c.who ?? say('page.changes.the-machine')}</TableCell>
                            <TableCell>
                                {say(`about.${c.about}`)} <b>{c.name}</b>
                            </TableCell>
                            <TableCell>
                                {c.act === 'made' ? (
                                    <details>
                                        <summary>{say(`act.${c.act}`)}</summary>
                                        <Fields change={c} />
                                    </details>
                                ) : (
                                    <>
                                        {say(`act.${c.act}`)}
                                        <Fields change={c} />
                                    </>
                                )}
                            </TableCell>
                        </TableRow>
                    ))}
                </TableBody>
            </WideTable>
            <Box sx={{ display: 'flex', gap: 1, justifyContent: 'end' }}>
                <Button disabled={pages.length === 1} onClick={() => setPages(pages.slice(0, -1))}>
                    {say('page.changes.later')}
                </Button>
                <Button disabled={!data?.more || !last} onClick={() => last && setPages([...pages, last.id])}>
                    {say('page.changes.earlier')}
                </Button>
            </Box>
        </Main>
    );
}

/** From what to what; a document's members, and what is long, are behind a fold. */
function Fields({ change }: { change: Change }) {
    return (
        <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
            {change.changes.map((f) => (
                <li key={f.field}>
                    <Field change={f} made={change.act === 'made'} />
                </li>
            ))}
        </Box>
    );
}

const SHORT = 60;

function Field({ change: { field, from, to }, made }: { change: Change['changes'][number]; made: boolean }) {
    const name = changedName(field);
    const members = membersOf(to);
    if (members !== null) {
        return (
            <details>
                <summary>{`${name}: ${say('page.changes.in-all', { count: members.length })}`}</summary>
                <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
                    {members.map((m) => (
                        <li key={m.name}>{`${m.name}: ${m.value}`}</li>
                    ))}
                </Box>
            </details>
        );
    }
    const text = made ? changedValue(to) : `${changedValue(from)} → ${changedValue(to)}`;
    return text.length <= SHORT ? (
        `${name}: ${text}`
    ) : (
        <details>
            <summary>{`${name}: ${text.slice(0, SHORT)}…`}</summary>
            <Box sx={{ wordBreak: 'break-word' }}>{text}</Box>
        </details>
    );
}
