import type { Plan, Step } from '../api/client';
import { mono, sans, slate } from '../theme/tokens';
import { say } from '../words/words';

interface Props {
    plan: Plan;
    done: ReadonlySet<string>;
    /** The step at hand and the numbers ticked off in it. */
    step?: Step | null;
    ticked?: readonly number[];
    /** Takes a screw out or puts it in, one by one; without it the mat is only looked at. */
    tap?: ((number: number) => void) | undefined;
}

const COLUMNS = 5;

/** One place per screw in the order of removal, each drawn at twenty times its size, told apart by figures. */
export function ScrewMat({ plan, done, step = null, ticked = [], tap }: Props) {
    const groups = [...new Set(plan.screws.map((s) => s.fastener))];
    const rows = groups.map((id) => ({ id, screws: plan.screws.filter((s) => s.fastener === id) }));
    const tops = rows.reduce<number[]>(
        (all, r, i) => [...all, (all[i] ?? 0) + 34 + 44 * Math.ceil(r.screws.length / COLUMNS)],
        [0],
    );
    const height = (tops[tops.length - 1] ?? 0) + 10;
    const away = (id: string) =>
        done.has(`unscrew:${id}`) && !done.has(`screw-in:${id}`) && !done.has(`left-over:${id}`);
    const goesIn = step?.kind === 'screw-in';
    const lies = (id: string, number: number) => (ticked.includes(number) ? !goesIn : away(id));
    const here = new Set([...Object.keys(step?.effects.screwsOut ?? {}), ...Object.keys(step?.effects.screwsIn ?? {})]);
    return (
        <svg
            {...(tap ? { role: 'group' } : { role: 'img' })}
            aria-label={say('page.screw-mat.screw-mat', {
                rows: rows
                    .map((r) =>
                        say('page.screw-mat.mm', {
                            screws: r.screws.length,
                            driver: r.screws[0]?.driver,
                            screws2: r.screws[0]?.length,
                            id: away(r.id) ? say('page.screw-mat.on-the-mat') : say('page.screw-mat.in-the-phone'),
                        }),
                    )
                    .join('. '),
            })}
            viewBox={`0 0 400 ${Math.max(height, 300)}`}
            width="100%"
            height="100%"
            style={{ display: 'block', background: slate.mat }}
            fontFamily={sans}
        >
            {rows.map((r, i) => (
                <g key={r.id} transform={`translate(20 ${(tops[i] ?? 0) + 20})`}>
                    <text fontSize="15" fontWeight="700" fill={here.has(r.id) ? slate.now : slate.line}>
                        {say('page.screw-mat.mm-2', {
                            screws: r.screws.length,
                            driver: r.screws[0]?.driver,
                            screws2: r.screws[0]?.length,
                            has:
                                here.has(r.id) && ticked.length > 0
                                    ? say('page.screw-mat.of', {
                                          ticked: ticked.length,
                                          screws: r.screws.length,
                                          goesIn: goesIn ? 'in' : 'out',
                                      })
                                    : away(r.id)
                                      ? say('page.screw-mat.on-the-mat')
                                      : say('page.screw-mat.in-the-phone'),
                        })}
                    </text>
                    {r.screws.map((s, n) => (
                        <g
                            key={s.number}
                            transform={`translate(${(n % COLUMNS) * 72} ${14 + 44 * Math.floor(n / COLUMNS)})`}
                            {...(tap
                                ? {
                                      role: 'button',
                                      tabIndex: 0,
                                      'aria-label': say('page.screw-mat.screw-mm', {
                                          number: s.number,
                                          driver: s.driver,
                                          s: s.length,
                                          id: lies(r.id, s.number)
                                              ? say('page.screw-mat.on-the-mat')
                                              : say('page.screw-mat.in-the-phone'),
                                      }),
                                      style: { cursor: 'pointer' },
                                      onClick: () => tap(s.number),
                                      onKeyDown: (e: React.KeyboardEvent) => {
                                          if (e.key === 'Enter') {
                                              e.stopPropagation();
                                              tap(s.number);
                                          }
                                      },
                                  }
                                : {})}
                        >
                            <rect
                                width="64"
                                height="36"
                                rx="4"
                                fill={slate.deep}
                                stroke={here.has(r.id) ? slate.now : slate.grid}
                                strokeWidth="1.5"
                            />
                            <text x="8" y="23" fontSize="14" fontFamily={mono} fill={slate.quiet}>
                                {s.number}
                            </text>
                            {lies(r.id, s.number) && (
                                <path d={`M32 12h10v4h-3v${s.length * 4}h-4V16h-3Z`} fill={slate.line} />
                            )}
                            {ticked.includes(s.number) && (
                                <path d="M50 20l4 5 7-11" fill="none" stroke={slate.done} strokeWidth="2.5" />
                            )}
                        </g>
                    ))}
                </g>
            ))}
        </svg>
    );
}
