<?php

declare(strict_types=1);

namespace App\Models;

use Facelift\Proof\Gate;
use Illuminate\Database\Eloquent\Model;

/**
 * What the customer signed on the phone itself.
 *
 * @property string                          $id
 * @property string                          $job_id
 * @property Gate                            $gate
 * @property string                          $name
 * @property list<list<array{float, float}>> $strokes
 * @property array{passed: list<string>, failed: list<string>, open: list<string>} $passed what was shown to be signed
 * @property int                             $at ms since 1970 UTC
 */
final class GateSignature extends Model
{
    public $incrementing = false;

    public $timestamps = false;

    protected $keyType = 'string';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['strokes' => 'array', 'passed' => 'array', 'at' => 'integer', 'gate' => Gate::class];
    }
}
