import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { queries } from '../../api/queries';
import { KeyedButton } from '../../shell/KeyedButton';
import { mono } from '../../theme/tokens';
import { laidWords } from '../../seal/laying';
import type { Laying } from '../../seal/useLaying';
import { CutTable } from '../../seal/CutTable';
import { SheetLinks } from '../../seal/SheetLinks';
import { say } from '../../words/words';

interface Props {
    job: string;
    laying: Laying;
    /** The seal is left out, which is kept with its reason; null for who may only look. */
    leaveOut: (() => void) | null;
}

/** Piece after piece: which one it is, how long, where; of a bead the pace, with a tip that runs ahead. */
export function LayingPanel({ job, laying, leaveOut }: Props) {
    const { items, now, seal, running, seconds } = laying;
    const item = items[now];
    return (
        <Box component="section" aria-label={say('page.seal.laying')} sx={{ display: 'grid', gap: 1 }}>
            {item && (
                <>
                    <Typography component="h2" variant="h3">
                        {say('page.seal.of-all', { now: now + 1, all: items.length })}
                    </Typography>
                    <Box sx={{ fontFamily: mono, fontWeight: 700, fontSize: '1.25rem' }}>
                        {laidWords(item, seal.bead).label}, {laidWords(item, seal.bead).detail}
                    </Box>
                    {item.kind === 'piece' && item.piece.notch && (
                        <span>
                            {say('page.seal.notches', {
                                count: item.piece.notch.count,
                                every: item.piece.notch.every.toFixed(1),
                            })}
                        </span>
                    )}
                    {item.kind === 'piece' && item.piece.trimmed && <span>{say('page.seal.trim-in-place')}</span>}
                    <Box
                        sx={{
                            display: items.length > 1 ? 'grid' : 'none',
                            gridTemplateColumns: '1fr 1fr',
                            gap: 1.25,
                        }}
                    >
                        <Button variant="outlined" color="inherit" onClick={laying.back} disabled={now === 0}>
                            {say('page.seal.back')}
                        </Button>
                        <KeyedButton k="N" onClick={laying.next} disabled={now === items.length - 1}>
                            {say('page.seal.next-piece')}
                        </KeyedButton>
                    </Box>
                </>
            )}
            {item?.kind === 'stretch' && seal.bead && (
                <Box sx={{ display: 'grid', gap: 0.5 }}>
                    <Button variant="outlined" onClick={laying.run}>
                        {running
                            ? say('page.seal.stop-the-tip', { seconds: Math.floor(seconds) })
                            : say('page.seal.run-the-tip', { pace: seal.bead.pace })}
                    </Button>
                    <span>
                        {say('page.seal.open-for', {
                            seconds: seal.bead.seconds,
                            open: Math.round(seal.bead.open),
                        })}
                    </span>
                </Box>
            )}
            <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', alignItems: 'center' }}>
                <CutFrom job={job} laying={laying} />
                <SheetLinks
                    to={(format) => `/api/jobs/${job}/cut-sheet.${format}?bond=${encodeURIComponent(seal.bond)}`}
                />
                {leaveOut && (
                    <Button size="small" color="inherit" onClick={leaveOut}>
                        {say('page.seal.not-renewed')}
                    </Button>
                )}
            </Box>
        </Box>
    );
}

/** From which roll each piece is cut, and what the rolls lack; nothing where no tape is cut for the new part. */
function CutFrom({ job, laying: { seal } }: Pick<Props, 'job' | 'laying'>) {
    const choice = useQuery({ ...queries.seal(job, seal.bond), enabled: seal.pieces.length > 0 }).data;
    const cut = choice?.offers.find((o) => o.way === seal.way)?.cut;
    return cut ? (
        <Box component="details" sx={{ width: '100%' }} open={cut.missing.length > 0}>
            <Box component="summary" sx={{ py: 1, cursor: 'pointer' }}>
                {say('page.cut-table.cut-list')}
            </Box>
            <CutTable cut={cut} />
        </Box>
    ) : null;
}
