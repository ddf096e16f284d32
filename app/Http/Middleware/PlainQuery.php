<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** A question in the address is plain text: what comes as a list or a map is refused by name, before it is read. */
final readonly class PlainQuery
{
    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $faults = [];
        foreach ($request->query->all() as $name => $value) {
            if (is_array($value)) {
                $faults[(string) $name] = ["The $name field must be a text."];
            }
        }

        return $faults === [] ? $next($request) : new JsonResponse(
            ['message' => reset($faults)[0], 'errors' => $faults],
            422,
        );
    }
}
