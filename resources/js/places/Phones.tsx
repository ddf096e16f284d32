import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import ListItemButton from '@mui/material/ListItemButton';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import type { PhoneFile } from '../api/client';
import { queries } from '../api/queries';
import { boxAround, type Face } from '../mat/geometry';
import { Mat } from '../mat/Mat';
import type { Mark } from '../mat/mark';
import { say } from '../words/words';
import { Packs } from './Packs';

/** The phone files, drawn: what every plan is computed from. */
export function Phones() {
    const { data } = useQuery(queries.phones(''));
    const [chosen, setChosen] = useState<string | null>(null);
    const [face, setFace] = useState<Face>('front');
    const [ticked, setTicked] = useState<readonly string[]>([]);
    const id = chosen ?? data?.data[0]?.id ?? '';
    const phone = useQuery({ ...queries.phone(id), enabled: id !== '' });
    const file = phone.data as PhoneFile | undefined;
    return (
        <Box
            component="main"
            sx={{
                flex: 'none',
                display: 'grid',
                gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: '300px 1fr 320px' },
                minHeight: 0,
                height: { lg: 'calc(100dvh - var(--bar, 60px) - var(--clocks, 0px))' },
            }}
        >
            <Box sx={{ bgcolor: 'background.paper', p: 1.5, overflow: 'auto' }}>
                <Typography component="h1" variant="h2" sx={{ px: 2, py: 1 }}>
                    {say('page.phones')}
                </Typography>
                <Box sx={{ display: 'grid', gap: 1, px: 2, pb: 1 }}>
                    <Button component={Link} to="/draw" variant="outlined">
                        {say('page.phones.draw-up-a-phone')}
                    </Button>
                </Box>
                <Packs ticked={ticked} />
                {(data?.data ?? []).map((p) => (
                    <Box key={p.id} sx={{ display: 'flex', alignItems: 'center' }}>
                        <Checkbox
                            checked={ticked.includes(p.id)}
                            onChange={(_, on) => setTicked(on ? [...ticked, p.id] : ticked.filter((t) => t !== p.id))}
                            slotProps={{
                                input: {
                                    'aria-label': say('page.packs.into-the-pack', { phone: `${p.maker} ${p.model}` }),
                                },
                            }}
                        />
                        <ListItemButton
                            selected={p.id === id}
                            onClick={() => setChosen(p.id)}
                            sx={{ display: 'block', borderRadius: 1 }}
                        >
                            <Box sx={{ fontWeight: 700 }}>
                                {p.maker} {p.model}
                            </Box>
                            <Box sx={{ color: 'text.secondary', fontSize: '0.9375rem' }}>
                                {p.year} · {say(`family.${p.family}`)}
                            </Box>
                        </ListItemButton>
                    </Box>
                ))}
            </Box>
            <Box sx={{ minHeight: 0, height: { xs: 'min(70dvh, 620px)', lg: 'auto' } }}>
                {file && (
                    <Mat
                        phone={file}
                        face={face}
                        marks={elements(file, face)}
                        title={`${file.identity.maker} ${file.identity.model}, ${face}`}
                    />
                )}
            </Box>
            {file && (
                <Box
                    tabIndex={0}
                    role="region"
                    aria-label={say('page.phones.figures-of-the-phone')}
                    sx={{ p: 2.5, overflow: 'auto', display: 'grid', gap: 2, alignContent: 'start' }}
                >
                    <ToggleButtonGroup
                        exclusive
                        value={face}
                        onChange={(_, v: Face | null) => v && setFace(v)}
                        aria-label={say('page.face')}
                        fullWidth
                    >
                        <ToggleButton value="front">{say('page.front')}</ToggleButton>
                        <ToggleButton value="back">{say('page.back')}</ToggleButton>
                    </ToggleButtonGroup>
                    <Button component={Link} to={`/draw/${file.identity.id}`} variant="outlined">
                        {say('page.phones.change-this-file')}
                    </Button>
                    <Button component={Link} to={`/draw?like=${file.identity.id}`}>
                        {say('page.phones.draw-up-a-similar-phone')}
                    </Button>
                    <Fact
                        name={say('page.codes')}
                        value={file.identity.codes.map((c) => `${c.code} (${c.region})`).join(', ')}
                    />
                    <Fact
                        name={say('page.phones.size')}
                        value={say('page.phones.size-of', {
                            width: file.body.width,
                            height: file.body.height,
                            thickness: file.body.thickness,
                            corner: file.body.cornerRadius,
                        })}
                    />
                    <Fact
                        name={say('page.panel')}
                        value={say('page.phones.panel-of', {
                            technology: file.panel.technology.toUpperCase(),
                            refresh: file.panel.refresh,
                            connector: file.panel.connectorCode,
                        })}
                    />
                    <Fact
                        name={say('page.screws')}
                        value={file.fasteners
                            .map((f) =>
                                say('page.phones.mm', { places: f.places.length, driver: f.driver, f: f.length }),
                            )
                            .join('; ')}
                    />
                    <Fact name={say('page.bonds')} value={file.bonds.map((b) => b.name).join('; ')} />
                    <Fact name={say('page.parts')} value={file.parts.map((p) => p.name).join(', ')} />
                </Box>
            )}
        </Box>
    );
}

function elements(phone: PhoneFile, face: Face): Mark[] {
    return [
        ...phone.fasteners
            .filter((f) => f.face === face)
            .map((f): Mark => ({
                id: f.id,
                tone: 'plain',
                dots: f.places,
                label: `${f.places.length} × ${f.driver}`,
                detail: say('page.phones.mm-2', { f: f.length }),
            })),
        ...phone.connectors
            .filter((c) => c.face === face)
            .map((c): Mark => ({
                id: c.id,
                tone: c.power === true ? 'stop' : 'cold',
                boxes: [{ ...boxAround({ ...c, width: 7, height: 3.4 }) }],
                ...(c.power === true ? { label: c.name } : {}),
            })),
        ...(phone.flexZones ?? [])
            .filter((z) => z.face === face)
            .map((z): Mark => ({ id: z.id, tone: 'stop', hatched: true, boxes: [boxAround(z)] })),
    ];
}

function Fact({ name, value }: { name: string; value: string }) {
    return (
        <Box>
            <Typography variant="body2" color="textSecondary">
                {name}
            </Typography>
            <Typography>{value}</Typography>
        </Box>
    );
}
