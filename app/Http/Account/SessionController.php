<?php

declare(strict_types=1);

namespace App\Http\Account;

use App\Account\SignIn;
use App\Account\WhyNot;
use App\Exceptions\Conflict;
use App\Jobs\ShopDay;
use App\Models\Job;
use App\Models\User;
use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Http\Exceptions\ThrottleRequestsException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Validation\ValidationException;

final readonly class SessionController
{
    /** Wrong passwords in a minute, for one account from one address. */
    private const MOST_TRIES = 5;

    public function __construct(private ShopDay $shop) {}

    public function store(SignInRequest $request, SignIn $signIn): JsonResponse
    {
        if (!$request->hasSession()) {
            // Not sent by our own page: there is no session to sign in to, and no token was checked.
            throw ValidationException::withMessages(['email' => 'Sign in from the page of this application.']);
        }
        $tries = 'sign-in ' . mb_strtolower($request->string('email')->toString()) . '|' . $request->ip();
        // Counted before it is looked at: of many at once no more get a look than of one after the other.
        if (RateLimiter::hit($tries) > self::MOST_TRIES) {
            throw new ThrottleRequestsException('Too many tries. Wait a minute.');
        }
        $code = $request->filled('code') ? $request->string('code')->replace(' ', '')->toString() : null;
        $user = $signIn->check(
            mb_strtolower($request->string('email')->trim()->toString()),
            $request->string('password')->toString(),
            $code,
        );
        if ($user instanceof WhyNot) {
            throw match ($user) {
                WhyNot::DoNotGoTogether => ValidationException::withMessages(
                    ['email' => 'This address and password do not go together.'],
                ),
                WhyNot::CodeWanted => Conflict::codeWanted(),
                WhyNot::CodeWrong => ValidationException::withMessages(
                    ['code' => 'This is not the code of now, or it was used already.'],
                ),
            };
        }
        RateLimiter::clear($tries);
        $guard = Auth::guard('web');
        assert($guard instanceof StatefulGuard);
        $guard->login($user);
        $request->session()->regenerate();
        ColleagueController::signedIn($request, $user);

        return $this->show($request);
    }

    public function show(Request $request): JsonResponse
    {
        $user = $request->user();
        assert($user instanceof User);

        $shop = $this->shop->shop();

        return new JsonResponse([
            'id' => $user->id,
            'name' => $user->name,
            'role' => $user->role->value,
            'secondFactor' => $user->totp_secret !== null,
            'pin' => $user->short_code !== null,
            'shop' => [
                'name' => $shop->name,
                'zone' => $shop->bench->hours->zone->getName(),
                'dates' => $shop->shown->dates,
                'temperature' => $shop->shown->temperature->value,
                'length' => $shop->shown->length->value,
                'firstJob' => !Job::query()->whereNotNull('handed_over_at')->exists(),
            ],
        ]);
    }

    public function destroy(Request $request): Response
    {
        $guard = Auth::guard('web');
        assert($guard instanceof StatefulGuard);
        $guard->logout();
        // Or the session that is left would still be said to be theirs.
        Auth::forgetGuards();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return new Response(status: 204);
    }
}
