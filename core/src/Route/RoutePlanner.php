<?php

declare(strict_types=1);

namespace Facelift\Route;

use Facelift\Anatomy\AdhesiveKind;
use Facelift\Anatomy\Blocks;
use Facelift\Anatomy\Bond;
use Facelift\Anatomy\Connector;
use Facelift\Anatomy\Face;
use Facelift\Anatomy\Fastener;
use Facelift\Anatomy\Pairing;
use Facelift\Anatomy\Part;
use Facelift\Anatomy\PartKind;
use Facelift\Anatomy\Phone;
use Facelift\Anatomy\Replacement;
use Facelift\Anatomy\Tool;
use Facelift\Fit\OldPanel;

/**
 * Works out what to take apart for a replacement part: the least that frees it, in the order with the fewest changes.
 */
final readonly class RoutePlanner
{
    public function __construct(private FewestChanges $ordering = new FewestChanges(seconds: 1.0)) {}

    /**
     * In this order: as little disturbed as possible, as little at risk, as little as possible before the trial, few
     * tool changes and turns, few minutes.
     *
     * @throws NoWayIn If the phone file blocks itself.
     */
    public function plan(Phone $phone, Replacement $replacement, OldPanel $old = OldPanel::Save): Route
    {
        $discarded = self::discarded($phone, $replacement);
        $trays = array_values(
            array_filter(
                array_keys($phone->parts),
                static fn(string $id): bool => $phone->parts[$id]->kind->comesOutFirst(),
            ),
        );
        $clauses = self::without(
            Blocks::of($phone)->clauses,
            $old === OldPanel::Save ? [] : self::torn($phone, $discarded),
        );
        $weights = Weights::of($phone);
        $least = new LeastSet($clauses, $weights);
        $trial = self::trial($phone, $replacement, $discarded);
        $power = $phone->powerConnector()->id;
        $goals = array_values(array_diff(self::goals($phone, $discarded), $trays));
        $live = $trial === null ? [] : [...$trial->connect, $power];
        $best = null;
        // The whole first, then of it the least that has to be off for the trial: the two together are least.
        foreach ($least->all(array_values(array_unique([...$live, ...$goals, $power])), $trays) as $all) {
            foreach ($trial === null ? [[]] : self::among($clauses, $all, $trays, $weights)->all($live) as $first) {
                $nodes = self::nodes(
                    $phone,
                    $clauses,
                    $all,
                    $first,
                    $trays,
                    $trial,
                );
                $ordered = $this->ordering->order($nodes);
                $price = [\count($first), $ordered->changes, Weights::seconds($phone, $all)];
                if ($best === null || $price < $best[0]) {
                    $best = [$price, $ordered, $all];
                }
            }
        }

        return new Route($best[1], self::moved($phone, $discarded, $best[2], $trays), $discarded, $trial);
    }

    /**
     * @param array<string, list<list<string>>> $clauses
     * @param list<string>                      $all
     * @param list<string>                      $first
     * @param list<string>                      $trays
     *
     * @return list<RemovalNode>
     */
    private static function nodes(
        Phone $phone,
        array $clauses,
        array $all,
        array $first,
        array $trays,
        ?Trial $trial,
    ): array {
        $nodes = [];
        foreach ($all as $id) {
            $nodes[] = self::node(
                $phone,
                $id,
                self::within($clauses[$id], $all, $trays),
                $trial !== null && !\in_array($id, $first, true),
            );
        }
        if ($trial !== null) {
            $nodes[] = new RemovalNode(
                Trial::ID,
                null,
                $phone->connectors[$trial->connect[0]]->face,
                array_map(static fn(string $id): array => [$id], $first),
            );
        }

        return $nodes;
    }

    /**
     * The least sets out of a set that is closed by itself.
     *
     * @param array<string, list<list<string>>> $clauses
     * @param list<string>                      $all
     * @param list<string>                      $trays
     * @param array<string, array{int, int}>    $weights
     */
    private static function among(array $clauses, array $all, array $trays, array $weights): LeastSet
    {
        $own = array_intersect_key($clauses, array_flip($all));

        return new LeastSet(
            array_map(static fn(array $of): array => self::within($of, $all, $trays), $own),
            $weights,
        );
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
        $inOld = static fn(string $part): bool => array_filter(
            $discarded,
            static fn(string $d): bool => $phone->movesWith($part, $d),
        ) !== [];

        return array_keys(
            array_filter(
                $phone->bonds,
                static fn(Bond $b): bool => $b->adhesive === AdhesiveKind::FlexGlue
                    && \in_array($b->joins[0], $discarded, true)
                    && !$inOld($b->joins[1]),
            ),
        );
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

        return array_map(
            static fn(array $all): array => array_values(
                array_filter($all, static fn(array $any): bool => array_intersect($any, $gone) === []),
            ),
            $left,
        );
    }

    /**
     * @return list<string> parts that stay with the old part: what is replaced, and what the new part brings unless
     *     it must be the phone's own
     */
    private static function discarded(Phone $phone, Replacement $replacement): array
    {
        $brought = array_filter(
            $replacement->brings,
            static fn(string $id): bool => $phone->parts[$id]->pairing === Pairing::None,
        );

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
            if (
                $part->carriedBy !== null
                && \in_array($id, $discarded, true) !== \in_array($part->carriedBy, $discarded, true)
            ) {
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
                $carried = $host !== null && \in_array($host, $discarded, true);
                $hops = $carried && \in_array($at, [...$all, ...$trays], true);
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

        return new Trial(
            $connect,
            array_values(array_unique([...$connect, ...$boots, $phone->powerConnector()->id])),
            $phone->panel->needsExtension($replacement->flexLength),
        );
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

        return array_values(
            array_map(static fn(array $any): array => array_values(array_intersect($any, $all)), $open),
        );
    }

    /** @param list<list<string>> $clauses */
    private static function node(Phone $phone, string $id, array $clauses, bool $afterTrial): RemovalNode
    {
        $clauses = $afterTrial ? [[Trial::ID], ...$clauses] : $clauses;
        [$tool, $face] = self::setup($phone, $id);

        return new RemovalNode($id, $tool, $face, $clauses);
    }

    /** @return array{Tool|null, Face} */
    private static function setup(Phone $phone, string $id): array
    {
        $element = $phone->parts[$id] ?? $phone->fasteners[$id] ?? $phone->connectors[$id] ?? $phone->bonds[$id];
        $tool = match (true) {
            $element instanceof Part => $element->handling->tool,
            $element instanceof Fastener => Tool::driver($element->driver),
            $element instanceof Connector => Tool::Spudger,
            $element instanceof Bond => self::parting($phone, $element),
        };

        return [$tool, $element->face];
    }

    private static function parting(Phone $phone, Bond $bond): Tool
    {
        return match (true) {
            $bond->cut !== null => Tool::OpeningSet,
            $bond->adhesive === AdhesiveKind::Clips => Tool::Card,
            $bond->adhesive === AdhesiveKind::Silicone => Tool::Tweezers,
            $bond->adhesive === AdhesiveKind::PullTab => Tool::PullTab,
            $phone->parts[$bond->lifted()]->kind === PartKind::Battery => Tool::PlasticCard,
            default => Tool::HotAirAndSpudger,
        };
    }
}
