<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Bench\UnderTest;
use App\Models\Job;
use App\Models\PhoneTest;
use App\Models\User;
use App\Papers\QrCode;
use App\Words\ShopAddress;
use Illuminate\Http\JsonResponse;

/** The page for the phone under test, as the bench opens it, and what came from it. */
final readonly class PhonePageController
{
    public function index(Job $job): JsonResponse
    {
        $tests = PhoneTest::query()->where('job_id', $job->id)->orderBy('at')->orderBy('id')->get();

        return new JsonResponse(['data' => $tests->map(static fn(PhoneTest $t): array => [
            'gate' => $t->gate,
            'function' => $t->function,
            'outcome' => $t->outcome,
            'figures' => (object) $t->figures,
            'at' => $t->at,
        ])->values()->all()]);
    }

    public function store(PhonePageRequest $request, Job $job, UnderTest $tests): JsonResponse
    {
        $user = $request->user();
        assert($user instanceof User);
        $opened = $tests->open($job, $user, $request->gate());
        $address = ShopAddress::of('/under-test/' . $opened['word']);

        return new JsonResponse([
            'address' => $address,
            'expiresAt' => $opened['page']->expires_at->toIso8601ZuluString(),
            'code' => QrCode::rows($address),
            'left' => $tests->shows($opened['page'])['left'],
        ]);
    }
}
