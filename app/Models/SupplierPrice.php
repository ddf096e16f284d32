<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What the supplier last said about a kind of part for a model code. The last good answer stays while later ones fail.
 *
 * @property string $code model code
 * @property string $kind of part
 * @property list<array{
 *     sku: string, name: string, supplier?: string, price: string, stock: int, leadDays: int,
 * }>|null $offers
 */
final class SupplierPrice extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['fault' => NoGood::class, 'offers' => 'array', 'good_at' => 'datetime', 'asked_at' => 'datetime'];
    }
}
