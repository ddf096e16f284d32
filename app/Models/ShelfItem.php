<?php

declare(strict_types=1);

namespace App\Models;

use Facelift\Anatomy\PanelTechnology;
use Facelift\Anatomy\ReplacementKind;
use Facelift\Fit\Offer;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/**
 * One part on the shelf.
 *
 * @property list<string>                            $model_codes
 * @property int|null                                $refresh Hz
 * @property list<string>|null                       $brings
 *     `fitted`
 * @property string|null                             $cost what the shop paid, decimal text
 * @property array<string, float|int|bool|null>|null $sheet the data sheet, keyed like `Facelift\\Fit\\Sheet`
 */
final class ShelfItem extends Model
{
    protected $guarded = [];

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    protected static function booted(): void
    {
        self::saving(static function (self $item): void {
            $item->search = SearchText::of(
                $item->label,
                $item->name,
                $item->supplier,
                $item->batch,
                $item->place,
                ...$item->model_codes,
            );
        });
        self::saved(static function (self $item): void {
            if ($item->wasRecentlyCreated || $item->wasChanged('model_codes')) {
                $item->keepCodes();
            }
        });
    }

    /** Keeps the codes where they can be looked up. */
    private function keepCodes(): void
    {
        DB::table('shelf_item_codes')->where('item_id', $this->id)->delete();
        DB::table('shelf_item_codes')->insert(
            array_map(
                fn(string $code): array => ['item_id' => $this->id, 'code' => $code],
                array_values(array_unique($this->model_codes)),
            ),
        );
    }

    /**
     * The ids of parts sold for any of these model codes, to look in.
     *
     * @param list<string> $codes
     */
    public static function idsSoldFor(array $codes): Builder
    {
        return DB::table('shelf_item_codes')->whereIn('code', $codes)->select('item_id');
    }

    public function offer(): Offer
    {
        return new Offer(
            $this->model_codes,
            $this->kind,
            $this->connector,
            $this->technology,
            $this->colour,
            $this->refresh,
            $this->brings,
            DataSheet::of($this->sheet ?? []),
        );
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['state' => PartState::class,
            'model_codes' => 'array',
            'brings' => 'array',
            'kind' => ReplacementKind::class,
            'technology' => PanelTechnology::class,
            'refresh' => 'integer',
            'cost' => 'string',
            'sheet' => 'array',
            'counted_at' => 'datetime',
        ];
    }
}
