<?php

declare(strict_types=1);

namespace Facelift\Fit;

use Facelift\Anatomy\Bond;
use Facelift\Anatomy\PartKind;
use Facelift\Anatomy\Phone;

/**
 * Where the screen ends up: what lies in the recess against its depth, with what the tolerances can add. Adhesive and
 * foam count as pressed.
 */
final readonly class HeightBudget
{
    /** More than this can be felt at the edge, and lifts, mm (common practice, no source). */
    public const FELT = 0.10;
    /** More than this cannot be held down, mm (common practice, no source). */
    public const NOT_HELD = 0.35;
    /** Further below the frame than this gathers dirt and looks wrong, mm (common practice, no source). */
    public const SUNK = -0.45;

    /**
     * @param Thickness $recess   depth of the recess
     * @param Thickness $adhesive as pressed
     * @param Thickness $residue  old adhesive left on the ledge
     * @param Thickness $foam     insert foam, as pressed
     */
    public function __construct(
        public Thickness $recess,
        public Thickness $module,
        public Thickness $adhesive,
        public Thickness $residue,
        public Thickness $foam,
    ) {}

    /** For a module of this thickness on the bond that holds the phone's display, on a clean ledge. */
    public static function for(Phone $phone, float $module): self
    {
        $ledge = $phone->ledge;
        $within = $ledge->tolerance;

        return new self(
            new Thickness($ledge->recess, $within, FigureFrom::PhoneFile),
            new Thickness($module, $within, FigureFrom::PartSheet),
            new Thickness(self::displayBond($phone)->closing->height ?? 0.0, $within, FigureFrom::PhoneFile),
            Thickness::none(),
            $ledge->foam > 0 ? new Thickness($ledge->foam, $within, FigureFrom::PhoneFile) : Thickness::none(),
        );
    }

    /** The same with another adhesive. */
    public function with(Thickness $adhesive): self
    {
        return new self(
            $this->recess,
            $this->module,
            $adhesive,
            $this->residue,
            $this->foam,
        );
    }

    /** mm that the glass stands proud of the frame; negative if it sits below. */
    public function proud(): float
    {
        return round(array_sum(self::mm($this->filling())) - $this->recess->mm, 4);
    }

    /** mm proud if every tolerance adds up the wrong way. */
    public function worst(): float
    {
        return round($this->proud() + array_sum($this->tolerances()), 4);
    }

    /** mm proud to be expected at the outside: tolerances as the root of their squares, since they are independent. */
    public function likely(): float
    {
        $squares = array_map(static fn(float $t): float => $t ** 2, $this->tolerances());

        return round($this->proud() + sqrt(array_sum($squares)), 4);
    }

    /** mm of adhesive, as pressed, that would bring the glass flush; negative if there is no room for any. */
    public function room(): float
    {
        return round($this->adhesive->mm - $this->proud(), 4);
    }

    /** What follows from where the glass ends up. */
    public function sits(): Sits
    {
        return match (true) {
            $this->proud() > self::NOT_HELD => Sits::NotHeld,
            $this->likely() > self::FELT => Sits::Proud,
            $this->proud() < self::SUNK => Sits::Sunk,
            default => Sits::Flush,
        };
    }

    /** @return list<Thickness> */
    private function filling(): array
    {
        return [$this->module, $this->adhesive, $this->residue, $this->foam];
    }

    /** @return list<float> ± mm */
    private function tolerances(): array
    {
        return array_map(static fn(Thickness $t): float => $t->tolerance, [$this->recess, ...$this->filling()]);
    }

    /**
     * @param list<Thickness> $all
     *
     * @return list<float>
     */
    private static function mm(array $all): array
    {
        return array_map(static fn(Thickness $t): float => $t->mm, $all);
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
