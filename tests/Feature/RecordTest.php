<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Jobs\Planning;
use App\Models\Audit;
use App\Models\CameBack;
use App\Models\Figure;
use App\Models\Job;
use App\Models\JobFact;
use App\Models\MinuteFigure;
use App\Models\Role;
use App\Models\ShelfItem;
use App\Models\SourceFigure;
use App\Record\KeepForeseen;
use App\Record\KeepLearnt;
use App\Record\KeepRecord;
use App\Record\LearnFromHeat;
use App\Record\Sums;
use Database\Seeders\HiddenTruth;
use Facelift\Anatomy\AdhesiveKind;
use Facelift\Anatomy\Family;
use Facelift\Anatomy\ReplacementKind;
use Facelift\Bench\SeenReading;
use Facelift\Bench\StepTime;
use Facelift\Heat\AdhesiveState;
use Facelift\Heat\SourceKind;
use Facelift\Plan\StepKind;
use Facelift\Record\WindowEvidence;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

/** What a job teaches is kept as it is handed over, in the same transaction, and once. */
final class RecordTest extends TestCase
{
    public function testAJobThatIsHandedOverIsInTheRecord(): void
    {
        $t = $this->handedOver();
        $job = Job::query()->with('part')->findOrFail($t->job);
        $fact = JobFact::query()->findOrFail($t->job);
        self::assertSame([$job->number, $job->phone], [$fact->number, $fact->phone]);
        self::assertSame('display-assembly', $fact->kind);
        self::assertSame($job->part?->supplier, $fact->supplier);
        self::assertSame((string) $job->hand, $fact->technician);
        self::assertSame('precut-seal', $fact->way);
        self::assertSame($fact->gross, $fact->net + $fact->tax);
        self::assertGreaterThan(0, $fact->part);
        self::assertGreaterThan(0, $fact->planned);
        $all = DB::table('record_sums')->where('facet', 'all')->sole();
        self::assertSame([1, $fact->gross, $fact->taken], [$all->jobs, $all->gross, $all->taken]);
        self::assertSame(8, DB::table('record_sums')->count(), 'a row for everything that jobs are told apart by');
        $told = DB::table('minute_sums')->sum('count') + DB::table('minute_sums')->sum('interrupted');
        self::assertGreaterThan(20, $told);
        $evidence = DB::table('window_sums')->where('adhesive', 'precut-seal')->value('evidence');
        assert(is_string($evidence));
        self::assertSame(1, WindowEvidence::from($evidence)->jobs);
        self::assertGreaterThan(2, WindowEvidence::from($evidence)->passes);
        self::assertTrue($fact->learnt, 'after the answer');
        // The same again keeps nothing twice.
        $before = $this->kept();
        app(KeepRecord::class)->handedOver($job);
        app(LearnFromHeat::class)->of($t->job);
        self::assertSame($before, $this->kept());
    }

    public function testWhatIsTakenOutLeavesNoTrace(): void
    {
        $this->handedOver();
        $before = $this->kept();
        $other = JobFact::query()->firstOrFail()->replicate();
        $other->forceFill(['job_id' => $this->newId(), 'way' => 'bead', 'gross' => 12_345]);
        $sums = app(Sums::class);
        $sums->add($other);
        self::assertNotSame($before, $this->kept());
        $sums->takeOut($other);
        DB::table('record_sums')->where('jobs', 0)->delete();
        self::assertSame($before, $this->kept());
    }

    /** What the heat teaches is kept after the answer; where that was lost, it is made good later, once. */
    public function testWhatWasMissedAfterAHandOverIsLearntLater(): void
    {
        $t = $this->handedOver();
        $learnt = DB::table('window_sums')->sole();
        $drags = DB::table('drag_sums')->orderBy('tenth')->get()->all();
        self::assertGreaterThan(2, DB::table('drag_sums')->sum('passes'));
        foreach (['window_sums', 'drag_sums', 'reading_sums', 'source_fits'] as $table) {
            DB::table($table)->delete();
        }
        // As if the server had been ended between the answer and what follows it.
        JobFact::query()->whereKey($t->job)->update(['learnt' => false]);
        $this->app->forgetScopedInstances();
        foreach ([1, 2] as $_) {
            Artisan::call('facelift:learn');
            self::assertEquals($learnt, DB::table('window_sums')->sole());
            self::assertEquals($drags, DB::table('drag_sums')->orderBy('tenth')->get()->all());
        }
    }

