<?php

declare(strict_types=1);

namespace Facelift\Tests\Bench;

use Facelift\Anatomy\PhoneFunction as F;
use Facelift\Anatomy\ReplacementKind as RK;
use Facelift\Bench\EventType;
use Facelift\Bench\Faults;
use Facelift\Bench\Undo;
use Facelift\Bench\WayBack;
use Facelift\Condition\Condition;
use Facelift\Condition\FunctionState;
use Facelift\Proof\Bearing;
use Facelift\Proof\Fault\FaultKind as K;
use Facelift\Proof\Fault\Located;
use Facelift\Proof\Fault\Ranked;
use Facelift\Tests\Phones;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;

final class FaultsTest extends TestCase
{
    /**
     * What practice says that a failure points to, at the last gate or before it, when everything else has passed.
     *
     * @return iterable<string, array{0: string, 1: RK, 2: array<string, string>, 3: K, 4: string, 5?: string}> phone,
     *     part, what fails and how, what is named first, and the gate
     */
    public static function cases(): iterable
    {
        $vesper = ['quillon-vesper', RK::DisplayAssembly];
        $fern = ['brasca-fern-5', RK::DisplayWithFrame];
        yield 'front camera blurred: film or glue over it'
            => [...$vesper, ['front-camera' => 'weak'], K::WindowCovered, 'camera-hole'];
        yield 'proximity before the glass is laid: sensor not in its holder'
            => [...$vesper, ['proximity' => 'weak'], K::NotInSeat, 'earpiece-flex', 'dry'];
        yield 'proximity after it: under tape or film'
            => [...$vesper, ['proximity' => 'weak'], K::WindowCovered, 'light-sensor'];
        yield 'earpiece faint: mesh clogged'
            => [...$vesper, ['earpiece' => 'weak'], K::MeshClogged, 'mesh'];
        yield 'earpiece, proximity and light dead: their plug'
            => [...$vesper, ['earpiece' => 'dead', 'proximity' => 'dead', 'ambient-light' => 'dead'],
                K::PlugOff, 'sensor-plug'];
        yield 'no touch in a band from the flex edge: digitizer flex'
            => [...$vesper, ['touch' => 'band-at-flex'], K::FlexHurt, 'display'];
        yield 'no touch at all: touch plug' => [...$vesper, ['touch' => 'dead'], K::PlugOff, 'touch-plug'];
        yield 'no touch in a patch: something presses' => [...$vesper, ['touch' => 'patch'], K::Pressed, 'display'];
        yield 'no image, touch lives: display plug' => [...$vesper, ['image' => 'dead', 'brightness' => 'dead'],
            K::PlugOff, 'display-plug'];
        yield 'no signal: antenna lead off' => [...$fern, ['signal' => 'dead'], K::PlugOff, 'coax-top'];
        yield 'side key dead: its flex not back on' => [...$fern, ['keys' => 'dead'], K::PlugOff, 'keys-plug'];
    }

    /** @param array<string, string> $fails */
    #[DataProvider('cases')]
    public function testPointsWherePracticePoints(
        string $phone,
        RK $kind,
        array $fails,
        K $what,
        string $subject,
        string $gate = 'finished',
    ): void {
        $bench = self::failing($phone, $kind, $gate, $fails);
        $located = self::located($bench);
        $first = $located->ranked[0];
        $list = implode(', ', array_map(
            static fn(Ranked $r): string => $r->suspicion->kind->value . ' ' . $r->suspicion->subject . ' ' . $r->share,
            \array_slice($located->ranked, 0, 5),
        ));
        self::assertSame([$what, $subject], [$first->suspicion->kind, $first->suspicion->subject], $list);
        self::assertNotNull($located->next, $list);
    }

    public function testTheWayBackIsTheLeastThatLeadsThere(): void
    {
        $open = self::failing('quillon-vesper', RK::DisplayAssembly, 'trial', ['touch' => 'dead']);
        self::assertSame(['battery-plug', 'touch-plug'], self::undo($open), 'the phone lies open');
        $shut = self::failing('quillon-vesper', RK::DisplayAssembly, 'finished', ['touch' => 'dead']);
        $undo = self::undo($shut);
        $order = ['tail-screws', 'seal', 'bracket-short', 'bracket', 'battery-plug', 'touch-plug'];
        self::assertSame($order, array_values(array_intersect($undo, $order)), 'as they come off');
        self::assertContains('bracket', $undo);
        self::assertNotContains('sensor-plug', $undo);
        $way = (new WayBack($shut->run))->to(self::located($shut)->ranked[0]->suspicion);
        self::assertSame('seal', $way->grips[0]->bond);
        self::assertGreaterThan(600.0, $way->seconds, 'heated, cut and sealed again');
    }

