<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\ShelfItem;
use Facelift\Cost\Charge;
use Facelift\Cost\JobCost;
use Facelift\Cost\Price;
use Facelift\Cost\QuoteDocument;
use Facelift\Document\Reason;
use Facelift\Fit\Fitting;
use Facelift\Plan\Plan;
use Facelift\Plan\Risk;
use Facelift\Plan\Risks;

/** One way of doing the job: a kind of part, the part itself if there is one, what it costs and what it does. */
final readonly class QuoteOption
{
    /**
     * @param JobCost|null $cost  null if no part with a cost is on the shelf
     * @param list<Risk>   $risks
     * @param Reason|null  $glass what follows for glass only; null for other kinds
     */
    public function __construct(
        public Plan $plan,
        public ?ShelfItem $item,
        public ?Fitting $fitting,
        public ?JobCost $cost,
        public ?Price $price,
        public array $risks,
        public ?Reason $worth,
        public ?Reason $glass = null,
        public ?float $breakEven = null,
    ) {}

    /**
     * What the work is like; the same for every role.
     *
     * @return array<string, mixed>
     */
    public function work(): array
    {
        return [
            'kind' => $this->plan->basis->replacement->kind->value,
            'name' => $this->plan->basis->replacement->name,
            'moved' => array_map(fn(string $id): string => $this->plan->basis->phone->nameOf($id), $this->plan->route->moved),
            'paired' => array_values(array_map(static fn(Risk $r): string => $r->subject, array_filter($this->risks, static fn(Risk $r): bool => $r->code === 'paired-part'))),
            'removals' => count($this->plan->route->ids()),
            'steps' => count($this->plan->steps),
            'screws' => count($this->plan->mat->places),
            'handsOn' => round($this->plan->handsOn()),
            'waiting' => round($this->plan->waiting()),
            'works' => $this->plan->works(),
            'risks' => array_map(static fn(Risk $r): array => ['code' => $r->code, 'subject' => $r->subject, 'percent' => round(100 * $r->probability, 1)], $this->risks),
            'risk' => round(100 * Risks::together($this->risks), 1),
            'glass' => $this->glass?->toArray(),
            'breakEven' => $this->breakEven === null ? null : round(100 * $this->breakEven, 1),
            'item' => $this->item === null ? null : ['id' => $this->item->id, 'label' => $this->item->label, 'name' => $this->item->name, 'verdict' => $this->fitting?->verdict()->value],
        ];
    }

    /**
     * What it costs.
     *
     * @param bool $withMargin true for roles that may see what the shop earns
     *
     * @return array<string, mixed>|null null if it has no price
     */
    public function money(bool $withMargin): ?array
    {
        if ($this->price === null || $this->cost === null) {
            return null;
        }

        return array_replace((new QuoteDocument())->charge(Charge::of($this->price, $this->cost, $this->worth)), $withMargin ? [] : ['inside' => null]);
    }

    /** @return list<Reason> what the customer has to hear, each once */
    public function customer(): array
    {
        $all = [...$this->plan->remarks->customer, ...($this->fitting?->customer() ?? [])];
        $once = [];
        foreach ($all as $reason) {
            $once[json_encode($reason->toArray(), JSON_THROW_ON_ERROR)] = $reason;
        }

        return array_values($once);
    }
}
