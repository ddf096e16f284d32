<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Bench\Thermometer\Intake;
use App\Bench\Thermometer\Wire;
use App\Models\BenchEvent;
use App\Models\Role;
use App\Models\Thermometer;
use Facelift\Heat\ThermometerLine;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** A thermometer over TCP, with the stand-in that the test command starts. */
final class ThermometerTest extends TestCase
{
    protected function tearDown(): void
    {
        self::tell('off', 'noise 0.3', 'fault none');
        parent::tearDown();
    }

    public function testWhatItSaysIsTakenInAndShown(): void
    {
        self::tell('hold 74.2', 'noise 0');
        $this->hear(3);
        $this->as(Role::FrontDesk);
        $row = $this->ask('GET', '/thermometers', status: 200)->json('data.0');
        self::assertIsArray($row);
        self::assertSame(['T7', 'live', 74.2, null], [$row['id'], $row['state'], $row['celsius'], $row['follows']]);
        $this->travel(10)->seconds();
        self::assertSame('silent', $this->ask('GET', '/thermometers', status: 200)->json('data.0.state'));
    }

    public function testItsFaultsAreNoticed(): void
    {
        self::tell('hold 60', 'noise 0', 'fault open');
        $this->hear(2);
        $this->as(Role::FrontDesk);
        self::assertSame(
            ['open', null],
            [
                $this->ask('GET', '/thermometers', status: 200)->json('data.0.state'),
                $this->ask('GET', '/thermometers', status: 200)->json('data.0.celsius'),
            ],
        );
        self::tell('fault garble');
        $heard = $this->lines(40);
        $good = array_filter(array_map(ThermometerLine::parse(...), $heard));
        self::assertNotCount(0, $good);
        self::assertLessThan(count($heard), count($good));
        foreach ($good as $line) {
            self::assertSame(600, $line->tenths, 'a garbled line is left out, never half read');
        }
        self::tell('fault drop');
        $numbers = array_map(static fn(string $l): int => ThermometerLine::parse($l)->sequence ?? -1, $this->lines(12));
        self::assertGreaterThan(11, $numbers[11] - $numbers[0], 'some are missing between');
    }

    public function testNobodyThereIsNoHarm(): void
    {
        $wire = new Wire('127.0.0.1:1');
        self::assertSame([], iterator_to_array($wire->lines()));
    }

    public function testWhatItReadsForAHeatingIsKeptWithTheJobAndCorrectsIt(): void
    {
        $t = $this->heating();
        self::tell('hold 58', 'noise 0');
        $this->hear(1);
        $this->follow($t)->assertJsonPath('follows.tag', 'T-0301');
        $this->follow($t);
        $this->travel(60)->seconds();
        $line = $this->lines(1)[0];
        foreach ([1, 2] as $time) {
            self::assertTrue(app(Intake::class)->take($line), "time $time");
        }
        $this->hear(4);
        self::assertSame(1, BenchEvent::query()->where('type', 'reading')->count(), 'one every five seconds is enough');
        $this->travel(6)->seconds();
        $this->hear(2);
        self::assertSame(2, BenchEvent::query()->where('type', 'reading')->count());
        $heat = $this->ask('GET', "/jobs/$t->job/heat/seal", status: 200);
        self::assertEquals(58, $heat->json('heat.readings.0.celsius'));
        self::assertSame([2, null], [$heat->json('heat.fit.used'), $heat->json('heat.fit.implausible')]);
        // The chip on every other page shows the corrected time, not the plan's.
        $timer = $this->ask('GET', '/timers', status: 200)->json('timers.0');
        self::assertIsArray($timer);
        $lift = $heat->json('heat.liftAt');
        self::assertIsInt($lift);
        self::assertIsInt($timer['at']);
        self::assertEqualsWithDelta(($lift - $timer['at']) / 1000, $timer['seconds'], 1.5);
        $this->ask('DELETE', "/jobs/$t->job/thermometer", status: 204);
        $this->travel(6)->seconds();
        $this->hear(2);
        self::assertSame(2, BenchEvent::query()->where('type', 'reading')->count());
    }