    public function testALookThatFindsNothingClearsAndOneThatWasPutRightDoesNotExplainTheNextFailure(): void
    {
        $bench = self::failing('quillon-vesper', RK::DisplayAssembly, 'trial', ['touch' => 'dead']);
        $plug = ['look' => 'reseat', 'subject' => 'touch-plug'];
        $before = self::located($bench)->ranked[0];
        self::assertSame(K::PlugOff, $before->suspicion->kind);
        $nothing = clone $bench;
        self::assertNull($nothing->try(EventType::Looked, $plug + ['result' => 'not-found']));
        self::assertNotSame(K::PlugOff, self::located($nothing)->ranked[0]->suspicion->kind);
        self::assertNull($bench->try(EventType::Looked, $plug + ['result' => 'found']));
        $found = self::located($bench)->ranked[0];
        self::assertGreaterThan($before->share, $found->share);
        $bench->try(EventType::Test, ['gate' => 'trial', 'function' => 'image', 'outcome' => 'pass']);
        $still = self::located($bench)->ranked[0]->suspicion;
        self::assertSame($plug['subject'], $still->subject, 'that others pass after it says nothing');
        $bench->try(EventType::Test, ['gate' => 'trial', 'function' => 'touch', 'outcome' => 'fail']);
        self::assertNotSame(K::PlugOff, self::located($bench)->ranked[0]->suspicion->kind);
        self::assertSame('unknown-look', $bench->try(EventType::Looked, ['look' => 'guess'])?->reason->code);
    }

    public function testWhoBearsWhat(): void
    {
        $fails = ['touch' => 'dead', 'earpiece' => 'weak'];
        $bench = self::failing('quillon-vesper', RK::DisplayAssembly, 'finished', $fails);
        $bears = static function (FunctionState $before, F $function) use ($bench): ?Bearing {
            $faults = new Faults($bench->run, self::before($function, $before));

            return Bearing::of($faults->changes()[$function->value], $faults->located()->behind($function->value));
        };
        self::assertSame(Bearing::Shop, $bears(FunctionState::Works, F::Touch));
        self::assertSame(Bearing::Customer, $bears(FunctionState::Fails, F::Touch));
        self::assertSame(Bearing::Nobody, $bears(FunctionState::CannotTest, F::Earpiece));
        self::assertNull($bears(FunctionState::Works, F::Image), 'it passes');
        $trial = self::failing('quillon-vesper', RK::DisplayAssembly, 'trial', ['image' => 'patch']);
        $faults = new Faults($trial->run, self::before(F::Image, FunctionState::Works));
        $behind = $faults->located()->behind('image');
        self::assertSame(Bearing::Supplier, Bearing::of($faults->changes()['image'], $behind));
    }

    /** Whatever fails at the end, alone, something is named, and the shares are probabilities. */
    #[DataProviderExternal(Phones::class, 'jobs')]
    public function testEveryFunctionThatFailsPointsSomewhere(string $id, RK $kind): void
    {
        $bench = Runs::of($id, $kind);
        $bench->workUpTo('gate:finished');
        foreach ($bench->plan->gates['finished']->functions as $function) {
            $one = clone $bench;
            $one->try(EventType::Test, ['gate' => 'finished', 'function' => $function->value, 'outcome' => 'fail']);
            $located = self::located($one);
            self::assertNotSame([], $located->ranked, $function->value);
            foreach ($located->ranked as $ranked) {
                self::assertGreaterThanOrEqual(0.0, $ranked->share);
                self::assertLessThanOrEqual(1.0 + 1e-9, $ranked->share);
                self::assertContains($function, $ranked->explains);
            }
        }
    }

    /** @param array<string, string> $fails how, by function */
    private static function failing(string $phone, RK $kind, string $gate, array $fails): Runs
    {
        $bench = clone Runs::of($phone, $kind);
        $bench->workUpTo('gate:' . $gate);
        foreach ($bench->plan->gates[$gate]->functions as $function) {
            $sign = $fails[$function->value] ?? null;
            $of = ['gate' => $gate, 'function' => $function->value, 'outcome' => $sign === null ? 'pass' : 'fail'];
            $bench->try(EventType::Test, $sign === null ? $of : $of + ['sign' => $sign]);
        }

        return $bench;
    }

    private static function located(Runs $bench): Located
    {
        $all = array_fill_keys(
            array_map(static fn(F $f): string => $f->value, F::cases()),
            FunctionState::Works,
        );

        return (new Faults($bench->run, new Condition(
            [],
            [],
            $all,
            [],
            [],
            true,
            false,
        )))->located();
    }

    private static function before(F $function, FunctionState $state): Condition
    {
        return new Condition(
            [],
            [],
            [$function->value => $state],
            [],
            [],
            true,
            false,
        );
    }

    /** @return list<string> */
    private static function undo(Runs $bench): array
    {
        $way = (new WayBack($bench->run))->to(self::located($bench)->ranked[0]->suspicion);

        return array_map(static fn(Undo $u): string => $u->id, $way->undo);
    }
}
