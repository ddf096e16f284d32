import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import type { PhoneFile } from '../../api/client';
import { every } from '../../api/sets';
import { say } from '../../words/words';

type Rests = NonNullable<NonNullable<PhoneFile['footing']>['elements']>[number]['rests'];

const RESTS = every<Rests>({ assumed: true, seen: true, measured: true });

interface Props {
    file: PhoneFile;
    id: string;
    set: (file: PhoneFile) => void;
}

/** What an element rests on; nothing of a phone that was drawn from the start: all of it was measured. */
export function RestsOn({ file, id, set }: Props) {
    const footing = file.footing;
    const rests = footing?.elements?.find((e) => e.of === id)?.rests;
    if (!footing || rests === undefined) {
        return null;
    }
    const change = (to: Rests) =>
        set({
            ...file,
            footing: {
                ...footing,
                elements: footing.elements?.map((e) => (e.of === id ? { ...e, rests: to } : e)) ?? [],
                // What is measured is as many as are drawn.
                screws: footing.screws?.filter((s) => to !== 'measured' || s.of !== id) ?? [],
            },
        });
    return (
        <ToggleButtonGroup
            exclusive
            fullWidth
            size="small"
            value={rests}
            onChange={(_, v: Rests | null) => v && change(v)}
            aria-label={say('page.rests-on.rests-on')}
            sx={{ mb: 1.5 }}
        >
            {RESTS.map((r) => (
                <ToggleButton key={r} value={r}>
                    {say(`rests.${r}`)}
                </ToggleButton>
            ))}
        </ToggleButtonGroup>
    );
}
