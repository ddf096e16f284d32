<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal;

use Facelift\Anatomy\Face;
use Facelift\Anatomy\Place;
use Facelift\Anatomy\Thing;
use Facelift\Plan\Phase;
use Facelift\Plan\Step;
use Facelift\Route\Setup;

/**
 * Collects the steps of a plan in order, gives them ids, and knows what is on and what is wet by then.
 *
 * @internal
 */
final class StepList
{
    /** @var array<string, Step> */
    private array $steps = [];
    private Setup $setup;
    private int $changes = 0;
    /** @var list<Thing> put on for the work and not yet off, once for each that is on */
    private array $on = [];
    /** @var array<string, true> everything that was ever on */
    private array $everOn = [];
    /** @var array<string, Place> where something wet was used and not yet confirmed dry */
    private array $wet = [];

    /** @var array<string, true> ids that are taken already */
    private array $taken = [];

    /** @var array<string, true> parts that are out of the phone */
    private array $out = [];

    public function __construct()
    {
        $this->setup = Setup::start();
    }

    /**
     * Goes on where a plan stands.
     *
     * @param list<Step>   $done  the steps so far, in order
     * @param list<string> $taken ids that no further step may have
     */
    public function goOnFrom(array $done, array $taken): void
    {
        foreach ($done as $step) {
            $this->setup = $this->setup->with($step->manner->tool, $step->manner->face);
            $this->note($step);
            $this->steps[$step->id] = $step;
        }
        $this->taken = array_fill_keys($taken, true);
    }

    /**
     * @param list<string>|null $after null for the step before this one
     *
     * @return string its id
     */
    public function add(Phase $phase, Step $step, ?array $after = null): string
    {
        $manner = $step->manner;
        $this->changes += $this->setup->changesFor($manner->tool, $manner->face);
        $this->setup = $this->setup->with($manner->tool, $manner->face);
        $this->note($step);
        $id = $this->freeId($step);
        $last = array_key_last($this->steps);
        $this->steps[$id] = $step
            ->placed($id, $phase, $after ?? ($last === null ? [] : [$last]))
            ->noting(...Notes::of($step));

        return $id;
    }

    /** @return array<string, Step> by id, in order */
    public function all(): array
    {
        return $this->steps;
    }

    /** Id of the step that was added last. */
    public function last(): string
    {
        return (string) array_key_last($this->steps);
    }

    /** The face that lies up by now. */
    public function face(): Face
    {
        return $this->setup->face;
    }

    /** Tool changes and turns of the phone so far. */
    public function changes(): int
    {
        return $this->changes;
    }

    /**
     * Of the things named, those that are on now, as often as they are; all of them if none is named.
     *
     * @return list<Thing>
     */
    public function stillOn(Thing ...$things): array
    {
        return $things === []
            ? $this->on
            : array_values(array_filter($this->on, static fn(Thing $t): bool => \in_array($t, $things, true)));
    }

    /** True if this has been on at any time. */
    public function wasOn(Thing $thing): bool
    {
        return isset($this->everOn[$thing->value]);
    }

    /** True if a part is out of the phone now. */
    public function isOut(string $part): bool
    {
        return isset($this->out[$part]);
    }

    /** @return list<Place> that are wet now */
    public function wet(): array
    {
        return array_values($this->wet);
    }

    private function note(Step $step): void
    {
        $things = $step->effects->things;
        foreach ($things->puts as $thing) {
            $this->on[] = $thing;
            $this->everOn[$thing->value] = true;
        }
        $this->on = array_values(
            array_filter($this->on, static fn(Thing $t): bool => !\in_array($t, $things->takes, true)),
        );
        $parts = $step->effects->parts;
        $this->out = array_diff_key($this->out + array_fill_keys($parts->out, true), array_fill_keys($parts->in, true));
        $wetness = $step->effects->wetness;
        if ($wetness->wets !== null) {
            $this->wet[$wetness->wets->value] = $wetness->wets;
        }
        if ($wetness->dries !== null) {
            unset($this->wet[$wetness->dries->value]);
        }
    }

    /** Made so that people can read it; nothing reads it back. */
    private function freeId(Step $step): string
    {
        $of = $step->act->gate->value ?? $step->act->subjects[0] ?? null;
        $wish = $step->kind()->value . ($of === null ? '' : ':' . $of);
        $id = $wish;
        for ($n = 2; isset($this->steps[$id]) || isset($this->taken[$id]); ++$n) {
            $id = $wish . '#' . $n;
        }

        return $id;
    }
}
