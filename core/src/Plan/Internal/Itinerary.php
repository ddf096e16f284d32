<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal;

use Facelift\Anatomy\AdhesiveKind;
use Facelift\Plan\School;
use Facelift\Route\Trial;

/**
 * The order in which a job's graph of removals and refits is gone through: the two schools are two orders of one graph.
 *
 * @internal
 */
final readonly class Itinerary
{
    public function __construct(private Site $site) {}

    /** @return list<Errand> every removal once, and everything that was removed put back once */
    public function by(School $school): array
    {
        return $school === School::PieceByPiece ? $this->pieceByPiece() : $this->stripThenBuild();
    }

    /** @return list<Errand> */
    private function stripThenBuild(): array
    {
        $out = array_map(static fn($node): Errand => Errand::out($node->id), $this->site->route->removals->nodes);

        return [...$out, ...array_map(Errand::back(...), array_reverse($this->site->route->ids()))];
    }

    /**
     * Whatever is out and has everything under it in already goes over at once, as soon as the new part is proven.
     *
     * @return list<Errand>
     */
    private function pieceByPiece(): array
    {
        $errands = $out = $back = [];
        $left = array_reverse($this->site->route->ids());
        $proven = $this->site->route->trial === null;
        foreach ($this->site->route->removals->nodes as $node) {
            $errands[] = Errand::out($node->id);
            $out[$node->id] = true;
            $proven = $proven || $node->id === Trial::ID;
            while ($proven && ($next = $this->next($left, $out, $back)) !== null) {
                $errands[] = Errand::back($next);
                $back[$next] = true;
                $left = array_values(array_diff($left, [$next]));
            }
        }

        return [...$errands, ...array_map(Errand::back(...), $left)];
    }

    /**
     * @param list<string>        $left
     * @param array<string, true> $out
     * @param array<string, true> $back
     */
    private function next(array $left, array $out, array $back): ?string
    {
        foreach ($left as $id) {
            if (isset($out[$id]) && $this->canGoOver($id, $back)) {
                return $id;
            }
        }

        return null;
    }

    /**
     * Nothing that is closed, bonded shut or live, and only what has its place on the new part by now.
     *
     * @param array<string, true> $back
     */
    private function canGoOver(string $id, array $back): bool
    {
        $phone = $this->site->phone;
        $under = array_diff($this->site->frees[$id] ?? [], [Trial::ID], array_keys($back));
        $bond = $phone->bonds[$id] ?? null;
        $shuts = $bond !== null && ($bond->cut !== null || $bond->adhesive === AdhesiveKind::Clips);
        $isCover = isset($phone->parts[$id]) && $this->site->coverBondOf($id) !== null;
        if (
            $under !== []
            || $shuts
            || $isCover
            || $this->site->isDiscarded($id)
            || ($phone->connectors[$id]->power ?? false)
        ) {
            return false;
        }
        $needs = $phone->fasteners[$id]->holds
            ?? ($phone->connectors[$id]->joins ?? ($bond->joins ?? [$phone->parts[$id]->carriedBy ?? '']));

        return array_filter($needs, fn(string $part): bool => !$this->isOver($part, $back)) === [];
    }

    /**
     * On the new part: it is new, or it or what carries it has been put there.
     *
     * @param array<string, true> $back
     */
    private function isOver(string $part, array $back): bool
    {
        for ($at = $part; $at !== null && $at !== ''; $at = $this->site->phone->parts[$at]->carriedBy) {
            if (isset($back[$at]) || $this->site->isDiscarded($at)) {
                return $at === $part || isset($back[$at]) || !\in_array($part, $this->site->route->moved, true);
            }
        }

        return false;
    }
}
