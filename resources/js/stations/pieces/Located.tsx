import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { report } from '../../bench/useOutbox';
import { Note } from '../../shell/Note';
import { moment, say } from '../../words/words';

type Found = Schemas['Located'];
type Ranked = Found['ranked'][number];

/** A share of so much and less is summed up. */
const SHOWN = 5;

interface Props {
    job: string;
    located: Found;
    mayWork: boolean;
}

/** Where what fails points to: what is likely, what to look at next, and what has to come off for it. */
export function Located({ job, located, mayWork }: Props) {
    const [all, setAll] = useState(false);
    const next = located.next;
    const about = next ? located.ranked.find((r) => r.look === next.look && r.subject === next.subject) : undefined;
    const shown = all ? located.ranked : located.ranked.slice(0, SHOWN);
    return (
        <Box component="section" aria-label={say('located.title')} sx={{ display: 'grid', gap: 1.5 }}>
            <Typography component="h2" variant="h2">
                {say('located.title')}
            </Typography>
            {next && (
                <Box
                    sx={(t) => ({
                        border: `2px solid ${t.palette.role.action}`,
                        borderRadius: 1,
                        p: 1.5,
                        display: 'grid',
                        gap: 1,
                    })}
                >
                    <b>{say('located.next', { look: lookWords(next.look, next.name) })}</b>
                    <Box>
                        {say('located.tells', {
                            percent: Math.round(100 * next.found),
                            minutes: minutes(next.seconds),
                        })}
                    </Box>
                    {about && <Way ranked={about} />}
                    {mayWork && <Answer job={job} look={next.look} subject={next.subject} />}
                </Box>
            )}
            {!next && <Note tone="plain">{say('located.no-look')}</Note>}
            <Box component="ol" sx={{ m: 0, p: 0, listStyle: 'none', display: 'grid', gap: 1 }}>
                {shown.map((r) => (
                    <li key={`${r.kind} ${r.subject}`}>
                        <Bar ranked={r} />
                    </li>
                ))}
            </Box>
            {!all && located.ranked.length > SHOWN && (
                <Button size="small" onClick={() => setAll(true)} sx={{ justifySelf: 'start' }}>
                    {say('located.more', { count: located.ranked.length - SHOWN })}
                </Button>
            )}
            <Typography color="textSecondary">
                {Object.entries(located.elsewhere)
                    .map(([f, p]) => say('located.elsewhere', { function: say(`function.${f}`), percent: percent(p) }))
                    .join(' ')}{' '}
                {say('located.estimate')}
            </Typography>
        </Box>
    );
}

/** One thing that may be wrong: its share as a bar, what it would explain, what it costs to look. */
function Bar({ ranked }: { ranked: Ranked }) {
    return (
        <Box>
            <Box sx={{ display: 'flex', justifyContent: 'space-between', gap: 1, alignItems: 'baseline' }}>
                <b>{faultWords(ranked)}</b>
                <b>{percent(ranked.share)} %</b>
            </Box>
            <Box
                aria-hidden
                sx={(t) => ({
                    height: 8,
                    my: 0.5,
                    bgcolor: t.palette.divider,
                    '& > div': { height: 8, bgcolor: t.palette.role.care },
                })}
            >
                <div style={{ width: `${Math.min(100, 100 * ranked.share)}%` }} />
            </Box>
            <Box sx={(t) => ({ color: t.palette.role.quiet })}>
                {say('located.explains', {
                    functions: ranked.explains.map((f) => say(`function.${f}`)).join(', '),
                })}
                {ranked.look && ` · ${lookWords(ranked.look, ranked.name)} · ${minutes(ranked.seconds)} min`}
            </Box>
        </Box>
    );
}

/** What has to come off to look there, and how long the fresh bonds on the way have held. */
function Way({ ranked }: { ranked: Ranked }) {
    if (ranked.undo.length === 0) {
        return <Box>{say('located.lies-open')}</Box>;
    }
    return (
        <Box>
            {say('located.undo', { names: ranked.undo.map((u) => u.name).join(', ') })}
            {ranked.grips.map((g) => (
                <Box component="b" key={g.name} sx={{ display: 'block' }}>
                    {g.hours !== null && holds(g.shut, g.hours)
                        ? say('located.holds', { name: g.name, at: moment(new Date(g.shut).toISOString()) })
                        : g.hours === null
                          ? say('located.shut', { name: g.name, at: moment(new Date(g.shut).toISOString()) })
                          : say('located.grips', {
                                name: g.name,
                                at: moment(new Date(g.shut).toISOString()),
                                hours: g.hours,
                            })}
                </Box>
            ))}
        </Box>
    );
}

function Answer({ job, look, subject }: { job: string; look: string; subject: string }) {
    const say2 = (result: string) => report(job, 'looked', { look, subject, result });
    return (
        <Box sx={{ display: 'flex', gap: 1 }}>
            <Button variant="contained" onClick={() => say2('found')}>
                {say('located.found')}
            </Button>
            <Button variant="outlined" onClick={() => say2('not-found')}>
                {say('located.not-found')}
            </Button>
        </Box>
    );
}

/** True once a fresh bond has held for as long as it needs. */
const holds = (shut: number, hours: number): boolean => Date.now() > shut + 3_600_000 * hours;

const minutes = (seconds: number): string => (seconds < 90 ? '1' : String(Math.round(seconds / 60)));

const percent = (share: number): string => (share < 0.01 ? '< 1' : String(Math.round(100 * share)));

const lookWords = (look: string, name: string): string => say(`look.${look}`, { name });

const faultWords = (r: Ranked): string =>
    say(`located.${r.kind}`, { name: r.kind === 'before' ? say(`function.${r.subject}`) : r.name });
