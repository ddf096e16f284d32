<?php

declare(strict_types=1);

namespace Facelift\Plan;

use Facelift\Document\Reason;
use Facelift\Plan\Internal\Format\BeadFormat;
use Facelift\Plan\Internal\Format\HeightFormat;
use Facelift\Plan\Internal\Format\HoldFormat;
use Facelift\Plan\Internal\Format\Maps;
use Facelift\Plan\Internal\Format\PieceFormat;
use Facelift\Seal\Curing;
use Facelift\Seal\CutList;
use Facelift\Seal\GlassLayer;
use Facelift\Seal\GlassLaying;
use Facelift\Seal\InnerSeal;
use Facelift\Seal\Light;
use Facelift\Seal\RollCut;
use Facelift\Seal\RollCutter;
use Facelift\Seal\SealRequest;
use Facelift\Seal\StockLength;
use Facelift\Seal\TapeLayout;
use Facelift\Seal\WayChoice;
use Facelift\Seal\WayOffer;

/** Writes the ways of making one bond again side by side, format `facelift-seal`, version 1 (docs/formats.md). */
final readonly class SealDocument
{
    public const FORMAT = 'facelift-seal';

    /** @return array<string, mixed> plain data, ready for JSON */
    public function write(SealRequest $request, WayChoice $choice): array
    {
        $rim = $request->rim();
        $glass = $request->isGlassOnly() ? (new GlassLayer())->lay($request->phone, $request->means->room) : null;

        return [
            'format' => self::FORMAT,
            'version' => 1,
            'phone' => ['id' => $request->phone->identity->id, 'name' => $request->phone->identity->name()],
            'bond' => ['id' => $request->bond->id, 'name' => $request->bond->name],
            'ledge' => ['narrowest' => round($rim->narrowest(), 3), 'widest' => round($rim->widest(), 3)],
            'offers' => array_map(fn(WayOffer $o): array => $this->offer($o, $request), $choice->offers),
            'best' => $choice->best,
            'because' => Maps::reasons($choice->because),
            'glass' => $glass === null ? null : $this->glass($glass),
            'inner' => $this->inner($request),
        ];
    }

    /** @return array<string, mixed> */
    private function offer(WayOffer $o, SealRequest $request): array
    {
        $cut = $o->tape === null || $o->supplied
            ? null
            : (new RollCutter())->cut(
                $o->tape->lengths(),
                $o->thickness === null ? $request->means->rolls : $request->means->rolls->of($o->thickness),
            );

        return [
            'way' => $o->way->value,
            'refused' => $o->refused?->toArray(),
            'supplied' => $o->supplied,
            'lasts' => $o->lasts(),
            'thickness' => $o->thickness,
            'heights' => $o->heights === null ? null : (new HeightFormat())->write($o->heights),
            'sits' => Maps::reasons($o->heights?->because() ?? []),
            'pieces' => array_map((new PieceFormat())->write(...), $o->tape->pieces ?? []),
            'bead' => $o->bead === null ? null : (new BeadFormat())->write($o->bead),
            'freed' => array_values(array_unique([...($o->tape->freed ?? []), ...($o->bead->interrupted ?? [])])),
            'holds' => $o->holds() === null ? null : round($o->holds(), 1),
            'tape' => $o->tape === null ? null : self::tape($o->tape),
            'cut' => $cut === null ? null : self::cut($cut),
            'hold' => $o->hold === null ? null : (new HoldFormat())->write($o->hold),
            'hands' => $o->hands,
            'because' => Maps::reasons($o->because),
        ];
    }

    /** @return array<string, mixed> */
    private static function tape(TapeLayout $t): array
    {
        return [
            'area' => round($t->area, 1),
            'held' => round($t->held, 4),
            'bare' => $t->bare === null ? null : [
                'at' => $t->bare->begins->value,
                'mm' => round($t->bare->length, 1),
            ],
            'weakest' => ['corner' => $t->weakest->corner->value, 'share' => round($t->weakest->share, 3)],
            'lengths' => array_map(self::lengths(...), $t->lengths()),
        ];
    }

    /** @return array<string, mixed> */
    private static function cut(CutList $c): array
    {
        return [
            'rolls' => array_map(static fn(RollCut $r): array => [
                'roll' => $r->roll->id,
                'width' => $r->roll->width,
                'lengths' => array_map(static fn(float $mm): float => round($mm, 1), $r->lengths),
                'left' => round($r->left, 1),
            ], $c->cuts),
            'missing' => array_map(self::lengths(...), $c->missing),
            'waste' => round($c->waste(), 1),
        ];
    }

    /** @return array{width: float, lengths: list<float>} */
    private static function lengths(StockLength $s): array
    {
        $round = static fn(float $mm): float => round($mm, 1);

        return ['width' => $s->width, 'lengths' => array_map($round, $s->lengths)];
    }

    /** @return array<string, mixed> */
    private function glass(GlassLaying $glass): array
    {
        return [
            'laid' => (new BeadFormat())->writeGlass($glass),
            'cures' => array_map(static fn(Light $l): array => [
                'light' => $l->value,
                'seconds' => round(Curing::by($l)->seconds()),
            ], Light::cases()),
        ];
    }

    /** @return list<array<string, mixed>> what is stuck down inside the phone */
    private function inner(SealRequest $request): array
    {
        $rows = [];
        foreach ($request->phone->bonds as $bond) {
            $inner = InnerSeal::of($request->phone, $bond);
            if ($inner !== null) {
                $reason = $inner->strips === 0
                    ? new Reason('a-dab', ['ml' => $inner->ml])
                    : new Reason($inner->pullTab ? 'pull-strips' : 'inner-strips', [
                        'count' => $inner->strips,
                        'length' => (int) round($inner->length),
                    ]);
                $rows[] = ['bond' => $bond->id, 'name' => $bond->name] + ['how' => $reason->toArray()];
            }
        }

        return $rows;
    }
}
