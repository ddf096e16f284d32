<?php

declare(strict_types=1);

namespace Facelift\Schedule;

use Facelift\Document\Faults;
use Facelift\Document\Node;
use Facelift\Document\Unreadable;
use Facelift\Schedule\Day\Day;
use Facelift\Schedule\Internal\BenchNode;

/** Reads a day at the bench from a document; see docs/formats.md. */
final readonly class DayReader
{
    public const FORMAT = 'facelift-day';
    public const VERSION = 1;
    /** Of hands, where nothing is said (common practice, no source). */
    private const SPREAD = 0.35;
    private const MOST = 500;

    /**
     * @param mixed $data decoded JSON
     *
     * @throws Unreadable With every fault by its place.
     * @throws NeverOpen  If the shop does not open within the year.
     */
    public function read(mixed $data): Day
    {
        $faults = new Faults();
        $root = Node::root($data, $faults)->only(
            'format',
            'version',
            'now',
            'zone',
            'week',
            'closed',
            'people',
            'equipment',
            'phones',
        );
        if ($root->string('format') !== self::FORMAT) {
            $root->fault('format', 'must be ' . self::FORMAT);
        }
        $root->int('version', self::VERSION, self::VERSION);
        $zone = BenchNode::zone($root, new \DateTimeZone('UTC'));
        $hours = new OpeningHours(
            $zone,
            BenchNode::week($root),
            $root->has('closed') ? BenchNode::closed($root) : [],
        );
        $people = BenchNode::people($root, $zone);
        $equipment = BenchNode::equipment($root);
        $now = self::moment($root, 'now');
        $seen = [];
        $loads = $root->each('phones', static function (Node $n) use ($now, &$seen): Load {
            $load = self::load($n, $now);
            if (isset($seen[$load->id])) {
                $n->fault('tag', 'is there twice');
            }
            $seen[$load->id] = true;

            return $load;
        });
        if (\count($loads) > self::MOST) {
            $root->fault('phones', 'must be ' . self::MOST . ' at most');
        }
        if ($faults->any() || $people === []) {
            throw Unreadable::because('day', $faults->all());
        }

        return new Day(new Bench($hours, $people, $equipment), $loads, $now);
    }

    private static function load(Node $n, int $now): Load
    {
        $n->only(
            'tag',
            'from',
            'due',
            'weight',
            'pin',
            'pieces',
        );
        $pieces = $n->each('pieces', self::piece(...));
        if ($pieces === []) {
            $n->fault('pieces', 'must be one at least');
        }

        return new Load(
            $n->string('tag'),
            new Chain($pieces),
            $n->has('from') ? self::moment($n, 'from') : $now,
            $n->has('due') ? self::moment($n, 'due') : PHP_INT_MAX,
            self::SPREAD,
            $n->has('weight') ? $n->int('weight', 1, 1000) : 1,
            null,
            $n->has('pin') ? self::moment($n, 'pin') : null,
        );
    }

    private static function piece(Node $n): Piece
    {
        $n->only(
            'step',
            'hands',
            'off',
            'equipment',
            'within',
            'rights',
        );

        return new Piece(
            $n->string('step'),
            $n->number('hands', 0, 100_000),
            $n->optionalNumber('off', 0, 500_000) ?? 0.0,
            $n->optionalEnum('equipment', Equipment::class),
            $n->optionalNumber('within', 0, 500_000),
            $n->has('rights') ? $n->enums('rights', Right::class) : [],
        );
    }

    /** ms since 1970 */
    private static function moment(Node $n, string $key): int
    {
        $text = $n->string($key);
        $read = \DateTimeImmutable::createFromFormat(\DateTimeInterface::ATOM, $text);
        if ($read === false) {
            $n->fault($key, 'must be a moment with its zone, as 2026-11-26T09:20:00+01:00');

            return 0;
        }

        return 1000 * $read->getTimestamp();
    }
}