    /** The make on the roll is that of the record, also when the roll is gone by then. */
    public function testTheRecordKnowsWithWhichMakeItWasSealed(): void
    {
        $this->as(Role::Technician);
        $this->shelf();
        $rolls = [];
        foreach ([1.0, 1.5, 2.0, 3.0, 5.0] as $width) {
            $roll = ['name' => "Black $width", 'make' => 'Lattermoor', 'width' => $width, 'thickness' => 0.3];
            $rolls[] = $id = $this->newId();
            $this->ask('PUT', "/rolls/$id", $roll + ['gives' => 0.2, 'left' => 20_000], 201)
                ->assertJsonPath('make', 'Lattermoor');
        }
        $t = new Technician($this, $this->newId());
        $t->checkIn('brasca-fern-5', 'BF5-E', ['cracked-glass']);
        $t->planned('display-assembly', 'S-201');
        $t->workThrough();
        foreach ($rolls as $id) {
            $this->ask('DELETE', "/rolls/$id", status: 204);
        }
        $t->change('hand-over', ['customerTold' => true, 'filmOff' => true]);
        self::assertSame('Lattermoor', JobFact::query()->findOrFail($t->job)->adhesive);
        $shares = $this->ask('GET', '/record/shares?facet=adhesive', status: 200);
        self::assertSame(['Lattermoor'], $shares->json('rows.*.value'));
    }

    public function testAPhoneThatComesBackIsCountedOnce(): void
    {
        $t = $this->handedOver();
        $this->travelTo(Carbon::now()->addDays(9)->addHours(3));
        foreach ([1, 2] as $_) {
            $back = ['id' => $this->newId(), 'what' => 'edge-lifts', 'function' => null, 'side' => 'left']
                + ['text' => 'lifts at the side'];
            $this->ask('POST', "/jobs/$t->job/comeback", $back, 200);
            $this->travelTo(Carbon::now()->addDays(4));
        }
        $fact = JobFact::query()->findOrFail($t->job);
        self::assertSame([9, CameBack::EdgeLifts], [$fact->back_days, $fact->back_what]);
    }

    public function testAPartThatFailsBeforeItIsFittedCountsForItsSupplier(): void
    {
        $this->as(Role::Technician);
        $this->shelf();
        $t = new Technician($this, $this->newId());
        $t->checkIn('quillon-vesper', 'QV-2110', ['cracked-glass']);
        $t->planned('display-assembly', 'S-101');
        $supplier = ShelfItem::query()->where('label', 'S-101')->firstOrFail()->supplier;
        $job = Job::query()->findOrFail($t->job);
        $failed = ['id' => $this->newId(), 'version' => $job->version, 'reason' => 'dead on the bench'];
        $this->ask('PUT', "/jobs/$t->job/part-failure", $failed, 200);
        $this->ask('PUT', "/jobs/$t->job/part-failure", $failed, 200);
        self::assertSame(['failed' => 1], (array) DB::table('record_sums')->where('facet', 'batch')->sole(['failed']));
        $sums = DB::table('record_sums')->where('facet', 'supplier')->pluck('failed', 'value')->all();
        self::assertSame([$supplier => 1], $sums);
    }

