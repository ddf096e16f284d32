<?php

declare(strict_types=1);

// How long the heat engine takes, beside SciPy on the same system in the same run: ./facelift bench

use Facelift\Anatomy\Bond;
use Facelift\Anatomy\PhoneReader;
use Facelift\Heat\AdhesiveState;
use Facelift\Heat\AdhesiveWindow;
use Facelift\Heat\Curves;
use Facelift\Heat\HeatAdvisor;
use Facelift\Heat\HeatingEnd;
use Facelift\Heat\Lane;
use Facelift\Heat\Limits;
use Facelift\Heat\Programme;
use Facelift\Heat\Region;
use Facelift\Heat\Source;

require __DIR__ . '/../vendor/autoload.php';

/** @param Closure(): mixed $work */
$median = static function (Closure $work): float {
    $work();
    $times = [];
    for ($i = 0; $i < 15; ++$i) {
        $from = hrtime(true);
        $work();
        $times[] = (hrtime(true) - $from) / 1e6;
    }
    sort($times);

    return $times[7];
};
/** @param array<string, mixed> $ask @return array<string, float>|null null without SciPy */
$scipy = static function (array $ask): ?array {
    $process = @proc_open(
        ['/usr/bin/python3', __DIR__ . '/bench-heat.py'],
        [['pipe', 'r'], ['pipe', 'w'], ['file', '/dev/null', 'w']],
        $pipes,
    );
    if ($process === false) {
        return null;
    }
    fwrite($pipes[0], json_encode($ask, JSON_THROW_ON_ERROR));
    fclose($pipes[0]);
    $said = stream_get_contents($pipes[1]);

    return proc_close($process) === 0 ? json_decode($said, true, 8, JSON_THROW_ON_ERROR) : null;
};

printf(
    "\nHeat: a curve is 300 s on a plate of 85 °C, edge and centre; SciPy solves the edge alone, as exact "
    . "as PHP does; ms\n\n",
);
printf(
    "%-28s %8s %8s %8s %8s %8s %10s\n",
    '',
    'curve',
    'region',
    'points',
    'edge',
    'SciPy',
    'PHP/SciPy',
);
foreach (glob(__DIR__ . '/../phones/*.phone.json') ?: [] as $file) {
    $data = json_decode((string) file_get_contents($file), true, 64, JSON_THROW_ON_ERROR);
    $phone = (new PhoneReader())->read($data);
    foreach (array_filter($phone->bonds, static fn(Bond $b): bool => $b->cut !== null) as $bond) {
        $edge = $phone->stacks[(string) $bond->warming?->edge];
        $window = AdhesiveWindow::of($bond->adhesive, AdhesiveState::Fresh);
        $region = Region::of($phone, $bond, $window, new Limits());
        $points = 0;
        $whole = $median(static function () use ($region, $window, &$points): void {
            // What a plan has the last word on is measured with the openings.
            $advisor = new HeatAdvisor($region, static fn(): ?HeatingEnd => null);
            $points = count($advisor->advise(Source::plate(85), $window, new Limits())->points);
        });
        $curve = $median(
            static fn() => Curves::of($phone, $bond)->run(Programme::empty()->heat(300, Source::plate(85)), 4.0),
        );
        $means = [];
        $alone = $median(static function () use ($edge, &$means): void {
            $lane = new Lane($edge, 22.0);
            $lane->heat(Source::plate(85));
            $means = [];
            for ($i = 0; $i < 75; ++$i) {
                $lane->advance(4);
                $means[] = $lane->meanOf(1);
            }
        });
        $other = $scipy([
            'layers' => $data['stacks'][(string) $bond->warming?->edge]['layers'],
            'finest' => 8,
            'contact' => Source::plate(85)->coefficient,
            'set' => 85,
            'room' => 22,
            'seconds' => 300,
            'layer' => 1,
            'times' => range(4, 300, 4),
            'means' => $means,
        ]);
        printf(
            "%-28s %8.2f %8.1f %8d %8.2f %8s %10s\n",
            $phone->identity->name() . ', ' . $bond->id,
            $curve,
            $whole,
            $points,
            $alone,
            $other === null ? 'none' : sprintf('%.2f', $other['ms']),
            $other === null ? '' : sprintf('%.2f', $alone / $other['ms']),
        );
        if ($other !== null) {
            printf(
                "%-28s error of the bond side: PHP %.4f K, SciPy %.4f K at tolerance %g\n",
                '',
                $other['php'],
                $other['error'],
                $other['tolerance'],
            );
        }
    }
}
