import type { ReactNode } from 'react';
import Box from '@mui/material/Box';
import type { PhoneFile, Schemas } from '../../api/client';
import { FigureBar } from '../../shell/FigureBar';
import { amount, minutes, say, sayReason } from '../../words/words';
import { WayDrawing } from './WayDrawing';

type Way = Schemas['Way'];

/** Minutes of hands; a range of a phone that nobody has drawn. */
const hands = (w: Way): string =>
    w.guess ? `${Math.round(w.guess.least / 60)}–${minutes(w.guess.longest)}` : minutes(w.handsOn);

/** What a row is called, what it says of a way, and whether that is a figure. */
export type RowOf = [string, (w: Way) => ReactNode, boolean?, why?: string];

const figure = (text: string | undefined): number => Number(text ?? 0);

/** The rows of the table of ways: those that differ first, and those that are behind them. */
export function rowsOf(phone: PhoneFile, ways: Way[], currency: string): { first: RowOf[]; behind: RowOf[] } {
    const money = (text: string | undefined): string =>
        text === undefined ? say('page.not-known') : amount(text, currency);
    const inside = ways.some((w) => w.money?.inside != null);
    const most = {
        hands: Math.max(...ways.map((w) => w.guess?.longest ?? w.handsOn)),
        price: Math.max(...ways.map((w) => figure(w.money?.gross))),
        margin: Math.max(...ways.map((w) => figure(w.money?.inside?.margin))),
        risk: Math.max(...ways.map((w) => w.risk)),
    };
    const first: RowOf[] = [
        [say('page.ways.disturbs'), (w) => <WayDrawing phone={phone} way={w} />],
        [
            say('page.ways.hands-on'),
            (w) => (
                <FigureBar
                    text={hands(w)}
                    value={w.handsOn}
                    most={most.hands}
                    {...(w.guess ? { low: w.guess.least, high: w.guess.longest } : {})}
                />
            ),
            false,
            say('why.hands-of-way'),
        ],
        [
            say('page.ways.price'),
            (w) => <FigureBar text={money(w.money?.gross)} value={figure(w.money?.gross)} most={most.price} />,
            false,
            say('why.price'),
        ],
        ...(inside
            ? [
                  [
                      say('page.ways.margin'),
                      (w) => (
                          <FigureBar
                              text={money(w.money?.inside?.margin)}
                              value={figure(w.money?.inside?.margin)}
                              most={most.margin}
                          />
                      ),
                      false,
                      say('why.margin'),
                  ] satisfies RowOf,
              ]
            : []),
        [
            say('page.ways.something-is-ruined'),
            (w) => (
                <>
                    <FigureBar text={`${w.risk} %`} value={w.risk} most={most.risk} />
                    <Risks way={w} />
                </>
            ),
            false,
            say('why.risk'),
        ],
        [say('page.ways.on-the-shelf'), (w) => (w.item ? `${w.item.label} ${w.item.name}` : say('page.ways.none'))],
    ];
    const cost: RowOf = [say('page.ways.expected-cost'), (w) => money(w.money?.inside?.expected), true];
    const behind: RowOf[] = [
        [say('page.what-follows'), (w) => <Follows way={w} />],
        ...(ways.some((w) => w.differs.length > 0)
            ? [
                  [
                      say('page.ways.beside-the', {
                          some: ways.some((w) => w.recommended) ? 'recommended' : 'first',
                      }),
                      (w) => <Differs way={w} />,
                  ] satisfies RowOf,
              ]
            : []),
        ...(inside ? [cost] : []),
        [say('page.ways.waiting'), (w) => minutes(w.waiting), true],
        [
            say('page.ways.steps-screws'),
            (w) => `${w.steps}, ${w.guess ? `${w.guess.fewest}–${w.guess.most}` : w.screws}`,
            true,
        ],
        [
            say('page.ways.parts-moved-over'),
            (w) => (w.moved.length === 0 ? say('page.ways.none') : `${w.moved.length}: ${w.moved.join(', ')}`),
        ],
        [
            say('page.ways.paired-parts-touched'),
            (w) => (w.paired.length === 0 ? say('page.ways.none') : w.paired.join(', ')),
        ],
    ];
    return { first, behind };
}

function Differs({ way }: { way: Way }) {
    return (
        <Box component="ul" sx={{ m: 0, pl: 2 }}>
            {way.differs.map((d) => (
                <li key={d.code}>{sayReason(d)}</li>
            ))}
        </Box>
    );
}

function Risks({ way }: { way: Way }) {
    return (
        <>
            {way.risks.map((r) => (
                <Box key={r.code + r.subject} sx={{ color: 'text.secondary', fontSize: '0.9375rem' }}>
                    {say(`risk.${r.code}`, { subject: r.subject })} {r.percent} %
                </Box>
            ))}
        </>
    );
}

function Follows({ way }: { way: Way }) {
    const lines = [
        ...(way.glass ? [sayReason(way.glass)] : []),
        ...way.because.map(sayReason),
        ...(way.money?.worth && way.money.worth.code !== 'worth-unknown' ? [sayReason(way.money.worth)] : []),
    ];
    return (
        <Box component="ul" sx={{ m: 0, pl: 2 }}>
            {lines.map((l) => (
                <li key={l}>{l}</li>
            ))}
        </Box>
    );
}
