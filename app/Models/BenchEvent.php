<?php

declare(strict_types=1);

namespace App\Models;

use Facelift\Bench\Event;
use Facelift\Bench\EventType;
use Illuminate\Database\Eloquent\Model;

/**
 * One event of a run; written once, never changed.
 *
 * @property int                       $at ms since 1970 UTC
 * @property array<string, string|int> $data
 */
final class BenchEvent extends Model
{
    public $incrementing = false;

    public $timestamps = false;

    protected $keyType = 'string';

    protected $guarded = [];

    /** As it lies in the table. */
    public static function read(\stdClass $row): Event
    {
        assert(is_string($row->id) && is_string($row->type) && is_numeric($row->at) && is_string($row->data));
        /** @var array<string, string|int> $data */
        $data = json_decode($row->data, true, 4, JSON_THROW_ON_ERROR);

        return new Event($row->id, EventType::from($row->type), (int) $row->at, $data);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['type' => EventType::class, 'at' => 'integer', 'data' => 'array'];
    }
}
