<?php

declare(strict_types=1);

namespace App\Http\Shelf;

use App\Exceptions\Conflict;
use App\Models\PartState;
use App\Models\ReturnState;
use App\Models\SupplierReturn;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;

/** Parts on their way back to a supplier. */
final readonly class ReturnController
{
    private const MOST = 200;

    public function index(): JsonResponse
    {
        $rows = SupplierReturn::query()
            ->with(['item', 'job'])
            ->orderByRaw('state in (?, ?)', [ReturnState::Credited->value, ReturnState::Refused->value])
            ->orderByDesc('created_at')
            ->limit(self::MOST)
            ->get();

        return new JsonResponse(['data' => $rows->map(self::row(...))->all()]);
    }

    public function update(ReturnRequest $request, SupplierReturn $return): JsonResponse
    {
        return new JsonResponse(
            self::row(
                DB::connection()->transaction(static function () use ($request, $return): SupplierReturn {
                    $locked = SupplierReturn::query()
                        ->with(['item', 'job'])
                        ->lockForUpdate()
                        ->findOrFail($return->id);
                    $state = ReturnState::from($request->string('state')->toString());
                    if ($locked->state === $state) {
                        return $locked;
                    }
                    if ($locked->version !== $request->integer('version')) {
                        throw Conflict::staleItem($locked->item);
                    }
                    $locked->update(['state' => $state, 'version' => $locked->version + 1]);
                    $locked->item->update([
                        'state' => $state->hasLeft() ? PartState::Returned : PartState::Faulty,
                    ]);

                    return $locked;
                }),
            ),
        );
    }

    /** @return array<string, mixed> */
    private static function row(SupplierReturn $r): array
    {
        return [
            'id' => $r->id,
            'version' => $r->version,
            'state' => $r->state,
            'reason' => $r->reason,
            'at' => $r->created_at->toIso8601ZuluString(),
            'tag' => $r->job?->tag(),
            'item' => [
                'label' => $r->item->label,
                'name' => $r->item->name,
                'supplier' => $r->item->supplier,
                'batch' => $r->item->batch,
            ],
        ];
    }
}
