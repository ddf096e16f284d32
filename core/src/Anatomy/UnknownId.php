<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

/** An id was asked for that the phone file does not have. */
final class UnknownId extends \OutOfBoundsException
{
    public static function element(string $id): self
    {
        return new self(\sprintf('"%s" is not in the phone file', $id));
    }

    public static function replacement(string $phone, string $kind): self
    {
        return new self(\sprintf('%s has no replacement of the kind %s', $phone, $kind));
    }

    public static function powerConnector(string $phone): self
    {
        return new self(\sprintf('%s has no battery connector', $phone));
    }
}
