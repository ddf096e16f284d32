<?php

declare(strict_types=1);

// What grows with the shop's history: the same questions in a small and in a large shop, jobs with their events.
// php bin/bench-growth.php [SMALL LARGE EVENTS], 10,000 and 100,000 jobs with ten events each if nothing is said;
// called by ./facelift bench.

use App\Models\Job;
use App\Models\User;
use Illuminate\Contracts\Console\Kernel as Console;
use Illuminate\Contracts\Http\Kernel as Http;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

require __DIR__ . '/../vendor/autoload.php';
require __DIR__ . '/trial/FullShop.php';
$app = require __DIR__ . '/../bootstrap/app.php';
$app->make(Console::class)->bootstrap();

const TIMES = 25;

[, $small, $large, $events] = $argv + [1 => '10000', 2 => '100000', 3 => '10'];
$owner = User::query()->where('role', 'owner')->firstOrFail();
Auth::guard('web')->setUser($owner);
$shop = new FullShop($owner->id);
$job = Job::query()
    ->whereNotNull('next_step')
    ->whereNull('handed_over_at')
    ->orderByDesc('number')
    ->firstOrFail();

/** @return float the usual time of asking, ms */
$asked = static function (string $method, string $path, ?Closure $body = null) use ($app): float {
    $times = [];
    for ($i = 0; $i < TIMES; ++$i) {
        $app->forgetScopedInstances();
        $request = Request::create(
            $path,
            $method,
            server: ['HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => 'application/json'],
            content: $body === null ? null : json_encode($body(), JSON_THROW_ON_ERROR),
        );
        $began = hrtime(true);
        $response = $app->make(Http::class)->handle($request);
        $times[] = (hrtime(true) - $began) / 1e6;
        in_array($response->getStatusCode(), [200, 201], true)
            || exit("$path answered {$response->getStatusCode()}: {$response->getContent()}\n");
    }
    sort($times);

    return $times[intdiv(TIMES, 2)];
};

/** @return array<string, float> */
$table = static function (int $jobs) use ($asked, $job): array {
    $half = DB::table('repair_jobs')->where('number', 1000 + intdiv($jobs, 2))->first(['number', 'handed_over_at']);
    $closedAt = 1000 * strtotime($half->handed_over_at . ' UTC');
    $event = static fn(): array => ['events' => [[
        'id' => Str::uuid()->toString(),
        'at' => now()->getTimestampMs(),
        'type' => 'problem',
        'data' => ['step' => (string) $job->next_step, 'text' => 'one more'],
    ]]];
    $open = static fn(): array => [
        'id' => Str::uuid()->toString(),
        'phone' => 'quillon-vesper',
        'modelCode' => 'QV-2110',
        'customer' => 'Somebody New',
    ];
    $asking = [
        'who is signed in (the simplest)' => ['GET', '/api/me'],
        'jobs, open ones' => ['GET', '/api/jobs'],
        'jobs, closed, half way' => ['GET', "/api/jobs?show=closed&before=$half->number&closedAt=$closedAt"],
        'jobs by tag' => ['GET', '/api/jobs?q=' . (1000 + intdiv($jobs, 3))],
        'jobs by two words' => ['GET', '/api/jobs?q=First17+Lastname3'],
        'jobs by two that seldom meet' => ['GET', '/api/jobs?q=First17+Lastname300'],
        'jobs by a frequent word' => ['GET', '/api/jobs?q=vesper'],
        'history of an IMEI' => ['GET', '/api/history?imei=490154203237518'],
        'the bench day' => ['GET', '/api/day'],
        'a job' => ['GET', "/api/jobs/$job->id"],
        'its bench' => ['GET', "/api/jobs/$job->id/bench"],
        'its plan' => ['GET', "/api/jobs/$job->id/plan"],
        'an event' => ['POST', "/api/jobs/$job->id/events", $event],
        'opening a job' => ['POST', '/api/jobs', $open],
        'record of changes' => ['GET', '/api/audit'],
        'what comes back, a year' => ['GET', '/api/record/shares?facet=way'],
        'what comes back, ever' => ['GET', '/api/record/shares?facet=phone&from=2000-01'],
        'promises, ever' => ['GET', '/api/record/shares?question=promises&facet=supplier&from=2000-01'],
        'what was earned, ever' => ['GET', '/api/record/money?from=2000-01'],
        'jobs behind a figure' => ['GET', '/api/record/jobs?facet=way&value=bead&hits=1&from=2000-01'],
    ];

    return array_map(static fn(array $one): float => $asked(...$one), $asking);
};

$tables = [];
foreach ([(int) $small, (int) $large] as $jobs) {
    $began = microtime(true);
    $shop->jobs($jobs);
    $shop->events((int) $events);
    $shop->facts();
    $shop->analysed();
    fprintf(
        STDERR,
        "%d jobs with %d events each, filled in %.0f s\n",
        $jobs,
        $events,
        microtime(true) - $began,
    );
    $table($jobs);
    $tables[] = $table($jobs);
}
printf(
    "\n%-34s %12s %12s %8s\n",
    "$events events a job, ms",
    "$small jobs",
    "$large jobs",
    'ratio',
);
$most = 0.0;
foreach ($tables[0] as $name => $ms) {
    // By how much the simplest route differs, the machine does.
    $ratio = $tables[1][$name] / $ms;
    $most = max($most, $ratio);
    printf(
        "%-34s %12.1f %12.1f %8.2f\n",
        $name,
        $ms,
        $tables[1][$name],
        $ratio,
    );
}
printf("\nThe most that anything grew: %.2f times\n", $most);
