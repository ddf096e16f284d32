<?php

declare(strict_types=1);

namespace Facelift\Tests\Anatomy;

use Facelift\Anatomy\Blocks;
use Facelift\Tests\Phones;
use PHPUnit\Framework\TestCase;

final class BlocksTest extends TestCase
{
    public function testEveryConnectorWaitsForTheBattery(): void
    {
        foreach (['quillon-vesper', 'brasca-fern-5'] as $id) {
            $phone = Phones::read($id);
            $clauses = Blocks::of($phone)->clauses;
            foreach ($phone->connectors as $connector) {
                self::assertSame(
                    !$connector->power,
                    \in_array([$phone->powerConnector()->id], $clauses[$connector->id], true),
                    $connector->id,
                );
            }
        }
    }

    public function testAPartWaitsForWhatHoldsItAndForWhatJoinsItToTheRest(): void
    {
        $clauses = Blocks::of(Phones::read('quillon-vesper'))->clauses;
        foreach (['tail-screws', 'seal', 'display-plug', 'touch-plug', 'sensor-plug'] as $holder) {
            self::assertContains([$holder], $clauses['display'], $holder . ' holds the display, its flex counted in');
        }
        self::assertNotContains(['sensor-glue'], $clauses['display'], 'what moves with the display does not hold it');
        self::assertContains(['sensor-glue'], $clauses['earpiece-flex']);
    }

    public function testEverythingOfTheShippedPhonesComesOff(): void
    {
        self::assertSame([], Blocks::of(Phones::read('quillon-vesper'))->cycle());
        self::assertSame([], Blocks::of(Phones::read('brasca-fern-5'))->cycle());
    }

    public function testOneOfSeveralIsEnough(): void
    {
        self::assertContains(
            ['main-board', 'upper-cover'],
            Blocks::of(Phones::read('brasca-fern-5'))->clauses['coax-lead'],
        );
    }
}
