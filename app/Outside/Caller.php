<?php

declare(strict_types=1);

namespace App\Outside;

use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\Client\PendingRequest;
use Illuminate\Http\Client\RequestException;
use Illuminate\Http\Client\Response;
use Illuminate\Support\Facades\Http;

/**
 * Asks a service outside with a limit on every try, and tries again after growing pauses: nobody waits on it for
 * long.
 */
final readonly class Caller
{
    /** Bytes of an answer that are taken. */
    private const MOST = 1_000_000;
    /** Pauses between tries, ms. */
    private const BACK_OFF = [100, 300];

    /**
     * @param string $url base address; empty if none is set
     */
    public function __construct(private string $url, private float $patience) {}

    /**
     * @param array<string, string> $query
     *
     * @throws NoGoodAnswer If no try gave a 2xx answer with JSON.
     */
    public function get(string $path, array $query): mixed
    {
        return $this->ask(static fn(PendingRequest $http): Response => $http->get($path, $query));
    }

    /**
     * @param array<string, string> $body asked again under the same id, so it must do no harm twice
     *
     * @throws NoGoodAnswer If no try gave a 2xx answer with JSON.
     */
    public function put(string $path, array $body): mixed
    {
        return $this->ask(static fn(PendingRequest $http): Response => $http->put($path, $body));
    }

    /** @param \Closure(PendingRequest): Response $call */
    private function ask(\Closure $call): mixed
    {
        if ($this->url === '') {
            throw NoGoodAnswer::notSetUp();
        }
        $http = Http::baseUrl($this->url)
            ->acceptJson()
            ->connectTimeout(min(0.5, $this->patience))
            ->timeout($this->patience)
            // Only the host that was set is asked, and no more is taken than an answer could need.
            ->withoutRedirecting()
            ->withOptions(['progress' => self::enough(...)])
            ->retry(
                self::BACK_OFF,
                when: static fn(?\Throwable $e): bool => $e instanceof ConnectionException
                    || ($e instanceof RequestException && $e->response->serverError()),
            );
        try {
            $response = $call($http)->throw();
        } catch (TooLong) {
            throw NoGoodAnswer::nonsense('it is longer than ' . self::MOST . ' bytes');
        } catch (ConnectionException $e) {
            if ($e->getPrevious()?->getPrevious() instanceof TooLong || $e->getPrevious() instanceof TooLong) {
                throw NoGoodAnswer::nonsense('it is longer than ' . self::MOST . ' bytes');
            }
            throw NoGoodAnswer::unreachable(
                str_contains($e->getMessage(), 'timed out') ? 'time is up' : 'no connection',
            );
        } catch (RequestException $e) {
            throw NoGoodAnswer::refused($e->response->status());
        }
        if ($response->redirect()) {
            throw NoGoodAnswer::refused($response->status());
        }
        $answer = json_decode($response->body(), true);
        if (json_last_error() !== JSON_ERROR_NONE) {
            throw NoGoodAnswer::nonsense('it is not JSON');
        }

        return $answer;
    }

    /** @throws TooLong If more has come than is taken. */
    private static function enough(int $total, int $come): void
    {
        if (max($total, $come) > self::MOST) {
            throw new TooLong('An answer is too long.');
        }
    }
}
