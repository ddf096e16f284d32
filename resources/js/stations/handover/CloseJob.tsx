import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import TextField from '@mui/material/TextField';
import { Refusal } from '../../shell/Refusal';
import { say } from '../../words/words';

/** What whoever hands over has said. */
export interface Said {
    told: boolean;
    /** The outer film is off. */
    bare: boolean;
    /** What was agreed about new faults. */
    reason: string;
}

interface Props {
    job: string;
    newFaults: boolean;
    film: boolean;
    stepsLeft: number;
    said: Said;
    tell: (said: Said) => void;
    error: Error | null;
    busy: boolean;
    close: () => void;
}

/** The last questions of a job, what is still missing, and the button that closes it. */
export function CloseJob({ job, newFaults, film, stepsLeft, said, tell, error, busy, close }: Props) {
    const missing = [
        stepsLeft > 0 ? say('page.hand-over.steps-left', { left: stepsLeft }) : null,
        newFaults && said.reason.trim() === '' ? say('page.hand-over.not-agreed') : null,
        film && !said.bare ? say('page.hand-over.film-still-on') : null,
        said.told ? null : say('page.hand-over.not-told'),
    ].filter((m) => m !== null);
    return (
        <>
            {newFaults && (
                <TextField
                    label={say('page.hand-over.what-was-agreed-about-the-new')}
                    value={said.reason}
                    onChange={(e) => tell({ ...said, reason: e.target.value })}
                    multiline
                    slotProps={{ htmlInput: { maxLength: 300 } }}
                />
            )}
            {film && (
                <FormControlLabel
                    sx={{ minHeight: 48 }}
                    control={<Checkbox checked={said.bare} onChange={(_, bare) => tell({ ...said, bare })} />}
                    label={say('page.hand-over.the-outer-film-came-off-before')}
                />
            )}
            <FormControlLabel
                sx={{ minHeight: 48 }}
                control={<Checkbox checked={said.told} onChange={(_, told) => tell({ ...said, told })} />}
                label={say('page.hand-over.the-customer-was-told-all-of')}
            />
            {missing.length > 0 && (
                <span>
                    <b>{say('page.go-on.missing')}</b> {missing.join('; ')}
                </span>
            )}
            <Refusal error={error} job={job} />
            <Button variant="contained" onClick={close} disabled={busy} sx={{ minHeight: 76, fontSize: '1.2rem' }}>
                {say('page.hand-over.hand-over-and-close')}
            </Button>
        </>
    );
}
