<?php

declare(strict_types=1);

namespace Facelift\Cost;

/** The part from the shelf that an option was priced with. */
final readonly class QuotedPart
{
    public function __construct(public int $item, public string $label, public string $name) {}
}
