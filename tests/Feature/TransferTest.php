<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Calibration\Transfers;
use App\Models\Job;
use App\Models\KeptDump;
use App\Models\Role;
use App\Models\TransferEvent;
use App\Node\Lease;
use Facelift\Calibration\Dump;
use Facelift\Calibration\DumpDocument;
use Facelift\Calibration\Seen\WriteBegun;
use Facelift\Tests\Calibration\Made;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\Config;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Process;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** The display's data from the old panel to the new, through the interface and over the real wire. */
final class TransferTest extends TestCase
{
    private ProgrammerStandIn $standIn;

    private Technician $t;

    private string $own = '';

    protected function setUp(): void
    {
        parent::setUp();
        $this->standIn = ProgrammerStandIn::start();
        Config::set('facelift.programmer', $this->standIn->address);
        Config::set('facelift.programmer_patience', 0.3);
        $this->own = Made::dump([32 => pack('v2', 3227, 3390), 64 => pack('v', 900), 96 => pack('V', 3)])->bytes;
        $this->standIn->tell('plug old QV46P-0713 QV-46P QV-A ' . bin2hex(Made::dump()->bytes));
        $this->plugNew('QV46P-0999');
        $this->t = $this->atBench();
        $this->t->workUpTo('read-memory:display');
    }

    protected function tearDown(): void
    {
        $this->standIn->stop();
        parent::tearDown();
    }

    /** Read twice, kept, written, read back; the bench goes on only when that has happened. */
    public function testTheWholeWay(): void
    {
        self::assertSame('data-not-kept', $this->refused('read-memory:display'));
        $lines = $this->go();
        self::assertSame(['done' => 8, 'of' => 8], array_intersect_key($lines[7], ['done' => 0, 'of' => 0]));
        self::assertCount(17, $lines, 'eight blocks twice, and the state');
        $state = $this->state();
        self::assertSame([true, null, 'transfer-plug-new'], [$state['mayGo'], $state['ending'], $this->advice()]);
        self::assertNull($this->refused('read-memory:display'));
        $this->t->workUpTo('write-memory:display');
        self::assertSame('data-not-written', $this->refused('write-memory:display'));
        $this->go();
        self::assertSame('copied', $this->state()['ending']);
        self::assertNull($this->refused('write-memory:display'));
        $bench = $this->ask('GET', "/jobs/{$this->t->job}/bench", [], 200)->json('data');
        self::assertSame(['kept' => true, 'givenUp' => null, 'ended' => 'copied'], $bench);
        $target = $this->transfers()->of($this->job())->target();
        self::assertSame(bin2hex((string) $target), $this->standIn->shown('new'));
        self::assertSame(5, KeptDump::query()->count(), 'every reading is a dump of its own');
    }

    /** @return iterable<string, array{string, string, string}> command, fault, what helps */
    public static function faults(): iterable
    {
        yield 'no contact' => ['fault no-contact', 'no-contact', 'transfer-seat-again'];
        yield 'wrong sum' => ['fault wrong-checksum', 'wrong-checksum', 'transfer-clean-and-slower'];
        yield 'unplugged' => ['fault unplugged 4', 'unplugged', 'transfer-plug-again'];
        yield 'silent' => ['fault silent', 'timed-out', 'transfer-programmer-silent'];
    }

    #[DataProvider('faults')]
    public function testAFaultIsToldWithWhatHelpsAndTheWayGoesOn(string $command, string $fault, string $helps): void
    {
        $this->standIn->tell($command);
        foreach ([1, 2] as $times) {
            $this->go();
            $state = $this->state();
            self::assertSame([$fault, $helps, $times], [$state['trouble'], $this->advice(), $state['failed']]);
        }
        self::assertSame('data-not-kept', $this->refused('read-memory:display'));
        $this->standIn->tell('fault none');
        $this->go();
        self::assertTrue($this->state()['mayGo']);
        self::assertSame(0, $this->state()['failed']);
    }

