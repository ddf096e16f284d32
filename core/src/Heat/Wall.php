<?php

declare(strict_types=1);

namespace Facelift\Heat;

use Facelift\Anatomy\Layer;

/**
 * Layers cut into cells, ready to be stepped through time: one-dimensional transient conduction by finite volumes.
 *
 * Cell-centred; between two cells lies half of each plus the contact resistance of their layers. Steps are SDIRK2
 * (Alexander 1977, γ = 1 − 1/√2): implicit, L-stable, second order, so a step may be longer than the thin layers'
 * own time and energy is kept to rounding.
 */
final readonly class Wall
{
    /** By which a cell of a bag is thicker than the one before it, seen from the phone. */
    private const GROWS = 1.35;

    /** @var list<float> J/(m²·K) of each cell */
    public array $capacity;

    /** @var list<float> W/(m²·K) between a cell and the next */
    private array $link;

    /** @var list<array{int, int}> first and last cell of each layer */
    private array $cells;

    /** @var array{float, float} m²·K/W from the outer cells' middle to their face */
    private array $skin;

    /**
     * @param list<Layer> $layers from the heated face inwards, at least one
     * @param int         $finest cells in the thickest layers; thin ones take a third of it, at least two
     * @param bool        $bag    true if the first layer is a bag that lies on the others
     */
    public function __construct(public array $layers, int $finest = 8, bool $bag = false)
    {
        $capacity = $resistance = $of = $contact = [];
        foreach ($layers as $l => $layer) {
            $cells = $bag && $l === 0 ? self::growing($layer, $finest) : self::even($layer, $finest);
            $of[] = [\count($capacity), \count($capacity) + \count($cells) - 1];
            foreach ($cells as $i => $dx) {
                $capacity[] = $dx * $layer->density * $layer->specificHeat;
                $resistance[] = $dx / $layer->conductivity;
                $contact[] = $i === \count($cells) - 1 ? $layer->contact : 0.0;
            }
        }
        $link = [];
        for ($i = 0, $last = \count($capacity) - 1; $i < $last; ++$i) {
            $link[] = 1 / ($resistance[$i] / 2 + $contact[$i] + $resistance[$i + 1] / 2);
        }
        $this->capacity = $capacity;
        $this->link = $link;
        $this->cells = $of;
        $this->skin = [$resistance[0] / 2, $resistance[\count($resistance) - 1] / 2];
    }

    /** @return list<float> m, cells of one size */
    private static function even(Layer $layer, int $finest): array
    {
        $cells = max(2, (int) round($finest * min(1.0, $layer->thickness)));

        return array_fill(0, $cells, $layer->thickness / 1000 / $cells);
    }

    /**
     * A bag is centimetres thick and gives its heat from the last millimetres: its cells grow away from the phone.
     *
     * @return list<float> m, from the heated face inwards
     */
    private static function growing(Layer $layer, int $finest): array
    {
        $sizes = [];
        for ($size = 1 / $finest; array_sum($sizes) + $size < $layer->thickness; $size *= self::GROWS) {
            $sizes[] = $size;
        }
        if ($sizes === []) {
            return self::even($layer, $finest);
        }
        // What is left over is shared out, so that no sliver stands beside a thick cell.
        $all = $layer->thickness / array_sum($sizes) / 1000;

        return array_map(static fn(float $mm): float => $mm * $all, array_reverse($sizes));
    }

    /** @return list<float> a uniform profile in °C */
    public function at(float $celsius): array
    {
        return array_fill(0, \count($this->capacity), $celsius);
    }

    /**
     * A profile from what is known of each layer: its cells if there are as many, else their mean all through it. A
     * layer
     * of which nothing is known is as its neighbours, or as `$else`.
     *
     * @param list<list<float>> $known °C of the cells of each layer; empty where nothing is known
     *
     * @return list<float>
     */
    public function from(array $known, float $else): array
    {
        $profile = [];
        foreach ($known as $layer => $cells) {
            $count = $this->cells[$layer][1] - $this->cells[$layer][0] + 1;
            if ($cells === []) {
                $beside = [
                    ...\array_slice($known[$layer - 1] ?? [], -1),
                    ...\array_slice($known[$layer + 1] ?? [], 0, 1),
                ];
                $cells = [$beside === [] ? $else : array_sum($beside) / \count($beside)];
            }
            $even = array_fill(0, $count, array_sum($cells) / \count($cells));
            array_push($profile, ...\count($cells) === $count ? $cells : $even);
        }

        return $profile;
    }

    /**
     * @param list<float> $profile
     *
     * @return list<float> °C of the cells of a layer
     */
    public function cellsOf(int $layer, array $profile): array
    {
        [$first, $last] = $this->cells[$layer];

        return \array_slice($profile, $first, $last - $first + 1);
    }

    /** The stepper for given surroundings and step length in seconds. */
    public function stepper(Boundary $heated, Boundary $other, float $step): Stepper
    {
        return new Stepper(
            $this->capacity,
            $this->link,
            [
                self::through($heated, $this->skin[0]),
                self::through($other, $this->skin[1]),
            ],
            [$heated->medium, $other->medium],
            $step,
        );
    }

    /**
     * Temperature of the face towards the heat source, from the outermost cell and its surroundings.
     *
     * @param list<float> $profile
     */
    public function heatedFace(array $profile, Boundary $boundary): float
    {
        if ($boundary->coefficient <= 0.0) {
            return $profile[0];
        }
        $flux = self::through($boundary, $this->skin[0]) * ($boundary->medium - $profile[0]);

        return $profile[0] + $flux * $this->skin[0];
    }

    /**
     * Mean temperature of a layer in °C.
     *
     * @param list<float> $profile
     */
    public function meanOf(int $layer, array $profile): float
    {
        [$first, $last] = $this->cells[$layer];
        $sum = 0.0;
        for ($c = $first; $c <= $last; ++$c) {
            $sum += $profile[$c];
        }

        return $sum / ($last - $first + 1);
    }

    /**
     * The hottest cell of a layer, °C.
     *
     * @param list<float> $profile
     */
    public function hottestOf(int $layer, array $profile): float
    {
        [$first, $last] = $this->cells[$layer];
        $hottest = $profile[$first];
        for ($c = $first + 1; $c <= $last; ++$c) {
            $hottest = $profile[$c] > $hottest ? $profile[$c] : $hottest;
        }

        return $hottest;
    }

    /**
     * Temperature of the cell of a layer that lies towards the heat source.
     *
     * @param list<float> $profile
     */
    public function frontOf(int $layer, array $profile): float
    {
        return $profile[$this->cells[$layer][0]];
    }

    /**
     * Heat held above 0 °C in J/m².
     *
     * @param list<float> $profile
     */
    public function energy(array $profile): float
    {
        return array_sum(array_map(static fn(float $c, float $t): float => $c * $t, $this->capacity, $profile));
    }

    private static function through(Boundary $boundary, float $skin): float
    {
        return $boundary->coefficient <= 0.0 ? 0.0 : 1 / (1 / $boundary->coefficient + $skin);
    }
}
