<?php

declare(strict_types=1);

namespace Facelift\Heat;

use Facelift\Anatomy\AdhesiveKind;

/**
 * How fast a blade goes along a bond, by the bond's temperature: below its window it does not part, in it the hotter
 * the faster, and from about two thirds of it on it strings and goes no faster.
 *
 * Soft tape 2 to 4 mm/s, strong glue and double tape 1 to 2 mm/s (estimates from memory, to be replaced by the shop's
 * own passes); a blade's pace as it is met with lies within about half and twice of it in all but one of a hundred.
 */
final readonly class PaceCurve
{
    /** Share of the window from which on it goes no faster (estimate from memory). */
    private const STRINGS = 0.6;
    /** Alcohol beside the blade lets a bond part this much colder, K (estimate from memory). */
    public const ALCOHOL = 5.0;

    /** K inside the window from which on it goes no faster */
    private float $strings;

    /**
     * @param float $slow mm/s at the lower end of the window, more than zero
     * @param float $fast mm/s where it strings, no less
     */
    private function __construct(public AdhesiveWindow $window, public float $slow, public float $fast)
    {
        $this->strings = ($window->high - $window->low) * self::STRINGS;
    }

    public static function of(AdhesiveKind $kind, AdhesiveWindow $window): self
    {
        [$slow, $fast] = match ($kind) {
            AdhesiveKind::StrongGlue, AdhesiveKind::DoubleTape => [1.0, 2.0],
            default => [2.0, 4.0],
        };
        $times = $window->from->times ?? 1.0;

        return new self($window, $times * $slow, $times * $fast);
    }

    /** The same with alcohol beside the blade. */
    public function wet(): self
    {
        return $this->partingAt(-self::ALCOHOL);
    }

    /** The same if it parts so many K hotter only. */
    public function partingAt(float $hotter): self
    {
        return new self($this->window->lowerBy(-$hotter), $this->slow, $this->fast);
    }

    /** mm/s along a straight edge at a temperature of the bond in °C; zero where it does not part. */
    public function at(float $celsius): float
    {
        $inside = $celsius - $this->window->low;

        return match (true) {
            $inside < 0.0 => 0.0,
            $inside >= $this->strings => $this->fast,
            default => $this->slow + ($this->fast - $this->slow) * $inside / $this->strings,
        };
    }

    /** mm/s at which a bond is torn that no heat frees: half the pace in the middle. */
    public function torn(): float
    {
        return ($this->slow + $this->fast) / 4;
    }
}