    public function testABadContactIsAskedAgainAndStillRight(): void
    {
        $this->standIn->tell('fault bad-contact');
        $this->go();
        self::assertTrue($this->state()['mayGo']);
        self::assertSame(Made::dump()->bytes, $this->newest()->bytes);
    }

    public function testTheOldDisplayInTheNewOnesPlaceIsNoticed(): void
    {
        $this->go();
        $this->plugNew('QV46P-0713');
        $lines = $this->go();
        self::assertSame('transfer-is-the-old-one', Arr::get($lines, count($lines) - 1 . '.plugged.code'));
        self::assertNull(Arr::get($this->state(), 'new.panel'));
    }

    public function testAProtectedPanelKeepsWhatItHadAndAnotherPartMayFollow(): void
    {
        $this->go();
        $this->standIn->tell('fault write-protected');
        $this->go();
        self::assertSame('protected', $this->state()['ending']);
        self::assertSame(bin2hex($this->own), $this->standIn->shown('new'));
        $this->standIn->tell('fault none');
        $this->plugNew('QV46P-1001');
        $this->ask('POST', "/jobs/{$this->t->job}/transfer/other-part", [], 200);
        $this->go();
        self::assertSame('copied', $this->state()['ending']);
    }

    public function testAnotherLayoutIsNotWritten(): void
    {
        $this->go();
        $this->standIn->tell('plug new TQ-1 TQ-40D TQ-B ' . bin2hex($this->own));
        $this->go();
        self::assertSame(['other-layout', 'transfer-ended-other-layout'], [$this->state()['ending'], $this->advice()]);
    }

    public function testUnpluggedInTheMiddleOfWritingNobodyMayLeaveItAtThat(): void
    {
        $this->t->workUpTo('read-memory:display');
        $this->go();
        // Three words and sixteen blocks pass: then the first block that is written comes off half-way.
        $this->standIn->tell('fault unplugged 19');
        $this->go();
        $state = $this->state();
        self::assertSame(['unplugged', true], [$state['trouble'], $state['unknown']]);
        self::assertSame('transfer-unknown-until-read', $this->advice());
        $this->ask('POST', "/jobs/{$this->t->job}/transfer/end", ['why' => 'have had enough of it'], 409);
        $this->standIn->tell('fault none');
        $this->go();
        self::assertSame('copied', $this->state()['ending']);
    }

    /** The server dies after it has told that it writes: whoever goes on reads first. */
    public function testKilledBetweenWritingAndReadingBackItGoesOn(): void
    {
        $this->go();
        $this->standIn->tell('fault unplugged 19');
        $this->go();
        $job = $this->job();
        $events = TransferEvent::query()->where('job_id', $job->id)->orderByDesc('number');
        // As it lies in the tables if the process was killed right after its word that it begins to write.
        self::assertSame('failed', $events->firstOrFail()->kind->value);
        DB::table('transfer_events')->where('job_id', $job->id)->where('kind', 'failed')->delete();
        self::assertInstanceOf(WriteBegun::class, $events->firstOrFail()->seen());
        $state = $this->state();
        self::assertTrue($state['unknown']);
        self::assertSame(['kind' => 'identify', 'socket' => 'new'], $state['ask']);
        $this->standIn->tell('fault none');
        $this->go();
        self::assertSame('copied', $this->state()['ending']);
    }

    public function testWhatCannotBeReadIsGivenUpOnlyWithAReason(): void
    {
        $code = fn(string $state, string $why): ?string => self::code(
            $this->t->send([$this->t->event('data', ['state' => $state, 'why' => $why])]),
        );
        self::assertSame('reason-missing', $code('given-up', 'no'));
        self::assertSame('data-on-its-own', $code('kept', 'says the client'));
        self::assertSame('data-on-its-own', $code('ended', 'says the client'));
        self::assertNull($code('given-up', 'no contact after three tries'));
        self::assertNull($this->refused('read-memory:display'));
        $this->t->workUpTo('write-memory:display');
        self::assertNull($this->refused('write-memory:display'), 'there is nothing to write');
    }

