<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Audit;
use App\Models\GateSignature;
use App\Models\Job;
use App\Models\Role;
use App\Models\ShopSetting;
use App\Privacy\MakeNameless;
use Facelift\Proof\Gate;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;
use ZipArchive;

/** What is kept of a customer, how long, handed out as a file, and taken out of a job on time or on wish. */
final class PrivacyTest extends TestCase
{
    private const NAME = 'Séverine O’Dell-Quist';
    private const IMEI = '490154203237518';

    public function testACustomerIsTakenOutOfAClosedJobAndItsRecordStays(): void
    {
        $job = $this->closedJob();
        $events = DB::table('bench_events')->where('job_id', $job)->count();
        $plan = Job::query()->findOrFail($job)->plan;
        self::assertNotSame([], $this->tablesThatHold(self::NAME), 'it was there to begin with');

        $this->as(Role::Owner);
        $this->ask('POST', '/privacy/nameless', ['jobs' => [$job]], 204);
        $this->ask('POST', '/privacy/nameless', ['jobs' => [$job]], 204);
        self::assertSame([], $this->tablesThatHold(self::NAME));
        self::assertSame([], $this->tablesThatHold(self::IMEI));
        self::assertSame(0, DB::table('photo_files')->count() + GateSignature::query()->count());

        $row = Job::query()->findOrFail($job);
        self::assertSame([MakeNameless::NAME, null, $plan], [$row->customer, $row->imei, $row->plan]);
        self::assertSame($events, DB::table('bench_events')->where('job_id', $job)->count());
        $this->ask('GET', "/jobs/$job", status: 200)->assertJsonPath('customer', MakeNameless::NAME);
        $this->ask('GET', "/jobs/$job/export.json", status: 200);
        $this->ask('GET', '/jobs?' . http_build_query(['closed' => '1', 'q' => 'O’Dell']), status: 200)
            ->assertJsonPath('data', []);
        // That it was done is written down, once, and by whom.
        $told = Audit::query()->where('of', $job)->where('changes', 'like', '%customer%')->orderByDesc('id')->first();
        self::assertSame([['customer', '•••', MakeNameless::NAME]], $told?->changes);
        self::assertSame(Role::Owner, $told->user?->role);
    }

    public function testAPhoneThatIsHereKeepsItsCustomer(): void
    {
        $t = $this->atBench();
        $closed = $this->closedJob('S-102');
        $this->as(Role::Owner);
        $this->ask('POST', '/privacy/nameless', ['jobs' => [$closed, $t->job]], 409);
        self::assertSame(self::NAME, Job::query()->findOrFail($closed)->customer, 'all of them or none');
        $this->ask('POST', '/privacy/nameless', ['jobs' => [$this->newId()]], 422);
        $this->ask('POST', '/privacy/nameless', ['jobs' => []], 422);
    }

    public function testOnTimeThoseAreTakenOutWhoseTimeIsOver(): void
    {
        [$old, $new] = [$this->closedJob(), $this->closedJob('S-102')];
        Job::query()->whereKey($old)->update(['handed_over_at' => now()->subMonths(13)]);
        $this->as(Role::Owner);
        $kept = $this->ask('GET', '/privacy', status: 200)->assertJsonPath('keepMonths', 36)->assertJsonPath('over', 0);
        Artisan::call('facelift:forget');
        self::assertSame(self::NAME, Job::query()->findOrFail($old)->customer);

        $this->ask('GET', '/privacy?months=12', status: 200)
            ->assertJsonPath('over', 1)
            ->assertJsonPath('keepMonths', 36);
        $this->ask('GET', '/privacy?months=0', status: 422);
        $twelve = ['version' => $kept->json('version'), 'keepMonths' => 12];
        $this->ask('PUT', '/privacy', $twelve, 200)->assertJsonPath('over', 1);
        $this->ask('PUT', '/privacy', $twelve, 200);
        $this->ask('PUT', '/privacy', ['keepMonths' => 24] + $twelve, 409);
        $this->ask('PUT', '/privacy', ['keepMonths' => 0] + $twelve, 422);
        self::assertSame(12, ShopSetting::query()->firstOrFail()->keep_months);
        Artisan::call('facelift:forget');
        Artisan::call('facelift:forget');
        self::assertSame(MakeNameless::NAME, Job::query()->findOrFail($old)->customer);
        self::assertSame(self::NAME, Job::query()->findOrFail($new)->customer);
        $this->ask('GET', '/privacy', status: 200)->assertJsonPath('over', 0);
    }

