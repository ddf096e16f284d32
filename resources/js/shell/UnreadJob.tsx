import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { Link } from 'react-router';
import type { Job } from '../api/client';
import { say } from '../words/words';
import { Note } from './Note';
import { TopBar } from './TopBar';

/** The station where what cannot be read is made anew; none where that is beyond this job. */
export const anewAt = (job: Pick<Job, 'unread'>): 'check-in' | 'quote' | 'plan' | null => {
    const lost = new Set(job.unread.map((u) => u.document));
    return lost.has('phone')
        ? null
        : lost.has('condition')
          ? 'check-in'
          : lost.has('quote')
            ? 'quote'
            : lost.has('plan')
              ? 'plan'
              : null;
};

/** In place of a job of which something that was kept cannot be read: what, why, and what can be done about it. */
export function UnreadJob({ job }: { job: Job }) {
    const anew = anewAt(job);
    return (
        <>
            <TopBar>
                <Typography sx={{ fontWeight: 700 }}>{job.tag}</Typography>
                <Typography color="textSecondary" noWrap>
                    {job.phone.name} · {job.customer}
                </Typography>
            </TopBar>
            <Box component="main" sx={{ p: 3, display: 'grid', gap: 2, maxWidth: 760 }}>
                <Typography component="h1" variant="h1">
                    {say('unread.title', { tag: job.tag })}
                </Typography>
                {job.unread.map((u) => (
                    <Note key={u.document} tone="stop" role="alert">
                        {say(`unread.${u.document}`, { why: u.why })}
                    </Note>
                ))}
                <Typography>{say('unread.do')}</Typography>
                <Box sx={{ display: 'flex', gap: 1 }}>
                    {anew !== null && (
                        <Button variant="contained" component={Link} to={`/jobs/${job.id}/${anew}`}>
                            {say(`unread.anew.${anew}`)}
                        </Button>
                    )}
                    <Button variant="outlined" href={`/api/jobs/${job.id}/export.json`} download={`${job.tag}.json`}>
                        {say('unread.copy')}
                    </Button>
                    <Button component={Link} to="/">
                        {say('unread.back')}
                    </Button>
                </Box>
            </Box>
        </>
    );
}
