<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\Job;
use App\Models\ShelfItem;
use Facelift\Anatomy\ReplacementKind;
use Facelift\Condition\Observation;
use Facelift\Cost\BreakEven;
use Facelift\Cost\JobCost;
use Facelift\Cost\Loss;
use Facelift\Cost\Price;
use Facelift\Cost\Worth;
use Facelift\Fit\Fitter;
use Facelift\Fit\Fitting;
use Facelift\Fit\Verdict;
use Facelift\Fit\Wish;
use Facelift\Plan\Plan;
use Facelift\Plan\Risk;
use Facelift\Plan\Risks;
use Facelift\Plan\Uses;
use Facelift\Quantity\Money;
use Facelift\Record\GlassOnlyAdvice;
use Illuminate\Support\Collection;

/** From a job and the shelf to the ways of doing it, with their prices. */
final readonly class Quoting
{
    public function __construct(private Planning $planning, private PhoneLibrary $phones, private ShopBook $book) {}

    /** @return list<QuoteOption> one per kind of part that exists for the phone, cheapest kind first */
    public function options(Job $job): array
    {
        $plans = $this->planning->plans($job);
        $parts = $this->partsFor($job);
        $chosen = array_map(fn(Plan $p): ?array => $this->best($job, $p->basis->replacement->kind, $parts), $plans);
        $assembly = $this->assemblyCost($plans, $chosen);

        return array_map(fn(int $i): QuoteOption => $this->option($job, $plans[$i], $chosen[$i], $assembly), array_keys($plans));
    }

    public function wish(Job $job, ReplacementKind $kind): Wish
    {
        return new Wish($job->model_code, $kind, $job->colour, $this->planning->condition($job)->shows(Observation::FrameBent));
    }

    /** @return Collection<int, ShelfItem> parts sold for the job's model code that are free, or reserved for it */
    public function partsFor(Job $job): Collection
    {
        return ShelfItem::query()->whereIn('state', ShelfItem::ON_SHELF)->whereIn('id', ShelfItem::idsSoldFor([$job->model_code]))
            ->where(static fn($q) => $q->whereNull('job_id')->orWhere('job_id', $job->id))->orderBy('label')->get()->toBase();
    }

    /**
     * The job's own part if it is of this kind; else the best that fits, and of those the cheapest.
     *
     * @param Collection<int, ShelfItem> $parts
     *
     * @return array{ShelfItem, Fitting}|null
     */
    private function best(Job $job, ReplacementKind $kind, Collection $parts): ?array
    {
        $phone = $this->phones->phone($job->phone);
        $rows = $parts->filter(static fn(ShelfItem $i): bool => $i->kind === $kind)->map(fn(ShelfItem $i): array => [$i, (new Fitter())->judge($phone, $this->wish($job, $kind), $i->offer())])
            ->filter(static fn(array $row): bool => in_array($row[1]->verdict(), [Verdict::Fits, Verdict::FitsWithLoss], true) || $row[0]->job_id === $job->id)->values()->all();
        usort($rows, static fn(array $a, array $b): int => [$a[0]->job_id !== $job->id, $a[1]->verdict() !== Verdict::Fits, $a[0]->cost === null, (float) $a[0]->cost] <=> [$b[0]->job_id !== $job->id, $b[1]->verdict() !== Verdict::Fits, $b[0]->cost === null, (float) $b[0]->cost]);

        return $rows[0] ?? null;
    }

    /**
     * What a display assembly costs if the phone's own panel is lost: the cheapest of the other kinds.
     *
     * @param list<Plan>                           $plans
     * @param list<array{ShelfItem, Fitting}|null> $chosen
     */
    private function assemblyCost(array $plans, array $chosen): ?Money
    {
        $least = null;
        foreach ($plans as $i => $plan) {
            $item = $chosen[$i][0] ?? null;
            if ($plan->basis->replacement->kind === ReplacementKind::GlassOnly || $item?->cost === null) {
                continue;
            }
            $cost = JobCost::of(Money::of($item->cost), $plan->handsOn(), Uses::of($plan), [], $this->book->rules())->plain();
            $least = $least === null ? $cost : Money::smaller($least, $cost);
        }

        return $least;
    }

    /** @param array{ShelfItem, Fitting}|null $chosen */
    private function option(Job $job, Plan $plan, ?array $chosen, ?Money $assembly): QuoteOption
    {
        $glass = $plan->basis->replacement->kind === ReplacementKind::GlassOnly;
        $record = $this->book->glassRecord();
        $risks = (new Risks())->of($plan, 1.0 - $record->expected());
        [$item, $fitting] = $chosen ?? [null, null];
        if ($item?->cost === null || ($glass && $assembly === null)) {
            return new QuoteOption($plan, $item, $fitting, null, null, $risks, null);
        }
        $rules = $this->book->rules();
        $part = Money::of($item->cost);
        $plain = JobCost::of($part, $plan->handsOn(), Uses::of($plan), [], $rules)->plain();
        // A panel ruined while fitting is bought again and fitted again; glass that takes the panel with it becomes an assembly job.
        $again = $glass && $assembly !== null ? $assembly : $plain;
        $losses = array_values(array_map(static fn(Risk $r): Loss => new Loss($r->code, $r->probability, $again), array_filter($risks, static fn(Risk $r): bool => $r->costsADisplay())));
        $cost = JobCost::of($part, $plan->handsOn(), Uses::of($plan), $losses, $rules);
        $price = Price::of($cost->expected(), $rules, $rules->fixedFor($job->phone, $plan->basis->replacement->kind->value));
        $even = $glass && $assembly !== null ? new BreakEven($plain, $assembly) : null;

        return new QuoteOption(
            $plan,
            $item,
            $fitting,
            $cost,
            $price,
            $risks,
            Worth::of($price->gross, $this->worthOf($job), $this->planning->condition($job)->dataNeeded),
            $even === null ? null : GlassOnlyAdvice::of($even, $record, $plan->basis->phone->panel->technology),
            $even?->rate(),
        );
    }

    /** What was said for this phone, else what the shop's book says for its model. */
    private function worthOf(Job $job): ?Money
    {
        return $job->worth !== null ? Money::of($job->worth) : ($this->book->rules()->worth[$job->phone] ?? null);
    }
}
