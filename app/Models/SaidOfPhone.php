<?php

declare(strict_types=1);

namespace App\Models;

use Facelift\Anatomy\AdhesiveKind;
use Facelift\Anatomy\ConnectorKind;
use Facelift\Anatomy\Driver;
use Facelift\Anatomy\Pairing;
use Facelift\Anatomy\PartKind;
use Facelift\Capture\Captured;
use Facelift\Capture\CaptureKind;
use Facelift\Capture\Likeness;
use Illuminate\Database\Eloquent\Model;

/**
 * One thing that was said at the bench of a phone that nobody has drawn.
 *
 * @property string      $id     made by the client
 * @property string      $base   the phone file that the job was opened with
 * @property CaptureKind $kind
 * @property int         $at     ms since 1970 UTC
 * @property array{
 *     of: string, name: string, under: list<string>, after?: list<string>|null, count: int, length: float|null,
 *     driver: string|null, places: list<array{float, float}>, adhesive?: string|null, plug?: string|null,
 *     clip?: bool|null, part?: string|null, pairing?: string|null
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
            $s['after'] ?? null,
            $s['places'],
            new Likeness(
                $s['count'],
                $s['length'] === null ? null : (float) $s['length'],
                Driver::tryFrom($s['driver'] ?? ''),
                AdhesiveKind::tryFrom($s['adhesive'] ?? ''),
                ConnectorKind::tryFrom($s['plug'] ?? ''),
                $s['clip'] ?? null,
                PartKind::tryFrom($s['part'] ?? ''),
                Pairing::tryFrom($s['pairing'] ?? ''),
            ),
        );
    }

    /** @return array<string, mixed> what is kept of it, beside its id, time and kind */
    public static function kept(Captured $said): array
    {
        return [
            'of' => $said->of,
            'name' => $said->name,
            'under' => $said->under,
            'after' => $said->after,
            'places' => $said->places,
            'count' => $said->like->count,
            'length' => $said->like->length,
            'driver' => $said->like->driver?->value,
            'adhesive' => $said->like->adhesive?->value,
            'plug' => $said->like->plug?->value,
            'clip' => $said->like->clip,
            'part' => $said->like->part?->value,
            'pairing' => $said->like->pairing?->value,
        ];
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['said' => 'array', 'kind' => CaptureKind::class, 'at' => 'integer', 'undone' => 'boolean'];
    }
}
