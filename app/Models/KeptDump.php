<?php

declare(strict_types=1);

namespace App\Models;

use Facelift\Calibration\Dump;
use Facelift\Calibration\DumpDocument;
use Illuminate\Database\Eloquent\Model;

/**
 * One reading of a display's memory; written once, never changed.
 *
 * @property string $id
 * @property string $job_id
 * @property string $socket
 * @property string $panel its marking
 * @property string $layout code
 * @property string $crc32 of the whole memory
 * @property string $document JSON text
 * @property int    $at ms since 1970 UTC
 */
final class KeptDump extends Model
{
    public $incrementing = false;

    public $timestamps = false;

    protected $table = 'dumps';

    protected $keyType = 'string';

    protected $guarded = [];

    /** The dump, checked again. */
    public function dump(): Dump
    {
        return (new DumpDocument())->read(json_decode($this->document, true, 8, JSON_THROW_ON_ERROR));
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['at' => 'integer'];
    }
}