    /** Made facts of a shop, and the answers that follow by hand. */
    public function testTheAnswersAreThoseOfTheJobs(): void
    {
        $this->travelTo(Carbon::parse('2026-11-20 12:00:00'));
        $this->facts('tape', 60, 2, '2026-06-10');
        $this->facts('bead', 40, 12, '2026-07-10');
        // Out for five days only.
        $this->facts('tape', 10, 0, '2026-11-15');
        $this->as(Role::Owner);
        $shares = $this->ask('GET', '/record/shares?question=comebacks&facet=way', status: 200);
        self::assertSame(['tape', 'bead'], array_column((array) $shares->json('rows'), 'value'));
        $tape = $shares->json('rows.0');
        self::assertSame([2, 70, 10], [data_get($tape, 'hits'), data_get($tape, 'tries'), data_get($tape, 'waits')]);
        // Ten were out for five days when those that came back did so after ten: they are not at risk any more.
        self::assertEqualsWithDelta(2 / 60, $this->number(data_get($tape, 'share')), 1e-4);
        self::assertEqualsWithDelta(12 / 40, $this->number($shares->json('rows.1.share')), 1e-4);
        // 12/40 − 2/60 by Newcombe's method 10, by hand: 0.1807 to 0.4543 less 0.0092 to 0.1136.
        self::assertTrue($shares->json('pair.told'));
        self::assertEqualsWithDelta(0.1229, $this->number($shares->json('pair.low')), 5e-4);
        self::assertSame(1, $shares->json('pair.pairs'));
        self::assertSame(110, $shares->json('all.tries'));
        $none = $this->ask('GET', '/record/shares?question=comebacks&facet=supplier', status: 200);
        self::assertNull($none->json('pair'), 'one supplier is compared with nobody');

        $behind = $this->ask('GET', '/record/jobs?question=comebacks&facet=way&value=bead&hits=1', status: 200);
        self::assertCount(12, (array) $behind->json('data'));
        self::assertSame(array_fill(0, 12, 10), $behind->json('data.*.backAfter'));
        $all = $this->ask('GET', '/record/jobs?facet=way&value=tape', status: 200);
        self::assertCount(50, (array) $all->json('data'));
        $next = '/record/jobs?facet=way&value=tape&before=' . (int) $this->number($all->json('next'));
        $rest = $this->ask('GET', $next, status: 200);
        self::assertCount(20, (array) $rest->json('data'));

        $money = $this->ask('GET', '/record/money', status: 200);
        // Net 100.00 less part 40.00, consumables 3.00 and half an hour at 36.00, times 110.
        self::assertSame(['4290.00', 110], [$money->json('all.margin'), $money->json('all.jobs')]);
        self::assertSame('114.00', $money->json('all.perHour'));
        $kept = $this->ask('GET', '/record/shares?question=promises', status: 200);
        self::assertEqualsWithDelta(1.0, $this->number($kept->json('all.share')), 1e-9);
        $changed = $this->ask('GET', '/record/changed?month=2026-07', status: 200);
        self::assertSame('2026-06', $changed->json('before'));
        self::assertTrue($changed->json('rows.0.told'));
        $this->ask('GET', '/record/changed?month=2026-11', status: 200)->assertJsonPath('rows.0.told', false);
    }

    /** Three failures more say nothing: it takes so many jobs more. */
    public function testWhatCannotBeToldYetSaysHowManyMoreItTakes(): void
    {
        $this->travelTo(Carbon::parse('2026-11-20 12:00:00'));
        $this->facts('tape', 30, 1, '2026-06-10');
        $this->facts('bead', 30, 3, '2026-07-10');
        $this->as(Role::Technician);
        $pair = $this->ask('GET', '/record/shares?facet=way', status: 200)->json('pair');
        self::assertFalse(data_get($pair, 'told'));
        self::assertGreaterThan(100, $this->number(data_get($pair, 'more')));
        $this->ask('GET', '/record/shares?facet=technician', status: 403);
        $this->ask('GET', '/record/money', status: 403);
        foreach (['facet=colour', 'from=2026-13', 'from=2026-05&to=2026-01', 'question=why', 'from[]=1'] as $bad) {
            $this->ask('GET', "/record/shares?$bad", status: 422);
        }
    }

