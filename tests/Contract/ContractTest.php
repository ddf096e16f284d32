<?php

declare(strict_types=1);

namespace Tests\Contract;

use Tests\Contract;
use Tests\TestCase;

final class ContractTest extends TestCase
{
    /** the way in, and what everybody who is signed in may know of themselves */
    private const FOR_ANYBODY = ['api/sign-in', 'api/sign-out', 'api/me', 'api/invitations/{word}'];

    public function testNoRouteLacksAContractEntryAndNoEntryARoute(): void
    {
        $routes = array_map(
            static fn(array $r): string => strtolower($r['method']) . ' /' . $r['uri'],
            $this->apiRoutes(),
        );
        $entries = [];
        foreach (Contract::paths() as $path => $operations) {
            foreach (array_intersect(array_keys($operations), ['get', 'post', 'put', 'delete', 'patch']) as $method) {
                $entries[] = $method . ' ' . $path;
            }
        }
        sort($routes);
        sort($entries);
        self::assertGreaterThan(15, count($routes));
        self::assertSame($entries, $routes);
    }

    public function testEveryApiRouteButTheWayInAsksForSignInAndAPolicy(): void
    {
        $open = [];
        foreach ($this->apiRoutes() as ['uri' => $uri, 'middleware' => $list]) {
            $middleware = implode(' ', $list);
            if (!str_contains($middleware, 'auth:sanctum')) {
                $open[] = $uri;
            }
            self::assertTrue(
                str_contains($middleware, 'can:') || in_array($uri, self::FOR_ANYBODY, true),
                $uri . ' has no policy',
            );
            self::assertStringContainsString('throttle:', $middleware, $uri);
        }
        self::assertSame(['api/sign-in', 'api/invitations/{word}', 'api/invitations/{word}'], $open);
    }
}
