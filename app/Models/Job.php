<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\JsonDocument;
use Facelift\Anatomy\ReplacementKind;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Support\Carbon;

/**
 * One phone at the counter and on the bench.
 *
 * @property string                         $id
 * @property int                            $number
 * @property int                            $version
 * @property string                         $phone             id of the phone file
 * @property string                         $model_code
 * @property string|null                    $colour
 * @property string|null                    $imei
 * @property string                         $customer
 * @property array<string, mixed>|null      $condition         as check-in sent it
 * @property ReplacementKind|null           $kind
 * @property string|null                    $kind_reason
 * @property float|null                     $plate             °C
 * @property-read array<string, mixed>|null $plan              the plan document the bench works from
 * @property-write string|null              $plan              its JSON text
 * @property string|null                    $new_faults_reason
 * @property Carbon|null                    $promised_at
 * @property Carbon|null                    $handed_over_at
 * @property int                            $opened_by
 * @property Carbon                         $created_at
 * @property Carbon                         $updated_at
 * @property-read ShelfItem|null            $part
 * @property-read Collection<int, BenchEvent> $events
 */
final class Job extends Model
{
    public $incrementing = false;

    protected $table = 'repair_jobs';

    protected $keyType = 'string';

    protected $guarded = [];

    /** @return HasOne<ShelfItem, $this> */
    public function part(): HasOne
    {
        return $this->hasOne(ShelfItem::class);
    }

    /** @return HasMany<BenchEvent, $this> */
    public function events(): HasMany
    {
        return $this->hasMany(BenchEvent::class);
    }

    public function tag(): string
    {
        return sprintf('T-%04d', $this->number);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'condition' => 'array', 'plan' => JsonDocument::class, 'kind' => ReplacementKind::class, 'plate' => 'float',
            'promised_at' => 'datetime', 'handed_over_at' => 'datetime',
        ];
    }
}
