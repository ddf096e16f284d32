<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\Job;
use Facelift\Document\Faults;
use Facelift\Document\Node;
use Facelift\Document\Unreadable;
use Facelift\Geometry\Side;
use Facelift\Plan\SealWish;
use Facelift\Seal\Readings;
use Facelift\Seal\SealMeans;
use Facelift\Seal\Way;

/** What was chosen and measured for the seal of a job, as it is kept with it, with what the shop seals with. */
final readonly class SealWishes
{
    public function __construct(private ShopBook $book, private ShopRolls $rolls) {}

    public function wish(Job $job): SealWish
    {
        return $this->read($job->seal);
    }

    /**
     * @param array<string, mixed>|null $kept way and readings
     *
     * @throws Unreadable If something of it cannot be; it says what, and nothing is kept.
     */
    public function read(?array $kept): SealWish
    {
        $means = $this->means();
        if ($kept === null) {
            return new SealWish($means);
        }
        $faults = new Faults();
        $root = Node::root($kept, $faults)->only('way', 'module', 'recess', 'residue');
        $way = $root->optionalEnum('way', Way::class);
        $module = $root->optionalNumber('module', 0.2, 10);
        $recess = self::bySide($root, 'recess', 0.2);
        $residue = self::bySide($root, 'residue', 0.0);
        if ($faults->any()) {
            throw Unreadable::because('seal', $faults->all());
        }

        return new SealWish($means, $way, new Readings($module, $recess, $residue));
    }

    /** @return array<string, mixed> as it is kept, with what was not said left empty */
    public static function shown(Job $job): array
    {
        $kept = $job->seal ?? [];
        $sides = static fn(mixed $by): array => is_array($by) ? $by : [];

        return [
            'way' => $kept['way'] ?? null,
            'module' => $kept['module'] ?? null,
            'recess' => (object) $sides($kept['recess'] ?? null),
            'residue' => (object) $sides($kept['residue'] ?? null),
        ];
    }

    public function means(): SealMeans
    {
        return new SealMeans($this->rolls->all(), $this->book->rules()->corner);
    }

    /** @return array<string, float> */
    private static function bySide(Node $root, string $key, float $least): array
    {
        $node = $root->optionalNode($key)?->only(...array_column(Side::cases(), 'value'));
        if ($node === null) {
            return [];
        }
        $out = [];
        foreach (Side::cases() as $side) {
            $mm = $node->optionalNumber($side->value, $least, 10);
            if ($mm !== null) {
                $out[$side->value] = $mm;
            }
        }

        return $out;
    }
}
