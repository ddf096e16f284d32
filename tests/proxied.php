<?php

declare(strict_types=1);

// Asks a run of `FACELIFT_URL=https://facelift.shop.example FACELIFT_PROXIES=127.0.0.1 ./facelift start` as the proxy
// before it would, and one that was started without: php tests/proxied.php PORT yes|no EMAIL PASSWORD

[, $port, $behind, $email, $password] = $argv + [1 => '', 2 => '', 3 => '', 4 => ''];
$behind = $behind === 'yes';
$host = $behind ? 'facelift.shop.example' : "127.0.0.1:$port";
$origin = ($behind ? 'https://' : 'http://') . $host;

/** One client, asking through the proxy. */
final class Client
{
    /** @var array<string, string> kept as a browser would over TLS */
    private array $jar = [];

    public function __construct(
        private readonly string $port,
        private readonly string $host,
        private readonly string $origin,
        private readonly string $from,
    ) {}

    /**
     * @param array<string, string> $body
     *
     * @return array{int, list<string>, string} status, head, body
     */
    public function ask(string $method, string $path, array $body = []): array
    {
        $cookies = implode('; ', array_map(
            static fn(string $name, string $value): string => "$name=$value",
            array_keys($this->jar),
            $this->jar,
        ));
        $head = [
            "Host: $this->host", "Origin: $this->origin", "Referer: $this->origin/", 'Accept: application/json',
            "X-Forwarded-For: $this->from", 'Content-Type: application/json', "Cookie: $cookies",
            'X-XSRF-TOKEN: ' . urldecode($this->jar['XSRF-TOKEN'] ?? ''),
        ];
        $content = $body === [] ? '' : (string) json_encode($body);
        $said = (string) file_get_contents("http://127.0.0.1:$this->port$path", false, stream_context_create([
            'http' => ['method' => $method, 'ignore_errors' => true, 'header' => $head, 'content' => $content],
        ]));
        foreach ($http_response_header as $line) {
            if (preg_match('/^set-cookie: ([^=]+)=([^;]*)/i', $line, $m) === 1) {
                $this->jar[$m[1]] = $m[2];
            }
        }

        return [(int) (explode(' ', $http_response_header[0])[1] ?? 0), $http_response_header, $said];
    }

    /** Tries that are left after a wrong password. */
    public function triesLeft(): int
    {
        $wrong = ['email' => 'nobody@elsewhere.example', 'password' => 'wrong password'];
        foreach ($this->ask('POST', '/api/sign-in', $wrong)[1] as $line) {
            if (preg_match('/^x-ratelimit-remaining: *([0-9]+)/i', $line, $m) === 1) {
                return (int) $m[1];
            }
        }

        return -1;
    }
}

$client = static fn(string $from, ?string $at = null): Client => new Client($port, $at ?? $host, $origin, $from);
$owner = $client('10.9.0.1');
$owner->ask('GET', '/sanctum/csrf-cookie');
$in = $owner->ask('POST', '/api/sign-in', ['email' => $email, 'password' => $password]);
$me = $owner->ask('GET', '/api/me');
[$one, $two] = [$client('10.9.0.7'), $client('10.9.0.8')];
$one->ask('GET', '/sanctum/csrf-cookie');
$two->ask('GET', '/sanctum/csrf-cookie');
[$first, $second, $other] = [$one->triesLeft(), $one->triesLeft(), $two->triesLeft()];
$cookies = array_filter($in[1], static fn(string $line): bool => stripos($line, 'set-cookie:') === 0);
$all = static fn(string $word): bool => $cookies !== [] && $cookies === array_filter(
    $cookies,
    static fn(string $line): bool => stripos($line, $word) !== false,
);
$says = [
    'sign-in answers ' . $in[0] => $in[0] < 300,
    'signed in at that address: ' . $me[0] => $me[0] === 200 && str_contains($me[2], '"role":"owner"'),
    'cookies stay strict' => $all('; samesite=strict'),
    'cookies keep to TLS where that is the address' => $all('; secure') === $behind,
    'tries are counted' => $second === $first - 1,
    'each client behind the proxy has tries of its own, and nobody else can say who he is' => $behind
        ? $other > $second
        : $other < $second,
    'no other host is answered' => $client('10.9.0.1', 'elsewhere.example')->ask('GET', '/sign-in')[0] === 421,
];
foreach (array_keys(array_filter($says, static fn(bool $is): bool => !$is)) as $what) {
    echo "not so: $what\n";
}
exit(in_array(false, $says, true) ? 1 : 0);
