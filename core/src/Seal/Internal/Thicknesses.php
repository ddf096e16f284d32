<?php

declare(strict_types=1);

namespace Facelift\Seal\Internal;

use Facelift\Fit\FigureFrom;
use Facelift\Fit\Thickness;
use Facelift\Seal\Heights;
use Facelift\Seal\Roll;
use Facelift\Seal\SealRequest;

/**
 * How thick the adhesive of a bond may be, and which of the rolls is nearest to it.
 *
 * @internal
 */
final readonly class Thicknesses
{
    public function __construct(private SealRequest $request) {}

    /** mm as laid, of the rolls: what ends up nearest to flush without standing proud; else the least proud. */
    public function best(): ?float
    {
        $best = null;
        $off = \INF;
        foreach ($this->request->means->rolls->thicknesses() as $thick) {
            $heights = Heights::of($this->request, $this->ofRoll($thick));
            $proud = $heights?->highest()->budget->proud() ?? $thick - $this->request->bond->closing->height;
            $cost = abs($proud) + (($heights?->sits()->lifts() ?? false) ? 100.0 : 0.0);
            $cost += $this->request->means->rolls->of($thick)->widths() === [] ? 1000.0 : 0.0;
            if ($cost < $off) {
                [$best, $off] = [$thick, $cost];
            }
        }

        return $best;
    }

    public function thinnest(): ?float
    {
        return $this->request->means->rolls->thicknesses()[0] ?? null;
    }

    public function ofRoll(float $thick): Thickness
    {
        $roll = $this->request->means->rolls->of($thick)->all[0] ?? null;

        return $roll?->pressed() ?? $this->asFile();
    }

    public function ofSupplied(float $thick): Thickness
    {
        return new Thickness(
            round($thick * (1 - Roll::FOAM_GIVES), 4),
            $this->request->phone->ledge->tolerance,
            FigureFrom::PartSheet,
        );
    }

    public function asFile(): Thickness
    {
        return new Thickness(
            $this->request->bond->closing->height,
            $this->request->phone->ledge->tolerance,
            FigureFrom::PhoneFile,
        );
    }
}
