<?php

declare(strict_types=1);

namespace Facelift\Tests\Plan;

use Eris\Generators;
use Eris\TestTrait;
use Facelift\Anatomy\Face;
use Facelift\Anatomy\ReplacementKind;
use Facelift\Condition\Condition;
use Facelift\Condition\Mark;
use Facelift\Condition\MarkKind;
use Facelift\Condition\Observation;
use Facelift\Condition\RepairSign;
use Facelift\Geometry\Point;
use Facelift\Plan\Plan;
use Facelift\Plan\School;
use Facelift\Plan\Severity;
use Facelift\Plan\Warmth;
use Facelift\Tests\Dice;
use Facelift\Tests\Phones;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** What holds of every plan of every shipped phone, whatever was found at check-in. */
#[Group('long')]
final class PlanInvariantsTest extends TestCase
{
    use TestTrait;

    #[DataProviderExternal(Phones::class, 'jobs')]
    public function testHoldsWhateverWasFoundAtCheckIn(string $phone, ReplacementKind $kind): void
    {
        $this->limitTo(12)
            ->forAll(Generators::choose(1, 1_000_000))
            ->disableShrinking()
            ->then(function (int $seed) use ($phone, $kind): void {
                $plan = Phones::plan(
                    $phone,
                    $kind,
                    self::condition(new Dice($seed)),
                    school: $seed % 2 === 0 ? School::StripThenBuild : School::PieceByPiece,
                );
                if (!$plan->works()) {
                    $this->saysThatItsGunCannotReachTheChance($plan, "seed $seed");

                    return;
                }
                $this->noStepBeforeWhatItWaitsFor($plan);
                $this->batteryFirstOffAndLastOn($plan);
                $this->everyScrewBackOnce($plan);
                $this->everythingPutOnIsTakenOff($plan);
                $this->everyPartThatStaysIsBack($plan);
                $this->nothingHotWhileWet($plan);
            });
    }

    /**
     * Very strong glue is planned here with one setting of the gun. In about one of a hundred conditions the passes at
     * that setting stay below the shop's chance: then that is said, and nothing else may stop a plan.
     */
    private function saysThatItsGunCannotReachTheChance(Plan $plan, string $seed): void
    {
        self::assertSame('maruvi-sorrel', $plan->basis->phone->identity->id, $seed);
        $stops = array_filter($plan->remarks->warnings, static fn($w): bool => $w->severity === Severity::Stop);
        $codes = array_map(static fn($w): string => $w->reason->code, array_values($stops));
        self::assertSame(['stop-source-cannot-reach-chance'], $codes, $seed);
    }

    private function noStepBeforeWhatItWaitsFor(Plan $plan): void
    {
        $done = [];
        foreach ($plan->steps as $step) {
            self::assertSame([], array_diff($step->after, $done), $step->id);
            self::assertNotContains($step->id, $done);
            self::assertNotSame([], $step->because, $step->id . ' says why it stands there');
            $done[] = $step->id;
        }
    }

    private function batteryFirstOffAndLastOn(Plan $plan): void
    {
        $power = $plan->basis->phone->powerConnector()->id;
        $in = true;
        $leads = array_keys(array_filter($plan->basis->phone->connectors, static fn($c): bool => $c->passive));
        foreach ($plan->steps as $step) {
            $touched = array_values(
                array_diff([...$step->effects->connectors->out, ...$step->effects->connectors->in], $leads),
            );
            if ($touched !== [] && $touched[0] !== $power) {
                self::assertFalse($in, $step->id . ' with the battery in');
            }
            if (\in_array($power, $step->effects->connectors->in, true)) {
                self::assertSame($power, $step->effects->connectors->in[\count($step->effects->connectors->in) - 1]);
                $in = true;
            }
            $in = \in_array($power, $step->effects->connectors->out, true) ? false : $in;
        }
        self::assertTrue($in, 'the battery is in at the end');
    }

    private function everyScrewBackOnce(Plan $plan): void
    {
        $out = $in = [];
        foreach ($plan->steps as $step) {
            foreach ($step->effects->screws->out as $id => $count) {
                $out[$id] = ($out[$id] ?? 0) + $count;
            }
            foreach ($step->effects->screws->in as $id => $count) {
                $in[$id] = ($in[$id] ?? 0) + $count;
            }
        }
        ksort($out);
        ksort($in);
        self::assertSame($out, $in);
        self::assertSame(array_sum($out), \count($plan->mat->places));
    }

    private function everythingPutOnIsTakenOff(Plan $plan): void
    {
        $on = [];
        foreach ($plan->steps as $step) {
            foreach ($step->effects->things->puts as $thing) {
                $on[$thing->value] = ($on[$thing->value] ?? 0) + 1;
            }
            foreach ($step->effects->things->takes as $thing) {
                self::assertGreaterThan(
                    0,
                    $on[$thing->value] ?? 0,
                    $step->id . ' takes off what is not on: ' . $thing->value,
                );
                $on[$thing->value] = ($on[$thing->value] ?? 0) - 1;
            }
        }
        // The film on the glass comes off at the counter, and that only.
        self::assertSame(
            [],
            array_diff(array_keys(array_filter($on, static fn(int $n): bool => $n !== 0)), ['film-front']),
        );
    }

    private function everyPartThatStaysIsBack(Plan $plan): void
    {
        $away = [];
        foreach ($plan->steps as $step) {
            $away = array_diff([...$away, ...$step->effects->parts->out], $step->effects->parts->in);
        }
        self::assertSame([], array_values(array_diff($away, $plan->route->discarded)));
    }

    private function nothingHotWhileWet(Plan $plan): void
    {
        $wet = [];
        foreach ($plan->steps as $step) {
            if ($step->manner->warmth !== Warmth::None) {
                self::assertSame([], $wet, $step->id);
            }
            $wetness = $step->effects->wetness;
            $wet = array_diff(
                [...$wet, ...$wetness->wets === null ? [] : [$wetness->wets->value]],
                [$wetness->dries?->value],
            );
        }
    }

    private static function condition(Dice $dice): Condition
    {
        $cracks = [];
        for ($i = $dice->int(0, 3); $i > 0; --$i) {
            $cracks[] = new Mark(
                MarkKind::Crack,
                $dice->pick(Face::cases()),
                array_map(
                    static fn(): Point => new Point($dice->float(0, 71), $dice->float(0, 146)),
                    range(0, $dice->int(1, 5)),
                ),
            );
        }
        $seen = array_values(
            array_filter(
                Observation::cases(),
                static fn(Observation $o): bool => $o !== Observation::CellSwollen && $dice->chance(25),
            ),
        );

        return new Condition(
            $seen,
            $cracks,
            [],
            array_values(array_filter(RepairSign::cases(), static fn(): bool => $dice->chance(15))),
            [],
            $dice->chance(70),
            $dice->chance(30),
        );
    }
}
