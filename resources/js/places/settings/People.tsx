import Box from '@mui/material/Box';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import type { Schemas } from '../../api/client';
import { say } from '../../words/words';
import { Left, spans } from './Left';

type Person = Schemas['ShopSettings']['people'][number];
type Week = NonNullable<Person['week']>;

const DAYS = [1, 2, 3, 4, 5, 6, 7] as const;

interface Props {
    kept: Schemas['ShopKept'];
    people: Person[];
    set: (people: Person[]) => void;
}

/** Who is at the bench, how fast, and when if not while the shop is open. */
export function People({ kept, people, set }: Props) {
    return (
        <Box
            component="fieldset"
            sx={{ border: 0, p: 0, m: 0, minWidth: 0, display: 'grid', gridTemplateColumns: 'minmax(0, 1fr)', gap: 1 }}
        >
            <Typography component="legend" sx={{ fontWeight: 700 }}>
                {say('page.shop-day.people')}
            </Typography>
            {kept.accounts.map((account) => {
                const own = people.find((p) => p.person === account.person);
                const change = (to: Person) => set(people.map((p) => (p === own ? to : p)));
                return (
                    <Box key={account.person} sx={{ display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap' }}>
                        <FormControlLabel
                            sx={{ width: 200, m: 0 }}
                            control={<Checkbox checked={own !== undefined} />}
                            onChange={() =>
                                set(own ? people.filter((p) => p !== own) : [...people, { person: account.person }])
                            }
                            label={account.name}
                        />
                        {own && <Own account={account} person={own} set={change} />}
                    </Box>
                );
            })}
        </Box>
    );
}

interface OwnProps {
    account: Schemas['ShopKept']['accounts'][number];
    person: Person;
    set: (person: Person) => void;
}

function Own({ account, person, set }: OwnProps) {
    const { name } = account;
    const { pace, week } = person;
    const paced = (to: string): Person => ({
        person: person.person,
        ...(to === '' ? {} : { pace: Number(to) }),
        ...(week === undefined ? {} : { week }),
    });
    const change = (hours: Week | null) =>
        set({
            person: person.person,
            ...(pace === undefined ? {} : { pace }),
            ...(hours === null ? {} : { week: hours }),
        });
    const openOn = (day: number): string[] => week?.find((d) => d.day === day)?.open ?? [];
    const weekOf = (day: number, text: string): Week =>
        DAYS.map((d) => ({ day: d, open: d === day ? spans(text) : openOn(d) }));
    return (
        <>
            <TextField
                size="small"
                type="number"
                label={say('page.shop-day.pace', { name })}
                value={pace ?? ''}
                placeholder={String(account.pace)}
                helperText={say(account.hours > 0 ? 'page.shop-day.pace-recorded' : 'page.shop-day.pace-unknown', {
                    pace: account.pace,
                    hours: account.hours,
                })}
                onChange={(e) => set(paced(e.target.value))}
                slotProps={{ htmlInput: { min: 0.25, max: 4, step: 0.05 }, inputLabel: { shrink: true } }}
                sx={{ width: 230 }}
            />
            <FormControlLabel
                sx={{ m: 0 }}
                control={<Checkbox checked={week !== undefined} />}
                onChange={() => change(week ? null : DAYS.map((d) => ({ day: d, open: ['09:00–13:00'] })))}
                label={say('page.shop-day.own-hours', { name })}
            />
            {week !== undefined && (
                <Box
                    sx={{
                        width: '100%',
                        display: 'grid',
                        gridTemplateColumns: 'repeat(auto-fill, minmax(200px, 1fr))',
                        gap: 1.5,
                        pl: 3,
                    }}
                >
                    {DAYS.map((d) => (
                        <Left
                            key={d}
                            label={`${name}: ${say(`weekday.${d}`)}`}
                            value={openOn(d).join(', ')}
                            placeholder={say('page.shop-day.closed')}
                            keep={(text) => change(weekOf(d, text))}
                        />
                    ))}
                </Box>
            )}
        </>
    );
}
