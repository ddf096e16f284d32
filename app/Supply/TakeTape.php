<?php

declare(strict_types=1);

namespace App\Supply;

use App\Jobs\ShopRolls;
use App\Models\Roll;
use App\Models\RollCut;
use Facelift\Seal\RollCut as Cut;
use Facelift\Seal\RollCutter;
use Facelift\Seal\StockLength;
use Facelift\Supply\StepUse;

/** Takes the tape that a step laid from the shop's rolls, once for an event, and gives it back. */
final readonly class TakeTape
{
    public function __construct(private ShopRolls $rolls) {}

    /** In the transaction that keeps the event. */
    public function take(string $job, string $event, StepUse $use): void
    {
        $kept = Roll::query()->lockForUpdate()->orderBy('width')->orderBy('name')->get();
        if ($kept->isEmpty() || RollCut::query()->where('event_id', $event)->exists()) {
            return;
        }
        $rolls = ShopRolls::of(...$kept->all());
        $list = (new RollCutter())->cut(
            $use->tape,
            $use->thickness === null ? $rolls : $rolls->of($use->thickness),
        );
        $makes = $kept->pluck('make', 'id');
        $row = static fn(?string $roll, float $width, float $mm): array => [
            'event_id' => $event,
            'job_id' => $job,
            'roll_id' => $roll,
            'make' => $roll === null ? '' : $makes[$roll] ?? '',
            'width' => $width,
            'mm' => round($mm, 1),
            'created_at' => now(),
            'updated_at' => now(),
        ];
        foreach ($list->cuts as $cut) {
            Roll::query()->whereKey($cut->roll->id)->update(['left_mm' => round($cut->left, 1)]);
        }
        RollCut::query()->insert([
            ...array_map(
                static fn(Cut $c): array => $row($c->roll->id, $c->roll->width, array_sum($c->lengths)),
                $list->cuts,
            ),
            ...array_map(static fn(StockLength $s): array => $row(null, $s->width, $s->all()), $list->missing),
        ]);
        $this->rolls->forget();
    }

    /** Nothing if no tape was taken with it. */
    public function giveBack(string $event): void
    {
        $cuts = RollCut::query()->where('event_id', $event)->get();
        if ($cuts->isEmpty()) {
            return;
        }
        foreach ($cuts as $cut) {
            Roll::query()->whereKey($cut->roll_id)->increment('left_mm', (float) $cut->mm);
        }
        RollCut::query()->where('event_id', $event)->delete();
        $this->rolls->forget();
    }
}
