import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useParams, useSearchParams } from 'react-router';
import type { PhoneFile } from '../../api/client';
import { queries } from '../../api/queries';
import { Refusal } from '../../shell/Refusal';
import { DrawingTable } from './DrawingTable';
import { blank } from './library';
import { say } from '../../words/words';

/** Drawing up a phone file: from a blank one, from a similar phone, or the next version of one that is there. */
export function Workbench() {
    const { phone } = useParams();
    const [search] = useSearchParams();
    const similar = search.get('like');
    const source = phone ?? similar;
    const answer = useQuery({ ...queries.phoneFile(source ?? ''), enabled: source !== null });
    const [version, setVersion] = useState<number | null>(null);
    if (source !== null && !answer.data) {
        return (
            <Box component="main" sx={{ p: 3 }}>
                <Refusal error={answer.error} />
                {!answer.error && <Typography>{say('page.workbench.fetching-the-file')}</Typography>}
            </Box>
        );
    }
    const there = answer.data?.document;
    const start: PhoneFile =
        there === undefined
            ? blank
            : phone === undefined
              ? {
                    ...there,
                    identity: {
                        ...there.identity,
                        id: `${there.identity.id}-new`,
                        model: say('page.workbench.new', { model: there.identity.model }),
                    },
                }
              : there;
    return (
        <DrawingTable
            key={source ?? 'blank'}
            start={start}
            version={version ?? (phone === undefined ? 0 : (answer.data?.version ?? 0))}
            kept={setVersion}
            fixedId={phone !== undefined}
        />
    );
}
