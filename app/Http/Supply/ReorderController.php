<?php

declare(strict_types=1);

namespace App\Http\Supply;

use App\Exceptions\Conflict;
use App\Models\ReorderLevel;
use App\Models\Stocked;
use App\Phones\PhoneLibrary;
use App\Supply\OrderLine;
use App\Supply\ToOrder;
use App\Supply\Used;
use Facelift\Supply\Reorder;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;

/** What to order for the shelf. */
final readonly class ReorderController
{
    public function __construct(private ToOrder $order) {}

    public function index(): JsonResponse
    {
        return new JsonResponse([
            'weeks' => round((new Used())->weeks, 1),
            'lasts' => Reorder::LASTS,
            'sure' => Reorder::SURE,
            'data' => array_map(self::row(...), ($this->order)()),
        ]);
    }

    /** The same again changes nothing. */
    public function update(LevelRequest $request, PhoneLibrary $phones): JsonResponse
    {
        if ($request->of() === Stocked::Part) {
            // Of a phone that nobody knows no level can be kept.
            $phones->phone($request->thing()['phone']);
        }
        $thing = $request->thing();
        $level = $request->level();
        $seen = $request->integer('version');
        DB::connection()->transaction(static function () use ($thing, $level, $seen): void {
            $row = ReorderLevel::query()->lockForUpdate()->firstOrNew($thing);
            $now = $row->exists ? $row->version : 0;
            $row->fill($level);
            if ($row->exists && !$row->isDirty()) {
                return;
            }
            if ($now !== $seen) {
                throw Conflict::staleLevel($now);
            }
            $row->version = $now + 1;
            $row->save();
        });

        return $this->index();
    }

    /** @return array<string, mixed> */
    private static function row(OrderLine $line): array
    {
        return [
            'of' => $line->of,
            'phone' => $line->phone === '' ? null : $line->phone,
            'name' => $line->name === '' ? null : $line->name,
            'kind' => $line->kind,
            'width' => $line->width,
            'have' => round($line->have, 3),
            'used' => round(array_sum($line->demand->amounts), 3),
            'jobs' => count($line->demand->amounts),
            'level' => $line->level(),
            'set' => $line->set,
            'leadDays' => $line->lead->days,
            'leadFrom' => $line->lead->from,
            'order' => $line->order(),
            'version' => $line->version,
        ];
    }
}
