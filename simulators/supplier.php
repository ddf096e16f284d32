<?php

declare(strict_types=1);

// A supplier of screens that does not exist. See README.md.

require __DIR__ . '/mode.php';
behave('supplier');

/** Price of the dearest offer by kind, in cents. */
const BASE = ['glass-only' => 900, 'digitizer-only' => 2400, 'display-assembly' => 6200, 'display-with-small-parts' => 7400, 'display-with-frame' => 7900];

$code = text($_GET['code'] ?? '');
$kind = text($_GET['kind'] ?? '');
if ($code === '' || !isset(BASE[$kind])) {
    answer(['message' => 'code and kind are needed'], 422);
}
$offers = [];
foreach ([['Norrby Panels', 'N', 1.0], ['Ostrava Screen Trade', 'O', 0.72]] as [$maker, $letter, $share]) {
    $noise = crc32($code . $kind . $letter);
    $cents = (int) round((BASE[$kind] + $noise % 900) * $share);
    $offers[] = ['sku' => $letter . '-' . strtoupper(substr(hash('sha256', $code . $kind . $letter), 0, 6)), 'name' => $maker . ', ' . $kind . ' for ' . $code, 'price' => sprintf('%d.%02d', intdiv($cents, 100), $cents % 100), 'stock' => $noise % 7, 'leadDays' => 1 + $noise % 5];
}
answer(['offers' => $offers]);
