<?php

declare(strict_types=1);

namespace Facelift\Heat;

use Facelift\Anatomy\Layer;
use Facelift\Anatomy\LayerRole;
use Facelift\Anatomy\Part;
use Facelift\Anatomy\PartKind;

/**
 * How warm a phone still is from what was done to it before, and which of its layers are gone by then.
 *
 * Stacks of one phone go through the same layers from one face or the other: they are known by their names.
 */
final readonly class Carried
{
    /** What leaves with the module that is lifted at the front, whatever a stack calls it. */
    private const MODULE = [LayerRole::Glass, LayerRole::Panel];

    /**
     * @param array<string, list<float>> $edge   °C of the cells of each layer at the edge, by its name and in the order
     *     of the stack they were computed in; what is not in it is at the room's temperature
     * @param array<string, list<float>> $centre the same through the battery
     * @param list<string>               $names  of layers that are gone
     * @param list<LayerRole>            $roles  of layers that are gone
     */
    private function __construct(
        public float $room,
        private array $edge = [],
        private array $centre = [],
        private array $names = [],
        private array $roles = [],
    ) {}

    /** Nothing has been heated, and nothing is gone. */
    public static function nothing(float $room): self
    {
        return new self($room);
    }

    /** As warm as these lanes are now. */
    public function warmAs(Lanes $lanes): self
    {
        return new self(
            $this->room,
            $lanes->edgeByName(),
            $lanes->centreByName(),
            $this->names,
            $this->roles,
        );
    }

    /** What is lifted off a bond is gone: everything before the bond, seen from the face that was heated. */
    public function lifted(Stack $edge): self
    {
        $bond = $edge->layer(LayerRole::Bond);
        $before = \array_slice($edge->layers, 0, $bond ?? 0);
        $roles = array_map(static fn(Layer $l): LayerRole => $l->role, $before);
        $module = array_intersect(self::values($roles), self::values(self::MODULE)) === [] ? [] : self::MODULE;

        return new self(
            $this->room,
            $this->edge,
            $this->centre,
            [...$this->names, ...array_map(static fn(Layer $l): string => $l->name, $before)],
            [...$this->roles, ...$module],
        );
    }

    /** A part has been taken out; only a battery is a layer of its own. */
    public function takenOut(Part $part): self
    {
        return $part->kind !== PartKind::Battery ? $this : new self(
            $this->room,
            $this->edge,
            $this->centre,
            $this->names,
            [...$this->roles, LayerRole::Battery],
        );
    }

    /** What is left of a stack; an air gap that has nothing behind it is no layer any more. */
    public function left(Stack $stack): Stack
    {
        $there = array_filter(
            $stack->layers,
            fn(Layer $l): bool => !\in_array($l->name, $this->names, true) && !\in_array($l->role, $this->roles, true),
        );
        $layers = array_values($there);
        while ($layers !== [] && $layers[0]->role === LayerRole::Gap) {
            array_shift($layers);
        }
        while ($layers !== [] && $layers[\count($layers) - 1]->role === LayerRole::Gap) {
            array_pop($layers);
        }

        return $layers === [] ? $stack : new Stack($layers);
    }

    /** @return list<list<float>> °C of the cells of each layer of a stack at the edge; empty where nothing is known */
    public function atEdge(Stack $stack): array
    {
        return self::of($stack, $this->edge);
    }

    /** @return list<list<float>> °C of the cells of each layer of a stack through the battery */
    public function atCentre(Stack $stack): array
    {
        return self::of($stack, $this->centre);
    }

    /**
     * @param array<string, list<float>> $known
     *
     * @return list<list<float>>
     */
    private static function of(Stack $stack, array $known): array
    {
        $names = array_map(static fn(Layer $l): string => $l->name, $stack->layers);
        $common = array_values(array_intersect($names, array_keys($known)));
        // Seen from the other face the layers come the other way round, and so do the cells in them.
        $turned = $common !== array_values(array_intersect(array_keys($known), $names));

        return array_map(
            static fn(string $name): array => $turned ? array_reverse($known[$name] ?? []) : $known[$name] ?? [],
            $names,
        );
    }

    /**
     * @param list<LayerRole> $roles
     *
     * @return list<string>
     */
    private static function values(array $roles): array
    {
        return array_map(static fn(LayerRole $r): string => $r->value, $roles);
    }
}
