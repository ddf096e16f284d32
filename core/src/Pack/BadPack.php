<?php

declare(strict_types=1);

namespace Facelift\Pack;

use Facelift\Document\Reason;

/** A pack of phone files that is refused whole, with the reason. */
final class BadPack extends \DomainException
{
    private function __construct(public readonly Reason $reason)
    {
        parent::__construct($reason->code);
    }

    /** @param array<string, string|int> $figures */
    public static function because(string $code, array $figures = []): self
    {
        return new self(new Reason($code, $figures));
    }
}
