<?php

declare(strict_types=1);

namespace Facelift\Schedule\Internal;

use Facelift\Anatomy\Tool;
use Facelift\Plan\Step;
use Facelift\Plan\StepKind;
use Facelift\Schedule\Equipment;
use Facelift\Schedule\Piece;
use Facelift\Schedule\Right;

/**
 * What a step of a plan is to the day: what it holds, who may do it, what has to follow at once.
 *
 * @internal
 */
final readonly class PieceOf
{
    /** True if it holds equipment or has a time without hands: it is a piece of its own. */
    public static function standsApart(Step $step): bool
    {
        return self::equipment($step) !== null || (!$step->manner->attended && $step->manner->wait > 0.0);
    }

    public static function step(string $id, Step $step): Piece
    {
        $off = $step->manner->attended ? 0.0 : $step->manner->wait;

        return new Piece(
            $id,
            $step->manner->work(),
            $off,
            self::equipment($step),
            self::isWarm($step) ? 0.0 : null,
            self::rights($step),
            $step->kind(),
        );
    }

    /** @param array<int, mixed> $row also of a time when only "at once" was kept, and no rights */
    public static function row(array $row): Piece
    {
        [$step, $hands, $off, $equipment, $within, $rights, $kind] = $row + ['', 0, 0, null, null, [], null];
        $named = array_filter(\is_array($rights) ? $rights : [], \is_string(...));

        return new Piece(
            \is_string($step) ? $step : '',
            is_numeric($hands) ? (float) $hands : 0.0,
            is_numeric($off) ? (float) $off : 0.0,
            \is_string($equipment) ? Equipment::tryFrom($equipment) : null,
            match (true) {
                $within === true => 0.0,
                is_numeric($within) => (float) $within,
                default => null,
            },
            array_values(array_filter(array_map(Right::tryFrom(...), $named))),
            \is_string($kind) ? StepKind::tryFrom($kind) : null,
        );
    }

    /** @return list<Right> */
    public static function rights(Step $step): array
    {
        return match ($step->kind()) {
            StepKind::ChipOff,
            StepKind::ChipLift,
            StepKind::ChipBalls,
            StepKind::ChipSet,
            StepKind::ChipBack => [Right::Expert, Right::Solder],
            StepKind::CureUv, StepKind::ChipCure => [Right::Uv],
            default => [],
        };
    }

    private static function equipment(Step $step): ?Equipment
    {
        return match ($step->kind()) {
            StepKind::Heat, StepKind::Reheat, StepKind::WarmBattery, StepKind::WarmGlass => self::source($step),
            StepKind::Clamp => Equipment::ClampSet,
            StepKind::Charge => Equipment::Charger,
            StepKind::CureUv, StepKind::ChipCure => Equipment::UvLamp,
            default => null,
        };
    }

    private static function source(Step $step): ?Equipment
    {
        return match ($step->manner->tool) {
            Tool::HotAir, Tool::HotAirAndSpudger => Equipment::HotAir,
            Tool::GrainBag => Equipment::GrainBag,
            Tool::WarmPad => null,
            default => Equipment::Plate,
        };
    }

    private static function isWarm(Step $step): bool
    {
        return \in_array(
            $step->kind(),
            [StepKind::Heat, StepKind::Reheat, StepKind::WarmBattery, StepKind::WarmGlass],
            true,
        );
    }
}
