import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import { useMutation } from '@tanstack/react-query';
import { api, take, type Schemas } from '../../api/client';
import { Refusal } from '../../shell/Refusal';
import { mono } from '../../theme/tokens';
import { amount, say } from '../../words/words';
import { WideTable } from '../../shell/WideTable';

/** What the rules as they stand in the form would have done to the last quotes; seen before they are kept. */
export function RulesEffect({ rules }: { rules: Schemas['Rules'] }) {
    const look = useMutation({
        mutationFn: () => take(api.POST('/api/rules/effect', { body: { rules } })),
    });
    const figure = { fontFamily: mono, textAlign: 'right' } as const;
    return (
        <Box
            component="section"
            aria-label={say('page.rules-effect.title')}
            sx={{ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr)', gap: 1 }}
        >
            <Button
                variant="outlined"
                disabled={look.isPending}
                onClick={() => look.mutate()}
                sx={{ justifySelf: 'start', minHeight: 48 }}
            >
                {say('page.rules-effect.look')}
            </Button>
            <Refusal error={look.error} />
            {look.data?.data.length === 0 && <span>{say('page.rules-effect.none')}</span>}
            {look.data && look.data.data.length > 0 && (
                <WideTable name={say('page.rules-effect.title')} sx={{ maxWidth: 900 }}>
                    <TableHead>
                        <TableRow>
                            {[
                                say('page.day.phone'),
                                say('page.rules-effect.was'),
                                say('page.rules-effect.would-be'),
                                say('page.rules-effect.stays'),
                            ].map((h, i) => (
                                <TableCell key={h} sx={{ fontWeight: 700, ...(i > 0 ? { textAlign: 'right' } : {}) }}>
                                    {h}
                                </TableCell>
                            ))}
                        </TableRow>
                    </TableHead>
                    <TableBody>
                        {look.data.data.map((q) => (
                            <TableRow key={q.tag}>
                                <TableCell>
                                    <b style={{ fontFamily: mono }}>{q.tag}</b> {q.phone},{' '}
                                    {say(`kind.${q.kind}`).toLowerCase()}
                                </TableCell>
                                <TableCell sx={figure}>{amount(q.was, look.data.currency)}</TableCell>
                                <TableCell sx={{ ...figure, fontWeight: q.was === q.now ? 400 : 700 }}>
                                    {amount(q.now, look.data.currency)}
                                </TableCell>
                                <TableCell sx={figure}>{amount(q.margin, look.data.currency)}</TableCell>
                            </TableRow>
                        ))}
                    </TableBody>
                </WideTable>
            )}
        </Box>
    );
}
