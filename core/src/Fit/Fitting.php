<?php

declare(strict_types=1);

namespace Facelift\Fit;

/** The verdict on a part, criterion by criterion. */
final readonly class Fitting
{
    /** @param list<Criterion> $criteria */
    public function __construct(public array $criteria) {}

    public function verdict(): Verdict
    {
        return Verdict::worst(...array_map(static fn(Criterion $c): Verdict => $c->verdict, $this->criteria));
    }
}
