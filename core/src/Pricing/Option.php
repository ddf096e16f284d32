<?php

declare(strict_types=1);

namespace Facelift\Pricing;

use Facelift\Anatomy\ReplacementKind;
use Facelift\Cost\Charge;
use Facelift\Document\Reason;
use Facelift\Fit\AfterSwap;
use Facelift\Fit\DataWay;
use Facelift\Fit\Sheet;
use Facelift\Fit\SwapWay;
use Facelift\Plan\Plan;
use Facelift\Plan\Risk;

/** One way of doing the job: a kind of part, the part itself if there is one, what it costs and what it may ruin. */
final readonly class Option
{
    /**
     * @param list<Risk>       $risks
     * @param Priced|null      $priced null if no part with a cost is on the shelf
     * @param GlassOnly|null   $glass  what the shop's record says of glass only; null for other kinds
     * @param ChipOffer|null   $chip   moving the old display's chip; null if it cannot be done with this part
     */
    public function __construct(
        public Plan $plan,
        public ?Chosen $chosen,
        public array $risks,
        public ?Priced $priced,
        public ?GlassOnly $glass = null,
        public ?ChipOffer $chip = null,
    ) {}

    /** What it is charged at with this way with the display's data; null if it has no price. */
    public function charge(?DataWay $data = null): ?Charge
    {
        $charge = $this->priced?->charge();

        return $data === DataWay::Chip && $this->chip !== null ? $charge?->raisedBy($this->chip->further) : $charge;
    }

    /** s of hands with this way with the display's data */
    public function handsOn(?DataWay $data = null): float
    {
        $chip = $data === DataWay::Chip ? $this->chip?->work->hands() ?? 0.0 : 0.0;

        return $this->plan->handsOn() + $chip;
    }

    /** What the customer will see of the display's data, by each way that there is with this part. */
    public function afterSwap(): AfterSwap
    {
        $sheet = $this->chosen->part->offer->sheet ?? Sheet::unknown();

        $all = AfterSwap::of($this->plan->basis->phone->panel, $this->kind(), $sheet);

        return $this->chip === null ? $all->without(DataWay::Chip) : $all;
    }

    public function kind(): ReplacementKind
    {
        return $this->plan->basis->replacement->kind;
    }

    /** True if it can be offered: it has a price, and its plan leads to a working phone. */
    public function canBeOffered(): bool
    {
        return $this->priced !== null && $this->plan->works();
    }

    /** True unless the shop's record speaks against the try. */
    public function pays(): bool
    {
        return $this->glass === null || $this->glass->advice->code === 'glass-pays';
    }

    /**
     * @param SwapWay|null $data the way with the display's data; null for the usual one
     *
     * @return list<Reason> what the customer has to hear, each once
     */
    public function customer(?SwapWay $data = null): array
    {
        $seen = $data ?? $this->afterSwap()->usual();
        $all = [
            ...$this->plan->remarks->customer,
            ...($this->chosen?->fitting->customer() ?? []),
            ...($seen->hears ?? []),
        ];
        $once = [];
        foreach ($all as $reason) {
            $once[json_encode($reason->toArray(), JSON_THROW_ON_ERROR)] = $reason;
        }

        return array_values($once);
    }
}
