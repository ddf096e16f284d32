<?php

declare(strict_types=1);

namespace Facelift\Document;

/** One reason behind a verdict or a step: a code that the interface words, with its figures. */
final readonly class Reason
{
    /** @param array<string, string|float|int> $figures */
    public function __construct(public string $code, public array $figures = []) {}

    public static function read(Node $node): self
    {
        return new self($node->string('code'), $node->figures('figures'));
    }

    /** @return array{code: string, figures: array<string, string|float|int>|\stdClass} */
    public function toArray(): array
    {
        return ['code' => $this->code, 'figures' => $this->figures === [] ? new \stdClass() : $this->figures];
    }
}
