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
            'cost' => '40.00', 'sheet' => null, 'supplier' => 'Norrby Panels', 'batch' => 'NP-1', 'place' => 'X1',
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
        $id = SaidOfPhone::query()->sole()->captured()->makes();
        $steps = array_column((array) $this->ask('GET', "/jobs/{$this->t->job}/plan", [], 200)->json('steps'), 'id');
        self::assertContains("unscrew:$id", $steps);
        $at = static fn(string $step): int => (int) array_search($step, $steps, true);
        self::assertLessThan($at('lift-part:bracket'), $at("unscrew:$id"));
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
        $next = app(PhoneLibrary::class)->phone('tivane-sable@3');
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
            'under' => [], 'count' => 0, 'length' => null, 'driver' => '', 'places' => [],
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
