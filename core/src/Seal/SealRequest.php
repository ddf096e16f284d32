<?php

declare(strict_types=1);

namespace Facelift\Seal;

use Facelift\Anatomy\Bond;
use Facelift\Anatomy\Face;
use Facelift\Anatomy\Phone;
use Facelift\Anatomy\Replacement;
use Facelift\Anatomy\ReplacementKind;
use Facelift\Condition\Condition;
use Facelift\Condition\Observation;

/** Everything that the sealing of one bond is worked out from. */
final readonly class SealRequest
{
    /** @param Replacement|null $part the new part that this bond holds; null if what it holds goes back as it was */
    public function __construct(
        public Phone $phone,
        public Bond $bond,
        public ?Replacement $part,
        public Condition $condition,
        public SealMeans $means = new SealMeans(),
        public Readings $readings = new Readings(),
    ) {}

    /** The same for requests about one phone that have the same answer. */
    public function key(): string
    {
        return md5(serialize([
            $this->bond->id,
            $this->part?->id,
            $this->condition->shows(Observation::FrameBent),
            $this->means,
            $this->readings,
        ]));
    }

    /** True if it holds what the ledge was made for. */
    public function ofDisplay(): bool
    {
        return $this->bond->face === Face::Front && $this->bond->cut !== null;
    }

    /** True if it is the phone's own panel that goes back, under new glass. */
    public function isGlassOnly(): bool
    {
        return $this->part?->kind === ReplacementKind::GlassOnly;
    }

    public function rim(): Rim
    {
        return Rim::under($this->phone, $this->bond);
    }
}
