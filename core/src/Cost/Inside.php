<?php

declare(strict_types=1);

namespace Facelift\Cost;

use Facelift\Quantity\Money;

/** What lies behind a price: the shop's cost line by line, what may go wrong, and what stays. */
final readonly class Inside
{
    /**
     * @param list<Line> $lines      without risk
     * @param list<Line> $risks      each its probability times its amount
     * @param Money      $plain      if all goes well
     * @param Money      $expected   with what may go wrong
     * @param Money      $margin     net less expected; negative if the job loses money
     * @param bool       $underFloor true if a fixed price leaves less than the margin floor
     */
    public function __construct(
        public array $lines,
        public array $risks,
        public Money $plain,
        public Money $expected,
        public Money $margin,
        public bool $underFloor,
    ) {}

    public static function of(JobCost $cost, Price $price): self
    {
        return new self(
            $cost->lines,
            $cost->risks,
            $cost->plain(),
            $cost->expected(),
            $price->margin,
            $price->underFloor,
        );
    }

    public function raisedBy(Further $further): self
    {
        return new self(
            [...$this->lines, new Line('further', 1, $further->cost)],
            $this->risks,
            $this->plain->plus($further->cost),
            $this->expected->plus($further->cost),
            $this->margin->plus($further->price->margin ?? Money::zero()),
            $this->underFloor,
        );
    }
}
