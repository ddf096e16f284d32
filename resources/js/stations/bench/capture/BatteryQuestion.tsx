import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useHotkeys } from 'react-hotkeys-hook';
import type { Job, PhoneFile } from '../../../api/client';
import { blank } from '../../../bench/captures';
import { outbox } from '../../../bench/useOutbox';
import { Note } from '../../../shell/Note';
import { say } from '../../../words/words';

interface Props {
    job: Job;
    phone: PhoneFile;
    /** Lets it be placed on the drawing. */
    elsewhere: () => void;
}

/** Plugs by the numbers that stand on the drawing, the one drawn as the battery's first. */
export const plugsAsked = (phone: PhoneFile) =>
    [...phone.connectors].sort((a, b) => Number(b.power === true) - Number(a.power === true)).slice(0, 9);

/** Asked before a plug is pulled for the battery's: nobody has drawn this phone, and the wrong one first may short. */
export function BatteryQuestion({ job, phone, elsewhere }: Props) {
    const plugs = plugsAsked(phone);
    const choose = (id: string) => outbox.say(job.id, { ...blank('battery-plug'), of: id });
    useHotkeys(plugs.map((_, i) => String(i + 1)).join(','), (e) => {
        const plug = plugs[Number(e.key) - 1];
        if (plug) {
            choose(plug.id);
        }
    });
    return (
        <Note tone="stop" role="alert">
            <Typography component="h2" variant="h2">
                {say('page.battery-question.which')}
            </Typography>
            <Typography>{say('page.battery-question.follow')}</Typography>
            <Box role="group" aria-label={say('page.battery-question.which')} sx={{ display: 'grid', gap: 1, mt: 1 }}>
                {plugs.map((p, i) => (
                    <Button
                        key={p.id}
                        variant="outlined"
                        color="inherit"
                        onClick={() => choose(p.id)}
                        sx={{ minHeight: 52, justifyContent: 'flex-start' }}
                    >
                        {p.power === true
                            ? say('page.battery-question.as-drawn', { number: i + 1 })
                            : say('page.battery-question.where-is', { number: i + 1, name: p.name })}
                    </Button>
                ))}
                <Button color="inherit" onClick={elsewhere}>
                    {say('page.battery-question.elsewhere')}
                </Button>
            </Box>
        </Note>
    );
}
