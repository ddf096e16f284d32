<?php

declare(strict_types=1);

namespace Facelift\Pricing;

use Facelift\Anatomy\ReplacementKind;
use Facelift\Document\Reason;
use Facelift\Plan\Plan;
use Facelift\Plan\Risk;

/** One way of doing the job: a kind of part, the part itself if there is one, what it costs and what it may ruin. */
final readonly class Option
{
    /**
     * @param list<Risk>       $risks
     * @param Priced|null      $priced null if no part with a cost is on the shelf
     * @param GlassOnly|null   $glass  what the shop's record says of glass only; null for other kinds
     */
    public function __construct(
        public Plan $plan,
        public ?Chosen $chosen,
        public array $risks,
        public ?Priced $priced,
        public ?GlassOnly $glass = null,
    ) {}

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

    /** @return list<Reason> what the customer has to hear, each once */
    public function customer(): array
    {
        $once = [];
        foreach ([...$this->plan->remarks->customer, ...($this->chosen?->fitting->customer() ?? [])] as $reason) {
            $once[json_encode($reason->toArray(), JSON_THROW_ON_ERROR)] = $reason;
        }

        return array_values($once);
    }
}
