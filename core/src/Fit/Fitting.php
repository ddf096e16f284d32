<?php

declare(strict_types=1);

namespace Facelift\Fit;

use Facelift\Document\Reason;

/** The verdict on a part, criterion by criterion. */
final readonly class Fitting
{
    /** @param list<Criterion> $criteria */
    public function __construct(public array $criteria) {}

    /** @return list<Reason> what the customer has to hear about this part */
    public function customer(): array
    {
        return array_values(array_filter(array_map(static fn(Criterion $c): ?Reason => $c->customer, $this->criteria)));
    }

    public function verdict(): Verdict
    {
        return Verdict::worst(...array_map(static fn(Criterion $c): Verdict => $c->verdict, $this->criteria));
    }
}
