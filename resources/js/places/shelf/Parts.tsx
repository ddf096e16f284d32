import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import MenuItem from '@mui/material/MenuItem';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { queries } from '../../api/queries';
import { PART_STATES } from '../../api/sets';
import { Empty } from '../../shell/Empty';
import { useSettled } from '../../shell/useSettled';
import { mono } from '../../theme/tokens';
import { say } from '../../words/words';
import { toggled } from '../../stations/checkin/draft';
import { Pager } from '../Pager';
import { WideTable } from '../../shell/WideTable';

/** The parts, found by any word, a page at a time; chosen ones get labels. */
export function Parts() {
    const [find, setFind] = useState('');
    const [state, setState] = useState('');
    const [page, setPage] = useState(1);
    const [chosen, setChosen] = useState<string[]>([]);
    const words = useSettled(find, 150);
    const { data } = useQuery(queries.shelf(words, state, page));
    const rows = data?.data ?? [];
    return (
        <>
            <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap', mb: 2 }}>
                <Typography component="h1" variant="h1" sx={{ flex: 1 }}>
                    {say('page.shelf')}
                </Typography>
                <TextField
                    label={say('page.parts.label-name-code-supplier-place')}
                    value={find}
                    onChange={(e) => {
                        setFind(e.target.value);
                        setPage(1);
                    }}
                    sx={{ flex: { xs: '1 0 100%', md: '0 0 300px' } }}
                    size="small"
                />
                <TextField
                    select
                    size="small"
                    label={say('page.state')}
                    value={state}
                    onChange={(e) => {
                        setState(e.target.value);
                        setPage(1);
                    }}
                    sx={{ width: 140 }}
                >
                    <MenuItem value="">{say('page.parts.all')}</MenuItem>
                    {PART_STATES.map((s) => (
                        <MenuItem key={s} value={s}>
                            {say(`itemstate.${s}`)}
                        </MenuItem>
                    ))}
                </TextField>
                <Button
                    component="a"
                    href={`/api/shelf/labels.pdf?labels=${chosen.map(encodeURIComponent).join(',')}`}
                    target="_blank"
                    rel="noopener"
                    variant="outlined"
                    disabled={chosen.length === 0}
                >
                    {say('page.parts.labels-pdf', { chosen: chosen.length > 0 ? ` (${chosen.length})` : '' })}
                </Button>
                <Button component={Link} to="/shelf/new" variant="contained">
                    {say('page.take-in-a-part')}
                </Button>
            </Box>
            {data && rows.length === 0 && (
                <Empty {...(find === '' ? { first: { label: say('page.take-in-a-part'), to: '/shelf/new' } } : {})}>
                    {find === ''
                        ? say('page.parts.the-shelf-is-empty-take-in')
                        : say('page.parts.no-part-matches-words-need-three')}
                </Empty>
            )}
            <WideTable name={say('page.shelf')}>
                <TableHead>
                    <TableRow>
                        <TableCell padding="checkbox">
                            <Checkbox
                                slotProps={{ input: { 'aria-label': say('page.parts.choose-all') } }}
                                checked={rows.length > 0 && rows.every((r) => chosen.includes(r.label))}
                                onChange={(_, v) =>
                                    setChosen(
                                        v
                                            ? [...new Set([...chosen, ...rows.map((r) => r.label)])]
                                            : chosen.filter((l) => !rows.some((r) => r.label === l)),
                                    )
                                }
                            />
                        </TableCell>
                        {[
                            say('page.parts.label'),
                            say('page.parts.part'),
                            say('page.kind'),
                            say('page.codes'),
                            say('page.parts.supplier-batch'),
                            say('page.place'),
                            say('page.state'),
                            say('page.parts.for'),
                        ].map((h) => (
                            <TableCell key={h} sx={{ fontWeight: 700 }}>
                                {h}
                            </TableCell>
                        ))}
                    </TableRow>
                </TableHead>
                <TableBody>
                    {rows.map((i) => (
                        <TableRow key={i.id} sx={{ height: 48 }}>
                            <TableCell padding="checkbox">
                                <Checkbox
                                    slotProps={{
                                        input: { 'aria-label': say('page.parts.choose', { label: i.label }) },
                                    }}
                                    checked={chosen.includes(i.label)}
                                    onChange={() => setChosen(toggled(chosen, i.label))}
                                />
                            </TableCell>
                            <TableCell sx={{ fontFamily: mono, fontWeight: 700, whiteSpace: 'nowrap' }}>
                                <Link to={`/shelf/${encodeURIComponent(i.label)}`}>{i.label}</Link>
                            </TableCell>
                            <TableCell>{i.name}</TableCell>
                            <TableCell>{say(`kind.${i.kind}`)}</TableCell>
                            <TableCell sx={{ fontFamily: mono }}>
                                {i.modelCodes.map((c) => (
                                    <Box
                                        key={c}
                                        component="span"
                                        sx={{ whiteSpace: 'nowrap', mr: 1, display: 'inline-block' }}
                                    >
                                        {c}
                                    </Box>
                                ))}
                            </TableCell>
                            <TableCell>
                                {i.supplier}, {i.batch}
                            </TableCell>
                            <TableCell>{i.place}</TableCell>
                            <TableCell>{say(`itemstate.${i.state}`)}</TableCell>
                            <TableCell sx={{ fontFamily: mono, whiteSpace: 'nowrap' }}>{i.taken ?? ''}</TableCell>
                        </TableRow>
                    ))}
                </TableBody>
            </WideTable>
            {data && <Pager page={page} more={data.more} go={setPage} />}
            <Button component="a" href="/api/shelf/export.csv" sx={{ mt: 1 }}>
                {say('page.parts.the-whole-shelf-as-a-list')}
            </Button>
        </>
    );
}
