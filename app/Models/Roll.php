<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A roll of double-sided tape on the shelf.
 *
 * @property string $id
 * @property string $name
 * @property string $make      of the adhesive, empty if nobody said
 * @property string $width     mm, decimal text
 * @property string $thickness mm as laid, decimal text
 * @property string $gives     share that pressing takes, decimal text
 * @property string $left_mm   mm on the roll, decimal text
 */
final class Roll extends Model
{
    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];
}
