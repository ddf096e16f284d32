import InputAdornment from '@mui/material/InputAdornment';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { queries } from '../api/queries';
import { say } from '../words/words';
import { fieldsOf, usual, type HeatSource, type SourceField, type SourceKind } from './source';
import { every } from '../api/sets';

/** Hot air on one spot is part of another heating, not one to choose. */
const KINDS = every<Exclude<SourceKind, 'local-air'>>({ plate: true, 'hot-air': true, 'grain-bag': true });

/** Choosing a source: a kind with its figures, or one that the shop has kept. */
export function SourceFields({ source, set }: { source: HeatSource; set: (s: HeatSource) => void }) {
    const kept = useQuery(queries.heatSources()).data?.data ?? [];
    const own = kept.find((k) => JSON.stringify(k.source) === JSON.stringify(source));
    return (
        <>
            <TextField
                select
                label={say('page.source-fields.source-of-heat')}
                value={own ? own.id : source.kind}
                onChange={(e) =>
                    set(kept.find((k) => k.id === e.target.value)?.source ?? usual[e.target.value as SourceKind])
                }
                sx={{ width: 230 }}
            >
                {KINDS.map((k) => (
                    <MenuItem key={k} value={k}>
                        {say(`sourcekind.${k}`)}
                    </MenuItem>
                ))}
                {kept.map((k) => (
                    <MenuItem key={k.id} value={k.id}>
                        {k.name}
                        {k.fit ? say('page.source-fields.measured') : ''}
                    </MenuItem>
                ))}
            </TextField>
            {fieldsOf(source.kind).map((f) => (
                <FigureField
                    key={`${source.kind} ${f.key}`}
                    field={f}
                    value={source[f.key]}
                    set={(v) => set({ ...source, [f.key]: v })}
                />
            ))}
        </>
    );
}

/** A figure with its unit; what is typed stays as it is until it is a number in range. */
function FigureField({
    field,
    value,
    set,
}: {
    field: SourceField;
    value: number | undefined;
    set: (v: number) => void;
}) {
    const [text, setText] = useState<string | null>(null);
    const number = text === null ? value : Number(text);
    const bad = number === undefined || Number.isNaN(number) || number < field.min || number > field.max;
    return (
        <TextField
            label={field.label}
            value={text ?? String(value ?? '')}
            error={bad}
            {...(bad
                ? { helperText: say('page.source-fields.to', { min: field.min, max: field.max, unit: field.unit }) }
                : {})}
            onChange={(e) => {
                const typed = e.target.value.replace(',', '.');
                setText(typed);
                if (typed.trim() !== '' && !Number.isNaN(Number(typed))) {
                    set(Number(typed));
                }
            }}
            onBlur={() => setText(null)}
            slotProps={{
                input: { endAdornment: <InputAdornment position="end">{field.unit}</InputAdornment> },
                htmlInput: { inputMode: 'decimal' },
            }}
            sx={{ width: 150 }}
        />
    );
}
