<?php

declare(strict_types=1);

namespace App\Record;

use Facelift\Anatomy\AdhesiveKind;
use Facelift\Anatomy\Family;
use Facelift\Bench\StepTime;
use Facelift\Heat\AdhesiveState;
use Facelift\Heat\AdhesiveWindow;
use Facelift\Heat\ContactFit;
use Facelift\Heat\PaceCurve;
use Facelift\Heat\SourceKind;
use Facelift\Record\PassAsSeen;
use Facelift\Record\Ratios;
use Facelift\Record\WindowEvidence;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Adds what a job has shown to what was learnt before, in the transaction that hands it over. */
final readonly class KeepLearnt
{
    /** @param list<StepTime> $times */
    public function minutes(int $user, Family $family, array $times): void
    {
        $cells = [];
        foreach ($times as $time) {
            [$ratios, $left] = $cells[$time->kind->value] ?? [Ratios::none(), 0];
            $cells[$time->kind->value] = $time->interrupted
                ? [$ratios, $left + 1]
                : [$ratios->with(Ratios::of($time->planned, $time->taken)), $left];
        }
        // In one order, so that two who hand over at once wait for each other and do not meet.
        ksort($cells);
        foreach ($cells as $kind => [$ratios, $left]) {
            DB::insert(
                'insert into minute_sums (kind, user_id, family, count, sum, squares, interrupted) '
                . 'values (?, ?, ?, ?, ?, ?, ?) '
                . 'on duplicate key update count = count + values(count), sum = sum + values(sum), '
                . 'squares = squares + values(squares), interrupted = interrupted + values(interrupted)',
                [$kind, $user, $family->value, $ratios->count, $ratios->sum, $ratios->squares, $left],
            );
        }
    }

    /**
     * Those of one bond of a job.
     *
     * @param float            $off    K by which their temperatures may be off together
     * @param list<PassAsSeen> $passes
     */
    public function passes(AdhesiveKind $adhesive, AdhesiveState $state, float $off, array $passes): void
    {
        $this->evidence($adhesive, $state, WindowEvidence::of(self::estimate($adhesive, $state), $off, $passes));
    }

    public function evidence(AdhesiveKind $adhesive, AdhesiveState $state, WindowEvidence $more): void
    {
        $is = ['adhesive' => $adhesive->value, 'state' => $state->value];
        DB::table('window_sums')->insertOrIgnore($is + ['evidence' => WindowEvidence::none()->text()]);
        $text = DB::table('window_sums')->where($is)->lockForUpdate()->value('evidence');
        $before = is_string($text) ? WindowEvidence::from($text) : WindowEvidence::none();
        DB::table('window_sums')->where($is)->update(['evidence' => $before->with($more)->text()]);
    }

    /** What the readings of one bond of a job have told of its source. */
    public function contact(string $job, SourceKind $kind, Carbon $at, ContactFit $fit): void
    {
        DB::table('source_fits')->insert([
            'job_id' => $job,
            'kind' => $kind->value,
            'fitted_at' => $at,
            'coefficient' => $fit->coefficient,
            'low' => $fit->low,
            'high' => $fit->high,
            'used' => $fit->used,
        ]);
    }

    /** As plans take it without any record. */
    public static function estimate(AdhesiveKind $adhesive, AdhesiveState $state): PaceCurve
    {
        return PaceCurve::of($adhesive, AdhesiveWindow::of($adhesive, $state));
    }
}
