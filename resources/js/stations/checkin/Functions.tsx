import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import type { KeyboardEvent } from 'react';
import type { Condition } from '../../api/client';
import { say } from '../../words/words';
import { FUNCTION_STATES, type Fn, type FunctionState } from '../../api/sets';
import { STATE_KEYS, stateOf, withState } from './draft';

interface Props {
    list: Fn[];
    condition: Condition;
    change: (f: (c: Condition) => Condition) => void;
}

/** What works and what does not, one key each: W, F or C sets a function and goes on to the next. */
export function Functions({ list, condition, change }: Props) {
    const open = list.filter((f) => stateOf(condition, f) === undefined);
    const onKey = (event: KeyboardEvent<HTMLElement>, fn: Fn) => {
        const state = STATE_KEYS[event.key.toLowerCase()];
        if (state === undefined || event.ctrlKey || event.metaKey || event.altKey) {
            return;
        }
        event.preventDefault();
        change((c) => withState(c, fn, state));
        const next = event.currentTarget.nextElementSibling;
        if (next instanceof HTMLElement) {
            next.focus();
        }
    };
    return (
        <Box component="section" aria-label={say('page.functions')}>
            <Box sx={{ display: 'flex', alignItems: 'center', mb: 0.5, gap: 1.5 }}>
                <Typography component="h2" variant="h2">
                    {say('page.functions.functions-of', { list: list.length - open.length, list2: list.length })}
                </Typography>
                <Typography color="textSecondary" sx={{ flex: 1 }}>
                    {say('page.functions.keys-w-works-f-fails-c')}
                </Typography>
                {open.length > 0 && (
                    <Button onClick={() => change((c) => open.reduce((all, f) => withState(all, f, 'works'), c))}>
                        {say('page.functions.the-other-work', { open: open.length })}
                    </Button>
                )}
            </Box>
            <Box
                sx={{
                    display: 'grid',
                    gridTemplateColumns: { xs: 'minmax(0, 1fr)', sm: 'repeat(auto-fill, minmax(312px, 1fr))' },
                    columnGap: 2.5,
                }}
            >
                {list.map((f) => (
                    <Box
                        key={f}
                        role="group"
                        tabIndex={0}
                        aria-label={`${say(`function.${f}`)}: ${say(`state.${stateOf(condition, f) ?? 'open'}`)}`}
                        onKeyDown={(e) => onKey(e, f)}
                        sx={{ display: 'flex', alignItems: 'center', gap: 1, py: 0.4 }}
                    >
                        <Box sx={{ flex: 1 }}>{say(`function.${f}`)}</Box>
                        <ToggleButtonGroup
                            exclusive
                            size="small"
                            value={stateOf(condition, f) ?? null}
                            onChange={(_, v: FunctionState | null) => v && change((c) => withState(c, f, v))}
                            aria-label={say(`function.${f}`)}
                        >
                            {FUNCTION_STATES.map((s) => (
                                <ToggleButton key={s} value={s} tabIndex={-1} sx={{ px: 1.25 }}>
                                    {s === 'cannot-test' ? say('page.functions.no-test') : say(`state.${s}`)}
                                </ToggleButton>
                            ))}
                        </ToggleButtonGroup>
                    </Box>
                ))}
            </Box>
            {open.length > 0 && (
                <Typography color="textSecondary">{say('page.functions.what-is-left-open-is-written')}</Typography>
            )}
        </Box>
    );
}
