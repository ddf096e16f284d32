<?php

declare(strict_types=1);

namespace App\Http\Shelf;

use App\Exceptions\Conflict;
use App\Models\PartState;
use App\Models\ShelfCount;
use App\Models\ShelfItem;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Counting the shelf: every label scanned or typed counts once; at the end what is missing is named. */
final readonly class CountController
{
    private const MOST_MISSING = 500;

    public function store(StartCountRequest $request): JsonResponse
    {
        $user = $request->user();
        assert($user instanceof User);
        $id = $request->string('id')->lower()->toString();
        $count = ShelfCount::query()->find($id)
            ?? ShelfCount::query()
                ->create(['id' => $id, 'user_id' => $user->id])
                ->refresh();

        return new JsonResponse($this->state($request, $count), 200);
    }

    public function show(Request $request, ShelfCount $count): JsonResponse
    {
        return new JsonResponse($this->state($request, $count));
    }

    public function add(CountedRequest $request, ShelfCount $count): JsonResponse
    {
        if ($count->closed_at !== null) {
            throw Conflict::notReachable('This count is closed. Start another.');
        }
        $label = $request->label();
        $item = ShelfItem::query()->where('label', $label)->first();
        DB::table('shelf_count_lines')->insertOrIgnore([
            'count_id' => $count->id,
            'label' => $item->label ?? $label,
            'item_id' => $item?->id,
        ]);

        return new JsonResponse(
            $this->state($request, $count) + [
                'last' => [
                    'label' => $item->label ?? $label,
                    'item' => $item === null ? null : (new ShelfItemResource($item->load('job')))->toArray($request),
                ],
            ],
        );
    }

    public function close(Request $request, ShelfCount $count): JsonResponse
    {
        DB::connection()->transaction(static function () use ($count): void {
            $locked = ShelfCount::query()->lockForUpdate()->findOrFail($count->id);
            if ($locked->closed_at === null) {
                $now = Carbon::now();
                DB::table('shelf_items')
                    ->whereIn(
                        'id',
                        DB::table('shelf_count_lines')
                            ->where('count_id', $locked->id)
                            ->whereNotNull('item_id')
                            ->select('item_id'),
                    )
                    ->update(['counted_at' => $now]);
                $locked->update(['closed_at' => $now]);
            }
        });

        return new JsonResponse($this->state($request, $count->refresh()));
    }

    /** @return array<string, mixed> */
    private function state(Request $request, ShelfCount $count): array
    {
        $lines = DB::table('shelf_count_lines')->where('count_id', $count->id);
        $missing = ShelfItem::query()
            ->with('job')
            ->whereIn('state', PartState::BY_HAND)
            ->where('created_at', '<=', $count->created_at)
            ->whereNotIn(
                'id',
                DB::table('shelf_count_lines')
                    ->where('count_id', $count->id)
                    ->whereNotNull('item_id')
                    ->select('item_id'),
            );

        return [
            'id' => $count->id,
            'closed' => $count->closed_at !== null,
            'counted' => (clone $lines)->whereNotNull('item_id')->count(),
            'strange' => (clone $lines)->whereNull('item_id')->orderBy('id')->pluck('label')->all(),
            'missing' => (clone $missing)->count(),
            'missingItems' => ShelfItemResource::collection(
                $missing->orderBy('place')->orderBy('label')->limit(self::MOST_MISSING)->get(),
            )->toArray($request),
        ];
    }
}
