<?php

declare(strict_types=1);

namespace Facelift\Geometry;

/** A text is no drawing that a phone's outline could be taken from. */
final class NoOutline extends \DomainException
{
    public static function because(string $why): self
    {
        return new self($why);
    }
}