    public function testTheFrontDeskDoesNotWorkAtTheProgrammer(): void
    {
        $this->as(Role::FrontDesk);
        $this->json('POST', "/api/jobs/{$this->t->job}/transfer")->assertStatus(403);
        $this->ask('POST', "/jobs/{$this->t->job}/transfer/end", ['why' => 'no reason at all'], 403);
        self::assertSame(0, TransferEvent::query()->count());
    }

    public function testSomebodyElseAtTheProgrammerIsToldSo(): void
    {
        $other = new Lease('programmer', 'somebody, on this or another machine', 30);
        self::assertTrue($other->hold());
        $lines = $this->go();
        self::assertStringContainsString('in use', (string) json_encode($lines[0]));
        $other->release();
        $this->go();
        self::assertTrue($other->hold(), 'and it is free when the transfer has gone as far as it goes');
        self::assertTrue($this->state()['mayGo']);
    }

    /** The dump of a job, exported, is read by Debian's python3-intelhex and by our own reader. */
    public function testADumpOfTheJobIsExported(): void
    {
        $this->go();
        $id = KeptDump::query()->orderBy('at')->firstOrFail()->id;
        $hex = (string) $this->get("/api/jobs/{$this->t->job}/dumps/$id.hex")->baseResponse->getContent();
        $file = tempnam(sys_get_temp_dir(), 'hex');
        File::put((string) $file, $hex);
        $read = Process::run([
            '/usr/bin/python3',
            '-c',
            'import sys, intelhex; print(intelhex.IntelHex(sys.argv[1]).tobinstr().hex())',
            $file,
        ]);
        File::delete((string) $file);
        self::assertSame(bin2hex(Made::dump()->bytes), trim($read->output()), $read->errorOutput());
        $json = (string) $this->get("/api/jobs/{$this->t->job}/dumps/$id.json")->baseResponse->getContent();
        self::assertTrue((new DumpDocument())->read(json_decode($json, true))->compare(Made::dump())->isEqual());
        $strange = $this->newId();
        $this->get("/api/jobs/$strange/dumps/$id.json")->assertNotFound();
    }

    private function plugNew(string $marking): void
    {
        $this->standIn->tell("plug new $marking QV-46P QV-A " . bin2hex($this->own));
    }

    /** @return list<array<string, mixed>> the lines of one press of the button */
    private function go(): array
    {
        $answer = $this->json('POST', "/api/jobs/{$this->t->job}/transfer");
        $answer->assertOk();
        $lines = explode("\n", trim($answer->streamedContent()));

        return array_values(array_map(static function (string $line): array {
            $read = json_decode($line, true, 16, JSON_THROW_ON_ERROR);
            self::assertIsArray($read);

            /** @var array<string, mixed> $read */
            return $read;
        }, $lines));
    }

    /** @return array<mixed> */
    private function state(): array
    {
        $state = $this->ask('GET', "/jobs/{$this->t->job}/transfer", [], 200)->json();
        self::assertIsArray($state);

        return $state;
    }

    private function advice(): string
    {
        $code = Arr::get($this->state(), 'advice.code');
        self::assertIsString($code);

        return $code;
    }

    private function refused(string $step): ?string
    {
        $answer = $this->t->send([$this->t->event('step-done', ['step' => $step])]);

        return self::code($answer);
    }

    /**
     * @param array<mixed> $answer
     *
     * @return string|null why the event was refused; null if it was kept
     */
    private static function code(array $answer): ?string
    {
        $code = Arr::get($answer, 'refused.0.reason.code');
        self::assertTrue($code === null || is_string($code));

        return $code;
    }

    private function job(): Job
    {
        return Job::query()->findOrFail($this->t->job);
    }

    private function transfers(): Transfers
    {
        return app(Transfers::class);
    }

    private function newest(): Dump
    {
        return KeptDump::query()->orderByDesc('at')->orderByDesc('id')->firstOrFail()->dump();
    }
}
