<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use App\Models\JobWords;
use App\Models\Role;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Tests\TestCase;

/** Page by page every job comes once, in order, however many were handed over in the same second. */
final class JobListsTest extends TestCase
{
    private const OPEN = 120;
    private const CLOSED = 170;

    public function testEveryJobComesOnce(): void
    {
        $this->as(Role::FrontDesk);
        $this->filled();
        $all = [
            'show=current' => self::OPEN + 60,
            'show=closed' => self::CLOSED,
            'q=common' => self::OPEN + self::CLOSED,
            'q=seldom' => 58,
        ];
        foreach ($all as $asked => $count) {
            $numbers = $this->walked($asked);
            self::assertCount($count, $numbers, $asked);
            self::assertCount($count, array_unique($numbers), $asked);
        }
        $found = $this->walked('q=common');
        $sorted = $found;
        rsort($sorted);
        self::assertSame($sorted, $found, 'what is found comes newest first');
        $closed = Job::query()
            ->whereNotNull('handed_over_at')
            ->orderByDesc('handed_over_at')
            ->orderByDesc('number')
            ->pluck('number')
            ->all();
        self::assertSame($closed, $this->walked('show=closed'));
        $current = $this->walked('show=current');
        self::assertSame(range(self::OPEN + self::CLOSED, self::CLOSED + 1), array_slice($current, 0, self::OPEN));
    }

    /** A job that is opened while somebody turns pages moves none of those that follow. */
    public function testWhatComesMeanwhileMovesNothing(): void
    {
        $this->as(Role::FrontDesk);
        $this->filled();
        $first = $this->ask('GET', '/jobs?q=common', status: 200);
        $this->insert(9_999, null, 'Common Later');
        $next = $this->ask('GET', '/jobs?q=common&before=' . $this->number($first->json('next.before')), status: 200);
        self::assertSame(240, $this->numberOf($next->json('data.0.tag')));
    }

    /** Two words: those that have both, however far back, each once, without a job that has one of them only. */
    public function testWordsThatSeldomMeet(): void
    {
        $this->as(Role::FrontDesk);
        $this->filled();
        // Words only: a job is read for those that are found.
        $rows = array_map(
            static fn(int $n): array => JobWords::rows($n, ['Common ' . ($n % 2 === 0 ? 'Even' : 'Odd')]),
            range(10_000, 14_099),
        );
        DB::table('job_words')->insert(array_merge(...$rows));
        foreach ([10_002, 10_004, 12_000, 14_098] as $number) {
            $this->insert($number, null, 'Rare Evening');
        }
        self::assertSame([14_098, 12_000, 10_004, 10_002], $this->walked('q=' . urlencode('even rar')));
        self::assertSame([14_098, 12_000, 10_004, 10_002], $this->walked('q=' . urlencode('RARE, evening')));
        self::assertSame([], $this->walked('q=' . urlencode('rare odd')));
        self::assertCount(58, $this->walked('q=' . urlencode('common seldom')), 'behind more than a walk holds');
    }

    /** What a job is found by is what it holds now; two words that are one to the database are no fault. */
    public function testTheWordsFollowTheJob(): void
    {
        $this->as(Role::FrontDesk);
        $id = $this->newId();
        $open = ['id' => $id, 'phone' => 'quillon-vesper', 'modelCode' => 'QV-2110', 'customer' => 'José Jose Straße'];
        $this->ask('POST', '/jobs', $open, 201);
        $job = Job::query()->findOrFail($id);
        foreach (['jose', 'straße jos', 'vesp 2110', (string) $job->number] as $query) {
            self::assertSame([$job->number], $this->walked('q=' . urlencode($query)), $query);
        }
        $job->update(['customer' => 'Somebody Else']);
        self::assertSame([], $this->walked('q=jose'));
        self::assertSame([$job->number], $this->walked('q=somebody'));
    }

    public function testWhatCannotBeAPageIsRefused(): void
    {
        $this->as(Role::FrontDesk);
        foreach (['before=0', 'before=1e300', 'before=x', 'closedAt=-1&before=3', 'show=all'] as $bad) {
            $this->ask('GET', "/jobs?$bad", status: 422);
        }
    }

    /** @return list<int> */
    private function walked(string $asked): array
    {
        $numbers = [];
        $behind = '';
        do {
            $page = $this->ask('GET', "/jobs?$asked$behind", status: 200);
            foreach ((array) $page->json('data.*.tag') as $tag) {
                $numbers[] = $this->numberOf($tag);
            }
            $next = $page->json('next');
            if (is_array($next)) {
                $at = $next['closedAt'] === null ? '' : '&closedAt=' . $this->number($next['closedAt']);
                $behind = '&before=' . $this->number($next['before']) . $at;
            }
        } while ($next !== null && count($numbers) < 1000);

        return $numbers;
    }

    private function filled(): void
    {
        for ($number = 1; $number <= self::OPEN + self::CLOSED; ++$number) {
            // The last sixty of today, several in each second.
            $at = match (true) {
                $number > self::CLOSED => null,
                $number > self::CLOSED - 60 => Carbon::now()->subHours(2)->addSeconds(intdiv($number, 9)),
                default => Carbon::now()->subDays(9)->addSeconds(intdiv($number, 7)),
            };
            $this->insert($number, $at, $number % 5 === 0 ? 'Common Seldom' : 'Common Name');
        }
    }

    private function insert(int $number, ?Carbon $at, string $customer): void
    {
        DB::table('repair_jobs')->insert([
            'id' => Str::uuid()->toString(),
            'number' => $number,
            'version' => 1,
            'phone' => 'quillon-vesper',
            'model_code' => 'QV-2110',
            'customer' => $customer,
            'opened_by' => User::query()->firstOrFail()->id,
            'handed_over_at' => $at?->format('Y-m-d H:i:s'),
            'closed_as' => $at === null ? null : 'handed-over',
            'created_at' => now(),
            'updated_at' => now(),
        ]);
        DB::table('job_words')->insert(JobWords::rows($number, [$customer]));
    }

    private function number(mixed $value): int
    {
        self::assertIsInt($value);

        return $value;
    }

    private function numberOf(mixed $tag): int
    {
        self::assertIsString($tag);

        return (int) substr($tag, 2);
    }
}
