<?php

declare(strict_types=1);

namespace App\Supply;

/** How long it takes from order to arrival, and where that is from. */
final readonly class Lead
{
    /** days, where neither the shop nor a supplier has said anything (common practice, no source) */
    private const ASSUMED = 5;

    private function __construct(public int $days, public LeadFrom $from) {}

    /**
     * @param int|null $set     by the shop
     * @param int|null $offered by the supplier, when it was asked last
     */
    public static function of(?int $set, ?int $offered): self
    {
        return match (true) {
            $set !== null => new self($set, LeadFrom::Set),
            $offered !== null => new self($offered, LeadFrom::Offered),
            default => new self(self::ASSUMED, LeadFrom::Assumed),
        };
    }
}
