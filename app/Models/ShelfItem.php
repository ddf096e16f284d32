<?php

declare(strict_types=1);

namespace App\Models;

use Facelift\Anatomy\PanelTechnology;
use Facelift\Anatomy\ReplacementKind;
use Facelift\Fit\Offer;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * One part on the shelf.
 *
 * @property int                  $id
 * @property string               $label
 * @property string               $name
 * @property ReplacementKind      $kind
 * @property list<string>         $model_codes
 * @property string|null          $connector
 * @property PanelTechnology|null $technology
 * @property string|null          $colour
 * @property int|null             $refresh     Hz
 * @property list<string>|null    $brings
 * @property string               $supplier
 * @property string               $batch
 * @property string               $state       `new`, `tested` or `faulty`
 * @property string               $place
 * @property string|null          $job_id
 * @property-read Job|null        $job
 */
final class ShelfItem extends Model
{
    protected $guarded = [];

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    public function offer(): Offer
    {
        return new Offer($this->model_codes, $this->kind, $this->connector, $this->technology, $this->colour, $this->refresh, $this->brings);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['model_codes' => 'array', 'brings' => 'array', 'kind' => ReplacementKind::class, 'technology' => PanelTechnology::class, 'refresh' => 'integer'];
    }
}
