<?php

declare(strict_types=1);

// How long it takes to plan every source side by side, and how near the recommended one comes to the best of a coarse
// grid that is tried through: ./facelift bench

use App\Heat\UsualSource;
use Facelift\Anatomy\PhoneReader;
use Facelift\Condition\Condition;
use Facelift\Condition\Observation;
use Facelift\Heat\Approach;
use Facelift\Heat\Source;
use Facelift\Heat\SourceReader;
use Facelift\Plan\Internal\Openings;
use Facelift\Plan\Means;
use Facelift\Plan\Request;
use Facelift\Plan\Strategies;
use Facelift\Plan\Strategy;
use Facelift\Route\RoutePlanner;

require __DIR__ . '/../vendor/autoload.php';

$read = static fn(UsualSource $u): array => array_map((new SourceReader())->read(...), $u->settings());
$means = new Means(array_map($read, UsualSource::cases()), true);

/** @var list<array{Source, Approach}> $grid */
$grid = [];
foreach (range(70, 110, 5) as $set) {
    $grid[] = [Source::plate($set), Approach::liftAndCut()];
}
foreach (range(110, 170, 10) as $set) {
    foreach ([60, 80, 100, 150, 200] as $edge) {
        $gun = Source::hotAir($set, 30, $edge);
        foreach ([null, 85.0, 95.0, 105.0] as $plate) {
            $grid[] = [$gun, Approach::held($plate === null ? null : Source::plate($plate))];
        }
        $grid[] = [$gun, Approach::liftAndCut()];
    }
}

printf(
    "\nOpening: every source side by side, and against %d ways tried through; burden as the plan weighs it\n\n",
    count($grid),
);
printf(
    "%-36s %8s %9s %10s %10s %8s\n",
    '',
    'ms',
    'heatings',
    'burden, s',
    'best, s',
    'above',
);
$worst = 0.0;
foreach (glob(__DIR__ . '/../phones/*.phone.json') ?: [] as $file) {
    $phone = (new PhoneReader())->read(
        json_decode((string) file_get_contents($file), true, 64, JSON_THROW_ON_ERROR),
    );
    $replacement = array_values($phone->replacements)[0];
    $condition = Condition::observed([Observation::CrackedGlass]);
    $request = new Request($phone, $replacement, $condition, Source::plate(85));
    $times = [];
    for ($i = 0; $i < 3; ++$i) {
        $from = hrtime(true);
        $all = (new Strategies())->of($request, $means);
        $times[] = (hrtime(true) - $from) / 1e6;
    }
    sort($times);
    $best = Strategies::recommended($all);
    $route = (new RoutePlanner())->plan($phone, $replacement, $request->oldPanel());
    $openings = new Openings($request, $route);
    $least = INF;
    foreach ($grid as [$source, $approach]) {
        $opened = $openings->by($source, $approach, false, static function (array $opened) use (
            $source,
            $approach,
            &$least,
        ): bool {
            $so = Strategy::of(0, $source, $approach, $opened);

            return !$so->works() || $so->burden() >= $least;
        });
        $found = $opened === [] ? null : Strategy::of(0, $source, $approach, $opened);
        $whole = count($opened) === count($openings->bonds());
        $least = $found?->works() === true && $whole ? min($least, $found->burden()) : $least;
    }
    $ours = $best === null ? INF : $all[$best]->burden();
    $above = is_finite($least) ? $ours / $least - 1 : 0.0;
    $worst = max($worst, is_finite($above) ? $above : 0.0);
    printf(
        "%-36s %8.0f %9s %10s %10s %7s\n",
        $phone->identity->name() . ', ' . $replacement->kind->value,
        $times[1],
        $best === null ? 'none' : (string) $all[$best]->heatings,
        is_finite($ours) ? sprintf('%.0f', $ours) : 'none',
        is_finite($least) ? sprintf('%.0f', $least) : 'none',
        is_finite($least) ? sprintf('%.0f %%', 100 * $above) : '',
    );
}
printf("\nAt most %.0f %% above the best of the grid.\n", 100 * $worst);
