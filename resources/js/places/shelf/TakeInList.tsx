import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Typography from '@mui/material/Typography';
import { useMutation } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { Link } from 'react-router';
import { api, take, type Schemas } from '../../api/client';
import { queryClient } from '../../api/queryClient';
import { newId } from '../../bench/ids';
import { Note } from '../../shell/Note';
import { Refusal } from '../../shell/Refusal';
import { mono } from '../../theme/tokens';
import { say } from '../../words/words';
import { WideTable } from '../../shell/WideTable';

type Import = Schemas['Import'];
const SEPARATOR: Record<string, string> = { ',': 'comma', ';': 'semicolon', '\t': 'tab' };

/**
 * A parts list comes in: checked line by line with its progress, shown before anything is kept, taken over whole or
 * not at all.
 */
export function TakeInList() {
    const [list, setList] = useState<Import | null>(null);
    const input = useRef<HTMLInputElement>(null);
    const read = useMutation({
        mutationFn: async (file: File) => {
            setList(null);
            const body = new FormData();
            body.append('id', newId());
            body.append('list', file);
            let now = await take(
                api.POST('/api/shelf/imports', { body: body as never, bodySerializer: (b) => b as never }),
            );
            setList(now);
            while (now.state === 'checking') {
                now = await take(
                    api.POST('/api/shelf/imports/{import}/check', { params: { path: { import: now.id } } }),
                );
                setList(now);
            }
        },
    });
    const commit = useMutation({
        mutationFn: (id: string) =>
            take(api.POST('/api/shelf/imports/{import}/commit', { params: { path: { import: id } } })),
        onSuccess: async (done) => {
            setList(done);
            await queryClient.invalidateQueries({ queryKey: ['shelf'] });
        },
    });
    return (
        <Box sx={{ display: 'grid', gap: 2 }}>
            <Box sx={{ display: 'flex', gap: 2, alignItems: 'center' }}>
                <Box sx={{ flex: 1 }}>
                    <Typography component="h1" variant="h1">
                        {say('page.take-in-a-list')}
                    </Typography>
                    <Typography color="textSecondary">
                        {say('page.take-in-list.csv-with-a-heading-needed-name')}
                    </Typography>
                </Box>
                <input
                    ref={input}
                    type="file"
                    hidden
                    accept=".csv,.txt,text/csv"
                    aria-label={say('page.take-in-list.list-file')}
                    onChange={(e) => {
                        const file = e.target.files?.[0];
                        if (file) {
                            read.mutate(file);
                        }
                        e.target.value = '';
                    }}
                />
                <Button
                    variant="contained"
                    disabled={read.isPending || commit.isPending}
                    onClick={() => input.current?.click()}
                    sx={{ minHeight: 56 }}
                >
                    {say('page.take-in-list.choose-a-list')}
                </Button>
            </Box>
            <Refusal error={read.error ?? commit.error} />
            {list && (
                <>
                    <Typography>
                        <b>{list.name}</b>
                        {say('page.take-in-list.lines-separated-by-decimals-behind', {
                            total: list.total,
                            encoding: list.encoding,
                            SEPARATOR: SEPARATOR[list.separator] ?? list.separator,
                            decimal: list.decimal,
                        })}
                        {list.unknown.length > 0 &&
                            say('page.take-in-list.columns-left-out', { unknown: list.unknown.join(', ') })}
                    </Typography>
                    {list.state === 'checking' && (
                        <Box>
                            <LinearProgress
                                variant="determinate"
                                value={(100 * list.checked) / list.total}
                                aria-label={say('page.take-in-list.lines-checked')}
                                sx={{ height: 12, borderRadius: 1 }}
                            />
                            <Typography sx={{ fontFamily: mono }}>
                                {say('page.take-in-list.of-checked-bad', {
                                    checked: list.checked,
                                    total: list.total,
                                    bad: list.bad,
                                })}
                            </Typography>
                        </Box>
                    )}
                    {list.state === 'refused' && (
                        <Note tone="stop" role="alert">
                            {say('page.take-in-list.of-lines-are-bad-nothing-was', {
                                bad: list.bad,
                                total: list.total,
                            })}
                        </Note>
                    )}
                    {list.state === 'ready' && (
                        <Box sx={{ display: 'flex', gap: 2, alignItems: 'center' }}>
                            <Note tone="done" role="status">
                                {say('page.take-in-list.all-lines-are-good-nothing-is', { total: list.total })}
                            </Note>
                            <Button
                                variant="contained"
                                disabled={commit.isPending}
                                onClick={() => commit.mutate(list.id)}
                                sx={{ minHeight: 56 }}
                            >
                                {commit.isPending
                                    ? say('page.take-in-list.putting-them-on-the-shelf')
                                    : say('page.take-in-list.put-all-on-the-shelf', { total: list.total })}
                            </Button>
                        </Box>
                    )}
                    {commit.isPending && (
                        <LinearProgress aria-label={say('page.take-in-list.putting-the-list-on-the-shelf')} />
                    )}
                    {list.state === 'done' && (
                        <Note tone="done" role="status">
                            {say('page.take-in-list.all-parts-are-on-the-shelf', { total: list.total })}{' '}
                            <Link to="/shelf">{say('page.take-in-list.see-them')}</Link>
                        </Note>
                    )}
                    {list.faults.length > 0 && <Faults list={list} />}
                    {list.preview.length > 0 && list.state !== 'done' && <Preview list={list} />}
                </>
            )}
        </Box>
    );
}

function Faults({ list }: { list: Import }) {
    return (
        <WideTable name={say('page.take-in-list.bad-lines')}>
            <TableHead>
                <TableRow>
                    <TableCell>{say('page.take-in-list.line')}</TableCell>
                    <TableCell>{say('page.name')}</TableCell>
                    <TableCell>{say('page.take-in-list.what-is-wrong')}</TableCell>
                </TableRow>
            </TableHead>
            <TableBody>
                {list.faults.map((f) => (
                    <TableRow key={f.line}>
                        <TableCell sx={{ fontFamily: mono }}>{f.line}</TableCell>
                        <TableCell>{f.name}</TableCell>
                        <TableCell>
                            {f.faults.map((x) => (
                                <div key={x.column}>
                                    <b>{x.column}</b> {x.reason}
                                </div>
                            ))}
                        </TableCell>
                    </TableRow>
                ))}
            </TableBody>
        </WideTable>
    );
}

function Preview({ list }: { list: Import }) {
    return (
        <WideTable name={say('page.take-in-list.good-lines')}>
            <TableHead>
                <TableRow>
                    <TableCell>{say('page.take-in-list.line')}</TableCell>
                    <TableCell>{say('page.name')}</TableCell>
                    <TableCell>{say('page.kind')}</TableCell>
                    <TableCell>{say('page.take-in-list.would-fit')}</TableCell>
                </TableRow>
            </TableHead>
            <TableBody>
                {list.preview.map((p) => (
                    <TableRow key={p.line}>
                        <TableCell sx={{ fontFamily: mono }}>{p.line}</TableCell>
                        <TableCell>{p.name}</TableCell>
                        <TableCell>{say(`kind.${p.kind}`)}</TableCell>
                        <TableCell>
                            {p.fits.length === 0
                                ? say('page.take-in-list.no-phone-file-knows-its-codes')
                                : p.fits
                                      .map((f) => `${f.phone}: ${say(`verdict.${f.verdict}`).toLowerCase()}`)
                                      .join('; ')}
                        </TableCell>
                    </TableRow>
                ))}
            </TableBody>
        </WideTable>
    );
}
