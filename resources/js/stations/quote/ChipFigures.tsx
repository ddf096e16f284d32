import Box from '@mui/material/Box';
import type { Schemas } from '../../api/client';
import { amount, say } from '../../words/words';

type Chip = Schemas['ChipOffer'];
type Heat = Schemas['ChipHeat'];

interface Props {
    chip: Chip;
    /** It is the way that is chosen: then the heat is shown too. */
    chosen: boolean;
    expert: boolean;
    currency: string;
}

/** Moving the chip beside leaving the notice: what it costs, how likely it goes well, how hot the new panel gets. */
export function ChipFigures({ chip, chosen, expert, currency }: Props) {
    return (
        <Box component="section" aria-label={say('page.chip.moving-the-chip')} sx={{ display: 'grid', gap: 0.75 }}>
            <Box>
                <b>{say('page.chip.on-top', { gross: amount(chip.gross, currency), minutes: chip.minutes })}</b>{' '}
                {chip.tries === 0
                    ? say('page.chip.no-tries', { chance: chip.chance })
                    : say('page.chip.tries', {
                          works: chip.works,
                          tries: chip.tries,
                          chance: chip.chance,
                          from: chip.from,
                          to: chip.to,
                      })}
            </Box>
            {(chosen ? chip.heats : []).map((h) => (
                <HeatRow key={h.what} heat={h} limit={chip.limit} milled={h.what === 'off' && chip.off === 'milled'} />
            ))}
            {!expert && <Box sx={{ color: 'text.secondary' }}>{say('page.chip.only-experts')}</Box>}
        </Box>
    );
}

const HOTTEST = 180;

/** The panel behind and beside the chip on a scale with its limit; estimates, each with its band. */
function HeatRow({ heat, limit, milled }: { heat: Heat; limit: number; milled: boolean }) {
    const [least, likely, most] = heat.behind;
    const title = heat.what === 'set' ? say('page.chip.set') : say('page.chip.off');
    const figures = { behind: likely, least, most, beside: heat.beside[1], limit };
    const words = most === null ? say('page.chip.panel-or-more', figures) : say('page.chip.panel', figures);
    const at = (celsius: number) => `${Math.min(100, (100 * celsius) / HOTTEST)}%`;
    return (
        <Box>
            <Box>
                {title}: {say('page.chip.air', { set: heat.set, seconds: heat.seconds[1] })}
            </Box>
            <Box
                role="img"
                aria-label={words}
                sx={(t) => ({
                    position: 'relative',
                    height: 18,
                    border: `1px solid ${t.palette.role.rule}`,
                    bgcolor: 'background.default',
                })}
            >
                <Box
                    sx={(t) => ({
                        position: 'absolute',
                        left: at(least ?? likely ?? 0),
                        width: `calc(${at(most ?? HOTTEST)} - ${at(least ?? likely ?? 0)} + 3px)`,
                        top: 4,
                        bottom: 4,
                        bgcolor: heat.yellows ? t.palette.role.stop : t.palette.role.action,
                    })}
                />
                <Box
                    sx={(t) => ({
                        position: 'absolute',
                        left: at(limit),
                        top: 0,
                        bottom: 0,
                        borderLeft: `2px solid ${t.palette.text.primary}`,
                    })}
                />
            </Box>
            <Box sx={{ fontSize: '0.9375rem' }}>{words}</Box>
            {heat.yellows && (
                <Box component="b" sx={(t) => ({ color: t.palette.role.stop })}>
                    {milled ? say('page.chip.yellow-so-milled') : say('page.chip.yellow')}
                </Box>
            )}
        </Box>
    );
}
