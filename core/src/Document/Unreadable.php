<?php

declare(strict_types=1);

namespace Facelift\Document;

/** A document was refused whole. */
final class Unreadable extends \InvalidArgumentException
{
    /** @param list<Fault> $faults at least one */
    private function __construct(string $message, public readonly array $faults)
    {
        parent::__construct($message);
    }

    /** @param list<Fault> $faults at least one */
    public static function because(string $what, array $faults): self
    {
        $lines = array_map(
            static fn(Fault $f): string => ($f->path === '' ? '$' : $f->path) . ': ' . $f->reason,
            $faults,
        );

        return new self($what . ' refused: ' . implode('; ', $lines), $faults);
    }
}