    /** A heating with a reading says something of the plate; without one nothing is learnt of it. */
    public function testTheOtherFiguresSayWhatTheyRestOn(): void
    {
        $this->handedOver();
        $this->as(Role::Owner);
        $none = $this->ask('GET', '/record/figures', status: 200);
        self::assertSame([0, false], [$none->json('plate.jobs'), $none->json('plate.drifts')]);
        $truth = new HiddenTruth(9);
        $job = JobFact::query()->firstOrFail()->job_id;
        foreach (range(0, 59) as $i) {
            $at = Carbon::now()->subDays(12 * $i);
            app(KeepLearnt::class)->contact($job, SourceKind::Plate, $at, $truth->plate(12 * $i / 365.25));
        }
        $figures = $this->ask('GET', '/record/figures', status: 200);
        self::assertSame(60, $figures->json('plate.jobs'));
        self::assertEqualsWithDelta(HiddenTruth::PLATE, $this->number($figures->json('plate.contact')), 9.0);
        self::assertTrue($figures->json('plate.drifts'), 'it wears');
        self::assertSame([0.5, 0], [$figures->json('risks.1.share'), $figures->json('risks.1.tries')]);
        // One job without a torn flex, beside two of a hundred that weigh as thirty.
        self::assertSame([0, 1], [$figures->json('risks.2.hits'), $figures->json('risks.2.tries')]);
        self::assertEqualsWithDelta(0.6 / 31, $this->number($figures->json('risks.2.share')), 1e-4);
        self::assertCount(1, (array) $figures->json('paces'));
        $this->as(Role::Technician);
        $this->ask('GET', '/record/figures', status: 200)->assertJsonPath('paces', []);
    }

    /** From the readings of many jobs into a plan, which says so, and out again. */
    public function testThePlatesContactIsTakenOverAndBack(): void
    {
        $this->as(Role::Technician);
        $this->shelf();
        $t = new Technician($this, $this->newId());
        $t->checkIn('quillon-vesper', 'QV-2110', ['cracked-glass']);
        $t->planned('display-assembly', 'S-101');
        $planned = static function () use ($t): mixed {
            $plan = (string) Job::query()->findOrFail($t->job)->plan;

            return data_get(json_decode($plan, true), 'source');
        };
        $plan = ['source' => ['kind' => 'plate', 'set' => 85], 'oldPanel' => 'save'];
        $t->change('plan', $plan);
        $before = $planned();
        self::assertSame('from-memory', data_get($before, 'origin'));
        $truth = new HiddenTruth(11);
        $read = static fn(int $i) => app(KeepLearnt::class)
            ->contact($t->job, SourceKind::Plate, Carbon::now()->subDays($i), $truth->plate(0.0));
        array_map($read, range(1, 9));
        $this->as(Role::Owner);
        $id = $this->newId();
        $this->ask('PUT', '/record/contact', ['id' => $id], 409);
        $read(10);
        $taken = $this->ask('PUT', '/record/contact', ['id' => $id], 200);
        self::assertEquals($taken->json(), $this->ask('PUT', '/record/contact', ['id' => $id], 200)->json());
        self::assertSame(10, $taken->json('plate.inUse.jobs'));
        $this->as(Role::Technician);
        $this->app->forgetScopedInstances();
        $t->change('plan', $plan);
        self::assertSame('shops-record', data_get($planned(), 'origin'));
        self::assertEqualsWithDelta(
            $this->number($taken->json('plate.inUse.contact')),
            $this->number(data_get($planned(), 'coefficient')),
            0.06,
        );
        // What warms before the gun is the same plate.
        $gun = ['kind' => 'hot-air', 'set' => 150, 'distance' => 30, 'edge' => 100, 'hold' => true];
        $t->change('plan', [
            'source' => $gun + ['preheat' => ['kind' => 'plate', 'set' => 85]],
            'reason' => 'the plate is in use',
        ] + $plan);
        $warms = data_get(json_decode((string) Job::query()->findOrFail($t->job)->plan, true), 'preheat');
        self::assertSame('shops-record', data_get($warms, 'origin'));
        // A source that the shop has measured itself is not talked over.
        $own = ['kind' => 'plate', 'set' => 85, 'coefficient' => 140];
        $t->change('plan', ['source' => $own] + $plan);
        self::assertEqualsWithDelta(140.0, $this->number(data_get($planned(), 'coefficient')), 1e-9);
        $this->ask('PUT', '/record/contact', ['id' => $this->newId()], 403);
        $this->as(Role::Owner);
        $this->ask('DELETE', '/record/contact', [], 200)->assertJsonPath('plate.inUse', null);
        $this->ask('DELETE', '/record/contact', [], 200);
        $this->as(Role::Technician);
        $this->app->forgetScopedInstances();
        $t->change('plan', $plan);
        self::assertEquals($before, $planned(), 'taken back, it is what it was');
    }

