<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

/** How a part is taken out by hand. */
final readonly class Handling
{
    /**
     * @param Tool|null    $tool    null for bare hands
     * @param float        $seconds hands-on time to lift it out, more than zero
     * @param list<string> $care    codes of care notes
     */
    public function __construct(public ?Tool $tool, public float $seconds, public array $care) {}
}
