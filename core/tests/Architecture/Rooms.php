<?php

declare(strict_types=1);

namespace Facelift\Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** Rules checked by PHPStan: the core knows no framework, and a room imports only rooms above it. */
final class Rooms
{
    /** Each room with the rooms it may import; data flows downwards. */
    private const ROOMS = [
        'Document',
        'Quantity',
        'Geometry',
        'Calibration',
        'Anatomy',
        'Condition',
        'Diagnosis',
        'Fit',
        'Route',
        'Heat',
        'Cut',
        'Fasteners',
        'Seal',
        'Chip',
        'Proof',
        'Cost',
        'Plan',
        'Bench',
        'Capture',
        'Supply',
        'Pack',
        'Calendar',
        'Schedule',
        'Record',
        'Pricing',
    ];

    public function testCoreKnowsNoFramework(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Facelift'))
            ->excluding(Selector::inNamespace('Facelift\Tests'))
            ->shouldNot()
            ->dependOn()
            ->classes(
                Selector::inNamespace('Illuminate'),
                Selector::inNamespace('App'),
                Selector::inNamespace('Symfony'),
            )
            ->because('the rules of the trade run without a framework');
    }

    /** @return iterable<string, Rule> */
    public function testARoomImportsOnlyRoomsAboveIt(): iterable
    {
        foreach (self::ROOMS as $i => $room) {
            $below = \array_slice(self::ROOMS, $i + 1);
            if ($below === []) {
                continue;
            }
            yield $room => PHPat::rule()
                ->classes(Selector::inNamespace('Facelift\\' . $room))
                ->shouldNot()->dependOn()
                ->classes(...array_map(static fn(string $r) => Selector::inNamespace('Facelift\\' . $r), $below))
                ->because('data flows from the top of the list downwards');
        }
    }

    public function testOthersDoNotReachIntoARoomsInternals(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App'))
            ->shouldNot()->dependOn()
            ->classes(Selector::classname('/^Facelift\\\\\w+\\\\Internal\\\\/', true))
            ->because('what is internal to a room may change');
    }
}