    /** Also where more was read than is looked back at: what is used follows the plate as it wears. */
    public function testTheContactIsTakenOverByItselfAsLongAsItIsRead(): void
    {
        $t = $this->handedOver();
        $this->as(Role::Owner);
        $this->ask('PUT', '/record/learning', ['bySelf' => true], 200);
        $truth = new HiddenTruth(17);
        $read = static fn(Carbon $at) => app(KeepLearnt::class)
            ->contact($t->job, SourceKind::Plate, $at, $truth->plate(0.0));
        foreach (range(1, 510) as $i) {
            $read(Carbon::now()->subHours($i));
        }
        Artisan::call('facelift:learn');
        $first = SourceFigure::query()->sole();
        self::assertSame(500, $first->jobs);
        $this->travelTo(Carbon::now()->addDays(2));
        Artisan::call('facelift:learn');
        self::assertSame($first->id, SourceFigure::query()->sole()->id, 'nothing was read since');
        $read(Carbon::now()->subHour());
        Artisan::call('facelift:learn');
        self::assertNotSame($first->id, SourceFigure::query()->sole()->id);
    }

    /** What was foreseen stands beside what came of it: by the chance of a drag, and by what was read. */
    public function testWhatWasForeseenStandsBesideWhatCame(): void
    {
        $this->as(Role::Technician);
        $keep = app(KeepForeseen::class);
        $keep->passes([[0.04, false], [0.08, true], [0.93, true], [1.0, true]]);
        $keep->passes([[0.02, false]]);
        $keep->readings([
            new SeenReading(71.0, 2.0, 73.0), new SeenReading(74.9, 2.0, 70.9), new SeenReading(75.0, 2.0, 75.0),
        ]);
        $foreseen = $this->ask('GET', '/record/foreseen', status: 200);
        self::assertSame([0, 9], $foreseen->json('drags.*.tenth'));
        self::assertSame([3, 2], $foreseen->json('drags.*.passes'));
        self::assertSame([1, 2], $foreseen->json('drags.*.dragged'));
        self::assertEqualsWithDelta(0.14 / 3, $this->number($foreseen->json('drags.0.foreseen')), 1e-4);
        self::assertSame([[70, 75], [75, 80]], array_map(
            static fn(mixed $r): array => [data_get($r, 'from'), data_get($r, 'to')],
            (array) $foreseen->json('readings'),
        ));
        // +2 and −4: one kelvin too cold, three about it; the second lies outside 1.645 times two.
        self::assertEqualsWithDelta(-1.0, $this->number($foreseen->json('readings.0.off')), 1e-9);
        self::assertEqualsWithDelta(3.0, $this->number($foreseen->json('readings.0.spread')), 1e-9);
        self::assertSame([1, 1], $foreseen->json('readings.*.inside'));
        $this->as(Role::FrontDesk);
        $this->ask('GET', '/record/foreseen', status: 403);
    }

    public function testALearntWindowIsTakenOverAndBack(): void
    {
        $this->handedOver();
        $this->as(Role::Owner);
        $windows = $this->ask('GET', '/record/windows', status: 200);
        self::assertSame('precut-seal', $windows->json('data.0.adhesive'));
        self::assertNull($windows->json('data.0.inUse'));
        $is = ['adhesive' => 'precut-seal', 'state' => 'fresh'];
        $id = $this->newId();
        $taken = $this->ask('PUT', '/record/windows', $is + ['id' => $id], 200);
        $again = $this->ask('PUT', '/record/windows', $is + ['id' => $id], 200);
        self::assertSame($taken->json(), $again->json());
        self::assertEqualsWithDelta(
            $this->number($taken->json('data.0.learnt.middle')),
            $this->number($taken->json('data.0.inUse.low')),
            0.05,
        );
        $other = ['adhesive' => 'silicone', 'state' => 'fresh', 'id' => $this->newId()];
        $this->ask('PUT', '/record/windows', $other, 409);
        $this->ask('DELETE', '/record/windows', $is, 200)->assertJsonPath('data.0.inUse', null);
        $this->ask('DELETE', '/record/windows', $is, 200);
        $changes = $this->ask('GET', '/audit?about=figure', status: 200)->json('data');
        self::assertSame(['gone', 'made'], array_column((array) $changes, 'act'));
        $this->as(Role::Technician);
        $this->ask('PUT', '/record/windows', $is + ['id' => $this->newId()], 403);
    }

