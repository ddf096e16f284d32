import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import Slider from '@mui/material/Slider';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { queries } from '../../api/queries';
import { usual, type HeatSource } from '../../heat/source';
import { OldPanelField, type OldPanel } from '../../heat/OldPanelField';
import { SourceFields } from '../../heat/SourceFields';
import { Note } from '../../shell/Note';
import { useSettled } from '../../shell/useSettled';
import { clock, say } from '../../words/words';
import { Calibrate } from './Calibrate';
import { Tried } from './Tried';
import type { Schemas } from '../../api/client';
import { every } from '../../api/sets';
import { Main } from '../../shell/Main';

type State = NonNullable<Schemas['HeatTried']['state']>;
const STATES = every<State>({ fresh: true, aged: true, foreign: true });

/**
 * Heating tried out on paper: choose phone, bond and source, move time and room, see curves and what works at once;
 * two sources side by side.
 */
export function HeatDesk() {
    const phones = useQuery(queries.phones('')).data?.data ?? [];
    const [phoneId, setPhoneId] = useState('quillon-vesper');
    const [bondId, setBondId] = useState<string | null>(null);
    const [state, setState] = useState<State>('fresh');
    const [seconds, setSeconds] = useState(210);
    const [room, setRoom] = useState(22);
    const [oldPanel, setOldPanel] = useState<OldPanel>('save');
    const [stack, setStack] = useState('');
    const [sources, setSources] = useState<HeatSource[]>([usual.plate]);
    const phone = useQuery(queries.phone(phoneId)).data;
    const bonds = (phone?.bonds ?? []).filter((b) => b.cut !== undefined);
    const bond = bonds.find((b) => b.id === bondId) ?? bonds[0];
    const stacks = Object.keys(phone?.stacks ?? {});
    const into = stacks.includes(stack) ? stack : '';
    const settled = useSettled({ seconds, room, state, oldPanel, ...(into === '' ? {} : { stack: into }) }, 80);
    const put = (i: number, s: HeatSource) => setSources((all) => all.map((x, j) => (j === i ? s : x)));
    return (
        <Main widest={1400} sx={{ display: 'grid', gap: 2, alignContent: 'start' }}>
            <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap' }}>
                <Typography component="h1" variant="h1" sx={{ mr: 'auto' }}>
                    {say('page.heat-desk')}
                </Typography>
                <TextField
                    select
                    size="small"
                    label={say('page.heat-desk.phone')}
                    value={phones.length > 0 ? phoneId : ''}
                    onChange={(e) => setPhoneId(e.target.value)}
                    sx={{ width: 170 }}
                >
                    {phones.map((p) => (
                        <MenuItem key={p.id} value={p.id}>
                            {p.maker} {p.model}
                        </MenuItem>
                    ))}
                </TextField>
                <TextField
                    select
                    size="small"
                    label={say('page.heat-desk.bond')}
                    value={bond?.id ?? ''}
                    onChange={(e) => setBondId(e.target.value)}
                    sx={{ width: 230 }}
                >
                    {bonds.map((b) => (
                        <MenuItem key={b.id} value={b.id}>
                            {b.name}, {say(`adhesive.${b.adhesive}`).toLowerCase()}
                        </MenuItem>
                    ))}
                </TextField>
                <TextField
                    select
                    size="small"
                    label={say('page.heat-desk.adhesive-is')}
                    value={state}
                    onChange={(e) => setState(e.target.value as State)}
                    sx={{ width: 220 }}
                >
                    {STATES.map((s) => (
                        <MenuItem key={s} value={s}>
                            {say(`adhesivestate.${s}`)}
                        </MenuItem>
                    ))}
                </TextField>
                <OldPanelField value={oldPanel} set={setOldPanel} />
                <TextField
                    select
                    size="small"
                    label={say('page.heat-desk.look-into-stack')}
                    value={into}
                    onChange={(e) => setStack(e.target.value)}
                    slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
                    sx={{ width: 170 }}
                >
                    <MenuItem value="">{say('page.heat-desk.none')}</MenuItem>
                    {stacks.map((s) => (
                        <MenuItem key={s} value={s}>
                            {s.replace('-', ', ')}
                        </MenuItem>
                    ))}
                </TextField>
            </Box>
            <Box sx={{ display: 'grid', gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '1fr 1fr' }, gap: 5, px: 1 }}>
                <Box>
                    <span id="heat-time">{say('page.heat-desk.on-the-source', { seconds: clock(seconds) })}</span>
                    <Slider
                        aria-labelledby="heat-time"
                        value={seconds}
                        min={20}
                        max={600}
                        step={10}
                        onChange={(_, v) => setSeconds(v)}
                    />
                </Box>
                <Box>
                    <span id="heat-room">{say('page.heat-desk.room-c', { room })}</span>
                    <Slider
                        aria-labelledby="heat-room"
                        value={room}
                        min={10}
                        max={35}
                        step={1}
                        onChange={(_, v) => setRoom(v)}
                    />
                </Box>
            </Box>
            <Note tone="care">{say('page.heat-desk.nobody-measures-a-bond-line-every')}</Note>
            <Box
                sx={{
                    display: 'grid',
                    gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: sources.length > 1 ? '1fr 1fr' : '1fr' },
                    gap: 2,
                }}
            >
                {sources.map((s, i) => (
                    <Box
                        key={i}
                        component="section"
                        aria-label={
                            sources.length > 1
                                ? say('page.heat-desk.source', { i: i + 1 })
                                : say('page.heat-desk.source-2')
                        }
                        sx={{
                            bgcolor: 'background.paper',
                            borderRadius: 1,
                            p: 2,
                            display: 'grid',
                            gap: 1.5,
                            alignContent: 'start',
                            minWidth: 0,
                        }}
                    >
                        <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', alignItems: 'start' }}>
                            <SourceFields source={s} set={(x) => put(i, x)} />
                            {sources.length > 1 && (
                                <Button onClick={() => setSources((all) => all.filter((_, j) => j !== i))}>
                                    {say('page.leave-out')}
                                </Button>
                            )}
                        </Box>
                        {bond && (
                            <Tried
                                tried={{ phone: phoneId, bond: bond.id, source: s, ...settled }}
                                wide={sources.length === 1}
                                take={setSeconds}
                                set={(x) => put(i, x)}
                            />
                        )}
                        {bond && sources.length === 1 && (
                            <Calibrate
                                phone={phoneId}
                                bond={bond.id}
                                source={s}
                                room={settled.room}
                                take={(x) => put(i, x)}
                            />
                        )}
                    </Box>
                ))}
            </Box>
            {sources.length < 2 && (
                <Button
                    variant="outlined"
                    onClick={() => setSources((all) => [...all, usual['hot-air']])}
                    sx={{ justifySelf: 'start' }}
                >
                    {say('page.heat-desk.compare-with-another-source')}
                </Button>
            )}
        </Main>
    );
}
