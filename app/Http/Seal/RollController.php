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

    /**
     * Put on the shelf once, under the id that the page made. The same again changes nothing, also when tape was cut
     * from it meanwhile; what is left on a roll only cutting changes.
     */
    public function update(RollRequest $request, string $roll): JsonResponse
    {
        $user = $request->user();
        assert($user instanceof User);
        $id = mb_strtolower($roll);
        $told = $request->tape();
        $left = $request->float('left');
        $kept = DB::connection()->transaction(static function () use ($id, $told, $left, $user): Roll {
            $there = Roll::query()->lockForUpdate()->find($id);
            if ($there !== null) {
                return $there->fill($told)->isDirty() ? throw Conflict::notReachable(
                    'This roll lies on the shelf already. Take it off and put it up again; nothing was kept.',
                ) : $there;
            }
            if (Roll::query()->where('name', $told['name'])->exists()) {
                throw Conflict::notReachable('A roll is called "' . $told['name'] . '" already. Nothing was kept.');
            }

            return Roll::query()->create([
                'id' => $id,
                'left_mm' => $left,
                'kept_by' => $user->id,
                ...$told,
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
            'make' => $r->make,
            'width' => (float) $r->width,
            'thickness' => (float) $r->thickness,
            'gives' => (float) $r->gives,
            'left' => (float) $r->left_mm,
        ];
    }
}
