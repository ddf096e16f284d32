<?php

declare(strict_types=1);

namespace Facelift\Seal\Internal;

use Facelift\Anatomy\SuppliedAdhesive;
use Facelift\Document\Reason;
use Facelift\Fit\FigureFrom;
use Facelift\Fit\Thickness;
use Facelift\Seal\Bead;
use Facelift\Seal\BeadPlanner;
use Facelift\Seal\NothingToSeal;
use Facelift\Seal\Rolls;
use Facelift\Seal\TapeLayer;
use Facelift\Seal\Way;
use Facelift\Seal\WayOffer;

/**
 * The ways that tape is laid in.
 *
 * @internal
 */
final readonly class TapeOffers
{
    /** s of hands: a piece of tape, tape that was cut at the works, a boxed seal (common practice, no source) */
    private const PIECE = 25.0;
    private const KIT = 120.0;
    private const SEAL = 90.0;
    /** mm at the wall that stay for a bead beside tape (common practice, no source) */
    private const BESIDE = 0.6;

    public function __construct(private OfferDesk $desk, private PlainOffers $plain) {}

    public function tape(): WayOffer
    {
        $supplied = $this->suppliedTape();
        if ($supplied?->lasts() === true) {
            return $supplied;
        }
        $thick = $this->desk->thick->best();
        if ($thick === null) {
            return WayOffer::not(Way::Tape, new Reason('no-roll'));
        }

        return $this->taped(
            Way::Tape,
            $thick,
            $this->desk->thick->ofRoll($thick),
            $this->desk->request->means->rolls->of($thick)->widths(),
        );
    }

    /** The tape of the kit, whether it lasts or not; null if none comes, or nobody knows how thick it is. */
    public function suppliedTape(): ?WayOffer
    {
        $thick = $this->desk->request->part?->adhesiveThickness;

        return $thick === null || !$this->desk->comes(SuppliedAdhesive::Tape) ? null : $this->desk->offer(
            Way::Tape,
            $thick,
            $this->desk->thick->ofSupplied($thick),
            self::KIT,
            [],
            $this->desk->laid(Rolls::usual()->widths()),
            supplied: true,
        );
    }

    public function tapeAndBead(): WayOffer
    {
        $thin = $this->desk->thick->best();
        if ($thin === null) {
            return WayOffer::not(Way::TapeAndBead, new Reason('no-roll'));
        }
        $narrow = $this->desk->rim->narrowest() - self::BESIDE;
        $widths = array_values(
            array_filter(
                $this->desk->request->means->rolls->of($thin)->widths(),
                static fn(float $w): bool => $w <= $narrow + 1e-9,
            ),
        );
        if ($widths === []) {
            return WayOffer::not(
                Way::TapeAndBead,
                new Reason('ledge-too-narrow-for-both', ['mm' => round($this->desk->rim->narrowest(), 2)]),
            );
        }
        try {
            $inner = $this->desk->rim->inside(self::BESIDE);
            $pressed = $this->desk->thick->ofRoll($thin);
            $bead = (new BeadPlanner())->plan(
                $this->desk->rim,
                max(0.05, $pressed->mm),
                $this->desk->request->means->room,
                self::BESIDE,
            );
        } catch (NothingToSeal $e) {
            return WayOffer::not(Way::TapeAndBead, new Reason('bead-not', ['why' => $e->getMessage()]));
        }
        $tape = (new TapeLayer())->lay($inner, $widths, $this->desk->request->means->corner, $this->desk->start());

        return $this->desk->offer(
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
        $seal = $this->plain->seal();
        if ($seal->refused !== null) {
            return WayOffer::not(Way::SealAndTape, $seal->refused);
        }

        // The thinnest, since at the corners it lies with the seal.
        $film = $this->desk->thick->thinnest();
        if ($film === null || $this->desk->request->means->rolls->of($film)->widths() === []) {
            return WayOffer::not(Way::SealAndTape, new Reason('no-roll'));
        }
        $tape = (new TapeLayer())->corners(
            $this->desk->rim,
            [min($this->desk->request->means->rolls->of($film)->widths())],
            $this->desk->request->means->corner,
        );
        $added = new Thickness(
            $this->desk->thick->asFile()->mm + $this->desk->thick->ofRoll($film)->mm,
            $this->desk->thick->asFile()->tolerance,
            FigureFrom::Roll,
        );

        return $this->desk->offer(
            Way::SealAndTape,
            $film,
            $added,
            self::SEAL + \count($tape->pieces) * self::PIECE,
            [
                ...OfferWords::wayUp($this->desk->request->phone, $this->desk->rim, $this->desk->start()),
                new Reason('tape-at-corners', ['pieces' => \count($tape->pieces)]),
            ],
            $tape,
        );
    }

    /** @param list<float> $widths */
    private function taped(Way $way, float $thick, Thickness $pressed, array $widths): WayOffer
    {
        $fits = array_filter($widths, fn(float $w): bool => $w <= $this->desk->rim->widest() + 1e-9);
        if ($fits === []) {
            return WayOffer::not($way, new Reason('no-stock-fits', [
                'ledge' => round($this->desk->rim->widest(), 2),
                'narrowest' => $widths === [] ? 0.0 : min($widths),
            ]));
        }
        $tape = $this->desk->laid($widths);
        if ($tape->pieces === []) {
            return WayOffer::not($way, new Reason('nothing-free'));
        }

        return $this->desk->offer(
            $way,
            $thick,
            $pressed,
            \count($tape->pieces) * self::PIECE,
            OfferWords::tape($tape),
            $tape,
        );
    }
}
