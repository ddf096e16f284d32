<?php

declare(strict_types=1);

namespace App\Http\Account;

use App\Account\Colleagues;
use App\Models\User;
use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Cookie;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

/** Another person takes over at a device that is signed in. */
final readonly class ColleagueController
{
    private const DEVICE = 'facelift_device';
    private const YEAR = 525_600;

    /** Whoever has just signed in here by password is known here. */
    public static function signedIn(Request $request, User $user): void
    {
        $device = self::device($request) ?? Str::random(40);
        Cookie::queue(Cookie::make(self::DEVICE, $device, self::YEAR, sameSite: 'strict'));
        (new Colleagues($device))->knows($user);
    }

    public function index(Request $request): JsonResponse
    {
        $device = self::device($request);
        $others = $device === null ? [] : (new Colleagues($device))->of(self::user($request))->all();

        return new JsonResponse([
            'data' => array_values(array_map(
                static fn(User $u): array => ['id' => $u->id, 'name' => $u->name],
                $others,
            )),
        ]);
    }

    /** The session goes over to the other person, under another name. */
    public function store(TakeOverRequest $request, User $account): Response
    {
        $device = self::device($request);
        $fits = $device !== null
            && (new Colleagues($device))->fits(self::user($request), $account, $request->string('pin')->toString());
        if (!$fits) {
            throw ValidationException::withMessages([
                'pin' => 'This is not the PIN. After five wrong ones only signing in with the password helps.',
            ]);
        }
        $guard = Auth::guard('web');
        assert($guard instanceof StatefulGuard);
        $guard->login($account);
        $request->session()->forget(['password_hash_web', 'password_hash_sanctum']);
        $request->session()->regenerate();

        return new Response(status: 204);
    }

    private static function device(Request $request): ?string
    {
        $device = $request->cookie(self::DEVICE);

        return is_string($device) && $device !== '' ? $device : null;
    }

    private static function user(Request $request): User
    {
        $user = $request->user();
        assert($user instanceof User);

        return $user;
    }
}
