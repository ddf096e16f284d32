<?php

declare(strict_types=1);

namespace App\Counter;

use App\Jobs\Planning;
use App\Jobs\ShopBook;
use App\Models\Job;
use App\Models\PartState;
use App\Models\ShelfItem;
use Facelift\Pricing\Option;
use Facelift\Pricing\Pricing;
use Facelift\Pricing\ShelfPart;
use Facelift\Quantity\Money;

/** Fetches what the ways of doing a job are priced from. */
final readonly class Quoting
{
    /** what a part is chosen and priced by, beside its model code */
    private const DECIDES = ['kind', 'connector', 'technology', 'colour', 'refresh', 'brings', 'cost', 'sheet'];
    /** different ones; the first by label */
    private const MOST = 300;

    public function __construct(private Planning $planning, private ShopBook $book) {}

    /** @return list<Option> one per kind of part that exists for the phone, in the phone file's order */
    public function options(Job $job): array
    {
        $pricing = new Pricing($this->book->rules(), $this->book->glassRecord(), $this->book->chipRecord());

        return $pricing->options($this->planning->asked($job), $this->planning->plans($job), $this->shelf($job));
    }

    /**
     * Of parts that are alike in all that decides, the one with the first label stands for the rest: a full shelf is
     * not fetched for a price.
     *
     * @return list<ShelfPart> parts sold for the job's model code that are free, or reserved for it
     */
    private function shelf(Job $job): array
    {
        $free = ShelfItem::query()
            ->toBase()
            ->whereIn('state', PartState::ON_SHELF)
            ->whereNull('job_id')
            ->whereIn('id', ShelfItem::idsSoldFor([$job->model_code]))
            ->groupBy(self::DECIDES)
            ->orderByRaw('min(label)')
            ->limit(self::MOST)
            ->selectRaw('min(label) as label')
            ->pluck('label');

        return array_values(ShelfItem::query()
            ->whereIn('label', $free)
            ->orWhere(static fn($own) => $own
                ->where('job_id', $job->id)
                ->whereIn('state', PartState::FOR_JOB))
            ->orderBy('label')
            ->get()
            ->toBase()
            ->map(static fn(ShelfItem $i): ShelfPart => self::part($i, $job))
            ->all());
    }

    private static function part(ShelfItem $i, Job $job): ShelfPart
    {
        return new ShelfPart(
            $i->id,
            $i->label,
            $i->name,
            $i->offer(),
            $i->cost === null ? null : Money::of($i->cost),
            $i->job_id === $job->id,
        );
    }
}
