<?php

declare(strict_types=1);

namespace Facelift\Plan;

use Facelift\Anatomy\Pairing;
use Facelift\Document\Reason;
use Facelift\Route\Trial;

/**
 * How one way of doing a job differs from another, in words: what is opened, moved, unscrewed and risked in one and
 * not in the other.
 */
final readonly class WayDifference
{
    /** @return list<Reason> of `$plan` beside `$other`; empty if they do the same */
    public function between(Plan $plan, Plan $other): array
    {
        $phone = $plan->basis->phone;
        $names = static fn(array $ids): string => implode(
            ', ',
            array_map($phone->nameOf(...), array_values(array_filter($ids, is_string(...)))),
        );
        $paired = static fn(Plan $p): array => array_values(
            array_filter(
                [...$p->route->moved, ...$p->route->ids()],
                static fn(string $id): bool => ($phone->parts[$id]->pairing ?? Pairing::None) !== Pairing::None,
            ),
        );
        $bonds = static fn(Plan $p): array => array_keys($p->sealing->openings);
        $found = [];
        foreach (
            [
                ['way-opens', $bonds($plan), $bonds($other)],
                ['way-moves', $plan->route->moved, $other->route->moved],
                ['way-touches-paired', $paired($plan), $paired($other)],
            ] as [$code, $here, $there]
        ) {
            foreach (
                [[$code, array_diff($here, $there)], [$code . '-not', array_diff($there, $here)]] as [$said, $ids]
            ) {
                if ($ids !== []) {
                    $found[] = new Reason($said, ['names' => $names(array_unique($ids))]);
                }
            }
        }
        $screws = \count($plan->mat->places) - \count($other->mat->places);
        $removals = $this->removals($plan) - $this->removals($other);
        if ($screws !== 0) {
            $found[] = new Reason($screws > 0 ? 'way-more-screws' : 'way-fewer-screws', ['count' => abs($screws)]);
        }
        if ($removals !== 0) {
            $found[] = new Reason($removals > 0 ? 'way-more-removals' : 'way-fewer-removals', [
                'count' => abs($removals),
            ]);
        }
        if (($plan->route->trial instanceof Trial) !== ($other->route->trial instanceof Trial)) {
            $found[] = new Reason($plan->route->trial instanceof Trial ? 'way-can-be-tried' : 'way-cannot-be-tried');
        }

        return $found;
    }

    private function removals(Plan $plan): int
    {
        return \count($plan->route->ids());
    }
}
