<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use App\Models\Role;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Schemas;
use Tests\TestCase;

/**
 * Jobs as earlier versions of the project kept them, each in the tables of its time: the shop installs this version,
 * and goes on.
 *
 * The rows are what those versions themselves wrote for one phone from check-in to the last test.
 *
 * @phpstan-type Kept array{migrations: string, tables: array<string, list<array<string, mixed>>>}
 */
final class EarlierJobsTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function forms(): iterable
    {
        foreach (self::files(__DIR__ . '/../fixtures/earlier-jobs/*.json') as $file) {
            yield basename($file, '.json') => [$file];
        }
    }

    #[DataProvider('forms')]
    public function testIsOpenedWorkedAndHandedOver(string $file): void
    {
        $kept = self::kept($file);
        $job = self::upgraded($kept, events: 50);
        $this->as(Role::Technician);

        $list = $this->ask('GET', '/jobs', status: 200);
        self::assertSame('T-0301', $list->json('data.0.tag'));
        $open = $this->ask('GET', "/jobs/$job", status: 200);
        self::assertSame([], $open->json('unread'));
        self::assertTrue($open->json('works'));
        if (($kept['tables']['repair_jobs'][0]['accepted_at'] ?? null) !== null) {
            self::assertSame('display-with-frame', $open->json('accepted.kind'));
        }
        self::assertSame('crack', $open->json('condition.marks.0.kind'));
        foreach (['scope', 'part', 'plan', 'bench', 'proof', 'quote'] as $station) {
            $this->ask('GET', "/jobs/$job/$station", status: 200);
        }

        $before = $this->ask('GET', "/jobs/$job/bench", status: 200);
        self::assertNotSame([], $before->json('done'));
        self::assertNotNull($before->json('next'));
        $t = new Technician($this, $job);
        $t->goesOn();
        $t->workThrough();
        self::assertNull($this->ask('GET', "/jobs/$job/bench", status: 200)->json('next'));
        $t->change('hand-over', ['customerTold' => true, 'filmOff' => true]);
        self::assertNotNull($this->ask('GET', "/jobs/$job", status: 200)->json('handedOverAt'));

        $export = $this->ask('GET', "/jobs/$job/export.json", status: 200);
        self::assertSame(
            [],
            Schemas::faults(json_decode((string) $export->baseResponse->getContent()), 'schemas/job.schema.json'),
        );
        self::assertStringStartsWith(
            '%PDF-',
            (string) $this->ask('GET', "/jobs/$job/sheet.pdf", status: 200)->baseResponse->getContent(),
        );
    }

    #[DataProvider('forms')]
    public function testWhatWasWorkedToTheEndThenIsAtItsEndNow(string $file): void
    {
        $kept = self::kept($file);
        $job = self::upgraded($kept);
        $this->as(Role::Technician);
        $bench = $this->ask('GET', "/jobs/$job/bench", status: 200);
        self::assertNull($bench->json('next'));
        $steps = array_filter($kept['tables']['bench_events'], static fn(array $e): bool => $e['type'] === 'step-done');
        self::assertCount(count($steps), (array) $bench->json('done'));
        $proof = $this->ask('GET', "/jobs/$job/proof", status: 200);
        self::assertSame([], $proof->json('newFaults'));
    }

    /**
     * The tables of its time, its rows, and then every migration since.
     *
     * @param Kept $kept
     */
    private static function upgraded(array $kept, ?int $events = null): string
    {
        Artisan::call('db:wipe', ['--force' => true]);
        foreach (self::files(database_path('migrations/*.php')) as $migration) {
            if (strcmp(substr(basename($migration), 0, strlen($kept['migrations'])), $kept['migrations']) <= 0) {
                Artisan::call('migrate', ['--path' => $migration, '--realpath' => true, '--force' => true]);
            }
        }
        DB::table('users')->insert([
            'id' => 1,
            'name' => 'Test',
            'email' => 'earlier@lindenhalt.example',
            'password' => '-',
            'role' => 'technician',
        ]);
        foreach ($kept['tables'] as $table => $rows) {
            DB::table($table)->insert(
                $table === 'bench_events' && $events !== null ? array_slice($rows, 0, $events) : $rows,
            );
        }
        Artisan::call('migrate', ['--force' => true]);

        return Job::query()->sole()->id;
    }

    /** @return list<string> in the order of their names */
    private static function files(string $pattern): array
    {
        $files = glob($pattern);

        return $files === false ? [] : $files;
    }

    /** @return Kept */
    private static function kept(string $file): array
    {
        /** @var Kept */
        return json_decode((string) file_get_contents($file), true, 64, JSON_THROW_ON_ERROR);
    }
}
