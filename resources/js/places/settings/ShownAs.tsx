import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import type { Schemas } from '../../api/client';
import { every } from '../../api/sets';
import { say } from '../../words/words';

type Settings = Schemas['ShopSettings'];

const TEMPERATURES = every<Settings['temperature']>({ celsius: true, fahrenheit: true });
const LENGTHS = every<Settings['length']>({ mm: true, inch: true });
/** Languages in which dates are often written; any other may be typed. */
const DATES = ['en-GB', 'en-US', 'de-DE', 'fr-FR', 'nl-NL', 'es-ES', 'it-IT', 'pl-PL', 'sv-SE'] as const;

interface Props {
    kept: Schemas['ShopKept'];
    settings: Settings;
    set: (change: Partial<Settings>) => void;
}

/** In which zone, language and units figures are shown; what is kept stays as it is. */
export function ShownAs({ kept, settings, set }: Props) {
    const one = <K extends string>(
        label: string,
        value: K,
        all: readonly K[],
        name: (k: K) => string,
        put: (k: K) => void,
    ) => (
        <TextField select size="small" label={label} value={value} onChange={(e) => put(e.target.value as K)}>
            {all.map((k) => (
                <MenuItem key={k} value={k}>
                    {name(k)}
                </MenuItem>
            ))}
        </TextField>
    );
    const zones = Intl.supportedValuesOf('timeZone');
    const zone = settings.zone ?? kept.usualZone;
    const today = new Date();
    const written = (dates: string): string =>
        today.toLocaleDateString(dates, { weekday: 'long', day: 'numeric', month: 'long', year: 'numeric' });
    const languages = DATES.some((d) => d === settings.dates) ? [...DATES] : [...DATES, settings.dates];
    return (
        <Box sx={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fill, minmax(240px, 1fr))', gap: 2 }}>
            {one(
                say('page.shop-day.zone'),
                zone,
                zones.includes(zone) ? zones : [zone, ...zones],
                (z) => z,
                (z) => set({ zone: z }),
            )}
            {one(say('page.shop-day.dates'), settings.dates, languages, written, (dates) => set({ dates }))}
            {one(
                say('page.shop-day.temperatures'),
                settings.temperature,
                TEMPERATURES,
                (t) => say(`unit.${t}`),
                (temperature) => set({ temperature }),
            )}
            {one(
                say('page.shop-day.lengths'),
                settings.length,
                LENGTHS,
                (l) => say(`unit.${l}`),
                (length) => set({ length }),
            )}
        </Box>
    );
}
