<?php

declare(strict_types=1);

namespace Facelift\Seal;

use Facelift\Geometry\Leg;

/** A bead of liquid adhesive on a ledge: where it is laid, how wide it is pressed, what it takes. */
final readonly class Bead
{
    /** ml in the bead over what it needs, share (common practice, no source). */
    public const MARGIN = 0.15;
    /** mm/s of a steady hand (common practice, no source) */
    public const PACE = 4.0;
    /** s until contact adhesive skins over and the parts must lie together, at 20 °C (from memory) */
    public const OPEN = 300.0;

    /**
     * @param float            $diameter    mm as laid
     * @param float            $gap         mm that it is pressed to
     * @param float            $inset       mm from the wall to its middle
     * @param list<list<Leg>>  $stretches   laid without lifting the tip, in order
     * @param list<string>     $interrupted ids of the openings that it leaves free
     * @param float            $open        s that it stays open at this room's temperature
     */
    public function __construct(
        public float $diameter,
        public float $gap,
        public float $inset,
        public array $stretches,
        public array $interrupted,
        public float $open,
    ) {}

    /** mm that a bead of this diameter is wide once it is pressed to the gap: πd²/4h (its volume does not change). */
    public static function spreads(float $diameter, float $gap): float
    {
        return \M_PI * $diameter ** 2 / (4 * $gap);
    }

    /** mm that it is wide once it is pressed */
    public function width(): float
    {
        return self::spreads($this->diameter, $this->gap);
    }

    /** mm of bead */
    public function length(): float
    {
        return array_sum(
            array_map(
                static fn(array $legs): float => array_sum(array_map(static fn(Leg $l): float => $l->length(), $legs)),
                $this->stretches,
            ),
        );
    }

    /** ml to have at hand: π/4 · d² · L and the margin */
    public function ml(): float
    {
        return \M_PI / 4 * $this->diameter ** 2 * $this->length() / 1000 * (1 + self::MARGIN);
    }

    /** mm² that it holds once it is pressed */
    public function holds(): float
    {
        return $this->length() * ($this->width() - $this->overWall());
    }

    /** s that laying it takes at a steady pace, with 2 s for every time the tip is set down anew */
    public function seconds(): float
    {
        return $this->length() / self::PACE + 2.0 * \count($this->stretches);
    }

    /** True if it can be laid in one go and the screen set in before it skins over, with a minute to spare. */
    public function inTime(): bool
    {
        return $this->seconds() + 60.0 <= $this->open;
    }

    /** mm/s that it has to be laid with at the least, with a minute to spare */
    public function leastPace(): float
    {
        return $this->length() / max(1.0, $this->open - 60.0 - 2.0 * \count($this->stretches));
    }

    /** ml that come out between glass and wall and are rubbed off later */
    public function squeezedOut(): float
    {
        return $this->overWall() * $this->gap * $this->length() / 1000;
    }

    /** mm that it spreads beyond the wall */
    private function overWall(): float
    {
        return max(0.0, $this->width() / 2 - $this->inset);
    }
}
