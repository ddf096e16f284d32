<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Models\LabelNumber;
use App\Models\ShelfImport;
use App\Models\ShelfImportLine;
use App\Models\ShelfItem;

/**
 * Labels of parts that come without one: `S-` and the next number. The number is counted on, so a label that somebody
 * typed far ahead is passed over when it is reached, and moves nothing.
 */
final readonly class ShelfLabels
{
    /** labels that are looked up at once */
    private const AT_ONCE = 500;

    public static function of(int $number): string
    {
        return sprintf('S-%03d', $number);
    }

    /** The next free one. Call it inside the transaction that uses it. */
    public function next(): string
    {
        return $this->reserve(1)[0];
    }

    /**
     * So many free ones, in order. Call it inside the transaction that uses them.
     *
     * @param ShelfImport|null $list whose own labels are not free either
     *
     * @return list<string>
     */
    public function reserve(int $count, ?ShelfImport $list = null): array
    {
        $row = LabelNumber::query()->lockForUpdate()->first() ?? LabelNumber::query()->create(['next' => 1]);
        $number = $row->next;
        $free = [];
        while (count($free) < $count) {
            $asked = min(self::AT_ONCE, max(20, $count - count($free)));
            $labels = array_map(self::of(...), range($number, $number + $asked - 1));
            $taken = $this->taken($labels, $list);
            foreach ($labels as $i => $label) {
                if (count($free) < $count && !isset($taken[$label])) {
                    $free[] = $label;
                    $row->next = $number + $i + 1;
                }
            }
            $number += $asked;
        }
        $row->save();

        return $free;
    }

    /**
     * @param list<string> $labels
     *
     * @return array<string, true>
     */
    private function taken(array $labels, ?ShelfImport $list): array
    {
        $there = ShelfItem::query()->whereIn('label', $labels)->pluck('label')->all();
        $own = $list === null ? [] : ShelfImportLine::query()
            ->where('import_id', $list->id)
            ->whereIn('label', $labels)
            ->pluck('label')
            ->all();
        $taken = [];
        foreach ([...$there, ...$own] as $label) {
            $taken[mb_strtoupper(is_string($label) ? $label : '')] = true;
        }

        return $taken;
    }
}
