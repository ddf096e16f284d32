<?php

declare(strict_types=1);

namespace Facelift\Tests\Proof\Fault;

use Eris\Generators;
use Eris\TestTrait;
use Facelift\Anatomy\PhoneFunction as F;
use Facelift\Proof\Fault\FaultKind as K;
use Facelift\Proof\Fault\Located;
use Facelift\Proof\Fault\Locator;
use Facelift\Proof\Fault\Look;
use Facelift\Proof\Fault\LookSeen;
use Facelift\Proof\Fault\Sign;
use Facelift\Proof\Fault\Suspicion;
use Facelift\Proof\Fault\TestSeen;
use Facelift\Proof\How;
use Facelift\Tests\Dice;
use PHPUnit\Framework\TestCase;

final class LocatorTest extends TestCase
{
    use TestTrait;

    private const FUNCTIONS = [F::Image, F::Touch, F::Earpiece, F::FrontCamera, F::Signal];

    /** Shares, what is left unexplained and what the next look tells, against the sum over all states. */
    public function testAgreesWithTheSumOverAllStates(): void
    {
        $this->limitTo(150)->forAll(Generators::choose(0, 1 << 30))->then(function (int $seed): void {
            $dice = new Dice($seed);
            [$suspicions, $tests, $looks] = self::madeUp($dice, $dice->int(1, 8));
            $located = self::locate($suspicions, $tests, $looks);
            $brute = new Brute($suspicions, $tests, $looks);
            foreach ($located->ranked as $ranked) {
                $i = (int) array_search($ranked->suspicion, $suspicions, true);
                self::assertEqualsWithDelta($brute->marginal($i), $ranked->share, 1e-9);
            }
            foreach ($tests as $test) {
                if (!$test->passes) {
                    $expected = $brute->elsewhere($test);
                    self::assertEqualsWithDelta($expected, $located->elsewhere[$test->function->value], 1e-9);
                }
            }
            self::assertSame(0.0, $located->leftOut);
            self::assertBestLook($located, $brute, $suspicions, $looks);
        });
    }

    /**
     * @param list<Suspicion> $suspicions
     * @param list<LookSeen>  $looks
     */
    private static function assertBestLook(Located $located, Brute $brute, array $suspicions, array $looks): void
    {
        $best = null;
        foreach ($located->ranked as $ranked) {
            $s = $ranked->suspicion;
            $look = $s->kind->look();
            $made = array_filter($looks, static fn(LookSeen $l): bool => $s->isAbout($l->look, $l->subject));
            if ($look === null || $made !== []) {
                continue;
            }
            $bits = $brute->information($s);
            $rate = $bits / ($look->seconds() + self::way($s));
            $best = $bits >= 0.02 && ($best === null || $rate > $best[0]) ? [$rate, $bits] : $best;
        }
        self::assertSame($best === null, $located->next === null);
        self::assertEqualsWithDelta($best[1] ?? 0.0, $located->next->bits ?? 0.0, 1e-9);
    }

    /** A long list is reckoned with four faults at once: what that leaves out is said, and is small. */
    public function testALongListIsNearTheSumOverAllStates(): void
    {
        $this->limitTo(12)->forAll(Generators::choose(0, 1 << 30))->then(static function (int $seed): void {
            [$suspicions, $tests, $looks] = self::madeUp(new Dice($seed), 13);
            $located = self::locate($suspicions, $tests, $looks);
            $brute = new Brute($suspicions, $tests, $looks);
            self::assertLessThan(1e-3, $located->leftOut);
            foreach ($located->ranked as $ranked) {
                $i = (int) array_search($ranked->suspicion, $suspicions, true);
                self::assertEqualsWithDelta($brute->marginal($i), $ranked->share, 0.05);
            }
        });
    }

    public function testTwoFunctionsOfOneFlexPointToItsPlug(): void
    {
        $plug = new Suspicion(
            K::PlugOff,
            'sensor-plug',
            'Plug',
            0.015,
            ['earpiece' => 0.9, 'proximity' => 0.9],
        );
        $mesh = new Suspicion(
            K::MeshClogged,
            'mesh',
            'Mesh',
            0.02,
            ['earpiece' => 0.85],
        );
        $window = new Suspicion(
            K::WindowCovered,
            'window',
            'Window',
            0.03,
            ['proximity' => 0.9],
        );
        $all = [$plug, $mesh, $window];
        $fails = static fn(F $f): TestSeen => new TestSeen($f, 1, false);
        $one = self::locate($all, [$fails(F::Earpiece), new TestSeen(F::Proximity, 1, true)], []);
        self::assertSame($mesh, $one->ranked[0]->suspicion, 'alone it is the mesh');
        $two = self::locate($all, [$fails(F::Earpiece), $fails(F::Proximity)], []);
        self::assertSame($plug, $two->ranked[0]->suspicion);
        self::assertGreaterThan(0.85, $two->ranked[0]->share);
    }

