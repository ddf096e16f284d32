<?php

declare(strict_types=1);

// How long a day at the bench takes to lay out, promise in and plan anew, and how near to its bound it is.
// Usage: php bin/bench-day.php

use Facelift\Schedule\Day\Day;
use Facelift\Schedule\Day\Effort;
use Facelift\Schedule\Day\MadeDays;
use Facelift\Schedule\Day\Memory;
use Facelift\Schedule\Day\Planner;
use Facelift\Schedule\Load;
use Facelift\Schedule\PromiseTime;
use Facelift\Tests\Dice;
use Facelift\Tests\Schedule\Day\Days;

require dirname(__DIR__) . '/vendor/autoload.php';

/**
 * @template T
 *
 * @param Closure(): T $do
 *
 * @return array{T, float} and ms
 */
$timed = static function (Closure $do): array {
    $began = hrtime(true);

    return [$do(), (hrtime(true) - $began) / 1e6];
};

printf("\nA day at the bench: two people, one plate, two sets of clamps; ms\n");
printf(
    "%7s %7s %7s %9s %8s %8s  %s\n",
    'phones',
    'blocks',
    'quick',
    'thorough',
    'promise',
    'replan',
    'late over the bound',
);
foreach ([10, 50, 200] as $phones) {
    $dice = new Dice(5);
    $loads = Days::loads($dice, Days::NOW, $phones);
    $bench = Days::bench(2);
    $day = new Day($bench, $loads, Days::NOW);
    [$quick, $quickly] = $timed(static fn() => (new Planner())->plan($day, Effort::quick()));
    [$best, $thoroughly] = $timed(static fn() => (new Planner())->plan($day, Effort::thorough()));
    MadeDays::of($quick->laid);
    $own = new Load(
        'own',
        Days::chain($dice),
        Days::NOW,
        PHP_INT_MAX,
        0.35,
    );
    [, $promised] = $timed(static fn() => (new PromiseTime(0.8))->of($own, $quick->laid, $loads));
    $memory = new Memory($quick->laid->slots(), $quick->laid->blocks());
    $later = new Day($bench, [...$loads, $own], Days::NOW + 600_000);
    [, $again] = $timed(static fn() => (new Planner())->plan($later, Effort::quick(), $memory));
    printf(
        "%7d %7d %7.0f %9.0f %8.0f %8.0f  quick %.2f, thorough %.2f times\n",
        $phones,
        $day->size(),
        $quickly,
        $thoroughly,
        $promised,
        $again,
        $quick->value->late / max(1, $quick->late),
        $best->value->late / max(1, $best->late),
    );
}
