<?php

declare(strict_types=1);

namespace Facelift\Route;

use Facelift\Anatomy\AdhesiveKind;
use Facelift\Anatomy\Blocks;
use Facelift\Anatomy\Bond;
use Facelift\Anatomy\Connector;
use Facelift\Anatomy\Face;
use Facelift\Anatomy\Pairing;
use Facelift\Anatomy\PartKind;
use Facelift\Anatomy\Phone;
use Facelift\Anatomy\Replacement;
use Facelift\Fit\OldPanel;

/** Works out what to take apart for a replacement part: the least that frees it, in the order with the fewest changes. */
final readonly class RoutePlanner
{
    public function __construct(private FewestChanges $ordering = new FewestChanges()) {}

    /**
     * In this order: as little disturbed as possible, as little at risk, few tool changes and turns, few minutes.
     *
     * @throws NoWayIn If the phone file blocks itself.
     */
    public function plan(Phone $phone, Replacement $replacement, OldPanel $old = OldPanel::Save): Route
    {
        $discarded = self::discarded($phone, $replacement);
        $trays = array_values(array_filter(array_keys($phone->parts), static fn(string $id): bool => $phone->parts[$id]->kind->comesOutFirst()));
        $clauses = self::without(Blocks::of($phone)->clauses, $old === OldPanel::Save ? [] : self::torn($phone, $discarded));
        $least = new LeastSet($clauses, Weights::of($phone));
        $trial = self::trial($phone, $replacement, $discarded);
        $power = $phone->powerConnector()->id;
        $goals = array_values(array_diff(self::goals($phone, $discarded), $trays));
        $best = null;
        foreach ($trial === null ? [[]] : $least->all([...$trial->connect, $power], $trays) as $first) {
            foreach ($least->all(array_values(array_unique([...$first, ...$goals, $power])), $trays) as $all) {
                $nodes = self::nodes($phone, $clauses, $all, $first, $trays, $trial);
                $ordered = $this->ordering->order($nodes);
                $price = [$ordered->changes, Weights::seconds($phone, $all)];
                if ($best === null || $price < $best[0]) {
                    $best = [$price, $ordered, $all, $nodes];
                }
            }
        }
        return new Route($replacement, $best[1], self::moved($phone, $discarded, $best[2], $trays), $discarded, $trial, self::frees($best[3]));
    }

    /**
     * @param array<string, list<list<string>>> $clauses
     * @param list<string>                      $all
     * @param list<string>                      $first
     * @param list<string>                      $trays
     *
     * @return list<RemovalNode>
     */
    private static function nodes(Phone $phone, array $clauses, array $all, array $first, array $trays, ?Trial $trial): array
    {
        $nodes = [];
        foreach ($all as $id) {
            $nodes[] = self::node($phone, $id, self::within($clauses[$id], $all, $trays), $trial !== null && !\in_array($id, $first, true));
        }
        if ($trial !== null) {
            $nodes[] = new RemovalNode(Trial::ID, null, $phone->connectors[$trial->connect[0]]->face, array_map(static fn(string $id): array => [$id], $first));
        }

        return $nodes;
    }

    /**
     * Flexes of the old part that are glued down in the phone: a part that is given up may tear off its glue.
     *
     * @param list<string> $discarded
     *
     * @return list<string>
     */
    private static function torn(Phone $phone, array $discarded): array
    {
        $inOld = static fn(string $part): bool => array_filter($discarded, static fn(string $d): bool => $phone->movesWith($part, $d)) !== [];

        return array_keys(array_filter($phone->bonds, static fn(Bond $b): bool => $b->adhesive === AdhesiveKind::FlexGlue && \in_array($b->joins[0], $discarded, true) && !$inOld($b->joins[1])));
    }

    /**
     * @param array<string, list<list<string>>> $clauses
     * @param list<string>                      $gone
     *
     * @return array<string, list<list<string>>>
     */
    private static function without(array $clauses, array $gone): array
    {
        $left = array_diff_key($clauses, array_fill_keys($gone, true));

        return array_map(static fn(array $all): array => array_values(array_filter($all, static fn(array $any): bool => array_intersect($any, $gone) === [])), $left);
    }

    /** @return list<string> parts that stay with the old part: what is replaced, and what the new part brings unless it must be the phone's own */
    private static function discarded(Phone $phone, Replacement $replacement): array
    {
        $brought = array_filter($replacement->brings, static fn(string $id): bool => $phone->parts[$id]->pairing === Pairing::None);

        return array_values(array_unique([...$replacement->replaces, ...$brought]));
    }

    /**
     * A part must come free where it stays and what carries it goes, or the other way round.
     *
     * @param list<string> $discarded
     *
     * @return list<string>
     */
    private static function goals(Phone $phone, array $discarded): array
    {
        $goals = [];
        foreach ($phone->parts as $id => $part) {
            if ($part->carriedBy !== null && \in_array($id, $discarded, true) !== \in_array($part->carriedBy, $discarded, true)) {
                $goals[] = $id;
            }
        }

        return $goals;
    }

    /**
     * @param list<string> $discarded
     * @param list<string> $all
     * @param list<string> $trays
     *
     * @return list<string> with everything that a moved part carries
     */
    private static function moved(Phone $phone, array $discarded, array $all, array $trays): array
    {
        $moved = [];
        foreach ($phone->parts as $id => $part) {
            for ($at = $id; $at !== null; $at = $phone->parts[$at]->carriedBy) {
                $host = $phone->parts[$at]->carriedBy;
                $hops = \in_array($at, [...$all, ...$trays], true) && $host !== null && \in_array($host, $discarded, true);
                if ($hops && !\in_array($at, $discarded, true)) {
                    $moved[] = $id;
                    break;
                }
            }
        }

        return $moved;
    }

    /** @param list<string> $discarded */
    private static function trial(Phone $phone, Replacement $replacement, array $discarded): ?Trial
    {
        if (!$phone->panel->canBeTried($replacement->flexLength)) {
            return null;
        }
        $connect = Trial::plugsOf($phone, $discarded);
        if ($connect === []) {
            return null;
        }
        $boots = array_keys(array_filter($phone->connectors, static fn(Connector $c): bool => $c->boots));

        return new Trial($connect, array_values(array_unique([...$connect, ...$boots, $phone->powerConnector()->id])), $phone->panel->needsExtension($replacement->flexLength));
    }

    /**
     * @param list<list<string>> $clauses
     * @param list<string>       $all
     * @param list<string>       $off
     *
     * @return list<list<string>>
     */
    private static function within(array $clauses, array $all, array $off): array
    {
        $open = array_filter($clauses, static fn(array $any): bool => array_intersect($any, $off) === []);

        return array_values(array_map(static fn(array $any): array => array_values(array_intersect($any, $all)), $open));
    }

    /** @param list<list<string>> $clauses */
    private static function node(Phone $phone, string $id, array $clauses, bool $afterTrial): RemovalNode
    {
        $clauses = $afterTrial ? [[Trial::ID], ...$clauses] : $clauses;
        [$tool, $face] = self::setup($phone, $id);

        return new RemovalNode($id, $tool, $face, $clauses);
    }

    /** @return array{string|null, Face} */
    private static function setup(Phone $phone, string $id): array
    {
        if (isset($phone->parts[$id])) {
            $part = $phone->parts[$id];

            return [$part->tool === 'hand' ? null : $part->tool, $part->face];
        }
        if (isset($phone->fasteners[$id])) {
            return [$phone->fasteners[$id]->driver->value, $phone->fasteners[$id]->face];
        }
        if (isset($phone->connectors[$id])) {
            return ['spudger', $phone->connectors[$id]->face];
        }
        $bond = $phone->bonds[$id];

        $tool = match (true) {
            $bond->cut !== null => 'heat and blade',
            $bond->adhesive === AdhesiveKind::Clips => 'card',
            $bond->adhesive === AdhesiveKind::Silicone => 'tweezers',
            $bond->adhesive === AdhesiveKind::PullTab => 'pull tab',
            $phone->parts[$bond->joins[0]]->kind === PartKind::Battery => 'plastic card',
            default => 'warm air and spudger',
        };

        return [$tool, $bond->face];
    }

    /**
     * @param list<RemovalNode> $nodes
     *
     * @return array<string, list<string>>
     */
    private static function frees(array $nodes): array
    {
        $frees = [];
        foreach ($nodes as $node) {
            foreach ($node->clauses as $any) {
                foreach ($any as $id) {
                    $frees[$id][] = $node->id;
                }
            }
        }

        return $frees;
    }
}