    public function testWhatPassedAfterItWasPluggedInSpeaksForThePlug(): void
    {
        $plug = (new Suspicion(
            K::PlugOff,
            'plug',
            'Plug',
            0.015,
            ['image' => 0.9],
        ))->from(5);
        $part = new Suspicion(
            K::PartFaulty,
            'display',
            'Display',
            0.015,
            ['image' => 0.6],
        );
        $fails = new TestSeen(F::Image, 9, false);
        $share = static function (TestSeen ...$tests) use ($plug, $part): float {
            foreach (self::locate([$plug, $part], array_values($tests), [])->ranked as $r) {
                if ($r->suspicion === $part) {
                    return $r->share;
                }
            }

            return 0.0;
        };
        $trial = $share(new TestSeen(F::Image, 2, true), $fails);
        self::assertLessThan($share($fails), $trial, 'the trial has shown the new part to work');
        self::assertLessThan($share(new TestSeen(F::Image, 2, true, How::Together), $fails), $trial);
    }

    public function testHowItFailsTells(): void
    {
        $plug = new Suspicion(
            K::PlugOff,
            'camera-plug',
            'Plug',
            0.015,
            ['front-camera' => 0.9],
        );
        $film = new Suspicion(
            K::WindowCovered,
            'hole',
            'Hole',
            0.015,
            ['front-camera' => 0.9],
        );
        $first = static fn(Sign $s): Suspicion => self::locate(
            [$plug, $film],
            [new TestSeen(
                F::FrontCamera,
                1,
                false,
                How::OneByOne,
                $s,
            )],
            [],
        )->ranked[0]->suspicion;
        self::assertSame($film, $first(Sign::Weak));
        self::assertSame($plug, $first(Sign::Dead));
    }

    /** Of a kind of fault the signs are shared out whole, and a look shows something or nothing. */
    public function testTablesAreProbabilities(): void
    {
        foreach ([null, ...K::cases()] as $kind) {
            $sum = array_sum(array_map(static fn(Sign $s): float => $s->given($kind), Sign::cases()));
            self::assertEqualsWithDelta(1.0, $sum, 1e-9, $kind->value ?? 'elsewhere');
        }
        foreach (Look::cases() as $look) {
            self::assertGreaterThan($look->misleads(), $look->finds(), $look->value);
            self::assertEqualsWithDelta(1.0, $look->likelihood(true, true) + $look->likelihood(false, true), 1e-12);
        }
    }

    /** @return array{list<Suspicion>, list<TestSeen>, list<LookSeen>} */
    private static function madeUp(Dice $dice, int $count): array
    {
        $suspicions = $tests = $looks = [];
        for ($i = 0; $i < $count; ++$i) {
            $fails = [];
            foreach (self::FUNCTIONS as $function) {
                if ($dice->chance(45)) {
                    $fails[$function->value] = $dice->float(0.1, 0.95);
                }
            }
            // Several are seen by one look, none is the same fault as another.
            $kind = $dice->pick(K::cases());
            $subject = 's' . (1 + $i % 3) . $kind->value[0] . $i;
            $prior = $dice->float(0.002, 0.04);
            $suspicions[] = new Suspicion(
                $kind,
                $subject,
                "n$i",
                $prior,
                $fails,
                $dice->int(0, 4),
            );
            $look = $kind->look();
            if ($look !== null && $dice->chance(25)) {
                $looks[$look->value . $subject] = new LookSeen($look, $subject, $dice->chance(30));
            }
        }
        foreach (self::FUNCTIONS as $function) {
            foreach ([1, 3] as $at) {
                if ($dice->chance(60)) {
                    $tests[] = new TestSeen($function, $at, true, $dice->pick(How::cases()));
                }
            }
            if ($dice->chance(50)) {
                $sign = $dice->chance(49) ? $dice->pick(Sign::cases()) : null;
                $tests[] = new TestSeen(
                    $function,
                    5,
                    false,
                    How::OneByOne,
                    $sign,
                );
            }
        }

        return [$suspicions, $tests, array_values($looks)];
    }

    /**
     * @param list<Suspicion> $suspicions
     * @param list<TestSeen>  $tests
     * @param list<LookSeen>  $looks
     */
    private static function locate(array $suspicions, array $tests, array $looks): Located
    {
        return (new Locator())->locate($suspicions, $tests, $looks, self::way(...));
    }

    private static function way(Suspicion $suspicion): float
    {
        return 40.0 * \strlen($suspicion->subject) + 10 * \ord($suspicion->subject[-1]);
    }
}
