<?php

declare(strict_types=1);

// Whether confirming a step and opening the bench stay flat while a job's record grows: called by ./facelift bench

use App\Models\BenchEvent;
use App\Models\Job;
use App\Models\User;
use Illuminate\Contracts\Console\Kernel as Console;
use Illuminate\Contracts\Http\Kernel as Http;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

require __DIR__ . '/../vendor/autoload.php';
$app = require __DIR__ . '/../bootstrap/app.php';
$app->make(Console::class)->bootstrap();

const TIMES = 25;

$technician = User::query()->where('role', 'technician')->firstOrFail();
Auth::guard('web')->setUser($technician);
$job = Job::query()
    ->whereNotNull('plan')
    ->whereNotNull('next_step')
    ->whereNull('handed_over_at')
    ->orderByDesc('number')
    ->firstOrFail();
$kept = BenchEvent::query()->where('job_id', $job->id)->count();

/** Fills the record with notes, as many as it takes. */
function fill(Job $job, int $wanted, User $user): void
{
    $there = BenchEvent::query()->where('job_id', $job->id)->count();
    $rows = [];
    for ($i = $there; $i < $wanted; ++$i) {
        $rows[] = [
            'id' => Str::uuid()->toString(),
            'job_id' => $job->id,
            'type' => 'problem',
            'at' => now()->getTimestampMs() - 86_400_000 + $i,
            'data' => '{"step":"' . $job->next_step . '","text":"as before"}',
            'user_id' => $user->id,
            'received_at' => now(),
        ];
    }
    foreach (array_chunk($rows, 500) as $chunk) {
        DB::table('bench_events')->insert($chunk);
    }
}

/**
 * The usual time of asking, ms.
 *
 * @param array<string, mixed> $body of each of so many events; none to look
 */
function asked(
    Http $http,
    string $method,
    string $path,
    array $body = [],
    int $events = 1,
): float {
    $times = [];
    for ($i = 0; $i < TIMES; ++$i) {
        $one = static fn(): array => ['id' => Str::uuid()->toString(), 'at' => now()->getTimestampMs()] + $body;
        $sent = $body === []
            ? null
            : json_encode(['events' => array_map($one, range(1, $events))], JSON_THROW_ON_ERROR);
        $request = Request::create(
            $path,
            $method,
            server: ['HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => 'application/json'],
            content: $sent,
        );
        $began = hrtime(true);
        $response = $http->handle($request);
        $times[] = (hrtime(true) - $began) / 1e6;
        $response->getStatusCode() === 200
            || exit("$path answered {$response->getStatusCode()}: {$response->getContent()}\n");
    }
    sort($times);

    return $times[intdiv(TIMES, 2)];
}

$http = $app->make(Http::class);
$me = asked($http, 'GET', '/api/me');
printf(
    "\nA job whose record grows, one warm process; the simplest route takes %.1f ms\n\n%8s %14s %10s %14s %10s %18s\n",
    $me,
    'events',
    'confirm, ms',
    'x simplest',
    'open, ms',
    'x simplest',
    '200 at once, ms',
);
foreach ([50, 500, 2000, 5000] as $events) {
    fill($job, $events, $technician);
    $confirm = asked($http, 'POST', "/api/jobs/$job->id/events", [
        'type' => 'problem',
        'data' => ['step' => (string) $job->next_step, 'text' => 'one more'],
    ]);
    $open = asked($http, 'GET', "/api/jobs/$job->id/bench");
    $kept = BenchEvent::query()->where('job_id', $job->id)->count();
    $many = asked(
        $http,
        'POST',
        "/api/jobs/$job->id/events",
        [
            'type' => 'problem',
            'data' => ['step' => (string) $job->next_step, 'text' => 'one more'],
        ],
        200,
    );
    printf(
        "%8d %14.1f %10.1f %14.1f %10.1f %18.1f\n",
        $kept,
        $confirm,
        $confirm / $me,
        $open,
        $open / $me,
        $many,
    );
    BenchEvent::query()->where('job_id', $job->id)->where('data', 'like', '%one more%')->delete();
}
// The demo's own record is as it was.
DB::table('bench_events')
    ->where('job_id', $job->id)
    ->where('type', 'problem')
    ->where('data', 'like', '%as before%')
    ->delete();
DB::table('bench_events')
    ->where('job_id', $job->id)
    ->where('type', 'problem')
    ->where('data', 'like', '%one more%')
    ->delete();
