<?php

declare(strict_types=1);

namespace Facelift\Calibration;

/** A colour without its brightness, CIE 1931 x and y. */
final readonly class Chromaticity
{
    /** Two whites further apart than this in u′v′ are told apart side by side (common practice, no source). */
    public const SEEN = 0.004;

    public function __construct(public float $x, public float $y) {}

    /** @param list<float> $xy */
    public static function of(array $xy): self
    {
        return new self($xy[0] ?? 0.0, $xy[1] ?? 0.0);
    }

    /**
     * u′ and v′ of the CIE 1976 uniform chromaticity scale (CIE 15:2004, §8.1): u′ = 4x / (−2x + 12y + 3), v′ = 9y /
     * (−2x + 12y + 3). The denominator is above zero wherever x and y are chromaticities.
     *
     * @return array{float, float}
     */
    public function uniform(): array
    {
        $below = max(1e-9, -2.0 * $this->x + 12.0 * $this->y + 3.0);

        return [4.0 * $this->x / $below, 9.0 * $this->y / $below];
    }

    /** How far apart two look, in u′v′. */
    public function distance(self $other): float
    {
        [[$u, $v], [$u2, $v2]] = [$this->uniform(), $other->uniform()];

        return hypot($u2 - $u, $v2 - $v);
    }
}
