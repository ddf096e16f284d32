<?php

declare(strict_types=1);

namespace Facelift\Fit;

use Facelift\Document\Reason;

/** One criterion with its verdict. */
final readonly class Criterion
{
    public function __construct(public string $name, public Verdict $verdict, public Reason $because) {}
}
