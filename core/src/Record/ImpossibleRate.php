<?php

declare(strict_types=1);

namespace Facelift\Record;

/** Counts that cannot be. */
final class ImpossibleRate extends \InvalidArgumentException
{
    private function __construct(string $message, public readonly int $successes, public readonly int $tries)
    {
        parent::__construct($message);
    }

    public static function of(int $successes, int $tries): self
    {
        return new self(\sprintf('%d of %d cannot be', $successes, $tries), $successes, $tries);
    }
}
