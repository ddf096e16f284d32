<?php

declare(strict_types=1);

namespace Facelift\Seal\Internal;

use Facelift\Anatomy\Renewal;
use Facelift\Anatomy\SuppliedAdhesive;
use Facelift\Document\Reason;
use Facelift\Fit\FigureFrom;
use Facelift\Fit\Thickness;
use Facelift\Geometry\Side;
use Facelift\Seal\Bead;
use Facelift\Seal\BeadPlanner;
use Facelift\Seal\Heights;
use Facelift\Seal\Holder;
use Facelift\Seal\NothingToSeal;
use Facelift\Seal\Rim;
use Facelift\Seal\Rolls;
use Facelift\Seal\SealRequest;
use Facelift\Seal\TapeLayer;
use Facelift\Seal\TapeLayout;
use Facelift\Seal\Way;
use Facelift\Seal\WayOffer;

/**
 * Works out one way after the other.
 *
 * @internal
 */
final class Offers
{
    /** s of hands: a piece of tape, a boxed seal, liners off what is fitted (common practice, no source) */
    private const PIECE = 25.0;
    private const SEAL = 90.0;
    private const LINERS = 20.0;
    /** mm at the wall that stay for a bead beside tape (common practice, no source) */
    private const BESIDE = 0.6;
    /** mm of boxed seal as laid, where nothing is known (from memory) */
    private const SEAL_THICK = 0.3;

    private readonly Rim $rim;
    private readonly Thicknesses $thick;
    private ?TapeLayout $laid = null;

    public function __construct(private readonly SealRequest $request)
    {
        $this->rim = $request->rim();
        $this->thick = new Thicknesses($request);
    }

    public function fitted(): WayOffer
    {
        if (!$this->comes(SuppliedAdhesive::Fitted)) {
            return WayOffer::not(Way::Fitted, new Reason('not-on-the-part'));
        }
        $thick = $this->request->part->adhesiveThickness ?? $this->request->bond->closing->height;

        return $this->offer(
            Way::Fitted,
            $thick,
            $this->thick->ofSupplied($thick),
            self::LINERS,
            [new Reason('liners-pressed-first')],
        );
    }

    public function seal(): WayOffer
    {
        $supplied = $this->comes(SuppliedAdhesive::Seal);
        if (!$supplied && $this->request->bond->closing->renewal !== Renewal::Precut) {
            return WayOffer::not(Way::PrecutSeal, new Reason('no-seal-for-it'));
        }
        $known = $supplied ? $this->request->part?->adhesiveThickness : null;

        return $this->offer(
            Way::PrecutSeal,
            $known ?? self::SEAL_THICK,
            $known === null ? $this->thick->asFile() : $this->thick->ofSupplied($known),
            self::SEAL,
            OfferWords::wayUp($this->request->phone, $this->rim, $this->start()),
        );
    }

    public function tape(): WayOffer
    {
        $supplied = $this->comes(SuppliedAdhesive::Tape) && $this->request->part?->adhesiveThickness !== null;
        if ($supplied) {
            $thick = (float) $this->request->part?->adhesiveThickness;
            return $this->taped(Way::Tape, $thick, $this->thick->ofSupplied($thick), Rolls::usual()->widths());
        }
        $thick = $this->thick->best();
        if ($thick === null) {
            return WayOffer::not(Way::Tape, new Reason('no-roll'));
        }

        return $this->taped(
            Way::Tape,
            $thick,
            $this->thick->ofRoll($thick),
            $this->request->means->rolls->of($thick)->widths(),
        );
    }

    public function bead(): WayOffer
    {
        $room = Heights::of($this->request, $this->thick->asFile())?->room() ?? $this->request->bond->closing->height;
        $gap = max(0.05, min($room, $this->request->bond->closing->height));
        try {
            $bead = (new BeadPlanner())->plan($this->rim, $gap, $this->request->means->room);
        } catch (NothingToSeal $e) {
            $why = new Reason('bead-not', ['why' => $e->getMessage()]);

            return WayOffer::not(Way::Bead, $why, $this->comes(SuppliedAdhesive::Tube));
        }

        return $this->offer(
            Way::Bead,
            null,
            new Thickness($gap, Thickness::READ_WITHIN, FigureFrom::Practice),
            $bead->seconds() + 30.0,
            OfferWords::bead($bead),
            bead: $bead,
        );
    }

