<?php

declare(strict_types=1);

// How long the bench day takes to be answered with few and with many open phones, and how many queries it asks:
// called by ./facelift bench

use App\Models\Job;
use App\Models\User;
use Illuminate\Contracts\Console\Kernel as Console;
use Illuminate\Contracts\Http\Kernel as Http;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Str;

require __DIR__ . '/../vendor/autoload.php';
$app = require __DIR__ . '/../bootstrap/app.php';
$app->make(Console::class)->bootstrap();

const TIMES = 9;

/** Answers once, as a process that was not asked before would. */
$ask = static function (string $path) use ($app): array {
    $app->forgetScopedInstances();
    foreach (Route::getRoutes()->getRoutes() as $route) {
        $route->flushController();
    }
    DB::flushQueryLog();
    DB::enableQueryLog();
    $began = hrtime(true);
    $response = $app->make(Http::class)->handle(Request::create($path, server: ['HTTP_ACCEPT' => 'application/json']));
    $took = (hrtime(true) - $began) / 1e6;
    $response->getStatusCode() === 200
        || exit("$path answered {$response->getStatusCode()}: {$response->getContent()}\n");
    $phones = count(json_decode((string) $response->getContent(), true)['phones'] ?? []);

    return [$took, count(DB::getQueryLog()), $phones, strlen((string) $response->getContent())];
};

Auth::guard('web')->setUser(User::query()->firstOrFail());
$open = Job::query()->whereNotNull('accepted_at')->whereNull('handed_over_at')->whereNotNull('remaining')->get();
$number = (int) Job::query()->max('number');
DB::beginTransaction();
printf(
    "\nThe bench day, ms\n\n%8s %10s %10s %10s %10s\n",
    'phones',
    'first',
    'again',
    'queries',
    'bytes',
);
foreach ([0, 20, 40, 100] as $wanted) {
    for ($have = $ask('/api/day')[2], $i = 0; $have < $wanted; ++$have, ++$i) {
        $copy = $open[$i % count($open)]->replicate(['id', 'number', 'order']);
        $copy->id = Str::uuid()->toString();
        $copy->number = ++$number;
        $copy->hand = null;
        $copy->pin_at = null;
        $copy->comes_on = null;
        $copy->promised_at = now()->addMinutes(45 * $have);
        $copy->save();
    }
    $first = $ask('/api/day');
    $again = [];
    for ($i = 0; $i < TIMES; ++$i) {
        $again[] = $ask('/api/day')[0];
    }
    sort($again);
    printf(
        "%8d %10.1f %10.1f %10d %10d\n",
        $first[2],
        $first[0],
        $again[intdiv(TIMES, 2)],
        $first[1],
        $first[3],
    );
}
DB::rollBack();
