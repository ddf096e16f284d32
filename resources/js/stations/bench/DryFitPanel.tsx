import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { useState, type SyntheticEvent } from 'react';
import { api, take, type Job, type Plan, type Schemas, type Step } from '../../api/client';
import { queries } from '../../api/queries';
import { SIDES } from '../../api/sets';
import { HeightBars } from '../../seal/HeightBars';
import { Ways } from '../../seal/Ways';
import { Refusal } from '../../shell/Refusal';
import { useChange } from '../../shell/useChange';
import { say } from '../../words/words';

interface Props {
    job: Job;
    plan: Plan;
    step: Step;
    mayWork: boolean;
}

type Typed = Record<string, string>;

/** Height before anything is peeled: what the file says, what is measured here, and the ways that follow. */
export function DryFitPanel({ job, plan, step, mayWork }: Props) {
    const seal = plan.seals.find((s) => s.bond === step.subjects[0]);
    const choice = useQuery({ ...queries.seal(job.id, seal?.bond ?? ''), enabled: seal !== undefined }).data;
    const [typed, setTyped] = useState<Typed>({});
    const keep = useChange(job, (seal: Omit<Schemas['SealChosen'], 'version'>) =>
        take(
            api.PUT('/api/jobs/{job}/seal', {
                params: { path: { job: job.id } },
                body: { version: job.version, ...seal },
            }),
        ),
    );
    if (!seal) {
        return null;
    }
    const { recess, residue, module, way } = job.seal;
    const known = { way, module, recess, residue };
    const measured = (event: SyntheticEvent) => {
        event.preventDefault();
        const sent = typed;
        // What was typed meanwhile stays.
        const forget = () => setTyped((t) => Object.fromEntries(Object.entries(t).filter(([k, v]) => sent[k] !== v)));
        keep.mutate({ ...known, ...readings(sent, known) }, { onSuccess: forget });
    };
    const field = (key: string, label: string, was: number | null | undefined) => (
        <TextField
            key={key}
            size="small"
            label={label}
            value={typed[key] ?? (was === null || was === undefined ? '' : String(was))}
            onChange={(e) => setTyped((t) => ({ ...t, [key]: e.target.value }))}
            slotProps={{ htmlInput: { inputMode: 'decimal' } }}
        />
    );
    return (
        <Box component="section" aria-label={say('page.seal.height')} sx={{ display: 'grid', gap: 1.25 }}>
            {seal.heights && <HeightBars heights={seal.heights} />}
            {mayWork && (
                <Box component="form" onSubmit={measured} sx={{ display: 'grid', gap: 1 }}>
                    <Typography component="h2" variant="h3">
                        {say('page.seal.measured-here')}
                    </Typography>
                    <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1 }}>
                        {field('module', say('page.seal.module-mm'), module)}
                        {SIDES.map((s) =>
                            field(`recess ${s}`, say('page.seal.recess-mm', { side: say(`side.${s}`) }), recess[s]),
                        )}
                        {SIDES.map((s) =>
                            field(`residue ${s}`, say('page.seal.residue-mm', { side: say(`side.${s}`) }), residue[s]),
                        )}
                    </Box>
                    <Button
                        type="submit"
                        variant="outlined"
                        disabled={keep.isPending || Object.keys(typed).length === 0}
                    >
                        {say('page.seal.reckon-with-it')}
                    </Button>
                </Box>
            )}
            {keep.error && <Refusal error={keep.error} job={job.id} />}
            {choice && <Ways choice={choice} way={seal.way} set={(way) => mayWork && keep.mutate({ ...known, way })} />}
        </Box>
    );
}

/** What was typed, over what is known; an emptied field takes its reading back. */
function readings(typed: Typed, known: Pick<Schemas['SealKept'], 'module' | 'recess' | 'residue'>) {
    const figure = (text: string): number | null => (text.trim() === '' ? null : Number(text.trim().replace(',', '.')));
    const sides = (what: 'recess' | 'residue') => {
        const of = (s: (typeof SIDES)[number]) => {
            const text = typed[`${what} ${s}`];
            return text === undefined ? (known[what][s] ?? null) : figure(text);
        };
        const read = SIDES.map((s) => [s, of(s)] as const).filter(([, mm]) => mm !== null);
        return Object.fromEntries(read) as Schemas['BySide'];
    };
    return {
        module: typed['module'] === undefined ? known.module : figure(typed['module']),
        recess: sides('recess'),
        residue: sides('residue'),
    };
}
