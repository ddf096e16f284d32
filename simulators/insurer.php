<?php

declare(strict_types=1);

// An insurer that does not exist. See README.md.

require __DIR__ . '/mode.php';
behave('insurer');

$path = text(parse_url(text($_SERVER['REQUEST_URI'] ?? ''), PHP_URL_PATH));
if (
    ($_SERVER['REQUEST_METHOD'] ?? '') !== 'PUT' ||
    preg_match('#^/authorisations/([0-9a-f-]{36})$#', $path, $found) !== 1
) {
    answer(['message' => 'PUT /authorisations/{id}'], 404);
}
$body = sent();
$amount = text($body['amount'] ?? '');
$policy = text($body['policy'] ?? '');
if (preg_match('/^\d+\.\d{2}$/', $amount) !== 1 || $policy === '') {
    answer(['message' => 'policy and amount are needed'], 422);
}
$cents = (int) str_replace('.', '', $amount);
[$decision, $granted] = match (strtoupper($policy[0])) {
    'R' => ['rejected', 0],
    'H' => ['partly', intdiv($cents, 2)],
    default => ['authorised', $cents],
};
answer([
    'decision' => $decision,
    'amount' => sprintf('%d.%02d', intdiv($granted, 100), $granted % 100),
    'reference' => 'A-' . substr($found[1], 0, 8),
]);
