<?php

declare(strict_types=1);

namespace App\Shelf\PartsList;

/** A file that is no parts list at all. */
final class UnreadableList extends \InvalidArgumentException
{
    public static function because(string $why): self
    {
        return new self($why . ' Nothing was kept.');
    }
}
