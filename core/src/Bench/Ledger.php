<?php

declare(strict_types=1);

namespace Facelift\Bench;

use Facelift\Anatomy\Thing;
use Facelift\Plan\Plan;
use Facelift\Plan\Step;

/** What is out, off and on at a moment: a pure function of what was confirmed. */
final readonly class Ledger
{
    /**
     * @param array<string, int> $screws on the mat now, by group; none with zero
     * @param list<string>       $off    connectors
     * @param list<string>       $parts  out of the phone
     * @param array<string, int> $on     things that are on for the work, by `Thing`; none with zero
     */
    private function __construct(public array $screws, public array $off, public array $parts, public array $on) {}

    /** @param array<string, Event> $done the confirming event by step */
    public static function of(Plan $plan, array $done): self
    {
        $steps = array_intersect_key($plan->steps, $done);
        $off = $parts = $on = [];
        foreach ($steps as $step) {
            self::count($off, $step->effects->connectors->out, $step->effects->connectors->in);
            self::count($parts, $step->effects->parts->out, $step->effects->parts->in);
            self::count($on, self::values($step->effects->things->puts), self::values($step->effects->things->takes));
        }

        return new self(
            self::screws($steps, $done),
            self::left($off),
            self::left($parts),
            array_filter($on, static fn(int $n): bool => $n > 0),
        );
    }

    /**
     * What is not where it belongs. What comes off before the customer's eyes is not among it, nor what stays with
     * the old part.
     *
     * @return list<string> ids; empty if everything is accounted for
     */
    public function astray(Plan $plan): array
    {
        return [
            ...array_values(array_diff(array_keys($this->on), $this->atHandOver())),
            ...array_keys($this->screws),
            ...$this->off,
            ...array_values(array_diff($this->parts, $plan->route->discarded)),
        ];
    }

    /** @return list<string> what is still on and comes off at the counter, before the customer's eyes */
    public function atHandOver(): array
    {
        return array_values(
            array_filter(array_keys($this->on), static fn(string $t): bool => Thing::from($t)->staysUntilHandOver()),
        );
    }

    /**
     * @param list<Thing> $things
     *
     * @return list<string>
     */
    private static function values(array $things): array
    {
        return array_map(static fn(Thing $t): string => $t->value, $things);
    }

    /**
     * @param array<string, int> $net
     * @param list<string>       $plus
     * @param list<string>       $minus
     */
    private static function count(array &$net, array $plus, array $minus): void
    {
        foreach ($plus as $id) {
            $net[$id] = ($net[$id] ?? 0) + 1;
        }
        foreach ($minus as $id) {
            $net[$id] = ($net[$id] ?? 0) - 1;
        }
    }

    /**
     * @param array<string, int> $net
     *
     * @return list<string>
     */
    private static function left(array $net): array
    {
        return array_keys(array_filter($net, static fn(int $n): bool => $n > 0));
    }

    /**
     * A confirmation may say that fewer screws than planned came out or went in.
     *
     * @param array<string, Step>  $steps
     * @param array<string, Event> $done
     *
     * @return array<string, int>
     */
    private static function screws(array $steps, array $done): array
    {
        $out = [];
        foreach ($steps as $id => $step) {
            $said = $done[$id]->count();
            $all = $said === null || $done[$id]->countReason()?->accountsForTheRest() === true;
            foreach ($step->effects->screws->out as $group => $count) {
                $out[$group] = ($out[$group] ?? 0) + ($said ?? $count);
            }
            foreach ($step->effects->screws->in as $group => $count) {
                // No hole, or lost and replaced: the rest is accounted for. Any other shortfall lies on the mat still.
                $out[$group] = ($out[$group] ?? 0) - ($all ? $out[$group] ?? $count : (int) $said);
            }
        }

        return array_filter($out, static fn(int $n): bool => $n > 0);
    }
}
