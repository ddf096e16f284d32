<?php

declare(strict_types=1);

namespace App\Seal;

use App\Jobs\ShopRolls;
use App\Models\Roll;
use App\Models\RollCut;
use Facelift\Bench\Event;
use Facelift\Bench\EventType;
use Facelift\Bench\Run;
use Facelift\Plan\StepKind;
use Facelift\Seal\RollCut as Cut;
use Facelift\Seal\RollCutter;
use Facelift\Seal\SealPlan;
use Facelift\Seal\StockLength;

/** Takes what was laid from the shop's rolls, once for an event, and gives it back when that is undone. */
final readonly class BookTape
{
    public function __construct(private ShopRolls $rolls) {}

    /**
     * In the transaction that keeps the events.
     *
     * @param list<Event> $events that were kept just now
     */
    public function __invoke(string $job, Run $run, array $events): void
    {
        foreach ($events as $event) {
            if ($event->type === EventType::Undo) {
                $this->giveBack($event->text('event'));
            }
            $seal = $event->type === EventType::StepDone ? self::laidBy($run, $event) : null;
            if ($seal !== null) {
                $this->take($job, $event->id, $seal);
            }
        }
    }

    private static function laidBy(Run $run, Event $event): ?SealPlan
    {
        $step = $run->plan->steps[$event->step()] ?? null;
        $seal = $step?->kind() === StepKind::LaySeal
            ? $run->plan->sealing->seals[$step->act->subjects[0]] ?? null
            : null;

        return $seal === null || $seal->supplied || $seal->pieces === [] || $event->saysNotRenewed()
            ? null
            : $seal;
    }

    private function take(string $job, string $event, SealPlan $seal): void
    {
        $kept = Roll::query()->lockForUpdate()->orderBy('width')->orderBy('name')->get();
        if ($kept->isEmpty() || RollCut::query()->where('event_id', $event)->exists()) {
            return;
        }
        $rolls = ShopRolls::of(...$kept->all());
        $list = (new RollCutter())->cut(
            $seal->lengths(),
            $seal->thickness === null ? $rolls : $rolls->of($seal->thickness),
        );
        $row = static fn(?string $roll, float $width, float $mm): array => [
            'event_id' => $event,
            'job_id' => $job,
            'roll_id' => $roll,
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

    private function giveBack(string $event): void
    {
        $cuts = RollCut::query()->where('event_id', $event)->get();
        foreach ($cuts as $cut) {
            Roll::query()->whereKey($cut->roll_id)->increment('left_mm', (float) $cut->mm);
        }
        RollCut::query()->where('event_id', $event)->delete();
        $this->rolls->forget();
    }
}
