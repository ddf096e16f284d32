<?php

declare(strict_types=1);

namespace Facelift\Diagnosis;

use Facelift\Document\Reason;

/** What is known of one layer. */
final readonly class LayerVerdict
{
    /** @param list<Reason> $because at least one */
    public function __construct(public ScreenLayer $layer, public Likelihood $likelihood, public array $because) {}
}
