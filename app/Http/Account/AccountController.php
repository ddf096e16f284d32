<?php

declare(strict_types=1);

namespace App\Http\Account;

use App\Account\Invite;
use App\Account\KeepAccount;
use App\Models\Invitation;
use App\Models\User;
use App\Words\ShopAddress;
use Illuminate\Http\JsonResponse;

/** The people of the shop; the owner's to keep. */
final readonly class AccountController
{
    public function __construct(private KeepAccount $keep, private Invite $invite) {}

    public function index(): JsonResponse
    {
        $invited = Invitation::query()->pluck('expires_at', 'user_id');

        $row = static fn(User $u): array => self::row($u) + ['invited' => $invited->has($u->id)];

        return new JsonResponse(['data' => User::query()->orderBy('name')->orderBy('id')->get()->map($row)->all()]);
    }

    /** Adds somebody, and gives them a way in; the same again gives another way in. */
    public function store(AccountRequest $request): JsonResponse
    {
        $user = $this->keep->add(
            $request->string('id')->lower()->toString(),
            ['email' => $request->email()] + $request->changes(),
        );

        return new JsonResponse($this->invited($user), $user->wasRecentlyCreated ? 201 : 200);
    }

    public function update(AccountRequest $request, User $account): JsonResponse
    {
        $user = $this->keep->change(
            $account,
            $request->integer('version'),
            $request->changes(),
            $request->boolean('disabled'),
        );

        $invited = Invitation::query()->where('user_id', $user->id)->exists();

        return new JsonResponse(self::row($user) + ['invited' => $invited]);
    }

    /** Another way in, for whoever has forgotten the password; the second factor goes with it. */
    public function invite(User $account): JsonResponse
    {
        return new JsonResponse($this->invited($account));
    }

    /** @return array<string, mixed> */
    private function invited(User $user): array
    {
        return [
            'account' => self::row($user) + ['invited' => true],
            'address' => ShopAddress::of('/invited/' . ($this->invite)($user)),
            'hours' => Invite::HOURS,
        ];
    }

    /** @return array<string, mixed> */
    private static function row(User $user): array
    {
        return [
            'id' => $user->id,
            'name' => $user->name,
            'email' => $user->email,
            'role' => $user->role,
            'rights' => $user->rights->values(),
            'disabled' => $user->disabled_at !== null,
            'hasPassword' => $user->password !== null,
            'secondFactor' => $user->totp_secret !== null,
            'version' => $user->version,
        ];
    }
}
