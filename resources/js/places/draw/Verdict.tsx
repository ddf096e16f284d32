import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { PhoneFile, Schemas } from '../../api/client';
import { Note } from '../../shell/Note';
import { minutes, say, sayReason, sentence } from '../../words/words';
import { selectedBy, type Selected } from './elements';
import { inNames, placeOfFault } from './naming';

type Check = Schemas['PhoneCheck'];

interface Props {
    file: PhoneFile;
    check: Check;
    part: number | null;
    select: (s: Selected) => void;
}

/** What is wrong, what is to be asked, what is missing, and the plan as it now is: all while it is drawn. */
export function Verdict({ file, check, part, select }: Props) {
    const [asked, setKind] = useState(0);
    // The kind of part that is being drawn is the one whose plan is of interest.
    const kind = part ?? asked;
    const plan = check.plans[kind] ?? check.plans[0];
    return (
        <Box sx={{ display: 'grid', gap: 1.25 }}>
            <div role="status">
                <Typography component="h2" variant="h2">
                    {check.faults.length === 0
                        ? say('page.verdict.nothing-to-mend')
                        : say('page.verdict.to-be-mended', { faults: check.faults.length })}
                </Typography>
            </div>
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
                        <b>{placeOfFault(file, f.path) || say('page.verdict.the-file')}</b> {inNames(file, f.reason)}.
                    </ButtonBase>
                );
            })}
            {check.hints.map((h) => (
                <Note key={h.code + JSON.stringify(h.figures)} tone="care">
                    {sentence(sayReason(h))}
                </Note>
            ))}
            {check.missing.length > 0 && <StillMissing missing={check.missing} select={select} />}
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

/** What nobody has measured or seen yet, most useful first; each leads to where it is filled in. */
function StillMissing({ missing, select }: { missing: Check['missing']; select: (s: Selected) => void }) {
    return (
        <Box component="section" aria-label={say('page.verdict.missing')}>
            <Typography component="h3" variant="h3">
                {say('page.verdict.missing-count', { count: missing.length })}
            </Typography>
            <Box component="ol" sx={{ m: 0, pl: 3, fontSize: '0.9375rem' }}>
                {missing.map((m) => {
                    const at = selectedBy(m.at);
                    const words = sentence(sayReason(m));
                    return (
                        <li key={m.at + m.code}>
                            {at ? (
                                <ButtonBase
                                    onClick={() => select(at)}
                                    sx={{
                                        textAlign: 'left',
                                        font: 'inherit',
                                        display: 'inline',
                                        verticalAlign: 'top',
                                        pb: 0.75,
                                    }}
                                >
                                    {words}
                                </ButtonBase>
                            ) : (
                                words
                            )}
                        </li>
                    );
                })}
            </Box>
        </Box>
    );
}
