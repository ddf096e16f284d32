<?php

declare(strict_types=1);

namespace App\Http\Account;

use App\Account\Colleagues;
use App\Account\Sessions;
use App\Account\SetPassword;
use App\Account\Totp;
use App\Models\User;
use App\Papers\QrCode;
use Illuminate\Contracts\Session\Session;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Validation\ValidationException;

/** What everybody keeps of their own account: password, second factor, where they are signed in. */
final readonly class OwnController
{
    /** Where a secret waits until its first code has been typed. */
    private const WAITING = 'second-factor';

    public function password(PasswordRequest $request, SetPassword $set): Response
    {
        $user = self::known($request, $request->string('current')->toString());
        $set->own($user, $request->password(), self::session($request)->getId());
        // This session goes on: it takes the new password for its own with the next request.
        self::session($request)->forget(['password_hash_web', 'password_hash_sanctum']);

        return new Response(status: 204);
    }

    public function sessions(Request $request): JsonResponse
    {
        $here = Sessions::name(self::session($request)->getId());

        return new JsonResponse(['data' => array_map(
            static fn(array $s): array => $s + ['here' => $s['id'] === $here],
            Sessions::of(self::user($request)),
        )]);
    }

    public function end(Request $request, string $session): Response
    {
        Sessions::endOne(self::user($request), $session);

        return new Response(status: 204);
    }

    /** A secret to be read into a telephone; it counts once a first code from there was typed. */
    public function begin(Request $request): JsonResponse
    {
        $user = self::user($request);
        $secret = Totp::secret();
        self::session($request)->put(self::WAITING, $secret);

        return new JsonResponse([
            'secret' => $secret,
            'code' => QrCode::rows(Totp::address($secret, $user->email)),
        ]);
    }

    public function confirm(CodeRequest $request): Response
    {
        $user = self::user($request);
        $secret = self::session($request)->get(self::WAITING);
        $window = is_string($secret)
            ? (new Totp())->taken($secret, $request->code(), Carbon::now()->getTimestamp(), null)
            : null;
        if ($window === null) {
            throw ValidationException::withMessages(['code' => 'This is not the code of now. Nothing was kept.']);
        }
        $user->forceFill(['totp_secret' => $secret, 'totp_last' => $window])->save();
        self::session($request)->forget(self::WAITING);

        return new Response(status: 204);
    }

    /** A PIN to take over by, or none any more; every device asks for the password once again. */
    public function pin(PinRequest $request): Response
    {
        $user = self::known($request, $request->string('current')->toString());
        $pin = $request->pin();
        DB::transaction(static function () use ($request, $user, $pin): void {
            $user->forceFill(['short_code' => $pin === null ? null : Hash::make($pin)])->save();
            Colleagues::forget($user);
            if ($pin !== null) {
                ColleagueController::signedIn($request, $user);
            }
        });

        return new Response(status: 204);
    }

    public function drop(ConfirmedRequest $request): Response
    {
        $user = self::known($request, $request->string('current')->toString());
        $user->forceFill(['totp_secret' => null, 'totp_last' => null])->save();

        return new Response(status: 204);
    }

    /** @throws ValidationException If it is not the present password. */
    private static function known(Request $request, string $password): User
    {
        $user = self::user($request);
        if (!Hash::check($password, (string) $user->password)) {
            throw ValidationException::withMessages(['current' => 'This is not your password. Nothing was kept.']);
        }

        return $user;
    }

    private static function user(Request $request): User
    {
        $user = $request->user();
        assert($user instanceof User);

        return $user;
    }

    /** Whoever is known by something else than a session of this page has nothing to keep here. */
    private static function session(Request $request): Session
    {
        abort_unless($request->hasSession(), 401);

        return $request->session();
    }
}
