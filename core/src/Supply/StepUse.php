<?php

declare(strict_types=1);

namespace Facelift\Supply;

use Facelift\Anatomy\Tool;
use Facelift\Plan\Plan;
use Facelift\Plan\Step;
use Facelift\Plan\StepKind;
use Facelift\Seal\InnerSeal;
use Facelift\Seal\SealPlan;
use Facelift\Seal\StockLength;

/** What one step takes of what is the shop's. What came with the part is paid with it and not counted here. */
final readonly class StepUse
{
    /** of a thin blade that one pass wears off: it is changed after about eight (common practice, no source) */
    private const BLADE = 0.125;
    /** of an opening pick that one pass wears off: its edge is round after about five (common practice, no source) */
    private const PICK = 0.2;

    /**
     * @param list<StockLength>         $tape      cut from rolls, by width
     * @param float|null                $thickness mm that the tape has to have; null if any will do
     * @param array<string, float>      $supplies  by the value of a `SupplyKind`: ml, or pieces and parts of a piece
     */
    private function __construct(public array $tape, public ?float $thickness, public array $supplies) {}

    public static function of(Plan $plan, Step $step): self
    {
        return match ($step->kind()) {
            StepKind::LaySeal => self::laid($plan->sealing->seals[$step->act->subjects[0]] ?? null),
            StepKind::RenewBond => self::inside($plan, $step->act->subjects[0]),
            StepKind::CutPass, StepKind::FirstGap => self::worn($step->manner->tool),
            default => self::nothing(),
        };
    }

    public function isNothing(): bool
    {
        return $this->tape === [] && $this->supplies === [];
    }

    private static function nothing(): self
    {
        return new self([], null, []);
    }

    private static function laid(?SealPlan $seal): self
    {
        return $seal === null || $seal->supplied
            ? self::nothing()
            : new self($seal->lengths(), $seal->thickness, self::glue($seal->bead?->ml() ?? 0.0));
    }

    private static function inside(Plan $plan, string $id): self
    {
        $bond = $plan->basis->phone->bonds[$id] ?? null;
        $inner = $bond === null ? null : InnerSeal::of($plan->basis->phone, $bond);

        return $inner === null ? self::nothing() : new self($inner->lengths(), null, self::glue($inner->ml));
    }

    private static function worn(?Tool $tool): self
    {
        $worn = match ($tool) {
            Tool::ThinBlade, Tool::SuctionCupAndBlade => [SupplyKind::Blade->value => self::BLADE],
            Tool::OpeningPick => [SupplyKind::Pick->value => self::PICK],
            default => [],
        };

        return new self([], null, $worn);
    }

    /** @return array<string, float> */
    private static function glue(float $ml): array
    {
        return $ml > 0.0 ? [SupplyKind::Glue->value => $ml] : [];
    }
}
