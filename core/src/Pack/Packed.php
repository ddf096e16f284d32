<?php

declare(strict_types=1);

namespace Facelift\Pack;

use Facelift\Anatomy\Phone;

/** One phone file of a pack. */
final readonly class Packed
{
    /** @param array<string, mixed> $document as it lies in the pack */
    public function __construct(public Phone $phone, public array $document) {}
}
