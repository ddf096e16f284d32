import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TableCell from '@mui/material/TableCell';
import TableRow from '@mui/material/TableRow';
import type { Job, Schemas } from '../../api/client';
import { sourceWords } from '../../heat/source';
import { mono } from '../../theme/tokens';
import { minutes, say } from '../../words/words';

export type Strategy = Schemas['Strategy'];

interface Props {
    row: Strategy;
    /** The same source if the old panel need not be saved. */
    givenUp: Strategy | undefined;
    /** The one that is recommended of them all. */
    best: Strategy | undefined;
    /** True while there is no plan yet. */
    first: boolean;
    isChosen: (row: Strategy, oldPanel: Job['oldPanel']) => boolean;
    choose: ((row: Strategy, oldPanel: Job['oldPanel']) => void) | undefined;
}

const number = { fontFamily: mono, whiteSpace: 'nowrap' } as const;

/** One source: how it would open the phone, and the button that plans with it. */
export function SourceRow({ row, givenUp, best, first, isChosen, choose }: Props) {
    const name = row.name ?? say(`sources.${row.usual}`);
    return (
        <TableRow selected={row === best}>
            <TableCell component="th" scope="row">
                <b>{name}</b>
                {row === best && (
                    <Box component="span" sx={(t) => ({ color: t.palette.role.action, fontWeight: 700, ml: 1 })}>
                        {say('page.sources.recommended')}
                    </Box>
                )}
                <Box sx={{ color: 'text.secondary' }}>{sourceWords(row.source)}</Box>
            </TableCell>
            <TableCell>
                {row.works && (
                    <Take
                        name={name}
                        contained={row === best && first}
                        chosen={isChosen(row, 'save')}
                        take={choose && (() => choose(row, 'save'))}
                    />
                )}
            </TableCell>
            {row.works ? (
                <Figures row={row} />
            ) : (
                <TableCell colSpan={7} sx={{ color: 'text.secondary' }}>
                    {say(`blocked.${row.blocked}`)}
                </TableCell>
            )}
            {givenUp && <GivenUp name={name} row={givenUp} {...{ best, first, isChosen, choose }} />}
        </TableRow>
    );
}

function Figures({ row }: { row: Strategy }) {
    return (
        <>
            <TableCell align="right" sx={number}>
                {row.heatings}
            </TableCell>
            <TableCell align="right" sx={number}>
                {minutes(row.hands)}
            </TableCell>
            <TableCell align="right" sx={number}>
                {minutes(row.elapsed)}
            </TableCell>
            <Degrees likely={row.battery} hottest={row.batteryHottest} />
            <Degrees likely={row.panel} hottest={row.panelHottest} />
            <TableCell align="right" sx={{ whiteSpace: 'nowrap' }}>
                {row.nearest !== null &&
                    say('page.sources.clear', {
                        limit: say(`limit.${row.nearest}`),
                        kelvin: row.clear?.toFixed(0),
                    })}
            </TableCell>
            <TableCell align="right" sx={number}>
                {say('page.sources.percent', { percent: Math.floor(100 * row.chance) })}
            </TableCell>
        </>
    );
}

/** As it is likely to get, and as hot as it gets in one of twenty cases. */
function Degrees({ likely, hottest }: { likely: number | null; hottest: number | null }) {
    return (
        <TableCell align="right" sx={number}>
            {say('page.sources.c', { degrees: likely?.toFixed(0) })}
            <Box sx={{ color: 'text.secondary' }}>{say('page.sources.up-to', { degrees: hottest?.toFixed(0) })}</Box>
        </TableCell>
    );
}

interface TakeProps {
    name: string;
    contained: boolean;
    chosen: boolean;
    take: (() => void) | undefined;
    words?: string;
}

function Take({ name, contained, chosen, take, words = say('page.sources.plan-with-it') }: TakeProps) {
    const what = chosen ? say('page.chosen') : words;
    return (
        <Button
            variant={contained ? 'contained' : 'outlined'}
            disabled={take === undefined || chosen}
            onClick={take}
            aria-label={say('page.of', { what, which: name })}
            sx={{ minHeight: 48, whiteSpace: 'nowrap' }}
        >
            {what}
        </Button>
    );
}

type GivenUpProps = Pick<Props, 'best' | 'first' | 'isChosen' | 'choose'> & { name: string; row: Strategy };

function GivenUp({ name, row, best, first, isChosen, choose }: GivenUpProps) {
    return (
        <TableCell sx={{ whiteSpace: 'nowrap' }}>
            {row.works ? (
                <Take
                    name={`${name}, ${say('page.sources.panel-given-up')}`}
                    contained={row === best && first}
                    chosen={isChosen(row, 'give-up')}
                    take={choose && (() => choose(row, 'give-up'))}
                    words={say('page.sources.heatings-and-work', { heatings: row.heatings, work: minutes(row.hands) })}
                />
            ) : (
                <Box sx={{ color: 'text.secondary' }}>{say('page.sources.not-so-either')}</Box>
            )}
        </TableCell>
    );
}
