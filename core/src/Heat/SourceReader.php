<?php

declare(strict_types=1);

namespace Facelift\Heat;

use Facelift\Document\Faults;
use Facelift\Document\Node;
use Facelift\Document\Unreadable;
use Facelift\Quantity\OutOfRange;

/**
 * Reads a source as it is sent and kept: `{kind: plate, set}`, `{kind: hot-air, set, distance, edge}`, `{kind:
 * local-air, set}`
 * or `{kind: grain-bag, mass, minutes}`, each with the shop's own `coefficient` if it has been measured.
 */
final readonly class SourceReader
{
    /**
     * How it is used: `hold` if it goes on along the stretch that is cut, `preheat` for what the phone is warmed with
     * before.
     *
     * @throws Unreadable If anything is missing or out of range.
     */
    public function approach(mixed $data, float $room = Usual::ROOM): Approach
    {
        $faults = new Faults();
        $n = Node::root($data, $faults);
        $held = $n->has('hold') && $n->flag('hold');
        if ($held && $this->read($data, $room)->covers === null) {
            $n->fault('hold', 'is for hot air: what heats all round cannot go along with the blade');
        }
        $before = \is_array($data) && isset($data['preheat']) ? $this->read($data['preheat'], $room) : null;
        if ($before !== null && $before->covers !== null) {
            $n->fault('preheat', 'must heat all round: a plate, a mat or a bag');
        }
        if ($faults->any()) {
            throw Unreadable::because('heat source', $faults->all());
        }

        return new Approach($held, $before);
    }

    /** @throws Unreadable If anything is missing or out of range. */
    public function read(mixed $data, float $room = Usual::ROOM): Source
    {
        $faults = new Faults();
        $n = Node::root($data, $faults)->only(
            'kind',
            'set',
            'distance',
            'edge',
            'mass',
            'minutes',
            'coefficient',
            'hold',
            'preheat',
        );
        $kind = $n->enum('kind', SourceKind::class);
        try {
            $source = match ($kind) {
                SourceKind::Plate => Source::plate($n->number('set', ...$kind->range())),
                SourceKind::HotAir => Source::hotAir(
                    $n->number('set', ...$kind->range()),
                    $n->number('distance', 10, 200),
                    $n->number('edge', 1, 1000),
                ),
                SourceKind::LocalAir => Source::localAir($n->number('set', ...$kind->range())),
                SourceKind::GrainBag => Source::grainBag(
                    $n->number('mass', 0.1, 2),
                    $n->number('minutes', 0.1, 20),
                    $room,
                ),
            };
            $own = $n->optionalNumber('coefficient', ...$kind->coefficients());
            $source = $own === null || $faults->any() ? $source : $source->withCoefficient($own, Origin::ShopsOwn);
        } catch (OutOfRange $e) {
            // The node has named the field already where it could.
            if (!$faults->any()) {
                $n->fault('set', $e->getMessage());
            }
            $source = Source::plate(85);
        }
        if ($faults->any()) {
            throw Unreadable::because('heat source', $faults->all());
        }

        return $source;
    }
}
