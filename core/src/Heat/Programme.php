<?php

declare(strict_types=1);

namespace Facelift\Heat;

/** What happens to the phone, span after span: on a source for so many seconds, then resting, then on another. */
final readonly class Programme
{
    /**
     * @param list<array{float, Source|null, bool}> $spans seconds, the source or null for still air, and whether it
     *     is at
     *     another stretch of the edge than before
     */
    private function __construct(public array $spans) {}

    public static function empty(): self
    {
        return new self([]);
    }

    /**
     * @param float $seconds   zero or more
     * @param bool  $elsewhere true at another stretch of the edge, which no source has been near yet
     */
    public function heat(float $seconds, Source $source, bool $elsewhere = false): self
    {
        return new self([...$this->spans, [$seconds, $source, $elsewhere]]);
    }

    /** @param float $seconds zero or more */
    public function rest(float $seconds): self
    {
        return new self([...$this->spans, [$seconds, null, false]]);
    }

    /** s */
    public function length(): float
    {
        return array_sum(array_map(static fn(array $s): float => $s[0], $this->spans));
    }
}
