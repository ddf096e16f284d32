<?php

declare(strict_types=1);

namespace Facelift\Plan;

/** What one way of moving parts over takes. */
final readonly class SchoolFigures
{
    /**
     * @param float $elapsed s from first step to last, for one person
     * @param float $hands   s
     * @param int   $changes tool changes and turns
     */
    public function __construct(
        public School $school,
        public float $elapsed,
        public float $hands,
        public int $changes,
    ) {}
}
