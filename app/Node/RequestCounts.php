<?php

declare(strict_types=1);

namespace App\Node;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * Counts requests by whoever sends them, for all web nodes: one statement each, so that none slips past the limit
 * while another is counted.
 */
final readonly class RequestCounts
{
    /** How many of those that are over go with each that begins. */
    private const SWEPT = 50;

    /**
     * Counts one more.
     *
     * @param string $name    at most 100 characters
     * @param int    $seconds after which it begins anew
     *
     * @return array{int, int} how many there were, this one counted, and in how many seconds it begins anew
     */
    public function hit(string $name, int $seconds): array
    {
        $now = Carbon::now()->getTimestamp();
        $row = DB::selectOne(
            <<<'SQL'
                insert into request_counts (name, hits, ends) values (?, 1, ?)
                on duplicate key update hits = if(ends <= ?, 1, hits + 1), ends = if(ends <= ?, values(ends), ends)
                returning hits, ends
                SQL,
            [$name, $now + $seconds, $now, $now],
            false,
        );
        assert(is_object($row) && isset($row->hits, $row->ends) && is_int($row->hits) && is_int($row->ends));
        if ($row->hits === 1) {
            DB::table('request_counts')->where('ends', '<=', $now)->limit(self::SWEPT)->delete();
        }

        return [$row->hits, max(0, $row->ends - $now)];
    }
}
