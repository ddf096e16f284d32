<?php

declare(strict_types=1);

namespace App\Models;

use Facelift\Capture\Captured;
use Facelift\Capture\CaptureKind;
use Illuminate\Database\Eloquent\Model;

/**
 * One thing that was said at the bench of a phone that nobody has drawn.
 *
 * @property string      $id     made by the client
 * @property string      $base   the phone file that the job was opened with
 * @property CaptureKind $kind
 * @property int         $at     ms since 1970 UTC
 * @property array{
 *     of: string, name: string, under: list<string>, count: int, length: float|null, driver: string,
 *     places: list<array{float, float}>
 * } $said
 * @property bool        $undone
 */
final class SaidOfPhone extends Model
{
    public $incrementing = false;

    protected $table = 'captures';

    protected $keyType = 'string';

    protected $guarded = [];

    public function captured(): Captured
    {
        $s = $this->said;

        return new Captured(
            $this->id,
            $this->at,
            $this->kind,
            $s['of'],
            $s['name'],
            $s['under'],
            $s['count'],
            $s['length'] === null ? null : (float) $s['length'],
            $s['driver'],
            $s['places'],
        );
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['said' => 'array', 'kind' => CaptureKind::class, 'at' => 'integer', 'undone' => 'boolean'];
    }
}
