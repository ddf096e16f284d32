<?php

declare(strict_types=1);

namespace App\Supply;

use App\Models\Supply;
use App\Models\SupplyUse;
use Facelift\Supply\StepUse;
use Illuminate\Database\Eloquent\Collection;

/** Takes what a step used up from what the shop has, what was put on the shelf first before the rest. */
final readonly class TakeSupplies
{
    /** In the transaction that keeps the event. */
    public function take(string $job, string $event, StepUse $use): void
    {
        if (SupplyUse::query()->where('event_id', $event)->exists()) {
            return;
        }
        $shelf = Supply::query()
            ->whereIn('kind', array_keys($use->supplies))
            ->where('left_over', '>', 0)
            ->orderBy('created_at')
            ->orderBy('id')
            ->lockForUpdate()
            ->get();
        $rows = [];
        foreach ($use->supplies as $kind => $amount) {
            foreach (self::from($shelf, $kind, round($amount, 3)) as [$supply, $taken]) {
                $rows[] = [
                    'event_id' => $event,
                    'job_id' => $job,
                    'kind' => $kind,
                    'supply_id' => $supply?->id,
                    'make' => $supply->make ?? '',
                    'amount' => $taken,
                    'created_at' => now(),
                    'updated_at' => now(),
                ];
                $supply?->decrement('left_over', $taken);
            }
        }
        SupplyUse::query()->insert($rows);
    }

    /** Nothing if none was taken with it. */
    public function giveBack(string $event): void
    {
        $uses = SupplyUse::query()->where('event_id', $event)->get();
        if ($uses->isEmpty()) {
            return;
        }
        foreach ($uses as $use) {
            Supply::query()->whereKey($use->supply_id)->increment('left_over', (float) $use->amount);
        }
        SupplyUse::query()->where('event_id', $event)->delete();
    }

    /**
     * @param Collection<int, Supply> $shelf
     *
     * @return list<array{Supply|null, float}> what is taken of each; null for what was used and is not on the shelf
     */
    private static function from(Collection $shelf, string $kind, float $amount): array
    {
        $taken = [];
        foreach ($shelf as $supply) {
            $of = min($amount, (float) $supply->left_over);
            if ($supply->kind->value === $kind && $of > 0.0) {
                $taken[] = [$supply, $of];
                $amount = round($amount - $of, 3);
            }
        }

        return $amount > 0.0 ? [...$taken, [null, $amount]] : $taken;
    }
}
