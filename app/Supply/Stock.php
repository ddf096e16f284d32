<?php

declare(strict_types=1);

namespace App\Supply;

use App\Models\PartState;
use App\Models\Roll;
use App\Models\Supply;
use Facelift\Anatomy\Phone;
use Illuminate\Support\Facades\DB;

/** What is there and can be used: free parts, tape, glue, blades and picks. */
final readonly class Stock
{
    /**
     * @param array<string, Phone> $phones by the id a level is kept under
     *
     * @return array<string, array<string, int>> free parts on the shelf by phone and kind
     */
    public function parts(array $phones): array
    {
        $by = [];
        foreach ($phones as $id => $phone) {
            foreach (array_keys($phone->identity->codes) as $code) {
                $by[$code][] = $id;
            }
        }
        $rows = DB::table('shelf_item_codes')
            ->join('shelf_items', 'shelf_items.id', '=', 'shelf_item_codes.item_id')
            ->whereIn('shelf_item_codes.code', array_map(strval(...), array_keys($by)))
            ->whereIn('shelf_items.state', PartState::ON_SHELF)
            ->whereNull('shelf_items.job_id')
            ->get(['shelf_items.id', 'shelf_items.kind', 'shelf_item_codes.code']);
        $items = [];
        foreach ($rows as $row) {
            foreach ($by[Text::of($row->code)] ?? [] as $phone) {
                // A part that is sold for two codes of a phone is one part.
                $items[$phone][Text::of($row->kind)][Text::of($row->id)] = true;
            }
        }

        return array_map(static fn(array $kinds): array => array_map(count(...), $kinds), $items);
    }

    /** @return array<string, float> m by width */
    public function tape(): array
    {
        $rows = Roll::query()->toBase()->groupBy('width')->selectRaw('width, sum(left_mm) as mm')->get();
        $all = [];
        foreach ($rows as $row) {
            $all[Text::of($row->width)] = (float) Text::of($row->mm) / 1000;
        }

        return $all;
    }

    /** @return array<string, float> ml or pieces by kind */
    public function supplies(): array
    {
        $rows = Supply::query()->toBase()->groupBy('kind')->selectRaw('kind, sum(left_over) as amount')->get();
        $all = [];
        foreach ($rows as $row) {
            $all[Text::of($row->kind)] = (float) Text::of($row->amount);
        }

        return $all;
    }
}
