import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { say } from '../words/words';
import type { Schemas } from '../api/client';
import { every } from '../api/sets';

export type OldPanel = Schemas['Job']['oldPanel'];
const OLD_PANELS = every<OldPanel>({ save: true, 'give-up': true });

interface Props {
    value: OldPanel;
    set: (v: OldPanel) => void;
    disabled?: boolean;
    size?: 'small' | 'medium';
}

/** What is to become of the old panel: how hot, how deep and how fast follow from it. */
export function OldPanelField({ value, set, disabled = false, size = 'small' }: Props) {
    return (
        <TextField
            select
            size={size}
            label={say('page.old-panel-field.old-panel')}
            value={value}
            disabled={disabled}
            onChange={(e) => set(e.target.value as OldPanel)}
            sx={{ width: 180 }}
        >
            {OLD_PANELS.map((v) => (
                <MenuItem key={v} value={v}>
                    {say(`oldpanel.${v}`)}
                </MenuItem>
            ))}
        </TextField>
    );
}
