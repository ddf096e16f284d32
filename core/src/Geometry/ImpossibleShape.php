<?php

declare(strict_types=1);

namespace Facelift\Geometry;

/** A shape that cannot be drawn. */
final class ImpossibleShape extends \DomainException
{
    public static function sidesMustBePositive(float $width, float $height): self
    {
        return new self(\sprintf('sides must be positive, are %.3f × %.3f mm', $width, $height));
    }

    public static function tooFewCorners(int $count): self
    {
        return new self(\sprintf('a shape needs three corners, has %d', $count));
    }

    public static function radiusDoesNotFit(float $radius, float $most): self
    {
        return new self(\sprintf('corner radius is %.3f mm, must lie between 0 and %.3f mm', $radius, $most));
    }

    public static function notAround(): self
    {
        return new self('the four corners do not go round the thing: top left, top right, bottom right, bottom left');
    }
}
