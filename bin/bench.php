<?php

declare(strict_types=1);

// How long planning takes in a warm process: ./facelift bench [RUNS]

use Facelift\Anatomy\PhoneReader;
use Facelift\Condition\Condition;
use Facelift\Condition\Observation;
use Facelift\Heat\Source;
use Facelift\Plan\PlanDocument;
use Facelift\Plan\Planner;
use Facelift\Plan\Request;
use Facelift\Route\RoutePlanner;

require __DIR__ . '/../vendor/autoload.php';

$runs = max(5, (int) ($argv[1] ?? 30));

/** @param Closure(): mixed $work */
$median = static function (Closure $work) use ($runs): array {
    for ($i = 0; $i < 3; ++$i) {
        $work();
    }
    $times = [];
    for ($i = 0; $i < $runs; ++$i) {
        $from = hrtime(true);
        $work();
        $times[] = (hrtime(true) - $from) / 1e6;
    }
    sort($times);

    return [$times[intdiv($runs, 2)], $times[(int) floor($runs * 0.95)]];
};

printf("%d runs each, PHP %s, OPcache %s, ms\n\n", $runs, PHP_VERSION, ini_get('opcache.enable_cli') === '1' ? 'on' : 'off');
printf("%-44s %10s %10s %10s %10s %10s\n", '', 'read', 'route', 'plan', 'plan p95', 'document');
foreach (glob(__DIR__ . '/../phones/*.phone.json') ?: [] as $file) {
    $data = json_decode((string) file_get_contents($file), true, 64, JSON_THROW_ON_ERROR);
    $phone = (new PhoneReader())->read($data);
    foreach ($phone->replacements as $replacement) {
        $request = new Request($phone, $replacement, Condition::observed([Observation::CrackedGlass]), Source::plate(85));
        $plan = (new Planner())->plan($request);
        [$read] = $median(static fn() => (new PhoneReader())->read($data));
        [$route] = $median(static fn() => (new RoutePlanner())->plan($phone, $replacement));
        [$whole, $late] = $median(static fn() => (new Planner())->plan($request));
        [$write] = $median(static fn() => (new PlanDocument())->write($plan));
        printf("%-44s %10.2f %10.2f %10.2f %10.2f %10.2f\n", $phone->identity->name() . ', ' . $replacement->kind->value, $read, $route, $whole, $late, $write);
    }
}
