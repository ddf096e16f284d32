<?php

declare(strict_types=1);

namespace App\Record;

use App\Exceptions\Conflict;
use App\Models\Figure;
use App\Models\User;
use Facelift\Anatomy\AdhesiveKind;
use Facelift\Heat\AdhesiveState;
use Facelift\Heat\Uncertainty;
use Facelift\Record\WindowBelief;
use Facelift\Record\WindowEvidence;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** Where adhesives let go by the shop's own passes, beside what is estimated; taken over by the owner, and back. */
final readonly class Windows
{
    /** @return list<array<string, mixed>> those that something was seen of */
    public function all(): array
    {
        $used = Figure::query()->get();

        $rows = [];
        foreach (DB::table('window_sums')->orderBy('adhesive')->orderBy('state')->get() as $row) {
            $adhesive = AdhesiveKind::from(Cell::text($row->adhesive));
            $state = AdhesiveState::from(Cell::text($row->state));
            $rows[] = self::row($adhesive, $state, WindowEvidence::from(Cell::text($row->evidence)), $used);
        }

        return $rows;
    }

    /**
     * From now on plans are made with what was learnt; the same id again changes nothing.
     *
     * @throws Conflict If nothing was learnt of it.
     */
    public function takeOver(string $id, AdhesiveKind $adhesive, AdhesiveState $state, User $by): void
    {
        DB::connection()->transaction(static function () use ($id, $adhesive, $state, $by): void {
            $is = ['adhesive' => $adhesive, 'state' => $state];
            $there = Figure::query()->where($is)->lockForUpdate()->first();
            if ($there?->id === $id) {
                return;
            }
            $text = DB::table('window_sums')->where(['adhesive' => $adhesive->value, 'state' => $state->value])
                ->value('evidence');
            if (!is_string($text)) {
                throw Conflict::notReachable('Nothing was learnt of this adhesive yet. Plans stay as they were.');
            }
            $belief = self::belief($state, WindowEvidence::from($text));
            $there?->delete();
            Figure::query()->create($is + [
                'id' => $id,
                'shift' => $belief->shift->middle,
                'off' => $belief->off,
                'pace' => exp($belief->pace->middle),
                'jobs' => $belief->from->jobs,
                'passes' => $belief->from->passes,
                'taken_by' => $by->id,
            ]);
        });
    }

    /** Plans are made with the estimate again; once more changes nothing. */
    public function takeBack(AdhesiveKind $adhesive, AdhesiveState $state): void
    {
        Figure::query()->where('adhesive', $adhesive)->where('state', $state)->first()?->delete();
    }

    private static function belief(AdhesiveState $state, WindowEvidence $seen): WindowBelief
    {
        return WindowBelief::of(Uncertainty::windowOf($state), $seen);
    }

    /**
     * @param Collection<int, Figure> $used
     *
     * @return array<string, mixed>
     */
    private static function row(
        AdhesiveKind $adhesive,
        AdhesiveState $state,
        WindowEvidence $seen,
        Collection $used,
    ): array {
        $estimate = KeepLearnt::estimate($adhesive, $state);
        $belief = self::belief($state, $seen);
        $figure = $used->first(static fn(Figure $f): bool => $f->adhesive === $adhesive && $f->state === $state);
        $low = $estimate->window->low;
        $at = static fn(float $shift): float => round($low + $shift, 1);

        return [
            'adhesive' => $adhesive->value,
            'state' => $state->value,
            'jobs' => $seen->jobs,
            'passes' => $seen->passes,
            'estimate' => [
                'low' => $at($belief->prior->low),
                'middle' => $at(0.0),
                'high' => $at($belief->prior->high),
                'slow' => $estimate->slow,
                'fast' => $estimate->fast,
            ],
            'learnt' => [
                'low' => $at($belief->shift->low),
                'middle' => $at($belief->shift->middle),
                'high' => $at($belief->shift->high),
                'pace' => round(exp($belief->pace->middle), 3),
                'paceLow' => round(exp($belief->pace->low), 3),
                'paceHigh' => round(exp($belief->pace->high), 3),
            ],
            'narrowed' => round($belief->narrowed(), 3),
            'inUse' => $figure === null ? null : [
                'low' => $at($figure->shift),
                'pace' => round($figure->pace, 3),
                'jobs' => $figure->jobs,
                'since' => $figure->created_at->toIso8601ZuluString(),
            ],
        ];
    }
}
