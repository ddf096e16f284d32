<?php

declare(strict_types=1);

namespace Facelift\Pricing;

use Facelift\Anatomy\ReplacementKind;
use Facelift\Fit\Fitter;
use Facelift\Fit\Fitting;
use Facelift\Fit\Verdict;

/** The part that an option is priced with, and how it fits. */
final readonly class Chosen
{
    private function __construct(public ShelfPart $part, public Fitting $fitting) {}

    /**
     * The job's own part if it is of this kind; else the best that fits, and of those the cheapest.
     *
     * @param list<ShelfPart> $shelf
     *
     * @return self|null null if nothing on the shelf fits
     */
    public static function from(array $shelf, ReplacementKind $kind, Asked $asked): ?self
    {
        $fitter = new Fitter();
        $best = null;
        foreach ($shelf as $part) {
            if ($part->offer->kind !== $kind) {
                continue;
            }
            $candidate = new self($part, $fitter->judge($asked->phone, $asked->wish($kind), $part->offer));
            if ($candidate->isUsable() && ($best === null || $candidate->isBetterThan($best))) {
                $best = $candidate;
            }
        }

        return $best;
    }

    private function isUsable(): bool
    {
        $verdict = $this->fitting->verdict();

        return $this->part->reserved || $verdict === Verdict::Fits || $verdict === Verdict::FitsWithLoss;
    }

    private function isBetterThan(self $other): bool
    {
        $rank = static fn(self $c): array => [
            !$c->part->reserved,
            $c->fitting->verdict() !== Verdict::Fits,
            $c->part->cost === null,
        ];
        if ($rank($this) !== $rank($other)) {
            return $rank($this) < $rank($other);
        }

        return $this->part->cost !== null && $other->part->cost !== null
            && $this->part->cost->isLessThan($other->part->cost);
    }
}
