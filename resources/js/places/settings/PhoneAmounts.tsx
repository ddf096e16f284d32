import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useQuery } from '@tanstack/react-query';
import { queries } from '../../api/queries';
import { REPLACEMENT_KINDS, type ReplacementKind } from '../../api/sets';
import { say } from '../../words/words';

interface Row {
    phone: string;
    /** left out where the amount is of the phone, not of a kind of part */
    kind?: ReplacementKind;
    amount: string;
}

interface Props<R extends Row> {
    title: string;
    rows: R[];
    /** A line that somebody adds. */
    fresh: (phone: string) => R;
    set: (rows: R[]) => void;
}

/** Amounts by phone, or by phone and kind of part: chosen, not typed. */
export function PhoneAmounts<R extends Row>({ title, rows, fresh, set }: Props<R>) {
    const phones = useQuery(queries.phones('')).data?.data ?? [];
    const known = phones.map((p) => ({ id: p.file, name: `${p.maker} ${p.model}` }));
    const change = (i: number, to: Partial<Row>) => set(rows.map((r, j) => (j === i ? { ...r, ...to } : r)));
    return (
        <Box
            component="fieldset"
            sx={{ border: 0, m: 0, p: 0, minWidth: 0, display: 'grid', gap: 1, justifyItems: 'start' }}
        >
            <Box component="legend" sx={{ fontWeight: 700, mb: 1.25 }}>
                {title}
            </Box>
            {rows.map((row, i) => {
                const { phone, kind } = row;
                // What is kept for a phone that is not here stays until another is chosen.
                const all = known.some((k) => k.id === phone) ? known : [...known, { id: phone, name: phone }];
                return (
                    <Box key={i} sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
                        <TextField
                            select
                            size="small"
                            label={say('page.shop-rules.phone')}
                            value={phone}
                            onChange={(e) => change(i, { phone: e.target.value })}
                            sx={{ width: 240 }}
                        >
                            {all.map((p) => (
                                <MenuItem key={p.id} value={p.id}>
                                    {p.name}
                                </MenuItem>
                            ))}
                        </TextField>
                        {kind !== undefined && (
                            <TextField
                                select
                                size="small"
                                label={say('page.shop-rules.kind-of-part')}
                                value={kind}
                                onChange={(e) => change(i, { kind: e.target.value as ReplacementKind })}
                                sx={{ width: 260 }}
                            >
                                {REPLACEMENT_KINDS.map((k) => (
                                    <MenuItem key={k} value={k}>
                                        {say(`kind.${k}`)}
                                    </MenuItem>
                                ))}
                            </TextField>
                        )}
                        <TextField
                            size="small"
                            label={say('page.shop-rules.amount')}
                            value={row.amount}
                            onChange={(e) => change(i, { amount: e.target.value.replace(',', '.') })}
                            sx={{ width: 120 }}
                        />
                        <Button
                            onClick={() => set(rows.filter((_, j) => j !== i))}
                            aria-label={say('page.shop-rules.remove', {
                                for: known.find((k) => k.id === phone)?.name ?? phone,
                            })}
                        >
                            {say('page.remove')}
                        </Button>
                    </Box>
                );
            })}
            <Button onClick={() => set([...rows, fresh(known[0]?.id ?? '')])}>
                {say('page.shop-rules.add-a-line')}
            </Button>
        </Box>
    );
}
