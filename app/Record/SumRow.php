<?php

declare(strict_types=1);

namespace App\Record;

use Facelift\Record\Facet;

/** What some jobs of a month that are alike in one thing come to. */
final readonly class SumRow
{
    /**
     * @param string             $month its first day, as 2026-11-01
     * @param array<string, int> $sums  by column
     */
    public function __construct(public string $month, public Facet $facet, public string $value, public array $sums) {}

    public function key(): string
    {
        return $this->month . ' ' . $this->facet->value . ' ' . $this->value;
    }

    /** @param array<string, int> $more by column */
    public function with(array $more): self
    {
        $sums = $this->sums;
        foreach ($more as $column => $sum) {
            $sums[$column] = ($sums[$column] ?? 0) + $sum;
        }

        return new self($this->month, $this->facet, $this->value, $sums);
    }
}