    /** From the record into a plan and out again: what was taken over is planned with, and the plan says so. */
    public function testPlansAreMadeWithWhatWasTakenOver(): void
    {
        $this->as(Role::Technician);
        $this->shelf();
        $t = new Technician($this, $this->newId());
        $t->checkIn('quillon-vesper', 'QV-2110', ['cracked-glass']);
        $t->planned('display-assembly', 'S-101');
        $before = $this->opening($t->job);
        self::assertArrayNotHasKey('learnt', (array) data_get($before, 'window'));

        $hotter = WindowEvidence::none();
        $truth = new HiddenTruth(5);
        for ($job = 0; $job < 60; ++$job) {
            // Where it lets go hotter than is estimated.
            $hotter = $hotter->with($truth->passes(AdhesiveKind::PrecutSeal));
        }
        app(KeepLearnt::class)->evidence(AdhesiveKind::PrecutSeal, AdhesiveState::Fresh, $hotter);
        $this->as(Role::Owner);
        $is = ['adhesive' => 'precut-seal', 'state' => 'fresh'];
        $taken = $this->ask('PUT', '/record/windows', $is + ['id' => $this->newId()], 200);
        $this->as(Role::Technician);
        $this->app->forgetScopedInstances();
        $t->change('plan', ['source' => ['kind' => 'plate', 'set' => 85], 'oldPanel' => 'save']);
        $after = $this->opening($t->job);
        self::assertSame(60, data_get($after, 'window.learnt.jobs'));
        self::assertEqualsWithDelta(
            $this->number($taken->json('data.0.inUse.low')),
            $this->number(data_get($after, 'window.low')),
            0.06,
        );
        self::assertGreaterThan(
            $this->number(data_get($before, 'window.low')),
            $this->number(data_get($after, 'window.low')),
        );
        $plan = json_encode(
            $this->ask('GET', "/jobs/$t->job/plan", [], 200)->json(),
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE,
        );
        self::assertStringContainsString('bond-into-learnt-window', $plan);

        $this->as(Role::Owner);
        $this->ask('DELETE', '/record/windows', $is, 200);
        $this->as(Role::Technician);
        $this->app->forgetScopedInstances();
        $t->change('plan', ['source' => ['kind' => 'plate', 'set' => 85], 'oldPanel' => 'save']);
        self::assertEquals($before, $this->opening($t->job), 'taken back, the plan is what it was');
    }

