<?php

declare(strict_types=1);

namespace App\Http\Supply;

use App\Exceptions\Conflict;
use App\Models\Supply;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;

/** Tubes of glue, boxes of blades and picks. */
final readonly class SupplyController
{
    public function index(): JsonResponse
    {
        return new JsonResponse([
            'data' => Supply::query()->orderBy('kind')->orderBy('created_at')->get()->map(self::row(...))->all(),
        ]);
    }

    /** Put on the shelf once, under the id that the page made; the same again changes nothing. */
    public function update(SupplyRequest $request, string $supply): JsonResponse
    {
        $user = $request->user();
        assert($user instanceof User);
        $id = mb_strtolower($supply);
        $told = $request->supply();
        $left = $request->float('left');
        $kept = DB::connection()->transaction(static function () use ($id, $told, $left, $user): Supply {
            $there = Supply::query()->lockForUpdate()->find($id);
            if ($there !== null) {
                return $there->fill($told)->isDirty() ? throw Conflict::notReachable(
                    'This lies on the shelf already. Take it off and put it up again; nothing was kept.',
                ) : $there;
            }
            if (Supply::query()->where('name', $told['name'])->exists()) {
                throw Conflict::notReachable('Something is called "' . $told['name'] . '" already. Nothing was kept.');
            }

            return Supply::query()->create(['id' => $id, 'left_over' => $left, 'kept_by' => $user->id, ...$told]);
        });

        return new JsonResponse(self::row($kept), $kept->wasRecentlyCreated ? 201 : 200);
    }

    /** What is left in fact: what is booked out by the step is an estimate. */
    public function counted(CountedSupplyRequest $request, string $supply): JsonResponse
    {
        $left = round($request->float('left'), 3);
        $shown = $request->float('shown');
        $kept = DB::connection()->transaction(static function () use ($supply, $left, $shown): Supply {
            $row = Supply::query()->lockForUpdate()->findOrFail(mb_strtolower($supply));
            // The same again changes nothing.
            if (abs((float) $row->left_over - $left) < 0.0005) {
                return $row;
            }
            if (abs((float) $row->left_over - $shown) >= 0.0005) {
                throw Conflict::staleSupply($row->name);
            }
            $row->update(['left_over' => $left]);

            return $row->refresh();
        });

        return new JsonResponse(self::row($kept));
    }

    public function destroy(string $supply): Response
    {
        Supply::query()->whereKey($supply)->delete();

        return new Response(status: 204);
    }

    /** @return array<string, mixed> */
    private static function row(Supply $s): array
    {
        return [
            'id' => $s->id,
            'kind' => $s->kind,
            'name' => $s->name,
            'make' => $s->make,
            'left' => (float) $s->left_over,
        ];
    }
}
