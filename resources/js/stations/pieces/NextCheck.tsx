import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { Condition, Schemas } from '../../api/client';
import { Note } from '../../shell/Note';
import { mono } from '../../theme/tokens';
import { say, sayReason, sentence } from '../../words/words';

type Finding = Schemas['Finding'];
type Check = Condition['checks'][number];

interface Props {
    finding: Finding;
    /** Given where a result can be taken in. */
    answer?: (check: Check) => void;
    done?: Check[];
    undo?: (check: Check['check']) => void;
}

/** What is still possible, why, and the one check that tells most. */
export function NextCheck({ finding, answer, done = [], undo }: Props) {
    const { next, suspects } = finding;
    if (suspects.length === 0 && finding.contradictions.length === 0 && done.length === 0) {
        return null;
    }
    return (
        <Box
            component="section"
            aria-label={say('page.next-check.what-is-behind-it')}
            sx={(t) => ({
                border: `2px solid ${t.palette.role.action}`,
                borderRadius: 1,
                p: 2,
                display: 'grid',
                gap: 1.25,
            })}
        >
            <Typography component="h2" variant="h2">
                {say('page.next-check.what-is-behind-it')}
            </Typography>
            {finding.contradictions.map((c) => (
                <Note key={c.code + JSON.stringify(c.figures)} tone="stop">
                    {say('page.next-check.this-does-not-go-together-look', { c: sentence(sayReason(c)) })}
                </Note>
            ))}
            {suspects.length > 0 && (
                <Box
                    component="ul"
                    sx={{
                        listStyle: 'none',
                        m: 0,
                        p: 0,
                        display: 'grid',
                        gridTemplateColumns: { xs: 'minmax(0, 1fr)', sm: 'repeat(auto-fill, minmax(310px, 1fr))' },
                        columnGap: 3,
                    }}
                >
                    {suspects.map((s) => (
                        <Box
                            component="li"
                            key={s.cause}
                            sx={{
                                display: 'flex',
                                gap: 1,
                                py: 0.25,
                                color: s.share > 0 ? 'text.primary' : 'text.secondary',
                            }}
                        >
                            <Box
                                sx={{
                                    fontFamily: mono,
                                    width: 52,
                                    textAlign: 'right',
                                    fontVariantNumeric: 'tabular-nums',
                                }}
                            >
                                {s.share > 0 ? `${Math.round(100 * s.share)} %` : 'out'}
                            </Box>
                            <Box>
                                {say(`cause.${s.cause}`)}
                                {s.ruledOutBy !== null && (
                                    <Box sx={{ fontSize: '0.9375rem' }}>
                                        {say('page.next-check.ruled-out', {
                                            evidence: say(`evidence.${s.ruledOutBy}`),
                                        })}
                                    </Box>
                                )}
                            </Box>
                        </Box>
                    ))}
                </Box>
            )}
            {next && (
                <Box sx={(t) => ({ bgcolor: t.palette.role.nowFill, borderRadius: 1, p: 1.5 })}>
                    <Typography component="h3" sx={{ fontWeight: 700, fontSize: '1.125rem' }}>
                        <span aria-hidden>◆ </span>
                        {next.moment === 'counter'
                            ? say('page.next-check.check-next')
                            : say('page.next-check.at-the-bench-before-anything-is')}
                        {say(`check.${next.check}`)}
                    </Typography>
                    <Typography sx={{ mb: 1 }}>
                        {say('page.next-check.it-tells-most-of-what-is', {
                            bits: next.bits.toFixed(1),
                            results: next.results
                                .map((r) => `${say(`result.${r.result}`).toLowerCase()} ${Math.round(100 * r.share)} %`)
                                .join(', '),
                        })}
                    </Typography>
                    {answer && next.moment === 'counter' && (
                        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
                            {next.results.map((r) => (
                                <Button
                                    key={r.result}
                                    variant="contained"
                                    onClick={() => answer({ check: next.check, result: r.result } as Check)}
                                >
                                    {say(`result.${r.result}`)}
                                </Button>
                            ))}
                        </Box>
                    )}
                    {next.moment === 'opened' && (
                        <Typography>{say('page.next-check.the-plan-makes-it-a-step')}</Typography>
                    )}
                </Box>
            )}
            {done.length > 0 && (
                <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', alignItems: 'center' }}>
                    <Typography color="textSecondary">{say('page.next-check.checked')}</Typography>
                    {done.map((c) => (
                        <Button
                            key={c.check}
                            variant="outlined"
                            color="inherit"
                            onClick={() => undo?.(c.check)}
                            aria-label={say('page.next-check.take-back', { check: say(`check.${c.check}`) })}
                        >
                            {say(`evidence.${c.check}:${c.result}`)} ✕
                        </Button>
                    ))}
                </Box>
            )}
        </Box>
    );
}
