<?php

declare(strict_types=1);

namespace Facelift\Tests\Fasteners;

use Eris\Generators;
use Eris\TestTrait;
use Facelift\Fasteners\MatPlace;
use Facelift\Fasteners\ScrewMat;
use Facelift\Geometry\Point;
use Facelift\Tests\Dice;
use Facelift\Tests\Phones;
use PHPUnit\Framework\TestCase;

final class ScrewMatTest extends TestCase
{
    use TestTrait;

    public function testOnePlacePerScrewNumberedInTheOrderOfRemoval(): void
    {
        $phone = Phones::read('quillon-vesper');
        $mat = ScrewMat::of([$phone->fasteners['tail-screws'], $phone->fasteners['bracket-short']]);
        self::assertSame([1, 2, 3, 4, 5], array_map(static fn(MatPlace $p): int => $p->number, $mat->places));
        self::assertSame('bracket-short', $mat->places[2]->fastener);
    }

    public function testSaysByHowMuchAScrewWouldPassAnotherHole(): void
    {
        $phone = Phones::read('quillon-vesper');
        self::assertEqualsWithDelta(
            1.0,
            ScrewMat::past($phone->fasteners['bracket-long']->length, $phone->fasteners['bracket-short']->hole->depth),
            1e-9,
        );
        self::assertEqualsWithDelta(
            0.0,
            ScrewMat::past($phone->fasteners['bracket-short']->length, $phone->fasteners['bracket-long']->hole->depth),
            1e-9,
        );
    }

    public function testTheSecondScrewIsTheOppositeCorner(): void
    {
        $corners = [new Point(0, 0), new Point(60, 0), new Point(60, 120), new Point(0, 120)];
        self::assertSame([0, 2], \array_slice(ScrewMat::tightening($corners), 0, 2));
    }

    public function testEveryScrewIsTightenedOnce(): void
    {
        $this->forAll(Generators::choose(1, 1_000_000))
            ->disableShrinking()
            ->then(function (int $seed): void {
                $dice = new Dice($seed);
                $places = array_map(
                    static fn(): Point => new Point($dice->float(0, 70), $dice->float(0, 140)),
                    range(1, $dice->int(1, 18)),
                );
                $order = ScrewMat::tightening($places);
                sort($order);
                self::assertSame(array_keys($places), $order);
            });
    }
}
