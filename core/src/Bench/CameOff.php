<?php

declare(strict_types=1);

namespace Facelift\Bench;

use Facelift\Plan\Step;
use Facelift\Plan\StepKind;

/** What came off in fact, and in which order: never what was planned. */
final readonly class CameOff
{
    /** @return list<string> ids of parts, groups of screws, connectors and bonds, each where it came off first */
    public static function of(Run $run): array
    {
        $done = $run->state->done;
        uasort($done, static fn(Event $a, Event $b): int => [$a->at, $a->id] <=> [$b->at, $b->id]);
        $off = [];
        foreach (array_keys($done) as $id) {
            $step = $run->plan->steps[$id] ?? null;
            $off = $step === null ? $off : [...$off, ...self::by($step)];
        }

        return array_values(array_unique($off));
    }

    /** @return list<string> what a step takes off; a screen that is only lifted hangs on its flex still */
    private static function by(Step $step): array
    {
        $parted = \in_array($step->kind(), [StepKind::PartBond, StepKind::Unclip], true) ? $step->act->subjects : [];

        return [
            ...array_keys($step->effects->screws->out),
            ...$step->effects->connectors->out,
            ...$step->act->move === null ? $parted : [$step->act->move->bond],
            ...$step->effects->parts->out,
        ];
    }
}
