<?php

declare(strict_types=1);

namespace Facelift\Seal\Internal;

use Facelift\Anatomy\Renewal;
use Facelift\Anatomy\SuppliedAdhesive;
use Facelift\Document\Reason;
use Facelift\Fit\FigureFrom;
use Facelift\Fit\Thickness;
use Facelift\Seal\Bead;
use Facelift\Seal\BeadPlanner;
use Facelift\Seal\Heights;
use Facelift\Seal\NothingToSeal;
use Facelift\Seal\Way;
use Facelift\Seal\WayOffer;

/**
 * The ways that take no tape from a roll: adhesive on the part, a boxed seal, a bead.
 *
 * @internal
 */
final readonly class PlainOffers
{
    /** s of hands: a boxed seal, liners off what is fitted (common practice, no source) */
    private const SEAL = 90.0;
    private const LINERS = 20.0;
    /** mm of boxed seal as laid, where nothing is known (from memory) */
    private const SEAL_THICK = 0.3;

    public function __construct(private OfferDesk $desk) {}

    public function fitted(): WayOffer
    {
        if (!$this->desk->comes(SuppliedAdhesive::Fitted)) {
            return WayOffer::not(Way::Fitted, new Reason('not-on-the-part'));
        }
        $thick = $this->desk->request->part->adhesiveThickness ?? $this->desk->request->bond->closing->height;

        return $this->desk->offer(
            Way::Fitted,
            $thick,
            $this->desk->thick->ofSupplied($thick),
            self::LINERS,
            [new Reason('liners-pressed-first')],
        );
    }

    public function seal(): WayOffer
    {
        $supplied = $this->desk->comes(SuppliedAdhesive::Seal);
        if (!$supplied && $this->desk->request->bond->closing->renewal !== Renewal::Precut) {
            return WayOffer::not(Way::PrecutSeal, new Reason('no-seal-for-it'));
        }
        $known = $supplied ? $this->desk->request->part?->adhesiveThickness : null;

        return $this->desk->offer(
            Way::PrecutSeal,
            $known ?? self::SEAL_THICK,
            $known === null ? $this->desk->thick->asFile() : $this->desk->thick->ofSupplied($known),
            self::SEAL,
            OfferWords::wayUp($this->desk->request->phone, $this->desk->rim, $this->desk->start()),
        );
    }

    public function bead(): WayOffer
    {
        $file = $this->desk->thick->asFile();
        $gap = max(0.05, min(Heights::of($this->desk->request, $file)?->room() ?? $file->mm, $file->mm));
        try {
            $bead = (new BeadPlanner())->plan($this->desk->rim, $gap, $this->desk->request->means->room);
        } catch (NothingToSeal $e) {
            $why = new Reason('bead-not', ['why' => $e->getMessage()]);

            return WayOffer::not(Way::Bead, $why, $this->desk->comes(SuppliedAdhesive::Tube));
        }

        return $this->desk->offer(
            Way::Bead,
            null,
            new Thickness($gap, Thickness::READ_WITHIN, FigureFrom::Practice),
            $bead->seconds() + 30.0,
            OfferWords::bead($bead),
            bead: $bead,
        );
    }
}
