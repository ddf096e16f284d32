<?php

declare(strict_types=1);

namespace Tests\Contract;

use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Route as Router;
use Tests\Contract;
use Tests\TestCase;

final class ContractTest extends TestCase
{
    public function testNoRouteLacksAContractEntryAndNoEntryARoute(): void
    {
        $routes = [];
        foreach (Router::getRoutes()->getRoutes() as $route) {
            if (str_starts_with($route->uri(), 'api/')) {
                foreach (array_diff($route->methods(), ['HEAD']) as $method) {
                    $routes[] = strtolower($method) . ' /' . $route->uri();
                }
            }
        }
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

    public function testEveryApiRouteButSignInAsksForSignInAndAPolicy(): void
    {
        $open = [];
        foreach (Router::getRoutes()->getRoutes() as $route) {
            if (str_starts_with($route->uri(), 'api/')) {
                $middleware = implode(' ', array_map(static fn (mixed $m): string => is_string($m) ? $m : '', $route->gatherMiddleware()));
                if (!str_contains($middleware, 'auth:sanctum')) {
                    $open[] = $route->uri();
                }
                self::assertTrue(str_contains($middleware, 'can:') || in_array($route->uri(), ['api/sign-in', 'api/sign-out', 'api/me'], true), $route->uri() . ' has no policy');
                self::assertStringContainsString('throttle:', $middleware, $route->uri());
            }
        }
        self::assertSame(['api/sign-in'], $open);
    }
}
