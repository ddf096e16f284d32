<?php

declare(strict_types=1);

// Benches at work: php bin/trial/clients.php ADDRESS PASSWORD SECONDS FOLDER < ids of jobs
// Writes ids as they are acknowledged to FOLDER/acknowledged, and at the end a summary to FOLDER/summary.json

require __DIR__ . '/Bench.php';
require __DIR__ . '/Shop.php';

[, $address, $password, $seconds, $folder] = $argv + [1 => '', 2 => '', 3 => '0', 4 => ''];
$shop = new Shop($address);
$shop->signIn('technician@lindenhalt.example', $password);
$jobs = preg_split('/\s+/', (string) stream_get_contents(STDIN), -1, PREG_SPLIT_NO_EMPTY);
$benches = array_map(static fn(string $job): Bench => new Bench($job), $jobs === false ? [] : $jobs);
$log = fopen("$folder/acknowledged", 'w');
$benches !== [] && $log !== false || exit("no jobs, or nowhere to write\n");

$multi = curl_multi_init();
/** @var WeakMap<CurlHandle, Bench> $asked */
$asked = new WeakMap();
$flying = [];
$statuses = [];
[$acknowledged, $last, $silence] = [0, microtime(true), 0.0];
$until = microtime(true) + (float) $seconds;
while (microtime(true) < $until || $flying !== []) {
    foreach ($benches as $bench) {
        if (!isset($flying[$bench->job]) && $bench->next <= microtime(true) && microtime(true) < $until) {
            $handle = $shop->asking('POST', "/api/jobs/$bench->job/events", $bench->body());
            curl_multi_add_handle($multi, $handle);
            $asked[$handle] = $bench;
            $flying[$bench->job] = $handle;
        }
    }
    curl_multi_exec($multi, $_);
    curl_multi_select($multi, 0.02);
    while (($done = curl_multi_info_read($multi)) !== false) {
        $handle = $done['handle'];
        $bench = $asked[$handle];
        $status = $done['result'] === CURLE_OK ? curl_getinfo($handle, CURLINFO_RESPONSE_CODE) : 0;
        $statuses[$status] = ($statuses[$status] ?? 0) + 1;
        $said = $status === 200 ? json_decode((string) curl_multi_getcontent($handle), true) : null;
        if ($status >= 400 && $status < 500) {
            fwrite(STDERR, "$status " . curl_multi_getcontent($handle) . "\n");
        }
        foreach ($bench->answered(is_array($said) ? $said : null, $status === 200 ? 1.0 : 0.3) as $id) {
            fwrite($log, "$id\n");
            ++$acknowledged;
        }
        if ($status === 200) {
            $silence = max($silence, microtime(true) - $last);
            $last = microtime(true);
        }
        curl_multi_remove_handle($multi, $handle);
        unset($flying[$bench->job]);
    }
}
ksort($statuses);
$waited = array_map(static fn(Bench $b): float => max($b->longest, microtime(true) - $b->lastAnswer), $benches);
file_put_contents("$folder/summary.json", json_encode([
    'acknowledged' => $acknowledged,
    // By status; 0 where the line broke or nobody answered within 20 s.
    'answers' => $statuses,
    // The longest that a bench went without an answer, and that all of them did, s.
    'longest' => round(max($waited), 2),
    'silence' => round($silence, 2),
], JSON_PRETTY_PRINT | JSON_THROW_ON_ERROR));
