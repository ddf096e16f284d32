<?php

declare(strict_types=1);

namespace Facelift\Cut;

use Facelift\Anatomy\Face;
use Facelift\Anatomy\FlexZone;
use Facelift\Anatomy\Layer;
use Facelift\Anatomy\LayerRole;
use Facelift\Anatomy\Phone;
use Facelift\Condition\Condition;
use Facelift\Condition\Mark;
use Facelift\Geometry\Side;
use Facelift\Heat\Carried;
use Facelift\Heat\Curves;
use Facelift\Heat\PanelBudget;
use Facelift\Heat\Programme;
use Facelift\Heat\Sample;
use Facelift\Heat\Source;
use Facelift\Heat\Stack;
use Facelift\Heat\Usual;

/**
 * Parts the cover glass from a panel that is kept: warm on a separator plate, curved edges to the middle of the curve
 * first,
 * then three sections with the wire, guided by the blade just under the glass. Common practice, no source.
 */
final readonly class GlassPlanner
{
    /** °C in which the optical laminate parts best (common practice, no source). */
    public const LOW = 70.0;
    public const HIGH = 90.0;
    public const SECTIONS = 3;
    /** Warmed this far into the window, K, so that a draught does not stop the wire (engineering estimate). */
    private const INTO = 3.0;
    /** Longer than this nobody waits for a plate: it is set higher, s (common practice, no source). */
    private const LONGEST = 180.0;
    /**
     * Glass freed by the wire, mm²/s, which is always cracked somewhere, and edge by the blade, mm/s (common
     * practice, no source).
     */
    private const WIRE = 9.0;
    private const EDGE = 1.2;
    /** Optical adhesive, 0.15 mm (engineering estimate, from memory). */
    private const LAMINATE = [0.15, 0.2, 1000.0, 1800.0];

    /** @param float $room °C */
    public function plan(Phone $phone, Condition $condition, float $room = Usual::ROOM): GlassParting
    {
        $moves = [...$this->curves($phone, $condition), ...$this->sections($phone, $condition)];
        $work = array_sum(array_map(static fn(GlassMove $m): float => $m->seconds, $moves));
        $stack = self::stack($phone);
        $curves = new Curves(new Stack($stack), new Stack($stack), Carried::nothing($room));
        for ($set = self::LOW; ; $set += 2.0) {
            $samples = $curves->run(Programme::empty()->heat(self::LONGEST, Source::plate($set)));
            $warm = self::reached($samples);
            if ($warm !== null || $set >= self::HIGH + 10) {
                $warm ??= $samples[\count($samples) - 1];
                $all = $curves->run(Programme::empty()->heat($warm->second + $work, Source::plate($set)), 10.0);

                return new GlassParting(
                    $set,
                    $warm->second,
                    $warm->bond,
                    PanelBudget::used($all),
                    $moves,
                );
            }
        }
    }

    /** @param list<Sample> $samples */
    private static function reached(array $samples): ?Sample
    {
        foreach ($samples as $sample) {
            if ($sample->bond >= self::LOW + self::INTO) {
                return $sample;
            }
        }

        return null;
    }

    /** @return list<GlassMove> */
    private function curves(Phone $phone, Condition $condition): array
    {
        $body = $phone->body;
        if ($body->curve <= 0) {
            return [];
        }
        $height = $body->glass->box->height;

        return array_map(
            static function (Side $side) use ($body, $condition, $height): GlassMove {
                $crazed = $condition->crazedAlong(
                    $body->glass,
                    Face::Front,
                    $side,
                    0.0,
                    $height,
                );

                return new GlassMove(
                    Blade::ThinMetal,
                    $side,
                    0.0,
                    $height,
                    $body->curve / 2,
                    ($height / self::EDGE) * ($crazed ? 2 : 1),
                    $crazed,
                );
            },
            [Side::Left, Side::Right],
        );
    }

    /** @return list<GlassMove> from the end that lies away from the flexes */
    private function sections(Phone $phone, Condition $condition): array
    {
        $box = $phone->body->glass->box;
        $third = $box->height / self::SECTIONS;
        $sections = [];
        for ($i = 0; $i < self::SECTIONS; ++$i) {
            $crazed = array_filter(
                $condition->cracks(Face::Front),
                static fn(Mark $m): bool => $m->runsBetween($box->y + $i * $third, $box->y + ($i + 1) * $third),
            ) !== [];
            $sections[] = new GlassMove(
                Blade::Wire,
                null,
                $i * $third,
                ($i + 1) * $third,
                $box->width,
                ($third * $box->width) / self::WIRE,
                $crazed,
            );
        }
        $zones = array_values(
            array_filter($phone->flexZones, static fn(FlexZone $z): bool => $z->face === Face::Front),
        );
        $middle = $zones === []
                ? 0.0
                : array_sum(array_map(static fn(FlexZone $z): float => $z->box->y + $z->box->height / 2, $zones))
                    / \count($zones);

        return $middle < $box->y + $box->height / 2 ? array_reverse($sections) : $sections;
    }

    /** @return list<Layer> from the plate upwards: the panel, the laminate, the glass */
    private static function stack(Phone $phone): array
    {
        [$thickness, $k, $density, $heat] = self::LAMINATE;
        $of = static function (LayerRole $role) use ($phone): array {
            foreach ($phone->stacks as $layers) {
                $found = array_values(array_filter($layers, static fn(Layer $l): bool => $l->role === $role));
                if (
                    $found !== []
                    && array_filter($layers, static fn(Layer $l): bool => $l->role === LayerRole::Battery) !== []
                ) {
                    return [$found[0]];
                }
            }

            return [];
        };

        return [
            ...$of(LayerRole::Panel),
            new Layer(
                'optical laminate',
                LayerRole::Bond,
                $thickness,
                $k,
                $density,
                $heat,
                0.0,
            ),
            ...$of(LayerRole::Glass),
        ];
    }
}
