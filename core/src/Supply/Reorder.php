<?php

declare(strict_types=1);

namespace Facelift\Supply;

/** When to order again and how much: so much that it lasts till it comes, and then for some weeks. */
final readonly class Reorder
{
    /** weeks that an order is to last for once it has come (common practice, no source) */
    public const LASTS = 2.0;
    /** share of the times between order and arrival in which nothing runs out (common practice, no source) */
    public const SURE = 0.95;

    /**
     * @param float $level   at or below it is ordered
     * @param float $upTo    what there shall be with the order
     * @param float $order   to order now; zero if there is enough
     * @param bool  $guessed true if the level follows from use, false if the shop has set it
     */
    private function __construct(
        public float $level,
        public float $upTo,
        public float $order,
        public bool $guessed,
    ) {}

    /**
     * @param float      $have what can be used, with what is on its way
     * @param float|null $set  the shop's own level; null: from use
     * @param float      $lead weeks between order and arrival
     */
    public static function of(Demand $demand, float $have, ?float $set, float $lead): self
    {
        $level = $set ?? $demand->enoughFor($lead, self::SURE);
        $after = $demand->enoughFor($lead + self::LASTS, self::SURE);
        // A level that was set is kept to also where nothing was used: then one above it is enough.
        $upTo = max($after, $set === null ? 0.0 : $set + max(1.0, $after - $demand->enoughFor($lead, self::SURE)));
        $short = $upTo - $have;

        return new self($level, $upTo, $have > $level || $short <= 0.0 ? 0.0 : $short, $set === null);
    }
}
