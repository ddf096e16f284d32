<?php

declare(strict_types=1);

namespace Facelift\Route;

/** The goals cannot be reached by any order of removals. */
final class NoWayIn extends \DomainException
{
    /** @param list<string> $goals */
    private function __construct(string $message, public readonly array $goals)
    {
        parent::__construct($message);
    }

    /** @param list<string> $goals */
    public static function to(array $goals): self
    {
        return new self('no order of removals frees ' . implode(', ', $goals), $goals);
    }
}