    public function testEverythingOfACustomerIsOneFile(): void
    {
        $job = $this->closedJob();
        $this->as(Role::Owner);
        $found = $this->ask('GET', '/privacy/jobs?' . http_build_query(['customer' => self::NAME]), status: 200);
        self::assertSame([$job], array_column((array) $found->json('data'), 'id'));
        $early = $this->newId();
        $open = ['phone' => 'quillon-vesper', 'modelCode' => 'QV-2110', 'customer' => self::NAME];
        $this->ask('POST', '/jobs', ['id' => $early] + $open, 201);
        $file = $this->ask('POST', '/privacy/file', ['jobs' => [$job, $early]], 200)->baseResponse->getContent();
        $path = (string) tempnam(sys_get_temp_dir(), 'zip');
        file_put_contents($path, $file);
        $zip = new ZipArchive();
        self::assertTrue($zip->open($path));
        $tag = Job::query()->findOrFail($job)->tag();
        $told = json_decode((string) $zip->getFromName("$tag/job.json"), true);
        $photo = DB::table('job_photos')->where('job_id', $job)->value('id');
        assert(is_string($photo));
        $jpeg = (string) $zip->getFromName("$tag/photo-$photo.jpg");
        $planless = (string) $zip->getFromName(Job::query()->findOrFail($early)->tag() . '/job.json');
        $zip->close();
        unlink($path);
        $record = json_decode($planless, true);
        self::assertSame(self::NAME, data_get($record, 'record.customer'), 'before there is a plan');
        self::assertSame(self::NAME, data_get($told, 'record.customer'));
        self::assertSame(self::IMEI, data_get($told, 'imei'));
        self::assertSame(self::NAME, data_get($told, 'signatures.0.name'));
        self::assertNotEmpty(data_get($told, 'changes'));
        self::assertSame(IMAGETYPE_JPEG, getimagesizefromstring($jpeg)[2] ?? null);
    }

    private function closedJob(string $label = 'S-101'): string
    {
        $this->as(Role::Technician);
        if (DB::table('shelf_items')->doesntExist()) {
            $this->shelf();
        }
        $t = new Technician($this, $this->newId());
        $t->checkIn(
            'quillon-vesper',
            'QV-2110',
            ['cracked-glass'],
            self::NAME,
            self::IMEI,
        );
        $this->post("/api/jobs/$t->job/photos", [
            'id' => $this->newId(),
            'photo' => UploadedFile::fake()->image('front.png', 300, 400),
        ])->assertStatus(201);
        $t->planned('display-assembly', $label);
        GateSignature::query()->create([
            'id' => $this->newId(), 'job_id' => $t->job, 'gate' => Gate::Finished, 'name' => self::NAME,
            'strokes' => [], 'passed' => [], 'at' => now()->getTimestampMs(),
        ]);
        Job::query()->findOrFail($t->job)->update([
            'handed_over_at' => now(),
            'receipt' => ['name' => self::NAME, 'strokes' => [], 'at' => now()->toIso8601ZuluString()],
        ]);

        return $t->job;
    }

    /** @return list<string> tables of which a row holds a text, however it is written there */
    private function tablesThatHold(string $text): array
    {
        $found = [];
        $forms = [$text, trim((string) json_encode($text), '"'), mb_strtolower($text)];
        foreach (DB::getSchemaBuilder()->getTableListing(schemaQualified: false) as $table) {
            foreach (DB::table($table)->get() as $row) {
                foreach ($forms as $form) {
                    foreach ((array) $row as $value) {
                        if (is_string($value) && str_contains($value, $form)) {
                            $found[$table] = true;
                        }
                    }
                }
            }
        }

        return array_keys($found);
    }
}
