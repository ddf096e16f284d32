<?php

declare(strict_types=1);

namespace Facelift\Schedule;

/** What a shop has and when it is there: its bench, and how sure a promise has to be. */
final readonly class Shop
{
    /**
     * @param float  $certainty share of days in which a promise is to hold
     * @param string $name      as it stands on its pages and packs
     */
    public function __construct(
        public Bench $bench,
        public float $certainty,
        public Shown $shown,
        public string $name = '',
    ) {}
}
