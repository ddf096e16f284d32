<?php

declare(strict_types=1);

namespace Facelift\Tests\Heat;

use Facelift\Heat\ContactFit;
use Facelift\Heat\Curves;
use Facelift\Heat\Implausible;
use Facelift\Heat\Origin;
use Facelift\Heat\Probe;
use Facelift\Heat\Programme;
use Facelift\Heat\Reading;
use Facelift\Heat\Refit;
use Facelift\Heat\Sample;
use Facelift\Heat\Source;
use Facelift\Heat\Sticker;
use Facelift\Tests\Dice;
use Facelift\Tests\Phones;
use PHPUnit\Framework\TestCase;

/**
 * A fit finds a hidden contact among loose readings, says when readings contradict each other, and costs the same
 * whatever they are.
 */
final class RefitTest extends TestCase
{
    private const LONG = 240.0;

    public function testAHiddenContactIsFoundAmongReadingsOfWhichATenthIsLoose(): void
    {
        $inside = 0;
        for ($seed = 1; $seed <= 30; ++$seed) {
            $dice = new Dice($seed);
            $hidden = $dice->float(60, 220);
            $readings = self::readings($hidden, $dice, 40, 10);
            $fit = (new Refit(self::curves()))->of(Source::plate(85), $readings);
            self::assertEqualsWithDelta($hidden, $fit->coefficient, 0.25 * $hidden, "seed $seed");
            self::assertSame(Implausible::TooCold, $fit->implausible, "seed $seed");
            self::assertFalse($fit->contradicted, "seed $seed");
            $inside += $fit->low <= $hidden && $hidden <= $fit->high ? 1 : 0;
        }
        self::assertGreaterThanOrEqual(25, $inside, 'a 95 % interval holds the truth nearly always');
    }

    public function testTwoReadingsThatContradictEachOtherAreSaid(): void
    {
        $fit = (new Refit(self::curves()))->of(Source::plate(85), [
            new Reading(Probe::OuterFace, 100, 75),
            new Reading(Probe::OuterFace, 104, 50),
        ]);
        self::assertTrue($fit->contradicted);
        $agreeing = (new Refit(self::curves()))->of(Source::plate(85), self::readings(125, new Dice(3), 2, 0));
        self::assertFalse($agreeing->contradicted);
        self::assertGreaterThan(
            $agreeing->high / $agreeing->low,
            $fit->high / $fit->low,
            'what is contradicted is known less well',
        );
    }

    /** A sticker that should have turned and has not means a weaker contact; one that is as expected says nothing. */
    public function testAStickerIsABound(): void
    {
        $at = static fn(float $celsius, Sticker $shows): Reading => new Reading(
            Probe::OuterFace,
            self::LONG,
            $celsius,
            $shows,
        );
        $face = self::curves()->run(Programme::empty()->heat(self::LONG, Source::plate(85)))[120]->outerFace;
        $fit = static fn(Reading ...$r): ContactFit => (new Refit(self::curves()))
            ->of(Source::plate(85), $r === [] ? self::fail('no readings') : array_values($r));
        self::assertLessThan(125.0, $fit($at($face - 4, Sticker::NotYet))->coefficient);
        self::assertGreaterThan(125.0, $fit($at($face + 2, Sticker::Turned))->coefficient);
        // Beside a reading a bound that is kept changes nothing.
        $read = new Reading(Probe::OuterFace, self::LONG, $face);
        self::assertEqualsWithDelta(
            $fit($read)->coefficient,
            $fit($read, $at($face - 5, Sticker::Turned))->coefficient,
            0.5,
        );
    }

    /** Two dozen readings of a good thermometer show themselves that it errs by less than any thermometer may. */
    public function testTheErrorOfReadingsIsTakenFromThemOnceThereAreEnough(): void
    {
        $of = static function (float $error): float {
            $dice = new Dice(17);
            $samples = self::curves()->run(Programme::empty()->heat(self::LONG, Source::plate(85)), 10.0);
            $readings = array_map(
                static fn(Sample $s): Reading => new Reading(
                    Probe::OuterFace,
                    $s->second,
                    $s->outerFace + $error * $dice->normal(),
                ),
                \array_slice($samples, 1),
            );
            $fit = (new Refit(self::curves()))
                ->of(Source::plate(85), $readings === [] ? self::fail('no readings') : $readings);

            return $fit->high / $fit->low;
        };
        self::assertLessThan($of(1.5), $of(0.6));
        self::assertLessThan($of(3.0), $of(1.5));
    }

    /** However many readings, however wrong: the phone is run through a fixed number of times. */
    public function testAFitCostsAFixedNumberOfRuns(): void
    {
        foreach ([[3, 0], [200, 0], [200, 10], [200, 50]] as [$count, $loose]) {
            $runs = 0;
            $programme = static function (Source $s) use (&$runs): Programme {
                ++$runs;

                return Programme::empty()->heat(self::LONG, $s);
            };
            $fit = (new Refit(self::curves(), $programme))->of(
                Source::plate(85),
                self::readings(125, new Dice(7), $count, $loose),
            );
            self::assertLessThanOrEqual(14, $runs, "$count readings, $loose % loose");
            self::assertGreaterThan(1, $fit->used);
        }
    }

    /** Any order of the same readings gives the same fit. */
    public function testTheOrderOfReadingsDoesNotMatter(): void
    {
        $dice = new Dice(11);
        $readings = self::readings(150, $dice, 90, 10);
        $one = (new Refit(self::curves()))->of(Source::plate(85), $readings);
        $shuffled = $dice->shuffled($readings);
        \assert($shuffled !== []);
        $other = (new Refit(self::curves()))->of(Source::plate(85), $shuffled);
        self::assertEqualsWithDelta($one->coefficient, $other->coefficient, 1e-6);
    }

    /** @return non-empty-list<Reading> */
    private static function readings(float $contact, Dice $dice, int $count, int $loosePercent): array
    {
        $samples = self::curves()->run(
            Programme::empty()->heat(self::LONG, Source::plate(85)->withCoefficient($contact, Origin::ShopsOwn)),
            2.0,
        );
        $readings = [];
        for ($i = 0; $i < $count; ++$i) {
            $sample = $samples[$dice->int(20, \count($samples) - 1)];
            $probe = $dice->pick([Probe::OuterFace, Probe::Edge]);
            // The sum of twelve even dice less six is nearly normal.
            $noise = array_sum(array_map(static fn(): float => $dice->float(0, 1), range(1, 12))) - 6;
            $loose = $i > 0 && (100 * $i) / $count < $loosePercent;
            $readings[] = new Reading(
                $probe,
                $sample->second,
                $loose ? $dice->float(22, 30) : $probe->of($sample) + Reading::ERROR * $noise,
            );
        }
        \assert($readings !== []);

        return $readings;
    }

    private static function curves(): Curves
    {
        $phone = Phones::read('quillon-vesper');

        return Curves::of($phone, $phone->bonds['seal']);
    }
}
