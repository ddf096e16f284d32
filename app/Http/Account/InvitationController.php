<?php

declare(strict_types=1);

namespace App\Http\Account;

use App\Account\Invite;
use App\Account\SetPassword;
use App\Models\Invitation;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

/** The way in that works once, for whoever has its address. */
final readonly class InvitationController
{
    public function show(string $word): JsonResponse
    {
        $there = Invitation::query()->with('user')->findOrFail(Invite::hash($word));
        abort_if($there->expires_at->isPast() || $there->user->disabled_at !== null, 404);

        return new JsonResponse(['name' => $there->user->name, 'email' => $there->user->email]);
    }

    public function accept(PasswordRequest $request, string $word, SetPassword $set): Response
    {
        $set->byInvitation($word, $request->password());

        return new Response(status: 204);
    }
}
