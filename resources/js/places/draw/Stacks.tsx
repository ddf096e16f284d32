import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { PhoneFile } from '../../api/client';
import { MATERIALS, STACKS } from './library';
import { figure } from './values';
import { say } from '../../words/words';

type Layers = PhoneFile['stacks'][string]['layers'];

/** The stacks of layers from the heated face inwards, put together from a library of materials. */
export function Stacks({ file, set }: { file: PhoneFile; set: (file: PhoneFile) => void }) {
    const [preset, setPreset] = useState('edge-metal');
    const [name, setName] = useState('');
    const put = (id: string, layers: Layers | null) => {
        const others = Object.fromEntries(Object.entries(file.stacks).filter(([name]) => name !== id));
        set({ ...file, stacks: layers === null ? others : { ...file.stacks, [id]: { layers } } });
    };
    const add = () => {
        const id = name.trim() === '' ? preset : name.trim();
        put(id, STACKS[preset]?.stack.layers ?? []);
        setName('');
    };
    return (
        <Box sx={{ display: 'grid', gap: 1.5 }}>
            <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr auto', gap: 1 }}>
                <TextField
                    select
                    size="small"
                    label={say('page.stacks.from-the-library')}
                    value={preset}
                    onChange={(e) => setPreset(e.target.value)}
                >
                    {Object.entries(STACKS).map(([id, s]) => (
                        <MenuItem key={id} value={id}>
                            {s.name}
                        </MenuItem>
                    ))}
                </TextField>
                <TextField
                    size="small"
                    label={say('page.stacks.name-of-the-stack')}
                    value={name}
                    onChange={(e) => setName(e.target.value)}
                />
                <Button variant="outlined" onClick={add}>
                    {say('page.stacks.add-stack')}
                </Button>
            </Box>
            {Object.entries(file.stacks).map(([id, stack]) => (
                <Box
                    component="section"
                    key={id}
                    aria-label={say('page.stacks.stack', { id })}
                    sx={{ borderTop: 1, borderColor: 'divider', pt: 1 }}
                >
                    <Box sx={{ display: 'flex', alignItems: 'center' }}>
                        <Typography component="h3" variant="h3" sx={{ flex: 1 }}>
                            {id}
                        </Typography>
                        <Button size="small" color="inherit" onClick={() => put(id, null)}>
                            {say('page.stacks.take-out')}
                        </Button>
                    </Box>
                    {stack.layers.map((l, i) => (
                        <Box key={i} sx={{ display: 'grid', gridTemplateColumns: '1fr 110px auto', gap: 1, mt: 0.75 }}>
                            <TextField
                                select
                                size="small"
                                label={say('page.stacks.layer', { i: i + 1 })}
                                value={MATERIALS.some((m) => m.name === l.name) ? l.name : ''}
                                onChange={(e) => {
                                    const material = MATERIALS.find((m) => m.name === e.target.value);
                                    if (material) {
                                        put(
                                            id,
                                            stack.layers.map((x, j) => (j === i ? material : x)),
                                        );
                                    }
                                }}
                                slotProps={{
                                    select: { displayEmpty: true, renderValue: () => l.name },
                                    inputLabel: { shrink: true },
                                }}
                            >
                                {MATERIALS.map((m) => (
                                    <MenuItem key={m.name} value={m.name}>
                                        {m.name}
                                    </MenuItem>
                                ))}
                            </TextField>
                            <Thickness
                                mm={l.thickness}
                                set={(thickness) =>
                                    put(
                                        id,
                                        stack.layers.map((x, j) => (j === i ? { ...x, thickness } : x)),
                                    )
                                }
                            />
                            <Button
                                size="small"
                                color="inherit"
                                aria-label={say('page.stacks.take-out-layer-of', { i: i + 1, id })}
                                onClick={() =>
                                    put(
                                        id,
                                        stack.layers.filter((_, j) => j !== i),
                                    )
                                }
                            >
                                ✕
                            </Button>
                        </Box>
                    ))}
                    <Button size="small" onClick={() => put(id, [...stack.layers, ...MATERIALS.slice(0, 1)])}>
                        {say('page.stacks.one-more-layer')}
                    </Button>
                </Box>
            ))}
        </Box>
    );
}

function Thickness({ mm, set }: { mm: number; set: (mm: number) => void }) {
    const [typed, setTyped] = useState<string | null>(null);
    const leave = () => {
        const value = typed === null ? mm : figure(typed);
        if (typeof value === 'number' && value !== mm) {
            set(value);
        }
        setTyped(null);
    };
    return (
        <TextField
            size="small"
            label="mm"
            value={typed ?? String(mm)}
            onChange={(e) => setTyped(e.target.value)}
            onBlur={leave}
            slotProps={{ htmlInput: { inputMode: 'decimal' } }}
        />
    );
}
