<?php

declare(strict_types=1);

namespace App\Models;

use Facelift\Supply\SupplyKind;
use Illuminate\Database\Eloquent\Model;

/**
 * A tube of glue, a box of blades or picks on the shelf.
 *
 * @property string     $id
 * @property SupplyKind $kind
 * @property string     $name
 * @property string     $make      of the adhesive, empty if nobody said
 * @property string     $left_over ml, or pieces and parts of a piece, decimal text
 */
final class Supply extends Model
{
    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => SupplyKind::class, 'left_over' => 'string'];
    }
}
