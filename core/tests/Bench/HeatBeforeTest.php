<?php

declare(strict_types=1);

namespace Facelift\Tests\Bench;

use Facelift\Anatomy\ReplacementKind as K;
use Facelift\Bench\HeatBefore;
use Facelift\Bench\HeatLog;
use Facelift\Heat\Curves;
use Facelift\Heat\Programme;
use Facelift\Plan\Step;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The joint between the plan's history of temperature and the one that is followed at the bench. */
final class HeatBeforeTest extends TestCase
{
    #[TestWith(['brasca-fern-5'])]
    #[TestWith(['brasca-fern-4'])]
    #[TestWith(['brasca-larch'])]
    public function testWorkedAsPlannedTheSecondBondStartsAsWarmAsPlanned(string $phone): void
    {
        $bench = Runs::of($phone, K::DisplayAssembly);
        $heat = self::firstHeatingOf($bench, 'display-tape');
        $bench->workUpTo($heat->id);
        $bench->workUpTo(self::after($bench, $heat));
        $from = HeatLog::of($bench->run, 'display-tape', \PHP_INT_MAX)?->from;
        self::assertNotNull($from);
        $basis = $bench->plan->basis;
        $curves = Curves::after(
            HeatBefore::of($bench->run, 'display-tape', $from),
            $basis->phone,
            $basis->phone->bonds['display-tape'],
        );
        $really = $curves->run(Programme::empty())[0];
        $planned = $bench->plan->sealing->openings['display-tape']->samples[0];
        // The plan reckons what comes off between, the bench also the trial and its tests: it finds the phone a little
        // colder, never hotter.
        self::assertEqualsWithDelta($planned->battery, $really->battery, 4.0);
        self::assertLessThanOrEqual($planned->battery + 0.5, $really->battery);
        self::assertGreaterThan(30.0, $really->battery);
    }

    public function testTheFirstBondStartsCold(): void
    {
        $bench = Runs::of('brasca-fern-5', K::DisplayAssembly);
        $heat = self::firstHeatingOf($bench, 'back-seal');
        $bench->workUpTo(self::after($bench, $heat));
        $from = HeatLog::of($bench->run, 'back-seal', \PHP_INT_MAX)?->from;
        self::assertNotNull($from);
        $phone = $bench->plan->basis->phone;
        $curves = Curves::after(HeatBefore::of($bench->run, 'back-seal', $from), $phone, $phone->bonds['back-seal']);
        self::assertEqualsWithDelta(22.0, $curves->run(Programme::empty())[0]->battery, 1e-9);
    }

    private static function firstHeatingOf(Runs $bench, string $bond): Step
    {
        foreach ($bench->plan->steps as $step) {
            if ($step->heatedBond() === $bond) {
                return $step;
            }
        }
        self::fail("no heating of $bond");
    }

    private static function after(Runs $bench, Step $step): ?string
    {
        $ids = array_keys($bench->plan->steps);

        return $ids[(int) array_search($step->id, $ids, true) + 1] ?? null;
    }
}
