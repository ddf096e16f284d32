<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal;

/**
 * One removal, or the same thing put back.
 *
 * @internal
 */
final readonly class Errand
{
    public function __construct(public Direction $direction, public string $id) {}

    public static function out(string $id): self
    {
        return new self(Direction::Out, $id);
    }

    public static function back(string $id): self
    {
        return new self(Direction::Back, $id);
    }
}
