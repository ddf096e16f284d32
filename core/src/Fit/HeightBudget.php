<?php

declare(strict_types=1);

namespace Facelift\Fit;

use Facelift\Anatomy\Bond;
use Facelift\Anatomy\PartKind;
use Facelift\Anatomy\Phone;

/** Where the screen ends up: module and adhesive against the recess, with what the tolerances can add. */
final readonly class HeightBudget
{
    /** More than this can be felt at the edge, and lifts, mm (common practice, no source). */
    public const FELT = 0.10;
    /** More than this cannot be held down, mm (common practice, no source). */
    public const NOT_HELD = 0.35;
    /** Further below the frame than this gathers dirt and looks wrong, mm (common practice, no source). */
    public const SUNK = -0.45;

    /**
     * @param float $recess    mm
     * @param float $module    mm
     * @param float $adhesive  mm
     * @param float $tolerance ± mm on each of the three
     */
    public function __construct(
        public float $recess,
        public float $module,
        public float $adhesive,
        public float $tolerance = 0.0,
    ) {}

    /** For a module of this thickness on the bond that holds the phone's display. */
    public static function for(Phone $phone, float $module): self
    {
        return new self(
            $phone->ledge->recess,
            $module,
            self::displayBond($phone)?->closing->height ?? 0.0,
            $phone->ledge->tolerance,
        );
    }

    /** mm that the glass stands proud of the frame; negative if it sits below. */
    public function proud(): float
    {
        return round($this->module + $this->adhesive - $this->recess, 4);
    }

    /** mm proud if every tolerance adds up the wrong way. */
    public function worst(): float
    {
        return round($this->proud() + 3 * $this->tolerance, 4);
    }

    /** mm proud to be expected at the outside: tolerances as the root of their squares, since they are independent. */
    public function likely(): float
    {
        return round($this->proud() + sqrt(3) * $this->tolerance, 4);
    }

    private static function displayBond(Phone $phone): ?Bond
    {
        foreach ($phone->bonds as $bond) {
            if ($bond->cut !== null && $phone->parts[$bond->joins[0]]->kind === PartKind::Display) {
                return $bond;
            }
        }

        return null;
    }
}
