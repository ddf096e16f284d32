<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal\Forms;

use Facelift\Anatomy\Phone;
use Facelift\Anatomy\Renewal;
use Facelift\Fit\FigureFrom;
use Facelift\Geometry\Side;
use Facelift\Plan\StepKind;
use Facelift\Seal\EdgePlace;
use Facelift\Seal\HoldBy;
use Facelift\Seal\Way;

/**
 * Brings a plan document of version 2 to version 3: its strips were boxes, one height stood for all four sides, and
 * how long a bond is held was one figure of the phone file.
 *
 * @internal
 */
final readonly class SecondPlan
{
    public function __construct(private Phone $phone) {}

    /**
     * @param array<mixed> $d
     *
     * @return array<mixed>
     */
    public function forward(array $d): array
    {
        return [
            'version' => 3,
            'seals' => array_map($this->seal(...), Old::maps($d['seals'] ?? null)),
            'glass' => null,
            'steps' => array_map(self::step(...), Old::maps($d['steps'] ?? null)),
        ] + $d;
    }

    /**
     * What holds a bond was always clamps.
     *
     * @param array<mixed> $step
     *
     * @return array<mixed>
     */
    private static function step(array $step): array
    {
        return ($step['kind'] ?? null) === StepKind::Clamp->value
            ? ['figures' => ['by' => HoldBy::Clamps->value] + Old::map($step['figures'] ?? null)] + $step
            : $step;
    }

    /**
     * @param array<mixed> $seal
     *
     * @return array<string, mixed>
     */
    private function seal(array $seal): array
    {
        $renewal = Renewal::tryFrom(Old::text($seal['renewal'] ?? null)) ?? Renewal::Reuse;
        $minutes = $this->phone->bonds[Old::text($seal['bond'] ?? null)]->closing->clampMinutes ?? 0.0;

        return [
            'bond' => $seal['bond'] ?? '',
            'renewal' => $renewal->value,
            'way' => Way::asBuilt($renewal)?->value,
            'thickness' => null,
            'pieces' => array_map(self::piece(...), Old::maps($seal['strips'] ?? null)),
            'bead' => null,
            'heights' => $this->heights(Old::map($seal['height'] ?? null)),
            'freed' => $seal['freed'] ?? [],
            'hold' => [
                'by' => ($minutes > 0 ? HoldBy::Clamps : HoldBy::Hand)->value,
                'clamp' => $minutes,
                'longer' => $minutes,
                'light' => 0.0,
                'cure' => 0.0,
                'places' => [],
                'perMm' => 0.0,
                'because' => [],
            ],
            'because' => [],
            'supplied' => false,
        ];
    }

    /**
     * @param array<mixed> $strip
     *
     * @return array<string, mixed>
     */
    private static function piece(array $strip): array
    {
        $x = Old::number($strip['x'] ?? null, 0.0);
        $y = Old::number($strip['y'] ?? null, 0.0);
        $right = $x + Old::number($strip['width'] ?? null, 0.0);
        $bottom = $y + Old::number($strip['height'] ?? null, 0.0);
        $side = Side::tryFrom(Old::text($strip['side'] ?? null)) ?? Side::Top;
        $along = $side->isHorizontal() ? [$x, $right] : [$y, $bottom];

        return [
            'place' => EdgePlace::ofSide($side)->value,
            'stock' => $strip['stock'] ?? 0.0,
            'length' => $strip['length'] ?? 0.0,
            'from' => $along[0],
            'to' => $along[1],
            'depth' => 0.0,
            'trimmed' => false,
            'notch' => null,
            'points' => [
                ['x' => $x, 'y' => $y],
                ['x' => $right, 'y' => $y],
                ['x' => $right, 'y' => $bottom],
                ['x' => $x, 'y' => $bottom],
            ],
        ];
    }

    /**
     * @param array<mixed> $height
     *
     * @return array<string, mixed>|null
     */
    private function heights(array $height): ?array
    {
        if ($height === []) {
            return null;
        }
        $within = Old::number($height['tolerance'] ?? null, 0.0);
        $mm = static fn(string $key): array => [
            'mm' => Old::number($height[$key] ?? null, 0.0),
            'tolerance' => $within,
            'from' => FigureFrom::PhoneFile->value,
        ];
        $none = ['mm' => 0.0, 'tolerance' => 0.0, 'from' => FigureFrom::Practice->value];

        $sides = array_map(static fn(Side $side): array => [
            'side' => $side->value,
            'recess' => $mm('recess'),
            'module' => $mm('module'),
            'adhesive' => $mm('adhesive'),
            'residue' => $none,
            'foam' => $none,
        ], Side::cases());

        return ['backlight' => !$this->phone->panel->technology->isSelfLit(), 'sides' => $sides];
    }
}