    public function tapeAndBead(): WayOffer
    {
        $thin = $this->thick->best();
        if ($thin === null) {
            return WayOffer::not(Way::TapeAndBead, new Reason('no-roll'));
        }
        $narrow = $this->rim->narrowest() - self::BESIDE;
        $widths = array_values(
            array_filter(
                $this->request->means->rolls->of($thin)->widths(),
                static fn(float $w): bool => $w <= $narrow + 1e-9,
            ),
        );
        if ($widths === []) {
            return WayOffer::not(
                Way::TapeAndBead,
                new Reason('ledge-too-narrow-for-both', ['mm' => round($this->rim->narrowest(), 2)]),
            );
        }
        try {
            $inner = $this->rim->inside(self::BESIDE);
            $pressed = $this->thick->ofRoll($thin);
            $bead = (new BeadPlanner())->plan(
                $this->rim,
                max(0.05, $pressed->mm),
                $this->request->means->room,
                self::BESIDE,
            );
        } catch (NothingToSeal $e) {
            return WayOffer::not(Way::TapeAndBead, new Reason('bead-not', ['why' => $e->getMessage()]));
        }
        $tape = (new TapeLayer())->lay($inner, $widths, $this->request->means->corner, $this->start());

        return $this->offer(
            Way::TapeAndBead,
            $thin,
            $pressed,
            \count($tape->pieces) * self::PIECE + $bead->seconds(),
            OfferWords::bead($bead),
            $tape,
            $bead,
        );
    }

    public function sealAndTape(): WayOffer
    {
        $seal = $this->seal();
        if ($seal->refused !== null) {
            return WayOffer::not(Way::SealAndTape, $seal->refused);
        }

        // The thinnest, since at the corners it lies with the seal.
        $film = $this->thick->thinnest();
        if ($film === null || $this->request->means->rolls->of($film)->widths() === []) {
            return WayOffer::not(Way::SealAndTape, new Reason('no-roll'));
        }
        $tape = (new TapeLayer())->corners(
            $this->rim,
            [min($this->request->means->rolls->of($film)->widths())],
            $this->request->means->corner,
        );
        $added = new Thickness(
            $this->thick->asFile()->mm + $this->thick->ofRoll($film)->mm,
            $this->thick->asFile()->tolerance,
            FigureFrom::Roll,
        );

        return $this->offer(
            Way::SealAndTape,
            $film,
            $added,
            self::SEAL + \count($tape->pieces) * self::PIECE,
            [
                ...OfferWords::wayUp($this->request->phone, $this->rim, $this->start()),
                new Reason('tape-at-corners', ['pieces' => \count($tape->pieces)]),
            ],
            $tape,
        );
    }

    /** @param list<float> $widths */
    private function taped(Way $way, float $thick, Thickness $pressed, array $widths): WayOffer
    {
        $fits = array_filter($widths, fn(float $w): bool => $w <= $this->rim->widest() + 1e-9);
        if ($fits === []) {
            return WayOffer::not($way, new Reason('no-stock-fits', [
                'ledge' => round($this->rim->widest(), 2),
                'narrowest' => $widths === [] ? 0.0 : min($widths),
            ]));
        }
        $tape = $this->laid($widths);
        if ($tape->pieces === []) {
            return WayOffer::not($way, new Reason('nothing-free'));
        }

        return $this->offer(
            $way,
            $thick,
            $pressed,
            \count($tape->pieces) * self::PIECE,
            OfferWords::tape($tape),
            $tape,
        );
    }

    /** @param list<Reason> $because */
    private function offer(
        Way $way,
        ?float $thick,
        Thickness $pressed,
        float $hands,
        array $because,
        ?TapeLayout $tape = null,
        ?Bead $bead = null,
    ): WayOffer {
        $heights = Heights::of($this->request, $pressed);
        $part = $this->request->part;
        $supplied = $part?->adhesive !== null && Way::with($part->adhesive) === $way
            && ($way !== Way::Tape || $part->adhesiveThickness !== null);

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
    private function laid(array $widths): TapeLayout
    {
        return $this->laid ??= (new TapeLayer())->lay(
            $this->rim,
            $widths,
            $this->request->means->corner,
            $this->start(),
            $this->request->bond->zones,
        );
    }

    /** The side that is aligned first. */
    private function start(): Side
    {
        return $this->request->bond->cut?->hinge?->opposite() ?? Side::Top;
    }

    private function comes(SuppliedAdhesive $adhesive): bool
    {
        return $this->request->part?->adhesive === $adhesive;
    }
}