    public function testALooseProbeIsSaidToBeImplausible(): void
    {
        $t = $this->heating();
        self::tell('hold 70', 'noise 0', 'fault loose');
        $this->hear(1);
        $this->follow($t);
        $this->travel(120)->seconds();
        $this->hear(1);
        $heat = $this->ask('GET', "/jobs/$t->job/heat/seal", status: 200);
        self::assertSame('too-cold', $heat->json('heat.fit.implausible'));
        self::assertSame(0, $heat->json('heat.fit.used'));
    }

    public function testItIsLeftAtItsJobUnlessThatIsSaidAndLetGoInTheEnd(): void
    {
        $t = $this->heating();
        $this->hear(1);
        $this->follow($t);
        $other = $this->heating('S-103');
        $body = ['thermometer' => 'T7', 'step' => 'heat:seal', 'probe' => 'edge'];
        $said = $this->ask('PUT', "/jobs/$other->job/thermometer", $body, 409)->json('message');
        self::assertIsString($said);
        self::assertStringContainsString('T7 is read for T-0301', $said);
        $this->ask('PUT', "/jobs/$other->job/thermometer", ['over' => true] + $body, 200)->assertJsonPath(
            'follows.probe',
            'edge',
        );
        $this->travel(31)->minutes();
        $this->hear(1);
        self::assertNull(Thermometer::query()->firstOrFail()->job_id, 'nobody follows a heating for half an hour');
    }

    public function testWhatCannotBeFollowedIsRefused(): void
    {
        $t = $this->heating();
        $body = ['thermometer' => 'T7', 'step' => 'heat:seal', 'probe' => 'edge'];
        $this->ask('PUT', "/jobs/$t->job/thermometer", $body, 409);
        $this->hear(1);
        $this->ask(
            'PUT',
            "/jobs/$t->job/thermometer",
            ['step' => 'power-off'] + $body,
            422,
        )->assertJsonValidationErrors(['step']);
        $this->ask('PUT', "/jobs/$t->job/thermometer", ['probe' => 'thumb'] + $body, 422)->assertJsonValidationErrors([
            'probe',
        ]);
        $this->as(Role::FrontDesk);
        $this->ask('PUT', "/jobs/$t->job/thermometer", $body, 403);
        $this->ask('DELETE', "/jobs/$t->job/thermometer", status: 403);
    }

    private function heating(string $part = 'S-101'): Technician
    {
        $this->as(Role::Technician);
        if ($part === 'S-101') {
            $this->shelf();
        }
        $t = new Technician($this, $this->newId());
        $t->checkIn('quillon-vesper', 'QV-2110', ['cracked-glass']);
        $t->planned('display-assembly', $part);
        foreach (['power-off', 'take-out:sim-tray', 'tape-glass', 'unscrew:tail-screws'] as $step) {
            $t->send([$t->event('step-done', ['step' => $step])]);
        }
        $t->send([['at' => now()->getTimestampMs()] + $t->event('timer-started', ['step' => 'heat:seal'])]);

        return $t;
    }

    /** @return TestResponse<Response> */
    private function follow(Technician $t): TestResponse
    {
        return $this->ask(
            'PUT',
            "/jobs/$t->job/thermometer",
            ['thermometer' => 'T7', 'step' => 'heat:seal', 'probe' => 'outer-face'],
            200,
        );
    }

    private function hear(int $count): void
    {
        foreach ($this->lines($count) as $line) {
            app(Intake::class)->take($line);
        }
    }

    /** @return list<string> */
    private function lines(int $count): array
    {
        $lines = [];
        foreach ((new Wire(config()->string('facelift.thermometer')))->lines() as $line) {
            $lines[] = $line;
            if (count($lines) === $count) {
                break;
            }
        }
        self::assertCount($count, $lines);

        return $lines;
    }

    private static function tell(string ...$commands): void
    {
        $wire = stream_socket_client('tcp://127.0.0.1:' . getenv('FACELIFT_THERMOMETER_CONTROL'), timeout: 2.0);
        self::assertNotFalse($wire);
        foreach ($commands as $command) {
            fwrite($wire, $command . "\n");
            self::assertSame("ok\n", fgets($wire), $command);
        }
        fclose($wire);
    }
}
