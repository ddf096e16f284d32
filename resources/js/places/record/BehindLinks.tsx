import Box from '@mui/material/Box';
import { Link, useSearchParams } from 'react-router';
import { say } from '../../words/words';
import { read, written, type Question } from './asked';

interface Props {
    name: string;
    value: string;
    question: Question;
}

/** From a figure to its jobs: to all, or to those that it happened to. Of parts that failed no job is known. */
export function BehindLinks({ name, value, question }: Props) {
    const [params] = useSearchParams();
    const to = (hits: boolean) => ({
        search: new URLSearchParams(written({ ...read(params), behind: value, hits })).toString(),
        hash: '#behind',
    });
    return (
        <Box sx={{ display: 'flex', gap: 2 }}>
            <Link to={to(false)} aria-label={say('page.record.all-jobs-of', { name })}>
                {say('page.record.all')}
            </Link>
            {question !== 'failures' && (
                <Link to={to(true)} aria-label={say(`shares.only.${question}`, { name })}>
                    {say(`shares.these.${question}`)}
                </Link>
            )}
        </Box>
    );
}
