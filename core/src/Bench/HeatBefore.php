<?php

declare(strict_types=1);

namespace Facelift\Bench;

use Facelift\Heat\Carried;
use Facelift\Heat\Curves;
use Facelift\Heat\HeatRecord;
use Facelift\Heat\Programme;
use Facelift\Heat\Stack;
use Facelift\Plan\StepKind;

/**
 * What a phone carries into the heating of a bond from the bonds that were really heated before it: one phone has one
 * history.
 */
final readonly class HeatBefore
{
    /**
     * @param int $from ms since 1970 at which the bond's own heating began
     *
     * @return Carried nothing if no other bond was heated before
     */
    public static function of(Run $run, string $bond, int $from): Carried
    {
        $basis = $run->plan->basis;
        $carried = Carried::nothing($basis->room);
        $records = self::before($run, $bond, $from);
        foreach (array_keys($records) as $i => $other) {
            $next = array_keys($records)[$i + 1] ?? $bond;
            $until = isset($records[$next]) ? $records[$next]->from : $from;
            $carried = self::through(
                $run,
                $other,
                $records[$other],
                $carried,
                $next,
                $until,
            );
        }

        return $carried;
    }

    /** @return array<string, HeatRecord> of the other bonds that were heated before, the earliest first */
    private static function before(Run $run, string $bond, int $from): array
    {
        $records = [];
        foreach (array_keys($run->plan->sealing->openings) as $other) {
            $record = $other === $bond ? null : HeatLog::of($run, $other, $from);
            if ($record !== null && $record->from < $from) {
                $records[$other] = $record;
            }
        }
        uasort($records, static fn(HeatRecord $a, HeatRecord $b): int => $a->from <=> $b->from);

        return $records;
    }

    /** One bond heated, what lay on it lifted, and the phone at rest until the next one is heated. */
    private static function through(
        Run $run,
        string $bond,
        HeatRecord $record,
        Carried $carried,
        string $next,
        int $until,
    ): Carried {
        $basis = $run->plan->basis;
        $heated = $basis->phone->bonds[$bond];
        $off = self::liftedAt($run, $heated->lifted());
        $seconds = static fn(int $at): float => max(0.0, (min($at, $until) - $record->from) / 1000);
        $programme = $record->programme($basis->source, $seconds($off ?? $until));
        $carried = Curves::after($carried, $basis->phone, $heated)->carried($programme);
        if ($off === null || $off >= $until) {
            return $carried;
        }
        $rest = Programme::empty()->rest($seconds($until) - $seconds($off));

        return Curves::after(
            $carried->lifted(Stack::edgeOf($basis->phone, $heated)),
            $basis->phone,
            $basis->phone->bonds[$next],
        )->carried($rest);
    }

    /** @return int|null ms since 1970; null if it has not been lifted off */
    private static function liftedAt(Run $run, string $part): ?int
    {
        foreach ($run->state->done as $id => $event) {
            $step = $run->plan->steps[$id] ?? null;
            if ($step?->kind() === StepKind::Lift && $step->isAbout($part)) {
                return $event->at;
            }
        }

        return null;
    }
}
