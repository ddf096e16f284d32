<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * What the record keeps of a job that was repaired and handed over: nothing of the customer.
 *
 * @property string      $job_id
 * @property int         $number
 * @property Carbon      $closed_at
 * @property string      $way         how the new panel was sealed; `none` if nothing was
 * @property string      $adhesive    make that it was sealed with; empty if nobody said, or it came with the part
 * @property string      $supplier    of its part
 * @property string      $kind        of part
 * @property string      $phone       id of the phone file
 * @property string      $technician  id of whoever did the last step; empty if nobody did
 * @property string      $batch
 * @property int         $gross       cents, as are those that follow
 * @property int         $net
 * @property int         $tax
 * @property int         $part
 * @property int         $consumables
 * @property bool        $warranty
 * @property int         $planned     s of hands
 * @property int|null    $taken       s of hands; null where nobody told
 * @property Carbon|null $promised_at
 * @property Carbon|null $ready_at    when the last step was done
 * @property bool        $torn        a flex was torn at the bench
 * @property bool        $ruined      a panel parted at the bench
 * @property int|null    $back_days   after which it came back; null if it did not
 * @property CameBack|null $back_what
 * @property bool        $learnt      what its heat teaches was kept
 */
final class JobFact extends Model
{
    public $incrementing = false;

    public $timestamps = false;

    protected $primaryKey = 'job_id';

    protected $keyType = 'string';

    protected $guarded = [];

    protected $attributes = ['adhesive' => '', 'torn' => false, 'ruined' => false];

    /** True if it was ready when it was promised, null if nothing was promised, or nobody knows when it was ready. */
    public function keptPromise(): ?bool
    {
        return $this->promised_at === null || $this->ready_at === null
            ? null
            : $this->ready_at->lte($this->promised_at);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'closed_at' => 'datetime',
            'warranty' => 'boolean',
            'learnt' => 'boolean',
            'taken' => 'integer',
            'promised_at' => 'datetime',
            'ready_at' => 'datetime',
            'torn' => 'boolean',
            'ruined' => 'boolean',
            'back_days' => 'integer',
            'back_what' => CameBack::class,
        ];
    }
}