    /** From the record into plan, price and day: hands take as long as they did; what is learnt stays what it was. */
    public function testMinutesThatWereTakenOverArePlannedPricedAndPromisedWith(): void
    {
        $user = $this->as(Role::Technician);
        $this->shelf();
        $t = new Technician($this, $this->newId());
        $t->checkIn('quillon-vesper', 'QV-2110', ['cracked-glass']);
        $t->planned('display-assembly', 'S-101');
        $before = $this->hands($t->job);
        $quoted = $this->looked($t->job);
        $planned = $this->left($t->job);
        $times = static fn(StepKind $kind, float $x): array
            => array_fill(0, 400, new StepTime($kind, 100.0, 100.0 * $x, false));
        app(KeepLearnt::class)->minutes($user->id, Family::FrontOpening, [
            ...$times(StepKind::Unscrew, 2.0), ...$times(StepKind::CleanLedge, 0.5), ...$times(StepKind::CutPass, 2.0),
        ]);
        // Folding phones take longer: none of it is planned for this one.
        app(KeepLearnt::class)->minutes($user->id, Family::FoldingOuter, $times(StepKind::Unscrew, 2.9));
        $this->as(Role::Owner);
        $id = $this->newId();
        $taken = $this->ask('PUT', '/record/minutes', ['id' => $id], 200);
        self::assertSame(3, $taken->json('inUse.kinds'));
        self::assertSame(2, $taken->json('inUse.families'));
        self::assertSame($taken->json(), $this->ask('PUT', '/record/minutes', ['id' => $id], 200)->json());
        $this->as(Role::Technician);
        $this->app->forgetScopedInstances();
        $t->change('plan', ['source' => ['kind' => 'plate', 'set' => 85], 'oldPanel' => 'save']);
        $after = $this->hands($t->job);
        foreach ($before as $step => $hands) {
            $ratio = match (explode(':', $step)[0]) {
                'unscrew' => 2.0,
                'clean-ledge' => 0.5,
                // Blade and heat have figures of their own.
                default => 1.0,
            };
            self::assertEqualsWithDelta($ratio * $hands, $after[$step], 0.02 * $hands + 1.0, $step);
        }
        self::assertNotEqualsWithDelta($quoted, $this->looked($t->job), 1.0, 'the price is made from it too');
        $longer = array_sum($after) - array_sum($before);
        self::assertGreaterThan(10.0, abs($longer));
        self::assertEqualsWithDelta($longer, $this->left($t->job) - $planned, 2.0, 'the day is laid out with it');

        // What is learnt from now on is against the estimate, as before.
        $t->workThrough();
        $t->change('hand-over', ['customerTold' => true, 'filmOff' => true]);
        $sum = DB::table('minute_sums')->where(['kind' => 'unscrew', 'family' => 'front-opening'])->first();
        self::assertNotNull($sum);
        self::assertGreaterThan(400, $sum->count);

        $this->as(Role::Owner);
        $this->ask('DELETE', '/record/minutes', [], 200)->assertJsonPath('inUse', null);
        $this->ask('DELETE', '/record/minutes', [], 200);
    }

    /** Hands of the plan that a price is made from, s. */
    private function looked(string $job): float
    {
        $plan = app(Planning::class)->firstLook(Job::query()->findOrFail($job), ReplacementKind::DisplayAssembly);

        return $plan->handsOn();
    }

    /** Hands that are left to do, as the day has them, s. */
    private function left(string $job): float
    {
        $rows = Job::query()->findOrFail($job)->remaining ?? [];

        return array_sum(array_map($this->number(...), array_column($rows, 1)));
    }

    /** Once a day what was learnt since is used, if the owner wants it so; else nothing changes by itself. */
    public function testWhatIsLearntIsTakenOverByItselfIfTheOwnerWantsIt(): void
    {
        $user = $this->as(Role::Owner);
        $truth = new HiddenTruth(3);
        $learnt = app(KeepLearnt::class);
        $see = static function (int $jobs) use ($truth, $learnt, $user): void {
            for ($job = 0; $job < $jobs; ++$job) {
                $passes = $truth->passes(AdhesiveKind::FoamTape);
                $learnt->evidence(AdhesiveKind::FoamTape, AdhesiveState::Fresh, $passes);
                $times = array_fill(0, 3, new StepTime(StepKind::PlugIn, 10.0, 14.0, false));
                $learnt->minutes($user->id, Family::FrontOpening, $times);
            }
        };
        $see(9);
        Artisan::call('facelift:learn');
        self::assertSame(0, Figure::query()->count(), 'nobody wants it');
        $this->ask('PUT', '/record/learning', ['bySelf' => true], 200)->assertJsonPath('bySelf', true);
        Artisan::call('facelift:learn');
        self::assertSame(0, Figure::query()->count(), 'nine jobs are too few');
        self::assertSame(['plug-in'], MinuteFigure::query()->get()->map(static fn($f) => $f->kind->value)->all());
        $see(1);
        Artisan::call('facelift:learn');
        self::assertSame([10], Figure::query()->pluck('jobs')->all());
        self::assertSame([27], MinuteFigure::query()->pluck('count')->all());
        $made = Audit::query()->where('about', 'figure')->count();
        $see(1);
        Artisan::call('facelift:learn');
        self::assertSame($made, Audit::query()->where('about', 'figure')->count(), 'once a day');
        $this->travelTo(Carbon::now()->addDay());
        Artisan::call('facelift:learn');
        self::assertSame([11], Figure::query()->pluck('jobs')->all());
        self::assertSame([33], MinuteFigure::query()->pluck('count')->all());
        // Taken back it stays back, and from then on the owner decides by hand.
        $this->ask('DELETE', '/record/windows', ['adhesive' => 'foam-tape', 'state' => 'fresh'], 200)
            ->assertJsonPath('bySelf', false);
        $this->travelTo(Carbon::now()->addDays(2));
        Artisan::call('facelift:learn');
        self::assertSame(0, Figure::query()->count());
        $this->ask('PUT', '/record/learning', ['bySelf' => true], 200);
        $this->ask('DELETE', '/record/minutes', [], 200);
        Artisan::call('facelift:learn');
        self::assertSame(0, MinuteFigure::query()->count());
        $this->ask('PUT', '/record/learning', ['bySelf' => 'soon'], 422);
        $this->as(Role::Technician);
        $this->ask('PUT', '/record/learning', ['bySelf' => false], 403);
    }

