<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\Request;
use Illuminate\Support\Facades\Vite;
use Symfony\Component\HttpFoundation\Response;

/** Headers on every answer: nothing is loaded from elsewhere, no inline script runs, nobody frames the page. */
final readonly class SecurityHeaders
{
    private const USUAL = 'geolocation=(), microphone=(), payment=()';
    /** The phone under test shows its own microphone, cameras and sensors: to itself, nothing is sent but a level. */
    private const UNDER_TEST = 'geolocation=(), payment=(), microphone=(self), camera=(self)';

    /** @param \Closure(Request): Response $next */
    public function handle(Request $request, \Closure $next): Response
    {
        $nonce = Vite::useCspNonce();
        $response = $next($request);
        $response->headers->add([
            'Content-Security-Policy' => implode('; ', [
                "default-src 'none'",
                "script-src 'self'",
                "style-src 'self' 'nonce-{$nonce}'",
                "font-src 'self'",
                "img-src 'self' data:",
                "connect-src 'self'",
                "base-uri 'none'",
                "form-action 'self'",
                "frame-ancestors 'none'",
            ]),
            'X-Content-Type-Options' => 'nosniff',
            'X-Frame-Options' => 'DENY',
            'Referrer-Policy' => 'same-origin',
            'Permissions-Policy' => $request->is('under-test/*') ? self::UNDER_TEST : self::USUAL,
            'Cross-Origin-Opener-Policy' => 'same-origin',
            'Cross-Origin-Resource-Policy' => 'same-origin',
        ]);
        if ($request->is('api/*')) {
            $response->headers->set('Cache-Control', 'no-store, private');
        }

        return $response;
    }
}
