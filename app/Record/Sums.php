<?php

declare(strict_types=1);

namespace App\Record;

use App\Models\JobFact;
use Facelift\Record\Facet;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * What all jobs of a month come to, by everything that they are told apart by: kept with each job, so that nobody has
 * to add a shop's history up. Whole numbers: a job that is taken out again leaves no trace.
 */
final readonly class Sums
{
    public const COLUMNS = [
        'jobs', 'gross', 'net', 'tax', 'part', 'consumables', 'planned', 'taken', 'timed', 'promised', 'kept', 'failed',
        'torn', 'ruined',
    ];

    /** In the transaction that keeps the job's facts. */
    public function add(JobFact $fact): void
    {
        $this->count(self::rows([$fact]));
    }

    /** In the transaction that takes the job's facts away. */
    public function takeOut(JobFact $fact): void
    {
        $this->count(self::rows([$fact]), -1);
    }

    /**
     * Many at once, in one transaction with their facts.
     *
     * @param list<JobFact> $facts
     */
    public function addAll(array $facts): void
    {
        $this->count(self::rows($facts));
    }

    /** A part that failed before it was fitted counts for its supplier, its kind and all, in the month of a moment. */
    public function partFailed(string $supplier, string $batch, string $kind, Carbon $at): void
    {
        $month = $at->copy()->startOfMonth()->toDateString();
        $this->count(array_map(
            static fn(Facet $facet, string $value): SumRow => new SumRow($month, $facet, $value, ['failed' => 1]),
            [Facet::All, Facet::Supplier, Facet::Batch, Facet::Kind],
            ['', $supplier, $batch, $kind],
        ));
    }

    /** What a job is by a facet. */
    public static function value(JobFact $fact, Facet $facet): string
    {
        return match ($facet) {
            Facet::All => '',
            Facet::Way => $fact->way,
            Facet::Adhesive => $fact->adhesive,
            Facet::Supplier => $fact->supplier,
            Facet::Batch => $fact->batch,
            Facet::Kind => $fact->kind,
            Facet::Phone => $fact->phone,
            Facet::Technician => $fact->technician,
        };
    }

    /**
     * @param list<JobFact> $facts
     *
     * @return list<SumRow>
     */
    private static function rows(array $facts): array
    {
        $rows = [];
        foreach ($facts as $fact) {
            $sums = self::of($fact);
            $month = $fact->closed_at->copy()->startOfMonth()->toDateString();
            foreach (Facet::cases() as $facet) {
                $row = new SumRow($month, $facet, self::value($fact, $facet), $sums);
                $rows[$row->key()] = isset($rows[$row->key()]) ? $rows[$row->key()]->with($sums) : $row;
            }
        }
        // In one order, so that two who hand over at once wait for each other and do not meet.
        ksort($rows);

        return array_values($rows);
    }

    /** @return array<string, int> */
    private static function of(JobFact $fact): array
    {
        $kept = $fact->keptPromise();

        return [
            'jobs' => 1,
            'gross' => $fact->gross,
            'net' => $fact->net,
            'tax' => $fact->tax,
            'part' => $fact->part,
            'consumables' => $fact->consumables,
            // Planned hands are compared with taken ones, and so of the same jobs.
            'planned' => $fact->taken === null ? 0 : $fact->planned,
            'taken' => $fact->taken ?? 0,
            'timed' => $fact->taken === null ? 0 : 1,
            'promised' => $kept === null ? 0 : 1,
            'kept' => $kept === true ? 1 : 0,
            'torn' => $fact->torn ? 1 : 0,
            'ruined' => $fact->ruined ? 1 : 0,
        ];
    }

    /**
     * @param list<SumRow> $rows
     * @param int          $sign 1 to add, -1 to take out
     */
    private function count(array $rows, int $sign = 1): void
    {
        $columns = implode(', ', self::COLUMNS);
        $more = implode(', ', array_map(static fn(string $c): string => "$c = $c + values($c)", self::COLUMNS));
        $mark = '(' . implode(', ', array_fill(0, 3 + count(self::COLUMNS), '?')) . ')';
        foreach (array_chunk($rows, 400) as $chunk) {
            $bindings = [];
            foreach ($chunk as $row) {
                array_push($bindings, $row->month, $row->facet->value, $row->value);
                foreach (self::COLUMNS as $column) {
                    $bindings[] = $sign * ($row->sums[$column] ?? 0);
                }
            }
            $marks = implode(', ', array_fill(0, count($chunk), $mark));
            DB::insert(
                "insert into record_sums (month, facet, value, $columns) values $marks on duplicate key update $more",
                $bindings,
            );
        }
    }
}
