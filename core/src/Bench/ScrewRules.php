<?php

declare(strict_types=1);

namespace Facelift\Bench;

use Facelift\Fasteners\MatPlace;
use Facelift\Fasteners\ScrewMat;

/** May this one screw come out here, or go in here? */
final readonly class ScrewRules
{
    /** @return Refusal|null null if it may */
    public function check(Run $run, Event $event): ?Refusal
    {
        $step = $run->plan->steps[$event->step()] ?? null;
        $screw = self::numbered($run->plan->mat, (int) $event->number());
        $groups = $step?->effects->screws->groups() ?? [];
        if ($step === null || $screw === null || $groups === []) {
            return Refusal::never('no-screws-here');
        }
        if ($run->isDone($step) || \in_array($screw->number, $run->state->happened->screws[$step->id] ?? [], true)) {
            return Refusal::never('screw-counted', ['number' => $screw->number]);
        }
        $hole = self::holeOf($run->plan->mat, $groups);
        if ($hole === null || \in_array($screw->fastener, $groups, true)) {
            return null;
        }

        return $step->effects->screws->in === []
            ? Refusal::never('screw-not-of-this-step', ['number' => $screw->number])
            : $this->wrongHole($screw, $hole);
    }

    private static function numbered(ScrewMat $mat, int $number): ?MatPlace
    {
        foreach ($mat->places as $place) {
            if ($place->number === $number) {
                return $place;
            }
        }

        return null;
    }

    /** @param list<string> $groups */
    private static function holeOf(ScrewMat $mat, array $groups): ?MatPlace
    {
        foreach ($mat->places as $place) {
            if (\in_array($place->fastener, $groups, true)) {
                return $place;
            }
        }

        return null;
    }

    private function wrongHole(MatPlace $screw, MatPlace $hole): ?Refusal
    {
        if ($screw->isLike($hole)) {
            return null;
        }
        $figures = [
            'number' => $screw->number,
            'driver' => $screw->driver->value,
            'length' => $screw->length,
            'wanted' => $hole->length,
        ];
        $past = ScrewMat::past($screw->length, $hole->hole->depth);
        $under = $hole->hole->under;
        $deep = $figures + ['depth' => $hole->hole->depth, 'past' => round($past, 2), 'under' => (string) $under];

        return match (true) {
            $past > 0 && $under === null => Refusal::never('screw-too-long', $deep),
            $past > 0 => Refusal::never('screw-goes-into', $deep),
            $screw->length < $hole->length => Refusal::never('screw-too-short', $figures),
            default => Refusal::never('screw-of-another-kind', $figures),
        };
    }
}