    /** @return array<string, float> s by step */
    private function hands(string $job): array
    {
        $plan = json_decode((string) Job::query()->findOrFail($job)->plan, true);
        $hands = [];
        foreach ((array) data_get($plan, 'steps') as $step) {
            $id = data_get($step, 'id');
            self::assertIsString($id);
            $hands[$id] = $this->number(data_get($step, 'manner.hands') ?? data_get($step, 'hands'));
        }

        return $hands;
    }

    private function opening(string $job): mixed
    {
        $plan = json_decode((string) Job::query()->findOrFail($job)->plan, true);

        return data_get($plan, 'openings.0') ?? data_get($plan, 'sealing.openings.0');
    }

    /** So many jobs of a day, of which so many came back ten days later. */
    private function facts(string $way, int $jobs, int $back, string $day): void
    {
        $user = $this->as(Role::Technician);
        $facts = [];
        $first = 1 + JobFact::query()->count();
        for ($i = 0; $i < $jobs; ++$i) {
            $closed = Carbon::parse("$day 10:00:00");
            $id = $this->newId();
            DB::table('repair_jobs')->insert([
                'id' => $id, 'number' => $first + $i, 'phone' => 'quillon-vesper', 'model_code' => 'QV-2110',
                'customer' => 'Somebody', 'opened_by' => $user->id, 'handed_over_at' => $closed,
                'closed_as' => 'handed-over',
            ]);
            $facts[] = new JobFact([
                'job_id' => $id, 'number' => $first + $i, 'closed_at' => $closed, 'way' => $way,
                'supplier' => 'Norvend Panels', 'kind' => 'display-assembly', 'phone' => 'quillon-vesper',
                'technician' => (string) $user->id, 'batch' => 'B-1', 'gross' => 11_900, 'net' => 10_000,
                'tax' => 1_900, 'part' => 4_000, 'consumables' => 300, 'warranty' => false, 'planned' => 1_700,
                'taken' => 1_800, 'promised_at' => $closed, 'ready_at' => $closed->copy()->subHour(),
                'back_days' => $i < $back ? 10 : null, 'back_what' => $i < $back ? CameBack::EdgeLifts : null,
            ]);
        }
        DB::table('job_facts')->insert(array_map(static fn(JobFact $f): array => $f->getAttributes(), $facts));
        app(Sums::class)->addAll($facts);
    }

    private function number(mixed $value): float
    {
        self::assertIsNumeric($value);

        return (float) $value;
    }

    private function handedOver(): Technician
    {
        $this->as(Role::Technician);
        $this->shelf();
        $t = new Technician($this, $this->newId());
        $t->checkIn('quillon-vesper', 'QV-2110', ['cracked-glass']);
        $t->planned('display-assembly', 'S-101');
        $t->workThrough();
        $t->change('hand-over', ['customerTold' => true, 'filmOff' => true]);

        return $t;
    }

    private function kept(): string
    {
        $tables = ['record_sums' => ['month', 'facet', 'value'], 'minute_sums' => ['kind', 'user_id', 'family'],
            'window_sums' => ['adhesive', 'state'], 'drag_sums' => ['tenth'], 'reading_sums' => ['foreseen']];
        $rows = [];
        foreach ($tables as $table => $by) {
            $rows[$table] = DB::table($table)->orderByRaw(implode(', ', $by))->get()->all();
        }

        return json_encode($rows, JSON_THROW_ON_ERROR);
    }
}
