<?php

declare(strict_types=1);

namespace App\Models;

use Facelift\Bench\Event;
use Facelift\Bench\EventType;
use Illuminate\Database\Eloquent\Model;

/**
 * One event of a run; written once, never changed.
 *
 * @property string                    $id
 * @property string                    $job_id
 * @property EventType                 $type
 * @property int                       $at      ms since 1970 UTC
 * @property array<string, string|int> $data
 * @property int                       $user_id
 */
final class BenchEvent extends Model
{
    public $incrementing = false;

    public $timestamps = false;

    protected $keyType = 'string';

    protected $guarded = [];

    public function toEvent(): Event
    {
        return new Event($this->id, $this->type, $this->at, $this->data);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['type' => EventType::class, 'at' => 'integer', 'data' => 'array'];
    }
}
