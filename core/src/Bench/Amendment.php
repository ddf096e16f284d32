<?php

declare(strict_types=1);

namespace Facelift\Bench;

use Facelift\Anatomy\Face;
use Facelift\Document\Reason;
use Facelift\Plan\Effects;
use Facelift\Plan\Phase;
use Facelift\Plan\PlanDocument;
use Facelift\Plan\Step;
use Facelift\Plan\StepKind;

/** Writes a plan document anew from where the phone now stands: what is done stays, what is left waits for what a trouble asks. */
final readonly class Amendment
{
    /**
     * @param array<string, mixed> $document a plan document
     *
     * @return array<string, mixed> the plan as it now is
     */
    public function of(array $document, BenchState $state, Consequence $consequence): array
    {
        $steps = [];
        foreach (\is_array($document['steps'] ?? null) ? $document['steps'] : [] as $step) {
            if (\is_array($step) && \is_string($step['id'] ?? null)) {
                $steps[] = $step;
            }
        }
        $at = \count($steps);
        foreach ($steps as $i => $step) {
            if (!isset($state->done[$step['id']])) {
                $at = $i;
                break;
            }
        }
        $before = $at > 0 ? self::strings([$steps[$at - 1]['id']]) : [];
        $phase = Phase::tryFrom(\is_string($steps[$at]['phase'] ?? null) ? $steps[$at]['phase'] : '') ?? Phase::Finish;
        [$done, $left] = [\array_slice($steps, 0, $at), \array_slice($steps, $at)];
        $new = [];
        foreach ($consequence->now as $step) {
            $new[] = self::written($step, self::free($step->id, $steps), $phase, $before);
            $before = self::strings([$new[\count($new) - 1]['id']]);
        }
        if ($new !== []) {
            $left = array_map(static fn(array $s): array => isset($state->done[$s['id']]) ? $s : self::waiting($s, $before), $left);
        }
        $left = $consequence->part === null ? $left : $this->withNewPart($left, $steps, $consequence->part, $phase);
        $document['steps'] = [...$done, ...$new, ...$left];

        return $document;
    }

    /**
     * The part is fitted new where the old one would have gone back, and has to be there first.
     *
     * @param list<array<mixed>> $left
     * @param list<array<mixed>> $all
     *
     * @return list<array<mixed>>
     */
    private function withNewPart(array $left, array $all, string $part, Phase $phase): array
    {
        $out = [];
        $placed = false;
        foreach ($left as $step) {
            if (($step['id'] ?? null) === 'fit-part:' . $part) {
                $await = self::await($part, self::nameIn($step));
                $out[] = self::written($await, self::free($await->id, $all), $phase, self::strings($step['after'] ?? null));
                $step = self::waiting($step, [$out[\count($out) - 1]['id']]);
                $figures = \is_array($step['figures'] ?? null) ? $step['figures'] : [];
                $step['figures'] = ['new' => 'yes'] + $figures;
                $placed = true;
            }
            $out[] = $step;
        }
        if ($placed || $left === []) {
            return $out;
        }
        // It has not come out in this plan: it has to be there before anything is finished.
        $await = self::await($part, $part);
        $last = array_pop($out);
        $out[] = self::written($await, self::free($await->id, $all), $phase, self::strings($last['after'] ?? null));
        $out[] = self::waiting($last ?? [], [$out[\count($out) - 1]['id']]);

        return $out;
    }

    private static function await(string $part, string $name): Step
    {
        return new Step('await-part:' . $part, Phase::MoveOver, StepKind::AwaitPart, [$part], ['name' => $name], Face::Front, null, 30, 0, [], [new Reason('part-is-ordered', ['name' => $name])], [], new Effects(), null);
    }

    /**
     * @param list<string> $after
     *
     * @return array<string, mixed>
     */
    private static function written(Step $step, string $id, Phase $phase, array $after): array
    {
        return ['id' => $id, 'phase' => $phase->value, 'after' => $after] + (new PlanDocument())->step($step);
    }

    /**
     * @param array<mixed> $step
     * @param list<mixed>  $for
     *
     * @return array<mixed>
     */
    private static function waiting(array $step, array $for): array
    {
        $step['after'] = array_values(array_unique([...self::strings($step['after'] ?? null), ...self::strings($for)]));

        return $step;
    }

    /** @param list<array<mixed>> $steps */
    private static function free(string $wish, array $steps): string
    {
        $taken = array_column($steps, 'id');
        $id = $wish;
        for ($n = 2; \in_array($id, $taken, true); ++$n) {
            $id = $wish . '#' . $n;
        }

        return $id;
    }

    /** @param array<mixed> $step */
    private static function nameIn(array $step): string
    {
        $figures = \is_array($step['figures'] ?? null) ? $step['figures'] : [];

        return \is_string($figures['name'] ?? null) ? $figures['name'] : '';
    }

    /** @return list<string> */
    private static function strings(mixed $list): array
    {
        return array_values(array_filter(\is_array($list) ? $list : [], \is_string(...)));
    }
}
