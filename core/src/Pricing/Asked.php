<?php

declare(strict_types=1);

namespace Facelift\Pricing;

use Facelift\Anatomy\Phone;
use Facelift\Anatomy\ReplacementKind;
use Facelift\Condition\Condition;
use Facelift\Condition\Observation;
use Facelift\Fit\Wish;
use Facelift\Quantity\Money;

/** The phone on the counter, as a price needs to know it. */
final readonly class Asked
{
    /**
     * @param string      $id     of the phone file, as the shop's rules name it
     * @param string|null $colour bezel and frame; null if it does not matter
     * @param Money|null  $worth  what was said for this very phone; null takes what the rules say of its model
     */
    public function __construct(
        public string $id,
        public Phone $phone,
        public string $modelCode,
        public ?string $colour,
        public Condition $condition,
        public ?Money $worth,
    ) {}

    /** What a part of this kind has to suit. */
    public function wish(ReplacementKind $kind): Wish
    {
        return new Wish($this->modelCode, $kind, $this->colour, $this->condition->shows(Observation::FrameBent));
    }
}
