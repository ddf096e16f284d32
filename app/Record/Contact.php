<?php

declare(strict_types=1);

namespace App\Record;

use App\Exceptions\Conflict;
use App\Models\SourceFigure;
use App\Models\User;
use Facelift\Heat\Source;
use Facelift\Heat\SourceKind;
use Facelift\Record\ContactBelief;
use Facelift\Record\ContactSeen;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** The contact of the shop's plate by the readings of all jobs, and whether plans are made with it. */
final readonly class Contact
{
    /** Heatings that a contact has to be read at before plans are made with it. */
    public const ENOUGH = 10;

    /** What readings are looked back at: a source that was measured more often is known well enough. */
    private const READINGS = 500;

    /** s in a year */
    private const YEAR = 31_557_600.0;

    /** @return array<string, mixed> */
    public function of(): array
    {
        $belief = self::belief();
        $used = self::used();

        return [
            'estimate' => Source::PLATE_CONTACT,
            'contact' => round($belief->coefficient, 1),
            'low' => round($belief->band->low, 1),
            'high' => round($belief->band->high, 1),
            'jobs' => $belief->jobs,
            'enough' => self::ENOUGH,
            'drift' => round($belief->drift, 4),
            'driftLow' => round($belief->drifts->low, 4),
            'driftHigh' => round($belief->drifts->high, 4),
            'drifts' => $belief->drifts(),
            'inUse' => $used === null ? null : [
                'contact' => round($used->coefficient, 1),
                'jobs' => $used->jobs,
                'since' => $used->created_at->toIso8601ZuluString(),
            ],
        ];
    }

    /**
     * From now on plans are made with what was read; the same id again changes nothing.
     *
     * @throws Conflict If it was not read at often enough yet.
     */
    public function takeOver(string $id, User $by): void
    {
        DB::connection()->transaction(static function () use ($id, $by): void {
            $there = SourceFigure::query()->where('kind', SourceKind::Plate)->lockForUpdate()->first();
            if ($there?->id === $id) {
                return;
            }
            $belief = self::belief();
            if ($belief->jobs < self::ENOUGH) {
                throw Conflict::notReachable(
                    'The plate was read at in ' . $belief->jobs . ' heatings; it takes ' . self::ENOUGH
                    . ' to plan with it. Plans stay as they were.',
                );
            }
            [$least, $most] = SourceKind::Plate->coefficients();
            $there?->delete();
            SourceFigure::query()->create([
                'id' => $id,
                'kind' => SourceKind::Plate,
                'coefficient' => max($least, min($most, $belief->coefficient)),
                'jobs' => $belief->jobs,
                'taken_by' => $by->id,
            ]);
        });
    }

    /** Plans are made with the estimate again; once more changes nothing. */
    public function takeBack(): void
    {
        self::used()?->delete();
    }

    /** True if enough was read, and something since what is used was taken over. */
    public function hasMore(): bool
    {
        $since = self::used()?->created_at;
        $later = DB::table('source_fits')->where('kind', SourceKind::Plate->value);
        // Not by how many there are: no more than so many are looked back at.
        if ($since !== null && !$later->where('fitted_at', '>', $since)->exists()) {
            return false;
        }

        return self::belief()->jobs >= self::ENOUGH;
    }

    public function since(): ?Carbon
    {
        return self::used()?->created_at;
    }

    private static function used(): ?SourceFigure
    {
        return SourceFigure::query()->where('kind', SourceKind::Plate)->first();
    }

    private static function belief(): ContactBelief
    {
        $rows = DB::table('source_fits')
            ->where('kind', SourceKind::Plate->value)
            ->orderByDesc('fitted_at')
            ->limit(self::READINGS)
            ->get(['fitted_at', 'coefficient', 'low', 'high']);
        $now = Carbon::now()->getTimestamp() / self::YEAR;
        $seen = [];
        foreach ($rows as $row) {
            $years = Carbon::parse(Cell::text($row->fitted_at))->getTimestamp() / self::YEAR;
            $seen[] = ContactSeen::between(
                Cell::number($row->coefficient),
                Cell::number($row->low),
                Cell::number($row->high),
                $years,
            );
        }

        return ContactBelief::of(Source::PLATE_CONTACT, $seen, $now);
    }
}
