<?php

declare(strict_types=1);

use App\Exceptions\Conflict;
use App\Exceptions\DatabaseAway;
use App\Exceptions\Reported;
use App\Http\Middleware\FromOwnPage;
use App\Http\Middleware\PlainQuery;
use App\Http\Middleware\SecurityHeaders;
use App\Http\Middleware\Throttled;
use App\Node\MetAnother;
use Facelift\Anatomy\UnknownId;
use Facelift\Document\Fault;
use Facelift\Document\Unreadable;
use Facelift\Seal\NothingToSeal;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Facades\Route;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__ . '/../routes/web.php',
        api: __DIR__ . '/../routes/api.php',
        commands: __DIR__ . '/../routes/console.php',
        then: static function (): void {
            Route::middleware('throttle:under-test')->group(__DIR__ . '/../routes/under-test.php');
            Route::middleware('throttle:under-test')->group(__DIR__ . '/../routes/calendar.php');
        },
    )
    ->withMiddleware(static function (Middleware $middleware): void {
        // The application is same-origin: no cross-origin request is ever answered.
        $middleware->remove(HandleCors::class);
        $middleware->append(SecurityHeaders::class);
        $middleware->alias(['throttle' => Throttled::class]);
        // A file is taken as it is, with whatever stands before it.
        $middleware->trimStrings(except: ['fileText']);
        $middleware->api(prepend: [FromOwnPage::class]);
        $middleware->api(append: [PlainQuery::class]);
        // The page answers on /; a guest asking the API gets 401, never a redirect.
        $middleware->redirectGuestsTo(static fn(Request $request): ?string => $request->is('api/*') ? null : '/');
    })
    ->withExceptions(static function (Exceptions $exceptions): void {
        $exceptions->shouldRenderJsonWhen(
            static fn(Request $request): bool => $request->is('api/*') || $request->expectsJson(),
        );
        $exceptions->report(static function (Throwable $e): bool {
            Log::error(Reported::text($e));

            return false;
        });
        $exceptions->dontReport([Conflict::class, Unreadable::class, NothingToSeal::class, UnknownId::class]);
        $exceptions->render(
            static fn(NothingToSeal $e): JsonResponse => new JsonResponse(
                [
                    'message' => 'Nothing can be sealed so: ' . $e->getMessage() . '.',
                    'errors' => ['seal' => [$e->getMessage()]],
                ],
                422,
            ),
        );
        $exceptions->render(
            static fn(UnknownId $e): JsonResponse => new JsonResponse(
                [
                    'message' => 'Nothing was kept: ' . $e->getMessage() . '.',
                    'errors' => ['phone' => [$e->getMessage()]],
                ],
                422,
            ),
        );
        // The database is away: it is said so, and whoever asked tries again.
        $exceptions->render(static fn(PDOException $e): ?JsonResponse => DatabaseAway::is($e) ? new JsonResponse(
            ['message' => 'The database is away for a moment. Nothing was kept: try again.'],
            503,
            ['Retry-After' => '2'],
        ) : null);
        // It was done again as often as that is sensible, and another was first each time.
        $exceptions->render(static function (PDOException $e): ?JsonResponse {
            $met = (new MetAnother())->causedByConcurrencyError($e);

            return $met ? new JsonResponse(
                ['message' => 'Others are changing the same at this moment. Nothing was kept: try again.'],
                503,
                ['Retry-After' => '1'],
            ) : null;
        });
        $exceptions->render(static fn(Conflict $e): JsonResponse => new JsonResponse($e->body(), 409));
        $exceptions->render(
            static fn(Unreadable $e): JsonResponse => new JsonResponse(
                [
                    'message' => 'Nothing was kept: ' . $e->getMessage() . '.',
                    'errors' => collect($e->faults)
                        ->groupBy(static fn(Fault $f): string => $f->path === '' ? 'document' : $f->path)
                        ->map(static fn($faults) => $faults->map(static fn(Fault $f): string => $f->reason)->all())
                        ->all(),
                ],
                422,
            ),
        );
    })
    ->create();
