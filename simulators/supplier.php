<?php

declare(strict_types=1);

// A supplier of screens that does not exist. See README.md.

require __DIR__ . '/mode.php';
behave('supplier');

/** Price of the dearest offer by kind, in cents. */
const BASE = [
    'glass-only' => 900,
    'digitizer-only' => 2400,
    'display-assembly' => 6200,
    'display-with-small-parts' => 7400,
    'display-with-frame' => 7900,
];

/** Cents that a part of a phone costs at most before its noise, for kinds that are no screen. */
const SMALL = 1400;

/** @return list<array{sku: string, name: string, supplier: string, price: string, stock: int, leadDays: int}> */
function offers(string $code, string $kind): array
{
    $offers = [];
    foreach ([['Norvend Panels', 'N', 1.0], ['Oskarrin Screen Trade', 'O', 0.72]] as [$maker, $letter, $share]) {
        $noise = crc32($code . $kind . $letter);
        $cents = (int) round(((BASE[$kind] ?? SMALL) + ($noise % 900)) * $share);
        $offers[] = [
            'sku' => $letter . '-' . strtoupper(substr(hash('sha256', $code . $kind . $letter), 0, 6)),
            'supplier' => $maker,
            'name' => $maker . ', ' . str_replace('-', ' ', $kind) . ' for ' . $code,
            'price' => sprintf('%d.%02d', intdiv($cents, 100), $cents % 100),
            'stock' => $noise % 7,
            'leadDays' => 1 + ($noise % 5),
        ];
    }

    return $offers;
}

$path = text(parse_url(text($_SERVER['REQUEST_URI'] ?? ''), PHP_URL_PATH));
if (($_SERVER['REQUEST_METHOD'] ?? '') === 'PUT' && preg_match('#^/orders/([0-9a-f-]{36})$#', $path, $found) === 1) {
    $body = sent();
    foreach (offers(text($body['code'] ?? ''), text($body['kind'] ?? '')) as $offer) {
        if ($offer['sku'] === ($body['sku'] ?? null)) {
            $offer['price'] === ($body['price'] ?? null) || answer(['message' => 'the price is another by now'], 409);
            // Named by the caller, so the same order again is the same order.
            answer([
                'reference' => 'B-' . substr($found[1], 0, 8),
                'sku' => $offer['sku'],
                'price' => $offer['price'],
                'leadDays' => $offer['leadDays'],
            ]);
        }
    }
    answer(['message' => 'no such part'], 404);
}
$code = text($_GET['code'] ?? '');
$kind = text($_GET['kind'] ?? '');
if ($code === '' || preg_match('/^[a-z-]{3,40}$/', $kind) !== 1) {
    answer(['message' => 'code and kind are needed'], 422);
}
answer(['offers' => offers($code, $kind)]);
