<?php

declare(strict_types=1);

namespace App\Models;

use Facelift\Heat\SourceKind;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * The contact of a kind of source that the shop's record has taught, in the place of the estimate.
 *
 * @property string     $id
 * @property SourceKind $kind
 * @property float      $coefficient W/(m²·K)
 * @property int        $jobs        that it rests on
 * @property int        $taken_by
 * @property Carbon     $created_at  since when it is used
 */
final class SourceFigure extends Model
{
    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => SourceKind::class, 'coefficient' => 'float'];
    }
}
