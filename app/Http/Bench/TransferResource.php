<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Http\Reasons;
use App\Models\KeptDump;
use Facelift\Anatomy\Panel;
use Facelift\Anatomy\PhoneFunction;
use Facelift\Calibration\Dump;
use Facelift\Calibration\Reading;
use Facelift\Calibration\Transfer;
use Facelift\Calibration\TransferAdvice;
use Illuminate\Support\Collection;

/** A transfer as the page gets it. */
final readonly class TransferResource
{
    /**
     * @param int                       $failed how often it failed in a row
     * @param Collection<int, KeptDump> $dumps  of the job, in order
     *
     * @return array<string, mixed>
     */
    public static function of(Transfer $transfer, Panel $panel, int $failed, Collection $dumps): array
    {
        $ask = $transfer->next();

        return [
            'ask' => ['kind' => $ask->kind->value, 'socket' => $ask->socket->value],
            'trouble' => $transfer->trouble?->value,
            'failed' => $failed,
            'mayGo' => $transfer->mayGo(),
            'ending' => $transfer->ending()?->value,
            'unknown' => $transfer->isUnknown(),
            'advice' => Reasons::of([TransferAdvice::of($transfer)->reason])[0],
            'serves' => array_map(static fn(PhoneFunction $f): string => $f->value, $panel->data->serves ?? []),
            'layout' => $transfer->layout->code,
            'blocks' => $transfer->layout->blocks(),
            'old' => self::reading($transfer->old),
            'new' => self::reading($transfer->new),
            'differs' => self::differs($transfer, $panel),
            'dumps' => $dumps->map(static fn(KeptDump $d): array => [
                'id' => $d->id,
                'socket' => $d->socket,
                'panel' => $d->panel,
                'crc32' => $d->crc32,
                'at' => $d->at,
            ])->values()->all(),
        ];
    }

    /** @return array<string, mixed> */
    private static function reading(Reading $reading): array
    {
        return ['panel' => $reading->panel, 'kept' => $reading->kept, 'apart' => $reading->apart];
    }

    /** @return list<array<string, mixed>>|null how the new display differs, as last read; null until both were */
    private static function differs(Transfer $transfer, Panel $panel): ?array
    {
        [$old, $new] = [$transfer->old->bytes(), $transfer->holds() ?? $transfer->new->bytes()];
        if ($old === null || $new === null) {
            return null;
        }
        $dump = static fn(string $bytes): Dump => Dump::of('-', $panel->connectorCode, $transfer->layout, $bytes);

        return Reasons::of($dump($old)->compare($dump($new))->said);
    }
}
