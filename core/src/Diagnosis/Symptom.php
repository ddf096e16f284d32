<?php

declare(strict_types=1);

namespace Facelift\Diagnosis;

use Facelift\Anatomy\PanelTechnology;
use Facelift\Condition\Check;

/** A fault whose cause the look alone does not tell. One cause is taken to be behind each symptom. */
enum Symptom: string
{
    case Dark = 'dark';
    case TouchDead = 'touch-dead';

    /**
     * How often each cause is behind it, before anything was checked; they sum to one. Common practice, no source:
     * the shop's own record is to replace them.
     *
     * @return array<string, float> by cause
     */
    public function causes(PanelTechnology $technology, Glass $glass = Glass::Whole): array
    {
        $usual = $this->usual($technology);
        if (isset($usual[Cause::Panel->value])) {
            $usual[Cause::Panel->value] *= $glass->oddsOfPanel();
        }
        $sum = array_sum($usual);

        return array_map(static fn(float $share): float => $share / $sum, $usual);
    }

    /** @return array<string, float> by cause, under whole glass */
    private function usual(PanelTechnology $technology): array
    {
        return match ($this) {
            self::Dark => $technology->isSelfLit()
                ? [
                    'panel' => 0.5,
                    'panel-connector' => 0.15,
                    'display-circuit' => 0.13,
                    'flat-battery' => 0.13,
                    'power-key' => 0.09,
                ]
                : [
                    'panel' => 0.4,
                    'panel-connector' => 0.14,
                    'backlight-circuit' => 0.13,
                    'display-circuit' => 0.12,
                    'flat-battery' => 0.12,
                    'power-key' => 0.09,
                ],
            self::TouchDead => [
                'digitizer' => 0.55,
                'digitizer-flex' => 0.2,
                'touch-controller' => 0.15,
                'surface-film' => 0.1,
            ],
        };
    }

    /** @return list<Check> those that can tell its causes apart */
    public function checks(PanelTechnology $technology): array
    {
        return match ($this) {
            self::Dark => $technology->isSelfLit()
                ? [Check::LookAtAngle, Check::Ring, Check::Charge, Check::Reseat, Check::KnownGoodPanel]
                : [Check::LookAtAngle, Check::Torch, Check::Ring, Check::Charge, Check::Reseat, Check::KnownGoodPanel],
            self::TouchDead => [Check::WipeDry, Check::PointerTrace, Check::Reseat, Check::KnownGoodPanel],
        };
    }
}
