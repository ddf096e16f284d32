<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use App\Models\PhoneDrawing;
use App\Models\Role;
use App\Models\SaidOfPhone;
use App\Models\ShelfItem;
use App\Phones\PhoneLibrary;
use Facelift\Anatomy\Phone;
use Facelift\Anatomy\Rests;
use Facelift\Anatomy\TrialOutcome;
use Tests\TestCase;

/** The first repair of a phone that nobody has drawn: what is met is said, and the plan goes on from there. */
final class CaptureTest extends TestCase
{
    private Technician $t;

    protected function setUp(): void
    {
        parent::setUp();
        $this->as(Role::Technician);
        $this->ask('POST', '/provisional', ['front' => []] + ProvisionalTest::TOLD, 200);
        ShelfItem::query()->create([
            'label' => 'S-955', 'name' => 'Sable display', 'kind' => 'display-assembly', 'model_codes' => ['TS-1'],
            'connector' => 'unknown', 'technology' => 'oled', 'colour' => 'black', 'refresh' => 60, 'brings' => [],
            'cost' => '40.00', 'sheet' => null, 'supplier' => 'Norvend Panels', 'batch' => 'NP-1', 'place' => 'X1',
            'state' => 'new',
        ]);
        $this->t = new Technician($this, $this->newId());
        $this->t->checkIn('tivane-sable@1', 'TS-1', ['cracked-glass']);
        $this->t->planned('display-assembly', 'S-955');
    }

    public function testScrewsThatAreMetAreInThePlanAtOnceAndTheDoneStepsStay(): void
    {
        $this->t->workUpTo('unscrew:bracket-short');
        $before = $this->done();
        $more = $this->more(['name' => 'Hidden screws', 'under' => ['bracket'], 'count' => 2, 'driver' => 'T5']);
        foreach ([1, 2] as $_) {
            $this->ask('POST', "/jobs/{$this->t->job}/captures", $more, 200);
        }
        self::assertSame(1, SaidOfPhone::query()->count());
        self::assertSame('tivane-sable@2', Job::query()->findOrFail($this->t->job)->phone);
        self::assertSame($before, $this->done(), 'what was done is done');
        $said = SaidOfPhone::query()->sole()->captured();
        self::assertSame(['seal'], $said->after, 'seen once the screen was open');
        $id = $said->makes();
        $steps = array_column((array) $this->ask('GET', "/jobs/{$this->t->job}/plan", [], 200)->json('steps'), 'id');
        self::assertContains("unscrew:$id", $steps);
        $at = static fn(string $step): int => (int) array_search($step, $steps, true);
        self::assertLessThan($at('lift-part:bracket'), $at("unscrew:$id"));
        // Nobody pulls a plug for the battery's that nobody has pointed at.
        $this->t->workUpTo('unplug:battery-plug');
        $pulled = $this->t->send([$this->t->event('step-done', ['step' => 'unplug:battery-plug'])]);
        self::assertSame('which-battery-plug', data_get($pulled, 'refused.0.reason.code'));
        $this->t->pointAtBattery();
        // Worked to the end with them: nothing is refused, and no screw is left on the mat.
        $this->t->workThrough();
        $bench = $this->ask('GET', "/jobs/{$this->t->job}/bench", [], 200);
        $bench->assertJsonPath('astray', []);
        // What came off was there: the next job of this phone has less to guess.
        $this->ask('PUT', "/jobs/{$this->t->job}/hand-over", [
            'version' => Job::query()->findOrFail($this->t->job)->version,
            'customerTold' => true,
            'filmOff' => true,
        ], 200);
        $next = app(PhoneLibrary::class)->phone('tivane-sable@4');
        self::assertSame(['tivane-sable@4'], array_keys(app(PhoneLibrary::class)->search('sable')));
        $repair = $next->footing->repairs[0] ?? null;
        self::assertNotNull($repair);
        self::assertSame(TrialOutcome::Passed, $repair->trial);
        self::assertArrayHasKey('unscrew', $repair->steps);
        self::assertSame($repair->job, $next->footing->jobs['seal'] ?? null);
        self::assertSame(Rests::Seen, $next->footing->of('seal'));
        self::assertSame(Rests::Seen, $next->footing->of('tail-screws'));
        self::assertSame(Rests::Assumed, $next->footing->of('rear-camera'), 'nobody has looked there');
        self::assertArrayHasKey($id, $next->fasteners);
    }

