<?php

declare(strict_types=1);

namespace App\Models;

use Facelift\Calibration\Seen\Failed;
use Facelift\Calibration\Seen\GivenUp;
use Facelift\Calibration\Seen\Identified;
use Facelift\Calibration\Seen\OtherPart;
use Facelift\Calibration\Seen\Seen;
use Facelift\Calibration\Seen\WasKept;
use Facelift\Calibration\Seen\WasRead;
use Facelift\Calibration\Seen\WriteBegun;
use Facelift\Calibration\Socket;
use Facelift\Calibration\WireFault;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Something that happened at the programmer; written once, never changed.
 *
 * @property string                $job_id
 * @property int                   $number in its job, from 1
 * @property TransferKind          $kind
 * @property array<string, string> $data
 * @property KeptDump|null         $dump what was read; null for all else
 */
final class TransferEvent extends Model
{
    public $incrementing = false;

    public $timestamps = false;

    protected $guarded = [];

    /** @return BelongsTo<KeptDump, $this> */
    public function dump(): BelongsTo
    {
        return $this->belongsTo(KeptDump::class, 'dump_id');
    }

    /** As it is told to a transfer. */
    public function seen(): Seen
    {
        $socket = Socket::tryFrom($this->data['socket'] ?? '') ?? Socket::New;

        return match ($this->kind) {
            TransferKind::Identified => new Identified($socket, $this->data['panel'], $this->data['layout']),
            TransferKind::Read => new WasRead($socket, $this->dump?->dump()->bytes ?? ''),
            TransferKind::Kept => new WasKept($socket),
            TransferKind::WriteBegun => new WriteBegun(),
            TransferKind::Failed => new Failed($socket, WireFault::from($this->data['fault'])),
            TransferKind::GivenUp => new GivenUp($this->data['why']),
            TransferKind::OtherPart => new OtherPart(),
        };
    }

    /** @return array{kind: TransferKind, data: array<string, string>} as it lies in the table, but for what was read */
    public static function members(Seen $seen): array
    {
        [$kind, $data] = match (true) {
            $seen instanceof Identified => [TransferKind::Identified, [
                'socket' => $seen->socket->value,
                'panel' => $seen->panel,
                'layout' => $seen->layout,
            ]],
            $seen instanceof WasRead => [TransferKind::Read, ['socket' => $seen->socket->value]],
            $seen instanceof WasKept => [TransferKind::Kept, ['socket' => $seen->socket->value]],
            $seen instanceof WriteBegun => [TransferKind::WriteBegun, []],
            $seen instanceof Failed => [TransferKind::Failed, [
                'socket' => $seen->socket->value,
                'fault' => $seen->fault->value,
            ]],
            $seen instanceof GivenUp => [TransferKind::GivenUp, ['why' => $seen->why]],
            default => [TransferKind::OtherPart, []],
        };

        return ['kind' => $kind, 'data' => $data];
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => TransferKind::class, 'data' => 'array', 'number' => 'integer'];
    }
}
