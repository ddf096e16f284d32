<?php

declare(strict_types=1);

namespace Facelift\Heat;

use Facelift\Anatomy\AdhesiveKind;

/**
 * Where an adhesive lets go, in °C at the bond line. Estimates from memory, to be replaced by the shop's own
 * readings.
 */
final readonly class AdhesiveWindow
{
    /**
     * Heated this far into the window, K, so that the first pass does not start at its lower end (common practice, no
     * source).
     */
    private const INTO = 15.0;

    /** @param Learnt|null $from the shop's own passes; null for an estimate */
    private function __construct(public float $low, public float $high, public ?Learnt $from = null) {}

    /** As it was when it was written down, °C. */
    public static function between(float $low, float $high): self
    {
        return new self($low, $high);
    }

    /** The same, this many K colder. */
    public function lowerBy(float $kelvin): self
    {
        return new self($this->low - $kelvin, $this->high - $kelvin, $this->from);
    }

    public function learntFrom(Learnt $from): self
    {
        return new self($this->low, $this->high, $from);
    }

    /** The bond's temperature at which to lift off, °C: well inside, and always below the upper end. */
    public function target(): float
    {
        return min($this->low + self::INTO, $this->high - 1);
    }

    /**
     * Foam tape and pre-cut seal about 60–85 °C, strong glue about 75–95 °C, double tape of folding phones none that
     * is safe (from
     * memory). Adhesive that is years old and thin lets go about 15 K lower, unknown adhesive after an earlier repair
     * is taken as
     * 5 K lower (common practice, no source).
     */
    public static function of(AdhesiveKind $kind, AdhesiveState $state): self
    {
        [$low, $high] = match ($kind) {
            AdhesiveKind::FoamTape,
            AdhesiveKind::PrecutSeal,
            AdhesiveKind::PullTab,
            AdhesiveKind::FlexGlue,
            AdhesiveKind::Silicone,
            AdhesiveKind::Clips => [60.0, 85.0],
            AdhesiveKind::StrongGlue => [75.0, 95.0],
            AdhesiveKind::DoubleTape => [95.0, 110.0],
        };
        $shift = match ($state) {
            AdhesiveState::Fresh => 0.0,
            AdhesiveState::Aged => 15.0,
            AdhesiveState::Foreign => 5.0,
        };

        return new self($low - $shift, $high - $shift);
    }
}
