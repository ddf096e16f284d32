<?php

declare(strict_types=1);

namespace App\Http\Seal;

use App\Exceptions\Conflict;
use App\Models\Roll;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;

/** The shop's rolls of tape. */
final readonly class RollController
{
    public function index(): JsonResponse
    {
        return new JsonResponse([
            'data' => Roll::query()->orderBy('width')->orderBy('name')->get()->map(self::row(...))->all(),
        ]);
    }

    /** Kept under the id that the page made; the same again changes nothing, one name is there once. */
    public function update(RollRequest $request, string $roll): JsonResponse
    {
        $user = $request->user();
        assert($user instanceof User);
        $kept = DB::connection()->transaction(static function () use ($request, $roll, $user): Roll {
            $name = $request->string('name')->trim()->toString();
            if (Roll::query()->where('name', $name)->where('id', '!=', $roll)->exists()) {
                throw Conflict::notReachable('A roll is called "' . $name . '" already. Nothing was kept.');
            }

            return Roll::query()->updateOrCreate(['id' => mb_strtolower($roll)], [
                'name' => $name,
                'width' => $request->float('width'),
                'thickness' => $request->float('thickness'),
                'gives' => $request->float('gives'),
                'left_mm' => $request->float('left'),
                'kept_by' => $user->id,
            ]);
        });

        return new JsonResponse(self::row($kept), $kept->wasRecentlyCreated ? 201 : 200);
    }

    public function destroy(string $roll): Response
    {
        Roll::query()->whereKey($roll)->delete();

        return new Response(status: 204);
    }

    /** @return array<string, mixed> */
    private static function row(Roll $r): array
    {
        return [
            'id' => $r->id,
            'name' => $r->name,
            'width' => (float) $r->width,
            'thickness' => (float) $r->thickness,
            'gives' => (float) $r->gives,
            'left' => (float) $r->left_mm,
        ];
    }
}
