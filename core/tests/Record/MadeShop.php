<?php

declare(strict_types=1);

namespace Facelift\Tests\Record;

use Facelift\Anatomy\AdhesiveKind;
use Facelift\Heat\AdhesiveState;
use Facelift\Heat\AdhesiveWindow;
use Facelift\Heat\PaceCurve;
use Facelift\Record\PassAsSeen;
use Facelift\Record\WindowBelief;
use Facelift\Record\WindowEvidence;
use Facelift\Tests\Dice;

/** A shop whose adhesive lets go where only it knows, and that works as plans have it. */
final readonly class MadeShop
{
    /** K by which a job's temperatures are off together: with a reading, and without one */
    private const READ = 1.5;
    private const UNREAD = 4.0;

    public float $shift;
    public float $pace;

    public function __construct(private Dice $dice, float $off, ?float $shift = null, ?float $pace = null)
    {
        $this->shift = $shift ?? $off * $this->normal();
        $this->pace = $pace ?? WindowBelief::PACE * $this->normal();
    }

    public function estimate(): PaceCurve
    {
        $kind = AdhesiveKind::FoamTape;

        return PaceCurve::of($kind, AdhesiveWindow::of($kind, AdhesiveState::Fresh));
    }

    /** Five passes, each colder than the one before; one job in three has a reading. */
    public function job(): WindowEvidence
    {
        $estimate = $this->estimate();
        $off = $this->dice->chance(33) ? self::READ : self::UNREAD;
        $error = $off * $this->normal();
        $truth = $estimate->partingAt($this->shift);
        $starts = $estimate->window->target() + $this->dice->float(-6.0, 3.0);
        $passes = [];
        for ($i = 0; $i < 5; ++$i) {
            $ends = $starts - $this->dice->float(2.0, 5.0);
            $dragged = $this->dice->float(0.0, 1.0) < 1 / (1 + exp(($ends + $error - $truth->window->low) / 2.0));
            $curve = $truth->at(($starts + $ends) / 2 + $error);
            $mm = $this->dice->float(30.0, 140.0);
            $pace = ($curve > 0.0 ? $curve : $truth->torn()) * exp($this->pace + 0.25 * $this->normal());
            // One in twenty is interrupted.
            $seconds = $mm / $pace * ($this->dice->chance(5) ? $this->dice->float(2.0, 6.0) : 1.0);
            $passes[] = new PassAsSeen(
                $mm,
                $seconds,
                $starts,
                $ends,
                $this->dice->chance(80) ? $dragged : null,
            );
            $starts = $dragged ? $starts + 4.0 : $ends;
        }

        return WindowEvidence::of($estimate, $off, $passes);
    }

    private function normal(): float
    {
        return sqrt(-2 * log($this->dice->float(1e-6, 1.0))) * cos(2 * M_PI * $this->dice->float(0.0, 1.0));
    }
}