    public function testWhatIsStruckOutIsGoneAndUndoneAgain(): void
    {
        $this->t->workUpTo('unscrew:bracket-short');
        $gone = ['kind' => 'not-there', 'of' => 'mesh'] + $this->more([]);
        $this->ask('POST', "/jobs/{$this->t->job}/captures", $gone, 200);
        self::assertArrayNotHasKey('mesh', $this->phone()->parts);
        $id = SaidOfPhone::query()->sole()->id;
        $this->ask('DELETE', "/jobs/{$this->t->job}/captures/$id", [], 200);
        self::assertArrayHasKey('mesh', $this->phone()->parts);
        self::assertSame([], $this->ask('GET', "/jobs/{$this->t->job}/captures", [], 200)->json('data'));
        self::assertSame(3, PhoneDrawing::query()->count(), 'every version stays');
    }

    public function testWhatHasComeOffWasThere(): void
    {
        $this->t->workUpTo('lift-part:bracket');
        $off = ['kind' => 'not-there', 'of' => 'bracket-short'] + $this->more([]);
        $this->ask('POST', "/jobs/{$this->t->job}/captures", $off, 409);
        $plug = ['kind' => 'not-there', 'of' => 'battery-plug'] + $this->more([]);
        $this->ask('POST', "/jobs/{$this->t->job}/captures", $plug, 422);
        self::assertSame(0, SaidOfPhone::query()->count());
        self::assertSame(1, PhoneDrawing::query()->count(), 'nothing is half kept');
    }

    public function testCountedScrewsAreMeasured(): void
    {
        $counted = ['kind' => 'screws-counted', 'of' => 'tail-screws', 'count' => 4, 'length' => 3.1] + $this->more([]);
        $this->ask('POST', "/jobs/{$this->t->job}/captures", $counted, 200);
        $phone = $this->phone();
        self::assertSame(4, $phone->fasteners['tail-screws']->count());
        self::assertSame(Rests::Measured, $phone->footing->of('tail-screws'));
    }

    public function testADrawnPhoneIsNotCaptured(): void
    {
        $this->shelf();
        $drawn = new Technician($this, $this->newId());
        $drawn->checkIn('quillon-vesper', 'QV-2110', ['cracked-glass']);
        $drawn->planned('display-assembly', 'S-101');
        $this->ask('POST', "/jobs/$drawn->job/captures", $this->more(['under' => ['bracket'], 'count' => 1]), 409);
        $this->ask('POST', "/jobs/{$this->t->job}/captures", $this->more(['count' => 0]), 422);
        $this->ask('POST', "/jobs/{$this->t->job}/captures", $this->more(['kind' => [[[]]], 'count' => 1]), 422)
            ->assertJsonValidationErrors('kind');
    }

    /** Until the job is closed what is said holds for it alone; new jobs open with what is kept. */
    public function testABenchVersionIsForItsJobAlone(): void
    {
        $more = $this->more(['name' => 'Hidden screws', 'under' => ['bracket'], 'count' => 2]);
        $this->ask('POST', "/jobs/{$this->t->job}/captures", $more, 200);
        self::assertSame(['tivane-sable@1'], array_keys(app(PhoneLibrary::class)->search('sable')));
        self::assertSame('tivane-sable@2', Job::query()->findOrFail($this->t->job)->phone);
        $this->ask('GET', '/phone-files/tivane-sable', [], 200)->assertJsonPath('version', 1);
        $this->ask('GET', '/phone-files/tivane-sable/versions', [], 200)->assertJsonCount(1, 'data');
    }

