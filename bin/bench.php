<?php

declare(strict_types=1);

// How long planning takes in a warm process: ./facelift bench [RUNS]

use Facelift\Anatomy\Face;
use Facelift\Anatomy\PhoneReader;
use Facelift\Anatomy\Tool;
use Facelift\Condition\Condition;
use Facelift\Condition\Observation;
use Facelift\Fit\OldPanel;
use Facelift\Heat\Source;
use Facelift\Plan\PlanDocument;
use Facelift\Plan\Planner;
use Facelift\Plan\Request;
use Facelift\Route\FewestChanges;
use Facelift\Route\RemovalNode;
use Facelift\Route\RoutePlanner;
use Facelift\Tests\Dice;
use Facelift\Tests\Phones;

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

printf(
    "%d runs each, PHP %s, OPcache %s, ms\n\n",
    $runs,
    PHP_VERSION,
    ini_get('opcache.enable_cli') === '1' ? 'on' : 'off',
);
printf(
    "%-44s %10s %10s %10s %10s %10s\n",
    '',
    'read',
    'route',
    'plan',
    'plan p95',
    'document',
);
foreach (glob(__DIR__ . '/../phones/*.phone.json') ?: [] as $file) {
    $data = json_decode((string) file_get_contents($file), true, 64, JSON_THROW_ON_ERROR);
    $phone = (new PhoneReader())->read($data);
    foreach ($phone->replacements as $replacement) {
        $request = new Request(
            $phone,
            $replacement,
            Condition::observed([Observation::CrackedGlass]),
            Source::plate(85),
            wish: $phone->identity->id === 'ondrel-gatefold' ? OldPanel::GiveUp : OldPanel::Save,
        );
        // Very strong glue is not had with a plate alone.
        $request = $phone->identity->id === 'maruvi-sorrel' ? Phones::heldAlong($request) : $request;
        $plan = (new Planner())->plan($request);
        [$read] = $median(static fn() => (new PhoneReader())->read($data));
        [$route] = $median(static fn() => (new RoutePlanner())->plan($phone, $replacement));
        [$whole, $late] = $median(static fn() => (new Planner())->plan($request));
        [$write] = $median(static fn() => (new PlanDocument())->write($plan));
        printf(
            "%-44s %10.2f %10.2f %10.2f %10.2f %10.2f\n",
            $phone->identity->name() . ', ' . $replacement->kind->value,
            $read,
            $route,
            $whole,
            $late,
            $write,
        );
    }
}

// How ordering grows: made graphs, each removal waiting for up to two earlier ones, eight tools, both faces.
printf(
    "\n%-12s %12s %12s %12s %12s %14s\n",
    'removals',
    'median',
    'p95',
    'states',
    'proven',
    'above bound',
);
foreach ([20, 50, 100, 150, 200] as $size) {
    $times = $states = $gaps = [];
    $proven = 0;
    $made = 12;
    for ($seed = 1; $seed <= $made; ++$seed) {
        $dice = new Dice($seed);
        $nodes = [];
        for ($i = 0; $i < $size; ++$i) {
            $clauses = [];
            for ($k = $i === 0 ? 0 : $dice->int(0, 2); $k > 0; --$k) {
                $clauses[] = ['n' . $dice->int(max(0, $i - 12), $i - 1)];
            }
            $nodes[] = new RemovalNode(
                'n' . $i,
                $dice->pick([
                    null,
                    Tool::Spudger,
                    Tool::Tweezers,
                    Tool::SixLobeT5,
                    Tool::Plate,
                    Tool::Card,
                    Tool::PullTab,
                    Tool::HotAir,
                ]),
                $dice->pick(Face::cases()),
                $clauses,
            );
        }
        $from = hrtime(true);
        $found = (new FewestChanges(4000))->order($nodes);
        $times[] = (hrtime(true) - $from) / 1e6;
        $states[] = $found->explored;
        $gaps[] = $found->changes - $found->bound;
        $proven += $found->optimal ? 1 : 0;
    }
    sort($times);
    printf(
        "%-12d %9.1f ms %9.1f ms %12d %9d/%d %14.1f\n",
        $size,
        $times[intdiv($made, 2)],
        $times[$made - 1],
        (int) (array_sum($states) / $made),
        $proven,
        $made,
        array_sum($gaps) / $made,
    );
}
