import type { Plan } from '../api/client';
import { mono, sans, slate } from '../theme/tokens';

/** One place per screw in the order of removal, each drawn at twenty times its size, told apart by figures. */
export function ScrewMat({ plan, done }: { plan: Plan; done: ReadonlySet<string> }) {
    const groups = [...new Set(plan.screws.map((s) => s.fastener))];
    const columns = 5;
    const rows = groups.map((id) => ({ id, screws: plan.screws.filter((s) => s.fastener === id) }));
    const tops = rows.reduce<number[]>((all, r, i) => [...all, (all[i] ?? 0) + 34 + 44 * Math.ceil(r.screws.length / columns)], [0]);
    const height = (tops[tops.length - 1] ?? 0) + 10;
    const out = (id: string) => done.has(`unscrew:${id}`) && !done.has(`screw-in:${id}`);
    return (
        <svg
            role="img"
            aria-label={`Screw mat. ${rows.map((r) => `${r.screws.length} ${r.screws[0]?.driver} ${r.screws[0]?.length} mm: ${out(r.id) ? 'on the mat' : 'in the phone'}`).join('. ')}`}
            viewBox={`0 0 400 ${Math.max(height, 300)}`}
            width="100%"
            height="100%"
            style={{ display: 'block', background: slate.mat }}
            fontFamily={sans}
        >
            {rows.map((r, i) => (
                <g key={r.id} transform={`translate(20 ${(tops[i] ?? 0) + 20})`}>
                    <text fontSize="15" fontWeight="700" fill={out(r.id) ? slate.now : slate.line}>
                        {r.screws.length} × {r.screws[0]?.driver}, {r.screws[0]?.length} mm · {out(r.id) ? 'on the mat' : 'in the phone'}
                    </text>
                    {r.screws.map((s, n) => (
                        <g key={s.number} transform={`translate(${(n % columns) * 72} ${14 + 44 * Math.floor(n / columns)})`}>
                            <rect width="64" height="36" rx="4" fill={slate.deep} stroke={out(r.id) ? slate.now : slate.grid} strokeWidth="1.5" />
                            <text x="8" y="23" fontSize="14" fontFamily={mono} fill={slate.quiet}>
                                {s.number}
                            </text>
                            {out(r.id) && <path d={`M32 12h10v4h-3v${s.length * 4}h-4V16h-3Z`} fill={slate.line} />}
                        </g>
                    ))}
                </g>
            ))}
        </svg>
    );
}
