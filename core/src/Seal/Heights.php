<?php

declare(strict_types=1);

namespace Facelift\Seal;

use Facelift\Document\Reason;
use Facelift\Fit\FigureFrom;
use Facelift\Fit\HeightBudget;
use Facelift\Fit\Sits;
use Facelift\Fit\Thickness;
use Facelift\Geometry\Side;

/** Where the glass ends up at each side with one adhesive, and what follows. */
final readonly class Heights
{
    /** mm: thinner tape is not made */
    private const LEAST = 0.02;

    /**
     * @param non-empty-list<SideHeight> $sides
     * @param bool                       $backlight true if a screen that is pressed down bears on a backlight
     */
    public function __construct(public array $sides, public bool $backlight) {}

    /** Null for a bond whose recess is not known: that of a back. */
    public static function of(SealRequest $request, Thickness $adhesive): ?self
    {
        if (!$request->ofDisplay()) {
            return null;
        }
        $ledge = $request->phone->ledge;
        $file = static fn(float $mm): Thickness => new Thickness($mm, $ledge->tolerance, FigureFrom::PhoneFile);
        $read = $request->readings;
        $sides = [];
        foreach (Side::cases() as $side) {
            $recess = $read->recess[$side->value] ?? null;
            $residue = $read->residue[$side->value] ?? 0.0;
            $sides[] = new SideHeight($side, new HeightBudget(
                $recess === null ? $file($ledge->recess) : Thickness::read($recess),
                $read->module === null ? $file($ledge->module) : Thickness::read($read->module),
                $adhesive,
                $residue > 0 ? Thickness::read($residue) : Thickness::none(),
                $ledge->foam > 0 ? $file($ledge->foam) : Thickness::none(),
            ));
        }

        return new self($sides, !$request->phone->panel->technology->isSelfLit());
    }

    /** The side that stands highest. */
    public function highest(): SideHeight
    {
        $highest = $this->sides[0];
        foreach ($this->sides as $side) {
            $highest = $side->budget->proud() > $highest->budget->proud() ? $side : $highest;
        }

        return $highest;
    }

    /** mm from the side that sits lowest to the one that stands highest; more than a tenth is seen as crooked. */
    public function tilt(): float
    {
        $proud = array_map(static fn(SideHeight $s): float => $s->budget->proud(), $this->sides);

        return round(max($proud) - min($proud), 4);
    }

    public function sits(): Sits
    {
        return $this->highest()->budget->sits();
    }

    /** mm of adhesive, as pressed, that would bring the highest side flush. */
    public function room(): float
    {
        return min(array_map(static fn(SideHeight $s): float => $s->budget->room(), $this->sides));
    }

    /** @return list<Reason> where it ends up, and what follows */
    public function because(): array
    {
        $high = $this->highest();
        $sits = $this->sits();
        $because = [new Reason('sits-' . $sits->value, [
            'side' => $high->side->value,
            'mm' => round(abs($high->budget->proud()), 2),
            'likely' => round($high->budget->likely(), 2),
            'worst' => round($high->budget->worst(), 2),
        ])];
        if ($this->room() >= self::LEAST) {
            $because[] = new Reason('room-for', [
                'pressed' => round($this->room(), 2),
                'laid' => round($this->room() / (1 - Roll::FOAM_GIVES), 2),
            ]);
        } else {
            $because[] = new Reason('no-room-for-any');
        }
        if ($sits->lifts() && $this->backlight) {
            $because[] = new Reason('presses-on-backlight');
        }
        if ($high->budget->residue->mm > 0) {
            $residue = ['side' => $high->side->value, 'mm' => $high->budget->residue->mm];
            $because[] = new Reason('residue-under', $residue);
        }
        if ($this->tilt() > HeightBudget::FELT) {
            $because[] = new Reason('sits-crooked', ['mm' => round($this->tilt(), 2)]);
        }

        return $because;
    }
}
