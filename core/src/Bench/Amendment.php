<?php

declare(strict_types=1);

namespace Facelift\Bench;

use Facelift\Anatomy\Face;
use Facelift\Document\Reason;
use Facelift\Plan\Phase;
use Facelift\Plan\Plan;
use Facelift\Plan\Step;
use Facelift\Plan\StepKind;

/**
 * Writes a plan anew from where the phone now stands: what is done stays, what is left waits for what a trouble asks.
 */
final readonly class Amendment
{
    public function __construct(private Run $run) {}

    public function of(Consequence $consequence): Plan
    {
        [$done, $left] = $this->parted();
        $phase = ($left[0] ?? null)->phase ?? Phase::Finish;
        $last = $done === [] ? [] : [$done[\count($done) - 1]->id];
        $new = [];
        foreach ($consequence->now as $step) {
            $new[] = $step->placed($this->free($step, $new), $phase, $last);
            $last = [$new[\count($new) - 1]->id];
        }
        if ($new !== []) {
            $left = array_map(fn(Step $s): Step => $this->run->isDone($s) ? $s : $s->after(...$last), $left);
        }
        $left = $this->withNewPart($left, $consequence, $phase);
        $all = [...$done, ...$new, ...$left];
        $all = $consequence->dropsChip ? $this->withoutChip($all) : $all;

        return $this->run->plan->withSteps(array_combine(array_map(static fn(Step $s): string => $s->id, $all), $all));
    }

    /**
     * The work on the chip that is not done yet is left out; what waited for it waits for what it waited for.
     *
     * @param list<Step> $steps
     *
     * @return list<Step>
     */
    private function withoutChip(array $steps): array
    {
        $kept = $instead = [];
        foreach ($steps as $step) {
            $after = [];
            foreach ($step->after as $id) {
                array_push($after, ...$instead[$id] ?? [$id]);
            }
            $step = $step->placed($step->id, $step->phase, array_values(array_unique($after)));
            if ($step->kind()->isOfTheChip() && !$this->run->isDone($step)) {
                $instead[$step->id] = $step->after;
            } else {
                $kept[] = $step;
            }
        }

        return $kept;
    }

    /** @return array{list<Step>, list<Step>} the steps before the first that is not done, and all from there on */
    private function parted(): array
    {
        $steps = array_values($this->run->plan->steps);
        foreach ($steps as $i => $step) {
            if (!$this->run->isDone($step)) {
                return [\array_slice($steps, 0, $i), \array_slice($steps, $i)];
            }
        }

        return [$steps, []];
    }

    /**
     * The part is fitted new where the old one would have gone back, and has to be there first.
     *
     * @param list<Step> $left
     *
     * @return list<Step>
     */
    private function withNewPart(array $left, Consequence $consequence, Phase $phase): array
    {
        $part = $consequence->part;
        if ($left === [] || $part === null) {
            return $left;
        }
        // What has not come out in this plan has to be there before anything is finished.
        $at = $this->fitting($left, $part) ?? \count($left) - 1;
        $await = self::await($part, $this->run->plan->basis->phone->nameOf($part));
        $await = $await->placed($this->free($await, []), $phase, $left[$at]->after);
        $more = [$await];
        if ($consequence->withPart !== null) {
            $more[] = $consequence->withPart->placed($this->free($consequence->withPart, []), $phase, [$await->id]);
        }
        $step = $left[$at]->after($more[\count($more) - 1]->id);
        $fits = $this->fitting($left, $part) !== null;
        $step = $fits ? $step->saying($step->act->figures + ['new' => 'yes'])->noting(new Reason('new-one')) : $step;

        return [...\array_slice($left, 0, $at), ...$more, $step, ...\array_slice($left, $at + 1)];
    }

    /**
     * @param list<Step> $left
     *
     * @return int|null index of the step with which the part goes in
     */
    private function fitting(array $left, string $part): ?int
    {
        foreach ($left as $i => $step) {
            $hangs = $step->kind() === StepKind::HangPart && $step->isAbout($part);
            if (!$this->run->isDone($step) && ($hangs || \in_array($part, $step->effects->parts->in, true))) {
                return $i;
            }
        }

        return null;
    }

    private static function await(string $part, string $name): Step
    {
        return Step::of(StepKind::AwaitPart, Face::Front, $part)
            ->saying(['name' => $name])
            ->taking(30.0)
            ->because(new Reason('part-is-ordered', ['name' => $name]));
    }

    /** @param list<Step> $new steps that have an id of their own already */
    private function free(Step $step, array $new): string
    {
        $taken = $this->run->plan->steps + array_combine(array_map(static fn(Step $s): string => $s->id, $new), $new);
        $wish = $step->kind()->value . ':' . $step->act->subjects[0];
        $id = $wish;
        for ($n = 2; isset($taken[$id]); ++$n) {
            $id = $wish . '#' . $n;
        }

        return $id;
    }
}
