import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { Note } from '../../shell/Note';
import { minutes, say, sayReason, sentence } from '../../words/words';
import { selectedBy, type Selected } from './elements';

type Check = Schemas['PhoneCheck'];

/** What is wrong, what is to be asked, and the plan as it now is: all while it is drawn. */
export function Verdict({ check, part, select }: { check: Check; part: number | null; select: (s: Selected) => void }) {
    const [asked, setKind] = useState(0);
    // The kind of part that is being drawn is the one whose plan is of interest.
    const kind = part ?? asked;
    const plan = check.plans[kind] ?? check.plans[0];
    return (
        <Box sx={{ display: 'grid', gap: 1.25 }}>
            <Typography component="h2" variant="h2" role="status">
                {check.faults.length === 0
                    ? say('page.verdict.nothing-is-wrong')
                    : say('page.verdict.to-be-mended', { faults: check.faults.length })}
            </Typography>
            {check.faults.map((f) => {
                const at = selectedBy(f.path);
                return (
                    <ButtonBase
                        key={f.path + f.reason}
                        disabled={at === null}
                        onClick={() => at && select(at)}
                        sx={(t) => ({
                            textAlign: 'left',
                            display: 'block',
                            borderLeft: `4px solid ${t.palette.role.stop}`,
                            pl: 1,
                            py: 0.5,
                            font: 'inherit',
                        })}
                    >
                        <b>{f.path === '' ? say('page.verdict.the-file') : f.path}</b> {f.reason}.
                    </ButtonBase>
                );
            })}
            {check.hints.map((h) => (
                <Note key={h.code + JSON.stringify(h.figures)} tone="care">
                    {sentence(sayReason(h))}
                </Note>
            ))}
            {plan && (
                <Box
                    component="section"
                    aria-label={say('page.verdict.the-plan-as-it-now-is')}
                    sx={{ display: 'grid', gap: 1 }}
                >
                    {check.plans.length > 1 && (
                        <TextField
                            select
                            size="small"
                            label={say('page.verdict.kind-of-part')}
                            value={kind < check.plans.length ? kind : 0}
                            disabled={part !== null}
                            onChange={(e) => setKind(Number(e.target.value))}
                        >
                            {check.plans.map((p, i) => (
                                <MenuItem key={p.id} value={i}>
                                    {p.name}
                                </MenuItem>
                            ))}
                        </TextField>
                    )}
                    <Typography>
                        <b>{say(`kind.${plan.kind}`)}:</b>{' '}
                        {plan.works
                            ? say('page.verdict.steps-hands-on-waiting-changes', {
                                  steps: plan.steps.length,
                                  handsOn: minutes(plan.handsOn),
                                  waiting: minutes(plan.waiting),
                                  changes: plan.changes,
                                  optimal: plan.optimal ? say('page.verdict.proven') : '',
                              })
                            : say('page.no-plan-works')}
                    </Typography>
                    {plan.warnings.map((w) => (
                        <Note key={w} tone="care">
                            {w}.
                        </Note>
                    ))}
                    <Box component="ol" sx={{ m: 0, pl: 3, fontSize: '0.9375rem' }}>
                        {plan.steps.map((s) => (
                            <li key={s.id}>{s.text}</li>
                        ))}
                    </Box>
                </Box>
            )}
        </Box>
    );
}
