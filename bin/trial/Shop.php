<?php

declare(strict_types=1);

/** A shop as its page asks it: signed in once, several requests at a time. On loopback only. */
final class Shop
{
    /** @var array<string, string> */
    private array $jar = [];

    public function __construct(private readonly string $address)
    {
        preg_match('#^https?://127\.\d+\.\d+\.\d+:\d+$#', $address) === 1 || exit("only loopback is asked\n");
    }

    /** Signs in, and tries for half a minute. */
    public function signIn(string $email, string $password): void
    {
        for ($try = 0; $try < 60; ++$try) {
            $this->one('GET', '/sanctum/csrf-cookie', null);
            $body = json_encode(['email' => $email, 'password' => $password], JSON_THROW_ON_ERROR);
            [$status] = $this->one('POST', '/api/sign-in', $body);
            if ($status === 200) {
                return;
            }
            usleep(500_000);
        }
        exit("nobody can sign in at $this->address\n");
    }

    /** @return array{int, string} status, 0 for none, and body */
    public function one(string $method, string $path, ?string $body): array
    {
        $handle = $this->asking($method, $path, $body);
        $said = curl_exec($handle);

        return [curl_getinfo($handle, CURLINFO_RESPONSE_CODE), is_string($said) ? $said : ''];
    }

    public function asking(string $method, string $path, ?string $body): CurlHandle
    {
        $handle = curl_init($this->address . $path);
        $handle !== false || exit("no handle\n");
        $cookies = array_map(static fn(string $n, string $v): string => "$n=$v", array_keys($this->jar), $this->jar);
        curl_setopt_array($handle, [
            CURLOPT_CUSTOMREQUEST => $method,
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_TIMEOUT => 20,
            CURLOPT_CONNECTTIMEOUT => 2,
            CURLOPT_HTTPHEADER => [
                'Accept: application/json',
                'Content-Type: application/json',
                "Origin: $this->address",
                "Referer: $this->address/",
                'X-XSRF-TOKEN: ' . urldecode($this->jar['XSRF-TOKEN'] ?? ''),
                'Cookie: ' . implode('; ', $cookies),
                // Each time from another address, where a run takes the word of the proxy that this stands for.
                'X-Forwarded-For: 10.9.' . random_int(0, 255) . '.' . random_int(1, 254),
            ],
            CURLOPT_HEADERFUNCTION => function (CurlHandle $_, string $line): int {
                if (preg_match('/^set-cookie: ([^=]+)=([^;]*)/i', $line, $m) === 1) {
                    $this->jar[$m[1]] = $m[2];
                }

                return strlen($line);
            },
        ] + ($body === null ? [] : [CURLOPT_POSTFIELDS => $body]));

        return $handle;
    }
}
