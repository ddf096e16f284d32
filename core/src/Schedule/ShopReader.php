<?php

declare(strict_types=1);

namespace Facelift\Schedule;

use Facelift\Document\Faults;
use Facelift\Document\Node;
use Facelift\Document\Unreadable;
use Facelift\Schedule\Internal\BenchNode;

/** Reads what the owner has set of the shop. */
final readonly class ShopReader
{
    /** What a stall in a market usually has (common practice, no source). */
    /** characters */
    public const LONGEST_NAME = 80;

    public const USUAL = [
        'week' => [
            ['day' => 1, 'open' => ['09:00–13:00', '14:00–18:30']],
            ['day' => 2, 'open' => ['09:00–13:00', '14:00–18:30']],
            ['day' => 3, 'open' => ['09:00–13:00', '14:00–18:30']],
            ['day' => 4, 'open' => ['09:00–13:00', '14:00–18:30']],
            ['day' => 5, 'open' => ['09:00–13:00', '14:00–18:30']],
            ['day' => 6, 'open' => ['09:00–14:00']],
            ['day' => 7, 'open' => []],
        ],
        'closed' => [],
        'people' => [],
        'equipment' => [
            'plate' => 1, 'hot-air' => 1, 'grain-bag' => 2, 'clamp-set' => 2, 'charger' => 3, 'uv-lamp' => 1,
        ],
        'certainty' => 80,
        'dates' => 'en-GB',
        'temperature' => 'celsius',
        'length' => 'mm',
    ];

    /**
     * @param mixed         $data  as kept; see docs/formats.md
     * @param \DateTimeZone $usual where no zone is set
     * @param array<int|string, float> $paces of people whose pace is not set, from the record
     * @param array<int|string, array<Right>> $rights of people, from their accounts
     *
     * @throws Unreadable With every fault by its place; nothing is to be kept.
     */
    public function read(mixed $data, \DateTimeZone $usual, array $paces = [], array $rights = []): Shop
    {
        $faults = new Faults();
        $root = Node::root($data, $faults)->only(...[...array_keys(self::USUAL), 'zone', 'name']);
        $zone = BenchNode::zone($root, $usual);
        $hours = new OpeningHours($zone, BenchNode::week($root), BenchNode::closed($root));
        $equipment = BenchNode::equipment($root);
        $people = BenchNode::people($root, $zone, $paces, $rights);
        $certainty = $root->int('certainty', 50, 99) / 100;
        $shown = $this->shown($root);
        $name = $root->optionalString('name') ?? '';
        if (mb_strlen($name) > self::LONGEST_NAME) {
            $root->fault('name', \sprintf('must have at most %d characters', self::LONGEST_NAME));
        }
        if ($faults->any() || $people === []) {
            throw Unreadable::because('shop', $faults->all());
        }

        return new Shop(new Bench($hours, $people, $equipment), $certainty, $shown, $name);
    }

    /** How figures are shown; what is not a language is named. */
    private function shown(Node $root): Shown
    {
        $dates = $root->string('dates');
        if (preg_match('/^[a-z]{2,3}(-[A-Z]{2})?$/D', $dates) !== 1) {
            $root->fault('dates', 'must be a language, as en-GB');
        }

        return new Shown(
            $dates,
            $root->enum('temperature', TemperatureUnit::class),
            $root->enum('length', LengthUnit::class),
        );
    }
}
