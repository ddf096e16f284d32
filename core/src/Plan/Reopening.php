<?php

declare(strict_types=1);

namespace Facelift\Plan;

use Facelift\Condition\Condition;
use Facelift\Cut\EdgeOpening;
use Facelift\Cut\Move;
use Facelift\Plan\Internal\Apart\BondOpened;
use Facelift\Plan\Internal\Site;

/** Writes the rest of an opening anew into a plan, in the place of what was still to come of it. */
final readonly class Reopening
{
    /** @param Condition $condition of the phone, as the plan was made for */
    public function __construct(private Plan $plan, private Condition $condition) {}

    /**
     * @param int         $last index of the move that was made last
     * @param Move        $made that move as it was made
     * @param EdgeOpening $rest what is done from here on
     */
    public function after(int $last, Move $made, EdgeOpening $rest): Plan
    {
        $before = $this->plan->sealing->openings[$rest->bond];
        $opening = $before->goingOn($last, $made, $rest);
        [$kept, $dropped] = $this->parted($rest->bond, $last);
        $at = $this->placeOf($kept, $rest->bond, $last) + 1;
        $new = $this->written($opening, $last + 1, \array_slice($kept, 0, $at));
        $end = $new === [] ? null : $new[\count($new) - 1]->id;
        $steps = [
            ...\array_slice($kept, 0, $at),
            ...$new,
            ...array_map(
                static fn(Step $s): Step => self::waitingFor($s, $dropped, $end),
                \array_slice($kept, $at),
            ),
        ];

        return $this->plan
            ->opening($opening)
            ->withSteps(array_combine(array_map(static fn(Step $s): string => $s->id, $steps), $steps));
    }

    /**
     * The steps that stay, and the ids of those moves of the bond that are planned anew.
     *
     * @return array{list<Step>, list<string>}
     */
    private function parted(string $bond, int $last): array
    {
        $kept = $dropped = [];
        foreach ($this->plan->steps as $id => $step) {
            $move = $step->act->move;
            if ($move?->bond === $bond && $move->index > $last) {
                $dropped[] = $id;
            } else {
                $kept[] = $step;
            }
        }

        return [$kept, $dropped];
    }

    /** @param list<Step> $steps */
    private function placeOf(array $steps, string $bond, int $index): int
    {
        foreach ($steps as $i => $step) {
            if ($step->act->move?->bond === $bond && $step->act->move->index === $index) {
                return $i;
            }
        }

        throw new \LogicException('no step of this move');
    }

    /**
     * @param list<Step> $done everything before
     *
     * @return list<Step>
     */
    private function written(EdgeOpening $opening, int $from, array $done): array
    {
        $b = $this->plan->basis;
        $request = new Request(
            $b->phone,
            $b->replacement,
            $this->condition,
            $b->source,
            $b->old,
            $b->school,
            $b->room,
            $b->picks,
            $b->approach,
            $b->chance,
        );
        $site = new Site($request, $this->plan->route, $this->plan->sealing->opening($opening));
        $site->steps->goOnFrom($done, array_keys($this->plan->steps));
        $phase = $done[\count($done) - 1]->phase;
        (new BondOpened($site, $b->phone->bonds[$opening->bond]))->writeFrom($from, $phase);

        return \array_slice(array_values($site->steps->all()), \count($done));
    }

    /**
     * @param list<string> $dropped
     * @param string|null  $end     the last of what came in their place; null if nothing did
     */
    private static function waitingFor(Step $step, array $dropped, ?string $end): Step
    {
        if (array_intersect($step->after, $dropped) === []) {
            return $step;
        }
        $after = array_values(array_diff($step->after, $dropped));

        return $step->placed($step->id, $step->phase, $end === null ? $after : [...$after, $end]);
    }
}
