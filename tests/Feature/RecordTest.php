<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\CameBack;
use App\Models\Job;
use App\Models\JobFact;
use App\Models\Role;
use App\Models\ShelfItem;
use App\Record\KeepRecord;
use App\Record\Sums;
use Facelift\Record\WindowEvidence;
use Illuminate\Support\Carbon;
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
        self::assertSame(6, DB::table('record_sums')->count(), 'a row for everything that jobs are told apart by');
        $told = DB::table('minute_sums')->sum('count') + DB::table('minute_sums')->sum('interrupted');
        self::assertGreaterThan(20, $told);
        $evidence = DB::table('window_sums')->where('adhesive', 'precut-seal')->value('evidence');
        assert(is_string($evidence));
        self::assertSame(1, WindowEvidence::from($evidence)->jobs);
        self::assertGreaterThan(2, WindowEvidence::from($evidence)->passes);
        // The same again keeps nothing twice.
        $before = $this->kept();
        app(KeepRecord::class)->handedOver($job);
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
        $sums = DB::table('record_sums')->where('facet', 'supplier')->pluck('failed', 'value')->all();
        self::assertSame([$supplier => 1], $sums);
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
        $tables = ['record_sums' => ['month', 'facet', 'value'], 'minute_sums' => ['kind', 'user_id'],
            'window_sums' => ['adhesive', 'state']];
        $rows = [];
        foreach ($tables as $table => $by) {
            $rows[$table] = DB::table($table)->orderByRaw(implode(', ', $by))->get()->all();
        }

        return json_encode($rows, JSON_THROW_ON_ERROR);
    }
}
