<?php

declare(strict_types=1);

namespace Facelift\Seal\Internal;

use Facelift\Anatomy\SuppliedAdhesive;
use Facelift\Document\Reason;
use Facelift\Fit\Thickness;
use Facelift\Geometry\Side;
use Facelift\Seal\Bead;
use Facelift\Seal\FirstEdge;
use Facelift\Seal\Heights;
use Facelift\Seal\Holder;
use Facelift\Seal\Rim;
use Facelift\Seal\SealRequest;
use Facelift\Seal\TapeLayer;
use Facelift\Seal\TapeLayout;
use Facelift\Seal\Way;
use Facelift\Seal\WayOffer;

/**
 * What every way of a bond is worked out with.
 *
 * @internal
 */
final class OfferDesk
{
    public readonly Rim $rim;
    public readonly Thicknesses $thick;
    /** @var array<string, TapeLayout> by the widths of the stock */
    private array $laid = [];

    public function __construct(public readonly SealRequest $request)
    {
        $this->rim = $request->rim();
        $this->thick = new Thicknesses($request);
    }

    /** @param list<Reason> $because */
    public function offer(
        Way $way,
        ?float $thick,
        Thickness $pressed,
        float $hands,
        array $because,
        ?TapeLayout $tape = null,
        ?Bead $bead = null,
        bool $supplied = false,
    ): WayOffer {
        $heights = Heights::of($this->request, $pressed);
        $comes = $this->request->part?->adhesive;
        $supplied = $supplied || ($comes !== null && $way !== Way::Tape && Way::with($comes) === $way);

        return new WayOffer(
            $way,
            null,
            $supplied,
            $thick,
            $heights,
            $tape,
            $bead,
            (new Holder())->hold(
                $this->request->phone,
                $this->request->bond,
                $way,
                $this->request->means->room,
            ),
            round($hands),
            $because,
        );
    }

    /** @param list<float> $widths */
    public function laid(array $widths): TapeLayout
    {
        return $this->laid[implode(' ', $widths)] ??= (new TapeLayer())->lay(
            $this->rim,
            $widths,
            $this->request->means->corner,
            $this->start(),
            $this->request->bond->zones,
        );
    }

    /** The side that is aligned first. */
    public function start(): Side
    {
        return FirstEdge::of($this->request->phone, $this->request->bond)->side;
    }

    public function comes(SuppliedAdhesive $adhesive): bool
    {
        return $this->request->part?->adhesive === $adhesive;
    }
}