    public function testWhatALaterJobSeesOtherwiseIsProposedInWordsAndTakenOverByAHand(): void
    {
        $counted = ['kind' => 'screws-counted', 'of' => 'tail-screws', 'count' => 3] + $this->more([]);
        $this->ask('POST', "/jobs/{$this->t->job}/captures", $counted, 200);
        $this->finish($this->t);
        $review = $this->ask('GET', "/jobs/{$this->t->job}/phone-review", [], 200)->json('review');
        self::assertSame([], data_get($review, 'contradicts'));
        self::assertContains('seal', (array) data_get($review, 'seen.*.id'));
        self::assertContains('tail-screws', (array) data_get($review, 'unmeasured.*.id'));
        $this->handOver($this->t);

        ShelfItem::query()->where('label', 'S-955')->update(['state' => 'new', 'job_id' => null]);
        $kept = (string) array_key_first(app(PhoneLibrary::class)->search('sable'));
        $second = new Technician($this, $this->newId());
        $second->checkIn($kept, 'TS-1', ['cracked-glass']);
        $second->planned('display-assembly', 'S-955');
        $this->ask('POST', "/jobs/$second->job/captures", ['count' => 5] + ['id' => $this->newId()] + $counted, 200);
        $this->finish($second, false);
        $other = $this->ask('GET', "/jobs/$second->job/phone-review", [], 200)->json('review.contradicts');
        self::assertSame(['seen-otherwise'], array_column((array) $other, 'code'));
        self::assertSame([3, 5], [data_get($other, '0.figures.count'), data_get($other, '0.figures.nowCount')]);
        $this->handOver($second);
        self::assertSame([$kept], array_keys(app(PhoneLibrary::class)->search('sable')), 'only proposed');
        $versions = $this->ask('GET', '/phone-files/tivane-sable/versions', [], 200)->json('data');
        self::assertSame('proposed', data_get($versions, '0.standing'));
        $number = data_get($versions, '0.version');
        self::assertIsInt($number);
        $this->ask('POST', "/phone-files/tivane-sable/versions/$number/review", ['good' => true], 200)
            ->assertJsonPath('standing', 'kept');
        self::assertSame(["tivane-sable@$number"], array_keys(app(PhoneLibrary::class)->search('sable')));
        // What is kept is looked at by another hand than the one that drew it.
        $this->ask('POST', "/phone-files/tivane-sable/versions/$number/review", ['good' => true], 409);
        $this->as(Role::Owner);
        $this->ask('POST', "/phone-files/tivane-sable/versions/$number/review", ['good' => true], 200);
        $this->as(Role::FrontDesk);
        $this->ask('POST', "/phone-files/tivane-sable/versions/$number/review", ['good' => true], 403);
    }

    public function testNothingIsKeptIfNobodyWantsIt(): void
    {
        $this->finish($this->t);
        $this->handOver($this->t, ['keepPhone' => false]);
        self::assertSame(['tivane-sable@1'], array_keys(app(PhoneLibrary::class)->search('sable')));
    }

    /** To the last step; the battery's plug is asked for on the way, in the first repair. */
    private function finish(Technician $t, bool $asked = true): void
    {
        $t->workUpTo('unplug:battery-plug');
        if ($asked) {
            $t->pointAtBattery();
        }
        $t->workThrough();
    }

    /** @param array<string, mixed> $more */
    private function handOver(Technician $t, array $more = []): void
    {
        $this->ask('PUT', "/jobs/$t->job/hand-over", $more + [
            'version' => Job::query()->findOrFail($t->job)->version,
            'customerTold' => true,
            'filmOff' => true,
        ], 200);
    }

    /**
     * @param array<string, mixed> $of
     *
     * @return array<string, mixed>
     */
    private function more(array $of): array
    {
        return $of + [
            'id' => $this->newId(), 'at' => $this->t->now(), 'kind' => 'more-screws', 'of' => '', 'name' => 'Screws',
            'under' => [], 'places' => [], 'count' => 0, 'length' => null, 'driver' => null, 'adhesive' => null,
            'plug' => null, 'clip' => null, 'part' => null, 'pairing' => null,
        ];
    }

    private function phone(): Phone
    {
        return app(PhoneLibrary::class)->phone(Job::query()->findOrFail($this->t->job)->phone);
    }

    /** @return list<mixed> */
    private function done(): array
    {
        return array_column((array) $this->ask('GET', "/jobs/{$this->t->job}/bench", [], 200)->json('done'), 'step');
    }
}
