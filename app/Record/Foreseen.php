<?php

declare(strict_types=1);

namespace App\Record;

use Facelift\Record\Rate;
use Illuminate\Support\Facades\DB;

/** How well the heat was foreseen in all jobs: blades that drag, and temperatures that were read. */
final readonly class Foreseen
{
    /** @return array<string, mixed> */
    public function of(): array
    {
        return ['drags' => $this->drags(), 'readings' => $this->readings()];
    }

    /** @return list<array<string, mixed>> by tenths of the chance that was foreseen */
    private function drags(): array
    {
        $rows = [];
        foreach (DB::table('drag_sums')->where('passes', '>', 0)->orderBy('tenth')->get() as $row) {
            $passes = Cell::int($row->passes);
            $seen = Rate::of(Cell::int($row->dragged), $passes);
            $band = $seen->wilson();
            $rows[] = [
                'tenth' => Cell::int($row->tenth),
                'passes' => $passes,
                'dragged' => $seen->successes,
                'foreseen' => round(Cell::int($row->chances) / 1_000_000 / $passes, 4),
                'seen' => round($seen->successes / $passes, 4),
                'low' => round($band->low, 4),
                'high' => round($band->high, 4),
            ];
        }

        return $rows;
    }

    /** @return list<array<string, mixed>> by the temperature that was foreseen */
    private function readings(): array
    {
        $rows = [];
        foreach (DB::table('reading_sums')->where('readings', '>', 0)->orderBy('foreseen')->get() as $row) {
            $n = Cell::int($row->readings);
            $mean = Cell::int($row->sum) / 100 / $n;
            $spread = sqrt(max(0.0, Cell::int($row->squares) / 10_000 / $n - $mean * $mean));
            $rows[] = [
                'from' => Cell::int($row->foreseen),
                'to' => Cell::int($row->foreseen) + KeepForeseen::EACH,
                'readings' => $n,
                'off' => round($mean, 2),
                'spread' => round($spread, 2),
                'inside' => Cell::int($row->inside),
            ];
        }

        return $rows;
    }
}
