<?php

declare(strict_types=1);

// Bad requests to every route of the contract, seeded and bounded: none may answer 5xx.
// php bin/fuzz.php [REQUESTS] [SEED], on a database with the demo: called by ./facelift bench

use App\Models\User;
use Facelift\Tests\Dice;
use Illuminate\Contracts\Console\Kernel as Console;
use Illuminate\Contracts\Http\Kernel as Http;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Config;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Tests\Fuzz\Made;
use Tests\Fuzz\Operations;

require __DIR__ . '/../vendor/autoload.php';
$app = require __DIR__ . '/../bootstrap/app.php';
$app->make(Console::class)->bootstrap();
// Limits are tested elsewhere, and what is reported here is told at the end.
Config::set('cache.default', 'array');
Config::set('logging.default', 'null');

$requests = (int) ($argv[1] ?? 20_000);
$seed = (int) ($argv[2] ?? 1);
$dice = new Dice($seed);
$operations = Operations::all();
$made = new Made($dice, static function (string $name): ?string {
    static $ids = [];
    $tables = [
        'job' => ['repair_jobs', 'id'], 'item' => ['shelf_items', 'id'], 'label' => ['shelf_items', 'label'],
        'order' => ['part_orders', 'id'], 'claim' => ['claims', 'id'], 'roll' => ['rolls', 'id'],
        'supply' => ['supplies', 'id'], 'return' => ['supplier_returns', 'id'], 'source' => ['heat_sources', 'id'],
        'photo' => ['job_photos', 'id'], 'change' => ['plan_changes', 'id'], 'phone' => ['repair_jobs', 'phone'],
    ];
    if (!isset($tables[$name])) {
        return null;
    }
    [$table, $column] = $tables[$name];
    $ids[$name] ??= DB::table($table)->limit(40)->pluck($column)->map(strval(...))->all();

    return $ids[$name] === [] ? null : $ids[$name][array_rand($ids[$name])];
});
mt_srand($seed);
$user = User::query()->where('email', 'like', 'owner@%')->firstOrFail();
$bad = $count = [];
$slowest = ['', 0.0];
$began = microtime(true);
for ($i = 0; $i < $requests; ++$i) {
    [$method, $template, $operation] = $dice->pick($operations);
    [$path, $query, $body] = $made->request($template, $operation);
    Auth::forgetGuards();
    Auth::guard('web')->setUser($user);
    $app->forgetScopedInstances();
    foreach (Route::getRoutes()->getRoutes() as $route) {
        $route->flushController();
    }
    $text = $body === null ? '' : $body;
    $files = str_contains((string) json_encode($operation['requestBody'] ?? null), 'multipart') && $dice->chance(60)
        ? ['photo' => UploadedFile::fake()->createWithContent('a.jpg', $made->bytes()), 'list' => UploadedFile::fake()
            ->createWithContent('a.csv', $made->bytes())]
        : [];
    $request = Request::create(
        "/api$path$query",
        $method,
        files: $files,
        server: [
            'HTTP_ACCEPT' => 'application/json',
            'CONTENT_TYPE' => $files === [] ? 'application/json' : 'multipart/form-data',
        ],
        content: $text,
    );
    $at = microtime(true);
    DB::beginTransaction();
    $status = $app->make(Http::class)->handle($request)->getStatusCode();
    DB::rollBack();
    $took = microtime(true) - $at;
    $slowest = $took > $slowest[1] ? ["$method $template", $took] : $slowest;
    $count[intdiv($status, 100)] = ($count[intdiv($status, 100)] ?? 0) + 1;
    if ($status >= 500) {
        $bad["$method $template"][] = $path . $query . ' ' . mb_substr($text, 0, 300);
    }
}
printf(
    "\n%d bad requests to %d routes, seed %d, in %d s:",
    $requests,
    count($operations),
    $seed,
    microtime(true) - $began,
);
ksort($count);
foreach ($count as $class => $times) {
    printf(' %d answered %dxx;', $times, $class);
}
printf(" slowest %s, %.0f ms\n", $slowest[0], 1000 * $slowest[1]);
foreach ($bad as $route => $cases) {
    printf("%4d × %s, such as %s\n", count($cases), $route, $cases[0]);
}
exit($bad === [] ? 0 : 1);
