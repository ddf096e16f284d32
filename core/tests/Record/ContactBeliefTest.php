<?php

declare(strict_types=1);

namespace Facelift\Tests\Record;

use Facelift\Heat\ContactFit;
use Facelift\Record\ContactBelief;
use Facelift\Record\ContactSeen;
use Facelift\Tests\Dice;
use PHPUnit\Framework\TestCase;

final class ContactBeliefTest extends TestCase
{
    public function testWithoutReadingsTheEstimateStands(): void
    {
        $none = ContactBelief::of(125.0, [], 3.0);
        self::assertEqualsWithDelta(125.0, $none->coefficient, 1e-9);
        self::assertEqualsWithDelta(125 * exp(-1.645 * 0.12), $none->band->low, 0.01);
        self::assertEqualsWithDelta(0.0, $none->drift, 1e-12);
        self::assertFalse($none->drifts());
    }

    /** By hand: two jobs a year apart with weights 1/(0.06² + 0.08²) = 100, before a belief of 69.44 and 100. */
    public function testTwoJobsByHand(): void
    {
        $seen = [new ContactSeen(0.0, log(110.0), 0.06), new ContactSeen(1.0, log(100.0), 0.06)];
        $belief = ContactBelief::of(125.0, $seen, 1.0);
        // Normal equations about now: [269.444, −100; −100, 200] · [level, slope] = [1278.04…, −470.05…].
        $right = [log(125.0) / 0.0144 + 100 * (log(110.0) + log(100.0)), -100 * log(110.0)];
        $det = 269.4444444 * 200 - 10_000;
        self::assertEqualsWithDelta(exp((200 * $right[0] + 100 * $right[1]) / $det), $belief->coefficient, 1e-4);
        self::assertEqualsWithDelta(
            exp((269.4444444 * $right[1] + 100 * $right[0]) / $det) - 1,
            $belief->drift,
            1e-6,
        );
        $reversed = ContactBelief::of(125.0, array_reverse($seen), 1.0);
        self::assertEqualsWithDelta($belief->coefficient, $reversed->coefficient, 1e-9, 'in any order');
    }

    /** Made shops whose plate wears as only they know: nine of ten lie in the bands. */
    public function testBandsHoldTheTruth(): void
    {
        [$level, $drift, $shops] = [0, 0, 400];
        for ($shop = 0; $shop < $shops; ++$shop) {
            $dice = new Dice(300 + $shop);
            $now = log(125.0) + 0.12 * self::normal($dice);
            $slope = 0.1 * self::normal($dice);
            $seen = [];
            for ($job = 0; $job < 25; ++$job) {
                $years = $dice->float(0.0, 2.0);
                $error = $dice->float(0.02, 0.15);
                $log = $now + $slope * ($years - 2.0) + 0.08 * self::normal($dice) + $error * self::normal($dice);
                $seen[] = new ContactSeen($years, $log, $error);
            }
            $belief = ContactBelief::of(125.0, $seen, 2.0);
            $level += (int) $belief->band->holds(exp($now));
            $drift += (int) $belief->drifts->holds(exp($slope) - 1);
        }
        foreach ([$level, $drift] as $held) {
            self::assertGreaterThan(0.86 * $shops, $held);
            self::assertLessThan(0.94 * $shops, $held);
        }
    }

    public function testTheIntervalOfAFitIsItsError(): void
    {
        $fit = new ContactFit(
            100.0,
            100.0 * exp(-0.098),
            100.0 * exp(0.098),
            0.4,
            null,
            5,
        );
        self::assertEqualsWithDelta(0.05, ContactSeen::of($fit, 0.0)->error, 1e-9);
    }

    private static function normal(Dice $dice): float
    {
        return sqrt(-2 * log($dice->float(1e-6, 1.0))) * cos(2 * M_PI * $dice->float(0.0, 1.0));
    }
}
