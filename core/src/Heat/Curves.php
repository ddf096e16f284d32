<?php

declare(strict_types=1);

namespace Facelift\Heat;

use Facelift\Anatomy\Bond;
use Facelift\Anatomy\Layer;
use Facelift\Anatomy\LayerRole;
use Facelift\Anatomy\Phone;

/** Runs a programme over the edge of a bond and the stack through the battery, and gives the temperatures that matter. */
final readonly class Curves
{
    /**
     * @param list<Layer> $edge   with a layer of the role Bond
     * @param list<Layer> $centre with layers of the roles Panel and Battery, or without
     */
    public function __construct(private array $edge, private array $centre, private float $room = 22.0) {}

    public static function of(Phone $phone, Bond $bond, float $room = 22.0): self
    {
        return new self($phone->stacks[(string) $bond->stack], $phone->stacks[(string) $bond->batteryStack], $room);
    }

    /**
     * @param float $every s between two samples, more than zero
     *
     * @return list<Sample> from second zero to the programme's end
     */
    public function run(Programme $programme, float $every = 2.0): array
    {
        $edge = new Lane($this->edge, $this->room);
        $centre = new Lane($this->centre, $this->room, 5);
        $clock = 0.0;
        $samples = [$this->sample($clock, $edge, $centre)];
        foreach ($programme->spans as [$seconds, $source]) {
            foreach ([$edge, $centre] as $lane) {
                $source === null ? $lane->rest() : $lane->heat($source);
            }
            for ($left = $seconds; $left > 1e-9;) {
                $h = min($every, $left);
                $edge->advance($h);
                $centre->advance($h);
                $left -= $h;
                $clock += $h;
                $samples[] = $this->sample($clock, $edge, $centre);
            }
        }

        return $samples;
    }

    private function sample(float $clock, Lane $edge, Lane $centre): Sample
    {
        $panel = self::layer($this->centre, LayerRole::Panel);
        $battery = self::layer($this->centre, LayerRole::Battery);

        return new Sample(
            $clock,
            $edge->meanOf(self::layer($this->edge, LayerRole::Bond) ?? 0),
            $panel === null ? $this->room : $centre->meanOf($panel),
            $battery === null ? $this->room : $centre->frontOf($battery),
            $edge->outerFace(),
            self::frame($this->edge, $edge, $this->room),
        );
    }

    /** @param list<Layer> $layers */
    private static function frame(array $layers, Lane $edge, float $room): float
    {
        $frame = self::layer($layers, LayerRole::Frame);

        return $frame === null ? $room : $edge->frontOf($frame);
    }

    /** @param list<Layer> $layers */
    private static function layer(array $layers, LayerRole $role): ?int
    {
        foreach ($layers as $i => $layer) {
            if ($layer->role === $role) {
                return $i;
            }
        }

        return null;
    }
}
