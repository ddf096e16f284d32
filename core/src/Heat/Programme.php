<?php

declare(strict_types=1);

namespace Facelift\Heat;

/** What happens to the phone, span after span: on a source for so many seconds, then resting, then on another. */
final readonly class Programme
{
    /** @param list<Span> $spans */
    private function __construct(public array $spans) {}

    public static function empty(): self
    {
        return new self([]);
    }

    /**
     * @param float $seconds   zero or more
     * @param bool  $elsewhere true at another stretch of the edge than before
     */
    public function heat(float $seconds, Source $source, bool $elsewhere = false): self
    {
        return $this->then(new Span($seconds, $source, $elsewhere));
    }

    /** @param float $seconds zero or more */
    public function rest(float $seconds): self
    {
        return $this->then(new Span($seconds, null));
    }

    public function then(Span $span): self
    {
        return new self([...$this->spans, $span]);
    }

    /** s */
    public function length(): float
    {
        return array_sum(array_map(static fn(Span $s): float => $s->seconds, $this->spans));
    }
}
