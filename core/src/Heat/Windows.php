<?php

declare(strict_types=1);

namespace Facelift\Heat;

use Facelift\Anatomy\AdhesiveKind;

/** The windows that plans are made with: estimates, and in their place what a shop has learnt and taken over. */
final readonly class Windows
{
    /** @param array<string, array{float, Learnt}> $learnt K against the estimate, by adhesive and state */
    private function __construct(private array $learnt) {}

    public static function estimated(): self
    {
        return new self([]);
    }

    /** @param float $shift K against the estimate */
    public function with(AdhesiveKind $kind, AdhesiveState $state, float $shift, Learnt $from): self
    {
        return new self([self::key($kind, $state) => [$shift, $from]] + $this->learnt);
    }

    public function of(AdhesiveKind $kind, AdhesiveState $state): AdhesiveWindow
    {
        $estimate = AdhesiveWindow::of($kind, $state);
        [$shift, $from] = $this->learnt[self::key($kind, $state)] ?? [0.0, null];

        return $from === null ? $estimate : $estimate->lowerBy(-$shift)->learntFrom($from);
    }

    private static function key(AdhesiveKind $kind, AdhesiveState $state): string
    {
        return $kind->value . ' ' . $state->value;
    }
}
