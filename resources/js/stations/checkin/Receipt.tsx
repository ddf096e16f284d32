import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState, type PointerEvent } from 'react';
import { api, take, type Job } from '../../api/client';
import { Refusal } from '../../shell/Refusal';
import { useChange } from '../../shell/useChange';
import { say, moment } from '../../words/words';

type Strokes = number[][][];
const WIDTH = 300;
const HEIGHT = 100;

/** The receipt for the phone: typed name, signature with finger or mouse, PDF. */
export function Receipt({ job }: { job: Job }) {
    const [name, setName] = useState(job.receipt?.name ?? job.customer);
    const [strokes, setStrokes] = useState<Strokes>([]);
    const sign = useChange(job, () =>
        take(
            api.PUT('/api/jobs/{job}/receipt', {
                params: { path: { job: job.id } },
                body: { version: job.version, name, strokes: strokes.filter((s) => s.length > 1) },
            }),
        ),
    );
    return (
        <Box component="section" aria-label={say('page.receipt.receipt')}>
            <Typography component="h2" variant="h2" sx={{ mb: 1 }}>
                {say('page.receipt.receipt-for-the-customer')}
            </Typography>
            <Box sx={{ display: 'flex', gap: 2, alignItems: 'end', flexWrap: 'wrap' }}>
                <TextField
                    label={say('page.receipt.name-as-signed')}
                    value={name}
                    onChange={(e) => setName(e.target.value)}
                    slotProps={{ htmlInput: { maxLength: 80 } }}
                />
                <Pad strokes={strokes} set={setStrokes} />
                <Button disabled={strokes.length === 0} onClick={() => setStrokes([])}>
                    {say('page.receipt.wipe')}
                </Button>
                <Button
                    variant="outlined"
                    disabled={
                        sign.isPending || name.trim().length < 2 || job.condition === null || job.handedOverAt !== null
                    }
                    onClick={() => sign.mutate(undefined)}
                >
                    {say('page.receipt.sign-the-receipt')}
                </Button>
                <Button
                    component="a"
                    href={`/api/jobs/${job.id}/receipt.pdf`}
                    target="_blank"
                    rel="noopener"
                    disabled={job.condition === null}
                >
                    {say('page.receipt-pdf')}
                </Button>
            </Box>
            <Typography color="textSecondary">
                {job.receipt
                    ? say('page.receipt.signed-by', {
                          name: job.receipt.name,
                          at: moment(job.receipt.at),
                          drawn: job.receipt.drawn ? say('page.receipt.with-signature') : say('page.receipt.name-only'),
                      })
                    : job.condition === null
                      ? say('page.receipt.write-down-the-condition-first-the')
                      : say('page.receipt.not-signed-yet-a-typed-name')}
            </Typography>
            <Refusal error={sign.error} job={job.id} />
        </Box>
    );
}

function Pad({ strokes, set }: { strokes: Strokes; set: (f: (s: Strokes) => Strokes) => void }) {
    const at = (e: PointerEvent<SVGSVGElement>): number[] => {
        const box = e.currentTarget.getBoundingClientRect();
        return [
            Math.round(((e.clientX - box.left) / box.width) * WIDTH * 10) / 10,
            Math.round(((e.clientY - box.top) / box.height) * HEIGHT * 10) / 10,
        ];
    };
    return (
        <svg
            role="img"
            aria-label={
                strokes.length === 0 ? say('page.receipt.signature-empty') : say('page.receipt.signature-drawn')
            }
            viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
            width={WIDTH}
            height={HEIGHT}
            style={{
                background: '#FFFFFF',
                border: '1px solid #566268',
                borderRadius: 4,
                touchAction: 'none',
                cursor: 'crosshair',
            }}
            onPointerDown={(e) => {
                e.currentTarget.setPointerCapture(e.pointerId);
                const p = at(e);
                set((all) => [...all, [p]]);
            }}
            onPointerMove={(e) => {
                if (e.buttons === 1) {
                    const p = at(e);
                    set((all) => [...all.slice(0, -1), [...(all[all.length - 1] ?? []), p].slice(0, 500)]);
                }
            }}
        >
            <path d={`M16 ${HEIGHT - 22}H${WIDTH - 16}`} stroke="#B4C2C5" />
            {strokes.map((s, i) => (
                <polyline
                    key={i}
                    points={s.map((p) => p.join(',')).join(' ')}
                    fill="none"
                    stroke="#1C2428"
                    strokeWidth="2"
                />
            ))}
        </svg>
    );
}
