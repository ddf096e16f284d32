import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { useMutation } from '@tanstack/react-query';
import { useRef, useState, type SyntheticEvent } from 'react';
import { useNavigate } from 'react-router';
import { api, take, type Job, type Schemas } from '../../api/client';
import { queryClient } from '../../api/queryClient';
import { every } from '../../api/sets';
import { Refusal } from '../../shell/Refusal';
import { say } from '../../words/words';

type What = Schemas['CameBackWith'];
type Side = NonNullable<NonNullable<Schemas['Comeback']['side']>>;

const WHATS = every<What>({ 'edge-lifts': true, function: true, picture: true, creaks: true, other: true });
const SIDES = every<Side>({ top: true, right: true, bottom: true, left: true });

/** The phone is at the counter again: what it came back with, and a new job tied to this one. */
export function CameBack({ job, functions }: { job: Job; functions: readonly string[] }) {
    const go = useNavigate();
    const id = useRef(crypto.randomUUID());
    const [what, setWhat] = useState<What | null>(null);
    const [side, setSide] = useState<Side>('left');
    const [fn, setFn] = useState(functions[0] ?? '');
    const [text, setText] = useState('');
    const open = useMutation({
        mutationFn: (kind: What) =>
            take(
                api.POST('/api/jobs/{job}/comeback', {
                    params: { path: { job: job.id } },
                    body: {
                        id: id.current,
                        what: kind,
                        function: kind === 'function' ? fn : null,
                        side: kind === 'edge-lifts' ? side : null,
                        text,
                    },
                }),
            ),
        onSuccess: async (opened) => {
            await queryClient.invalidateQueries({ queryKey: ['jobs'] });
            await go(`/jobs/${opened.id}/check-in`);
        },
    });
    const send = (event: SyntheticEvent) => {
        event.preventDefault();
        if (what !== null) {
            open.mutate(what);
        }
    };
    return (
        <Box
            component="form"
            onSubmit={send}
            aria-label={say('page.came-back.title')}
            sx={{ display: 'grid', gap: 1.5, borderTop: 1, borderColor: 'divider', pt: 2 }}
        >
            <Typography component="h2" variant="h2">
                {say('page.came-back.title')}
            </Typography>
            <ToggleButtonGroup
                exclusive
                orientation="vertical"
                value={what}
                onChange={(_, v: What | null) => setWhat(v)}
                aria-label={say('page.came-back.with-what')}
            >
                {WHATS.map((w) => (
                    <ToggleButton key={w} value={w}>
                        {say(`came-back.${w}`)}
                    </ToggleButton>
                ))}
            </ToggleButtonGroup>
            {what === 'edge-lifts' && (
                <Choice label={say('page.came-back.side')} value={side} set={setSide} all={SIDES} prefix="side" />
            )}
            {what === 'function' && (
                <Choice
                    label={say('page.came-back.function')}
                    value={fn}
                    set={setFn}
                    all={functions}
                    prefix="function"
                />
            )}
            {what !== null && (
                <>
                    <TextField
                        label={say('page.came-back.text')}
                        value={text}
                        onChange={(e) => setText(e.target.value)}
                        multiline
                        slotProps={{ htmlInput: { maxLength: 300 } }}
                    />
                    <Refusal error={open.error} job={job.id} />
                    <Button type="submit" variant="contained" disabled={open.isPending || text.trim().length < 3}>
                        {say('page.came-back.open')}
                    </Button>
                </>
            )}
        </Box>
    );
}

function Choice<T extends string>({
    label,
    value,
    set,
    all,
    prefix,
}: {
    label: string;
    value: T;
    set: (v: T) => void;
    all: readonly T[];
    prefix: string;
}) {
    return (
        <TextField select size="small" label={label} value={value} onChange={(e) => set(e.target.value as T)}>
            {all.map((v) => (
                <MenuItem key={v} value={v}>
                    {say(`${prefix}.${v}`)}
                </MenuItem>
            ))}
        </TextField>
    );
}
