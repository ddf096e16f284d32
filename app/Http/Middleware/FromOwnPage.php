<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Laravel\Sanctum\Http\Middleware\EnsureFrontendRequestsAreStateful;

/** Requests of our own page carry its session; the cookie stays with this site, where the package would loosen it. */
final class FromOwnPage extends EnsureFrontendRequestsAreStateful
{
    protected function configureSecureCookieSessions(): void
    {
        config(['session.http_only' => true, 'session.same_site' => 'strict']);
    }
}
