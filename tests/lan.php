<?php

declare(strict_types=1);

// Asks a run of `./facelift start --lan` over TLS: php tests/lan.php PORT LOG

[, $port, $log] = $argv + [1 => '', 2 => ''];
preg_match('/^ +((?:[0-9A-F]{2}:){31}[0-9A-F]{2})$/m', (string) file_get_contents($log), $told);
$print = strtolower(str_replace(':', '', $told[1] ?? ''));

/** @return list<string> the head of the answer; empty if there was none */
function head(string $address, string $print, string $host): array
{
    $context = stream_context_create([
        'ssl' => ['verify_peer' => false, 'verify_peer_name' => false, 'peer_fingerprint' => ['sha256' => $print]],
        'http' => ['ignore_errors' => true, 'follow_location' => 0, 'header' => "Host: $host\r\nAccept: text/html"],
    ]);
    $answer = @fopen($address, 'r', false, $context);
    $head = $answer === false ? [] : stream_get_meta_data($answer)['wrapper_data'] ?? [];

    return is_array($head) ? array_values(array_filter($head, is_string(...))) : [];
}

$own = "127.0.0.1:$port";
$page = head("https://$own/sign-in", $print, $own);
$cookie = static fn(string $h): bool => stripos($h, 'set-cookie:') === 0;
$looked = array_filter($page, $cookie);
$cookies = array_filter(head("https://$own/sanctum/csrf-cookie", $print, $own), $cookie);
$open = array_filter($cookies, static fn(string $h): bool => stripos($h, '; secure') === false);
$wrong = head("https://$own/sign-in", str_repeat('0', 64), $own);
$plain = head("http://$own/sign-in", $print, $own);
$foreign = head("https://$own/sign-in", $print, 'elsewhere.example');
$says = [
    'a fingerprint is told' => strlen($print) === 64,
    'the page is served with that certificate' => str_contains($page[0] ?? '', ' 200 '),
    'to look at the way in leaves no cookie' => $looked === [],
    'every cookie keeps to TLS' => $cookies !== [] && $open === [],
    'another certificate is told apart' => $wrong === [],
    'without TLS one is sent to it' => str_contains($plain[0] ?? '', ' 301 '),
    'no other host is answered' => str_contains($foreign[0] ?? '', ' 421 '),
];
foreach (array_keys(array_filter($says, static fn(bool $is): bool => !$is)) as $what) {
    echo "not so: $what\n";
}
exit(in_array(false, $says, true) ? 1 : 0);
