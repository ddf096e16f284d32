<?php

declare(strict_types=1);

// How long searching takes in a full shop, with the plan of every query: called by ./facelift bench

use App\Models\User;
use Illuminate\Contracts\Console\Kernel as Console;
use Illuminate\Contracts\Http\Kernel as Http;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;

require __DIR__ . '/../vendor/autoload.php';
require __DIR__ . '/trial/FullShop.php';
$app = require __DIR__ . '/../bootstrap/app.php';
$app->make(Console::class)->bootstrap();

const JOBS = 100_000;
const PARTS = 20_000;
const LARGE = ['repair_jobs', 'job_words', 'shelf_items', 'bench_events'];

$shop = new FullShop(User::query()->firstOrFail()->id);
printf("filling %d jobs and %d parts …\n", JOBS, PARTS);
$shop->jobs(JOBS);
$shop->parts(PARTS);
$shop->analysed();

// Behind this one a page begins that has half of all jobs before it.
$half = DB::table('repair_jobs')->where('number', 1000 + intdiv(JOBS, 2))->first(['number', 'handed_over_at']);
$halfAt = 1000 * strtotime($half->handed_over_at . ' UTC');

$asked = [
    'jobs, open ones' => '/api/jobs',
    'jobs, closed, half way' => "/api/jobs?show=closed&before=$half->number&closedAt=$halfAt",
    'jobs by tag' => '/api/jobs?q=51234',
    'jobs by two words' => '/api/jobs?q=First17+Lastname3',
    'by two that seldom meet' => '/api/jobs?q=First17+Lastname300',
    'jobs by a frequent word' => '/api/jobs?q=vesper',
    'the same, half way' => "/api/jobs?q=vesper&before=$half->number",
    'jobs by IMEI' => '/api/jobs?q=' . str_pad('777', 15, '4', STR_PAD_LEFT),
    'history of an IMEI' => '/api/history?imei=490154203237518',
    'parts, first page' => '/api/shelf',
    'parts by number' => '/api/shelf?q=Display+17777',
    'parts by batch' => '/api/shelf?q=Norvend+377',
    'parts in a state' => '/api/shelf?state=new',
];
$queries = [];
DB::listen(static function (QueryExecuted $q) use (&$queries): void {
    $queries[] = [$q->sql, $q->bindings];
});
Auth::guard('web')->setUser(User::query()->firstOrFail());
printf(
    "\n%d jobs, %d parts, one warm process, ms\n\n%-28s %10s %10s %8s  %s\n",
    JOBS,
    PARTS,
    '',
    'median',
    'p95',
    'rows',
    'query plan of the large tables',
);
$slow = 0;
$scans = 0;
foreach ($asked as $name => $path) {
    $times = [];
    for ($i = 0; $i < 15; ++$i) {
        $queries = [];
        $began = hrtime(true);
        $response = $app
            ->make(Http::class)
            ->handle(Request::create($path, server: ['HTTP_ACCEPT' => 'application/json']));
        $times[] = (hrtime(true) - $began) / 1e6;
    }
    $response->getStatusCode() === 200
        || exit("$path answered {$response->getStatusCode()}: {$response->getContent()}\n");
    sort($times);
    $plans = [];
    foreach ($queries as [$sql, $bindings]) {
        foreach (
            preg_match('/^select/i', $sql) === 1 && preg_match('/' . implode('|', LARGE) . '/', $sql) === 1
                ? DB::select('explain ' . $sql, $bindings)
                : [] as $row
        ) {
            $plans[] = "$row->table:$row->type" . ($row->key === null ? '' : "($row->key)");
            // A full scan of a large table is what must not be.
            $scans += $row->type === 'ALL'
                && in_array($row->table, LARGE, true)
                && $row->rows > 1000
                    ? 1
                    : 0;
        }
    }
    $rows = count(json_decode((string) $response->getContent(), true)['data'] ?? []);
    $slow += $times[(int) (count($times) * 0.95)] > 100 ? 1 : 0;
    printf(
        "%-28s %10.1f %10.1f %8d  %s\n",
        $name,
        $times[intdiv(count($times), 2)],
        $times[(int) (count($times) * 0.95)],
        $rows,
        implode(' ', array_unique($plans)),
    );
}
printf(
    "\n%s\n",
    $slow + $scans === 0
        ? 'Every answer within 100 ms, no full scan of a large table'
        : "$slow answers over 100 ms, $scans full scans of large tables",
);
