<?php

declare(strict_types=1);

// How long routes take while 1, 8 and 32 clients ask at once, and as ratios to the simplest route in the same run:
// php bin/trial/load.php ADDRESS PASSWORD JOB…

require __DIR__ . '/Bench.php';
require __DIR__ . '/Shop.php';

[, $address, $password, $job] = $argv + [1 => '', 2 => '', 3 => ''];
$jobs = array_slice($argv, 3);
$shop = new Shop($address);
$shop->signIn('technician@lindenhalt.example', $password);

/**
 * The usual time of one request, ms, with so many on their way at once.
 *
 * @param Closure(): array{string, string, string|null} $ask method, path and body of the next
 */
function asked(Shop $shop, int $clients, Closure $ask): float
{
    $multi = curl_multi_init();
    [$left, $flying, $times] = [max(60, 6 * $clients), 0, []];
    while ($left > 0 || $flying > 0) {
        for (; $flying < $clients && $left > 0; ++$flying, --$left) {
            curl_multi_add_handle($multi, $shop->asking(...$ask()));
        }
        curl_multi_exec($multi, $_);
        curl_multi_select($multi, 0.01);
        while (($done = curl_multi_info_read($multi)) !== false) {
            $status = curl_getinfo($done['handle'], CURLINFO_RESPONSE_CODE);
            $status === 200 || exit("answered $status: " . curl_multi_getcontent($done['handle']) . "\n");
            $times[] = 1000 * curl_getinfo($done['handle'], CURLINFO_TOTAL_TIME);
            curl_multi_remove_handle($multi, $done['handle']);
            --$flying;
        }
    }
    sort($times);

    return $times[intdiv(count($times), 2)];
}

$benches = array_map(static fn(string $j): Bench => new Bench($j), $jobs);
$turn = 0;
$look = static fn(string $path): Closure => static fn(): array => ['GET', $path, null];
$routes = [
    'who is signed in (the simplest)' => $look('/api/me'),
    'jobs, open ones' => $look('/api/jobs'),
    'jobs, closed' => $look('/api/jobs?show=closed'),
    'shelf' => $look('/api/shelf'),
    'bench of a job' => $look("/api/jobs/$job/bench"),
    'plan of a job' => $look("/api/jobs/$job/plan"),
    'an event' => static function () use ($benches, $jobs, &$turn): array {
        $at = $turn++ % count($benches);
        [$bench, $job] = [$benches[$at], $jobs[$at]];
        $body = $bench->body();
        $bench->answered(['accepted' => [], 'state' => []], 0.0);

        return ['POST', "/api/jobs/$job/events", $body];
    },
];
printf(
    "\n%-34s %18s %18s %18s\n",
    'ms, and times the simplest',
    '1 client',
    '8 clients',
    '32 clients',
);
$simplest = [];
foreach ($routes as $name => $ask) {
    printf('%-34s', $name);
    foreach ([1, 8, 32] as $clients) {
        asked($shop, $clients, $ask);
        $ms = asked($shop, $clients, $ask);
        $simplest[$clients] ??= $ms;
        printf(' %10.1f %5.1f x', $ms, $ms / $simplest[$clients]);
    }
    echo "\n";
}
