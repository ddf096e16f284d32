<?php

declare(strict_types=1);

namespace Facelift\Bench;

use Facelift\Plan\Plan;
use Facelift\Plan\Step;

/**
 * A plan made anew for a phone of which more is known now, gone on with from where the phone stands: what was begun of
 * an opening stays as it was made, and what troubles asked for is asked for again.
 */
final readonly class Regrown
{
    public function __construct(private Run $run) {}

    public function into(Plan $new): Plan
    {
        foreach (array_keys($this->run->plan->sealing->openings) as $bond) {
            if ($this->isBegun($bond) && isset($new->sealing->openings[$bond])) {
                $new = $this->keeping($new, $bond);
            }
        }
        foreach ($this->run->troubles() as $event) {
            $consequence = (new Aftermath($new))->at($event->step(), $event->text('kind'), $event->text('subject'));
            $new = $consequence === null ? $new : (new Amendment($this->run->under($new)))->of($consequence);
        }

        return $new;
    }

    private function isBegun(string $bond): bool
    {
        $done = array_intersect_key($this->run->plan->steps, $this->run->state->done);

        return array_filter($done, static fn(Step $s): bool => $s->act->move?->bond === $bond) !== [];
    }

    /** The opening of a bond with its steps as they were, in the place of those made anew. */
    private function keeping(Plan $new, string $bond): Plan
    {
        $isMove = static fn(Step $s): bool => $s->act->move?->bond === $bond;
        $old = array_filter($this->run->plan->steps, $isMove);
        $fresh = array_filter($new->steps, $isMove);
        if ($old === [] || $fresh === []) {
            return $new;
        }
        $first = array_key_first($fresh);
        $last = (string) array_key_last($old);
        $steps = [];
        foreach ($new->steps as $id => $step) {
            if ($id === $first) {
                $steps += $this->after($old, $step->after);
            }
            if (!isset($fresh[$id])) {
                $steps[$id] = self::waitingFor($step, array_keys($fresh), $last);
            }
        }

        return $new->opening($this->run->plan->sealing->openings[$bond])->withSteps($steps);
    }

    /**
     * @param array<string, Step> $old
     * @param list<string>        $first what the first of them waits for now
     *
     * @return array<string, Step>
     */
    private function after(array $old, array $first): array
    {
        $known = array_keys($old);
        $steps = [];
        foreach ($old as $id => $step) {
            $own = array_values(array_intersect($step->after, $known));
            $steps[$id] = $step->placed($id, $step->phase, $own === [] ? $first : $own);
        }

        return $steps;
    }

    /** @param list<string> $gone */
    private static function waitingFor(Step $step, array $gone, string $instead): Step
    {
        $left = array_values(array_diff($step->after, $gone));

        return \count($left) === \count($step->after)
            ? $step
            : $step->placed($step->id, $step->phase, array_values(array_unique([...$left, $instead])));
    }
}
