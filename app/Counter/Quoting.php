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
    public function __construct(private Planning $planning, private ShopBook $book) {}

    /** @return list<Option> one per kind of part that exists for the phone, in the phone file's order */
    public function options(Job $job): array
    {
        $pricing = new Pricing($this->book->rules(), $this->book->glassRecord(), $this->book->chipRecord());

        return $pricing->options($this->planning->asked($job), $this->planning->plans($job), $this->shelf($job));
    }

    /** @return list<ShelfPart> parts sold for the job's model code that are free, or reserved for it */
    private function shelf(Job $job): array
    {
        return array_values(ShelfItem::query()
            ->where(static fn($q) => $q->whereIn('state', PartState::ON_SHELF)->orWhere(
                static fn($o) => $o->where('state', PartState::Ordered)->where('job_id', $job->id),
            ))
            ->whereIn('id', ShelfItem::idsSoldFor([$job->model_code]))
            ->where(static fn($q) => $q->whereNull('job_id')->orWhere('job_id', $job->id))
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
