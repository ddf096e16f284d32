<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Record\KeepLearnt;
use Facelift\Anatomy\AdhesiveKind;
use Facelift\Bench\SeenReading;
use Facelift\Heat\AdhesiveState;
use Facelift\Heat\ContactFit;
use Facelift\Heat\Source;
use Facelift\Plan\StepKind;
use Facelift\Record\PassAsSeen;
use Facelift\Record\WindowEvidence;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * How things really are at the demo's stall, which its record does not know: what was learnt can be checked against it
 * (docs/checks.md). All of it is made up.
 */
final readonly class HiddenTruth
{
    /** K by which an adhesive's window lies off the estimate, and how many times as fast a blade goes along it. */
    public const WINDOWS = ['precut-seal' => [2.5, 0.85], 'foam-tape' => [-1.5, 1.1], 'strong-glue' => [-4.0, 1.25]];

    /** Share that comes back within thirty days, by how it was sealed. */
    public const BACK = ['precut-seal' => 0.018, 'tape' => 0.03, 'bead' => 0.085, 'tape-and-bead' => 0.03];

    /** Makes of tape that are on the shelf, and how many times as often what they were laid under comes back. */
    public const MAKES = ['Lattermoor black' => 0.7, 'Cobbin foam' => 1.6];

    /** How many times as often by the part's supplier; technicians do not differ. */
    public const SUPPLIERS = ['Norvend Panels' => 1.0, 'Oskarrin Screen Trade' => 1.0, 'Market find' => 2.5];

    /** Share of a supplier's parts that fail before they are fitted. */
    public const FAILS = ['Norvend Panels' => 0.015, 'Oskarrin Screen Trade' => 0.02, 'Market find' => 0.09];

    /** How many times as long as planned a step takes. */
    public const TIMES = [
        'unscrew' => 0.85, 'screw-in' => 1.0, 'lift-part' => 1.15, 'fit-part' => 1.05, 'unplug' => 0.9,
        'plug-in' => 1.2, 'cut-pass' => 1.1, 'clean-ledge' => 1.5, 'lay-seal' => 1.3, 'dry-fit' => 0.9,
    ];

    /** Share of jobs at which a flex is torn, and at which a panel parts. */
    public const TORN = 0.012;
    public const RUINED = 0.02;

    /** W/(m²·K) of the stall's plate now, and by how much it gets worse in a year. */
    public const PLATE = 108.0;
    public const WEARS = 0.08;

    /** Of the logarithm of what a step takes, and of a pass's pace. */
    private const SPREAD = 0.4;
    private const PACE = 0.25;

    private Randomizer $random;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    public function between(float $low, float $high): float
    {
        return $low + ($high - $low) * $this->random->getInt(0, 1_000_000) / 1_000_000;
    }

    public function chance(float $share): bool
    {
        return $this->between(0.0, 1.0) < $share;
    }

    /**
     * @template T
     *
     * @param non-empty-list<T> $from
     *
     * @return T
     */
    public function one(array $from): mixed
    {
        return $from[$this->random->getInt(0, count($from) - 1)];
    }

    /** @return int|null days after which it comes back: mostly soon, and hardly later than three months */
    public function comesBack(string $way, string $supplier, string $make): ?int
    {
        $rate = (self::BACK[$way] ?? 0.03) * (self::SUPPLIERS[$supplier] ?? 1.0) * (self::MAKES[$make] ?? 1.0);
        if (!$this->chance(1.25 * $rate)) {
            return null;
        }

        // Four of five within thirty days.
        return (int) min(90, -log($this->between(1e-4, 1.0)) * 18.6);
    }

    /**
     * Steps of one kind in a job: what they were planned for and took, s.
     *
     * @return list<array{float, float}>
     */
    public function steps(StepKind $kind): array
    {
        $steps = [];
        for ($i = $this->random->getInt(1, 4); $i > 0; --$i) {
            $planned = $this->between(15.0, 120.0);
            $steps[] = [$planned, $planned * (self::TIMES[$kind->value] ?? 1.0) * exp(self::SPREAD * $this->normal())];
        }

        return $steps;
    }

    public function passes(AdhesiveKind $adhesive): WindowEvidence
    {
        [$off, $passes] = $this->bond($adhesive);

        return WindowEvidence::of(KeepLearnt::estimate($adhesive, AdhesiveState::Fresh), $off, $passes);
    }

    /**
     * Passes of one bond, and by how many K their temperatures may be off: one job in three has a reading, and its
     * temperatures are known the better.
     *
     * @return array{float, list<PassAsSeen>}
     */
    public function bond(AdhesiveKind $adhesive): array
    {
        [$shift, $times] = self::WINDOWS[$adhesive->value] ?? [0.0, 1.0];
        $estimate = KeepLearnt::estimate($adhesive, AdhesiveState::Fresh);
        $truth = $estimate->partingAt($shift);
        $off = $this->chance(0.33) ? 1.5 : 4.0;
        $error = $off * $this->normal();
        $starts = $estimate->window->target() + $this->between(-6.0, 3.0);
        $passes = [];
        for ($i = $this->random->getInt(3, 5); $i > 0; --$i) {
            $ends = $starts - $this->between(2.0, 5.0);
            $dragged = $this->chance(1 / (1 + exp(($ends + $error - $truth->window->low) / 2.0)));
            $curve = $truth->at(($starts + $ends) / 2 + $error);
            $pace = $times * ($curve > 0.0 ? $curve : $truth->torn()) * exp(self::PACE * $this->normal());
            $mm = $this->between(40.0, 140.0);
            $passes[] = new PassAsSeen(
                $mm,
                $mm / $pace,
                $starts,
                $ends,
                $this->chance(0.85) ? $dragged : null,
            );
            $starts = $dragged ? $starts + 4.0 : $ends;
        }

        return [$off, $passes];
    }

    /** What the readings of one phone say of the plate, so many years ago. */
    public function plate(float $ago): ContactFit
    {
        $error = $this->between(0.03, 0.12);
        $log = log(self::PLATE) - log(1 - self::WEARS) * $ago + 0.08 * $this->normal() + $error * $this->normal();

        return new ContactFit(
            exp($log),
            exp($log - 1.96 * $error),
            exp($log + 1.96 * $error),
            0.6,
            null,
            4,
        );
    }

    /** What a thermometer shows on the plate, where its estimated contact has the phone at some temperature. */
    public function reading(): SeenReading
    {
        $foreseen = $this->between(48.0, 88.0);
        // Of the rise above the room about a third follows the contact (made up, as all of this is).
        $third = ($foreseen - 22.0) / 3;
        $contact = log(self::PLATE / Source::PLATE_CONTACT) + 0.08 * $this->normal();

        return new SeenReading(
            $foreseen,
            hypot(0.12 * $third, 1.5),
            $foreseen + $third * $contact + 1.5 * $this->normal(),
        );
    }

    private function normal(): float
    {
        return sqrt(-2 * log($this->between(1e-6, 1.0))) * cos(2 * M_PI * $this->between(0.0, 1.0));
    }
}
