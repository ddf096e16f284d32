import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useEffect } from 'react';
import { api, take, type PhoneFile, type Plan, type Schemas } from '../../api/client';
import { queries } from '../../api/queries';
import { queryClient } from '../../api/queryClient';
import { Refusal } from '../../shell/Refusal';
import { mono } from '../../theme/tokens';
import { say } from '../../words/words';

/** Names by which a machine calls itself: no phone gets there by them. */
const LOOPBACK: ReadonlySet<string> = new Set(['127.0.0.1', 'localhost', '[::1]']);

type Gate = Plan['gates'][number]['gate'];

interface Props {
    job: string;
    gate: string;
    phone: PhoneFile;
    mayWork: boolean;
}

/** A code that opens a page on the phone under test, and what that page has shown so far. */
export function OnThePhone({ job, gate, phone, mayWork }: Props) {
    const open = useMutation({
        mutationFn: () =>
            take(
                api.POST('/api/jobs/{job}/phone-page', {
                    params: { path: { job } },
                    body: { gate: gate as Gate },
                }),
            ),
    });
    // While a page is open its results are here within a second.
    const tests = useQuery({ ...queries.phoneTests(job), refetchInterval: open.data ? 1000 : false }).data?.data;
    const count = tests?.length ?? 0;
    useEffect(() => {
        if (count > 0) {
            void queryClient.invalidateQueries({ queryKey: ['job', job, 'bench'] });
            void queryClient.invalidateQueries({ queryKey: ['job', job, 'proof'] });
        }
    }, [count, job]);
    const here = (tests ?? []).filter((t) => t.gate === gate);
    const touch = here.filter((t) => t.function === 'touch').at(-1);
    const image = here.filter((t) => t.function === 'image').at(-1);
    return (
        <Box component="section" aria-label={say('page.on-the-phone.title')} sx={{ display: 'grid', gap: 1 }}>
            {mayWork && (
                <Button variant="outlined" disabled={open.isPending} onClick={() => open.mutate()}>
                    {open.data ? say('page.on-the-phone.new-code') : say('page.on-the-phone.open')}
                </Button>
            )}
            {open.error && <Refusal error={open.error} job={job} />}
            {open.data && (
                <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center' }}>
                    <Code rows={open.data.code} />
                    <Box sx={{ minWidth: 0 }}>
                        {say('page.on-the-phone.scan')}
                        <Box sx={{ fontFamily: mono, fontSize: '0.9375rem', overflowWrap: 'anywhere' }}>
                            {open.data.address}
                        </Box>
                        {LOOPBACK.has(new URL(open.data.address).hostname) && (
                            <Box component="b">{say('page.on-the-phone.loopback')}</Box>
                        )}{' '}
                        {open.data.left.length > 0 &&
                            say('page.on-the-phone.by-hand', {
                                functions: open.data.left.map((f) => say(`function.${f}`)).join(', '),
                            })}
                    </Box>
                </Box>
            )}
            {(touch ?? image) && (
                <Shown phone={phone} touch={touch?.figures ?? null} marks={image?.figures.marks ?? []} />
            )}
        </Box>
    );
}

function Code({ rows }: { rows: readonly string[] }) {
    const size = rows.length;
    const dark = rows.flatMap((row, y) => Array.from(row, (c, x) => (c === '1' ? `M${x} ${y}h1v1h-1z` : '')));
    return (
        <svg
            role="img"
            aria-label={say('page.on-the-phone.code')}
            viewBox={`-2 -2 ${size + 4} ${size + 4}`}
            style={{ width: 148, flex: 'none', background: '#fff' }}
        >
            <path d={dark.join('')} fill="#000" />
        </svg>
    );
}

/** The lit area at the phone's own scale: where no finger was felt, a stroke broke, or the picture is wrong. */
function Shown({
    phone,
    touch,
    marks,
}: {
    phone: PhoneFile;
    touch: Schemas['PhoneFigures'] | null;
    marks: readonly number[][];
}) {
    const { width, height } = phone.body.display;
    const words = [
        touch?.percent === undefined
            ? null
            : say('page.on-the-phone.covered', { percent: touch.percent, area: touch.missedArea ?? 0 }),
        (touch?.jumps?.length ?? 0) > 0 ? say('page.on-the-phone.jumps', { count: touch?.jumps?.length ?? 0 }) : null,
        touch?.fingers === undefined ? null : say('page.on-the-phone.fingers', { count: touch.fingers }),
        (touch?.ghosts ?? 0) > 0 ? say('page.on-the-phone.ghosts', { count: touch?.ghosts ?? 0 }) : null,
        marks.length > 0 ? say('page.on-the-phone.marks', { count: marks.length }) : null,
    ].filter((w) => w !== null);
    return (
        <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center' }}>
            <svg
                role="img"
                aria-label={words.join(' ')}
                viewBox={`-1 -1 ${width + 2} ${height + 2}`}
                style={{ width: 90, flex: 'none' }}
            >
                <rect width={width} height={height} rx={4} fill={touch ? '#0B5460' : '#24323A'} />
                {touch?.missed?.map((z) => (
                    <rect key={`${z.x} ${z.y}`} {...z} fill="#F3F1EA" stroke="#A3122A" strokeWidth={1} />
                ))}
                {touch?.jumps?.map(([x1, y1, x2, y2]) => (
                    <line key={`${x1} ${y1}`} {...{ x1, y1, x2, y2 }} stroke="#FFC24B" strokeWidth={1.5} />
                ))}
                {marks.map(([x, y]) => (
                    <circle key={`${x} ${y}`} cx={x} cy={y} r={2.5} fill="none" stroke="#FFC24B" strokeWidth={1.2} />
                ))}
            </svg>
            <Box role="status">{words.join(' ')}</Box>
        </Box>
    );
}
