<?php

declare(strict_types=1);

namespace Facelift\Tests\Record;

use Facelift\Record\PassAsSeen;
use Facelift\Record\WindowBelief;
use Facelift\Record\WindowEvidence;
use Facelift\Tests\Dice;
use PHPUnit\Framework\TestCase;

final class WindowBeliefTest extends TestCase
{
    private const OFF = 3.0;

    /**
     * A hundred shops, each with a truth of its own that nobody tells: after thirty jobs it lies in the band of nine
     * of ten in 85 to 95 of them, and the band is half as wide as at first.
     */
    public function testHiddenTruthIsFound(): void
    {
        $held = $paceHeld = 0;
        $narrowed = [];
        for ($shop = 0; $shop < 100; ++$shop) {
            $made = new MadeShop(new Dice(4_000 + $shop), self::OFF);
            $seen = WindowEvidence::none();
            for ($job = 0; $job < 30; ++$job) {
                $seen = $seen->with($made->job());
            }
            $belief = WindowBelief::of(self::OFF, $seen);
            $held += (int) $belief->shift->holds($made->shift);
            $paceHeld += (int) $belief->pace->holds($made->pace);
            $narrowed[] = $belief->narrowed();
        }
        sort($narrowed);
        self::assertGreaterThanOrEqual(85, $held);
        self::assertLessThanOrEqual(95, $held);
        self::assertGreaterThanOrEqual(85, $paceHeld);
        self::assertLessThanOrEqual(95, $paceHeld);
        self::assertLessThanOrEqual(0.5, $narrowed[50]);
    }

    /** Made by bin/window-values.py, which integrates the same model apart from the core, on a finer grid: 500 sets. */
    public function testAgreesWithNumPyAndSciPy(): void
    {
        $file = fopen(__DIR__ . '/window-values.csv', 'r');
        self::assertIsResource($file);
        $estimate = (new MadeShop(new Dice(1), self::OFF))->estimate();
        $sets = 0;
        $off = [];
        while (($row = fgetcsv($file)) !== false) {
            [$error, $middle, $spread, $pace] = array_map(floatval(...), $row);
            $passes = [];
            foreach (array_chunk(\array_slice($row, 4), 5) as [$mm, $seconds, $starts, $ends, $dragged]) {
                $passes[] = new PassAsSeen(
                    (float) $mm,
                    (float) $seconds,
                    (float) $starts,
                    (float) $ends,
                    $dragged === '-1' ? null : $dragged === '1',
                );
            }
            $belief = WindowBelief::of(self::OFF, WindowEvidence::of($estimate, $error, $passes));
            // Rarely off by more than the errors that a job's temperatures are looked at with lie apart.
            self::assertEqualsWithDelta($middle, $belief->shift->middle, 0.25, "set $sets");
            $off[] = abs($middle - $belief->shift->middle);
            self::assertEqualsWithDelta($spread, $belief->off, 0.08, "set $sets");
            self::assertEqualsWithDelta($pace, $belief->pace->middle, 0.05, "set $sets");
            ++$sets;
        }
        fclose($file);
        self::assertSame(500, $sets);
        self::assertLessThan(0.02, array_sum($off) / $sets);
    }

    /** The order of jobs does not matter, and one that is taken out and added again leaves no trace. */
    public function testJobsAddUpInAnyOrder(): void
    {
        for ($seed = 0; $seed < 5; ++$seed) {
            $made = new MadeShop(new Dice(70 + $seed), self::OFF);
            $jobs = array_map(static fn(int $i): WindowEvidence => $made->job(), range(1, 8));
            $all = array_reduce(
                $jobs,
                static fn(WindowEvidence $a, WindowEvidence $b): WindowEvidence => $a->with($b),
                WindowEvidence::none(),
            );
            shuffle($jobs);
            $shuffled = WindowEvidence::none();
            foreach ($jobs as $job) {
                $shuffled = $job->with($shuffled);
            }
            self::assertSame($all->text(), $shuffled->text());
            $out = $all->without($jobs[3]);
            self::assertSame(7, $out->jobs);
            self::assertNotSame($all->text(), $out->text());
            self::assertSame($all->text(), $out->with($jobs[3])->text());
            self::assertSame($all->text(), WindowEvidence::from($all->text())->text());
        }
    }

    public function testWithoutEvidenceTheEstimateStands(): void
    {
        $belief = WindowBelief::of(self::OFF, WindowEvidence::none());
        self::assertEqualsWithDelta(0.0, $belief->shift->middle, 1e-9);
        self::assertEqualsWithDelta(1.645 * self::OFF, $belief->shift->high, 0.05);
        self::assertEqualsWithDelta(self::OFF, $belief->off, 0.01);
        self::assertEqualsWithDelta(1.0, $belief->narrowed(), 1e-3);
    }

    /** What a thousand jobs say is sharper than the grid that they are added up on: the truth is found between. */
    public function testManyJobsAreNotHeldToTheGrid(): void
    {
        $made = new MadeShop(new Dice(31), self::OFF, 2.25, -0.1625);
        $seen = WindowEvidence::none();
        for ($job = 0; $job < 1000; ++$job) {
            $seen = $seen->with($made->job());
        }
        $belief = WindowBelief::of(self::OFF, $seen);
        self::assertEqualsWithDelta(2.25, $belief->shift->middle, 0.35);
        self::assertEqualsWithDelta(-0.1625, $belief->pace->middle, 0.02);
        self::assertLessThan(0.25, $belief->off);
        self::assertGreaterThan(0.05, $belief->off);
    }

    /** What is known of the temperature counts: the same pass says more with a reading than without one. */
    public function testAReadingMakesAPassSayMore(): void
    {
        $estimate = (new MadeShop(new Dice(1), self::OFF))->estimate();
        $passes = [new PassAsSeen(
            70.0,
            30.0,
            70.0,
            66.0,
            true,
        ), new PassAsSeen(
            70.0,
            26.0,
            72.0,
            69.0,
            false,
        )];
        $read = WindowBelief::of(self::OFF, WindowEvidence::of($estimate, 1.0, $passes));
        $unread = WindowBelief::of(self::OFF, WindowEvidence::of($estimate, 6.0, $passes));
        self::assertLessThan($unread->off, $read->off);
        self::assertGreaterThan(2.0, $read->shift->middle, 'it dragged above the lower end that was estimated');
    }

    public function testTextOfAnotherGridIsRefused(): void
    {
        $this->expectException(\InvalidArgumentException::class);
        WindowEvidence::from('3 12 0 0 0');
    }
}
