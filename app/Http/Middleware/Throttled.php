<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Node\RequestCounts;
use Closure;
use Illuminate\Cache\RateLimiter;
use Illuminate\Http\Exceptions\ThrottleRequestsException;
use Illuminate\Http\Request;
use Illuminate\Routing\Middleware\ThrottleRequests;
use Symfony\Component\HttpFoundation\Response;

/** The framework's limits by name, counted before they are looked at, and in one statement. */
final class Throttled extends ThrottleRequests
{
    public function __construct(RateLimiter $limiter, private readonly RequestCounts $counts)
    {
        parent::__construct($limiter);
    }

    /**
     * @param Request      $request
     * @param array<mixed> $limits  as the framework makes them, each with `key`, `maxAttempts` and `decaySeconds`
     */
    protected function handleRequest($request, Closure $next, array $limits): Response
    {
        $left = [];
        foreach ($limits as $limit) {
            [$key, $most, $seconds] = self::read($limit);
            [$hits, $wait] = $this->counts->hit($key, $seconds);
            if ($hits > $most) {
                $headers = $this->getHeaders($most, 0, $wait);

                throw new ThrottleRequestsException("More than $most requests at once: wait $wait s.", null, $headers);
            }
            $left[] = [$most, $most - $hits];
        }
        $response = $next($request);
        assert($response instanceof Response);
        foreach ($left as [$most, $remaining]) {
            $response = $this->addHeaders($response, $most, $remaining);
        }

        return $response;
    }

    /** @return array{string, int, int} key, how many, in how many seconds */
    private static function read(mixed $limit): array
    {
        [$key, $most, $seconds] = [
            data_get($limit, 'key'), data_get($limit, 'maxAttempts'), data_get($limit, 'decaySeconds'),
        ];
        assert(is_string($key) && is_int($most) && is_int($seconds));

        return [$key, $most, $seconds];
    }
}
