<?php

declare(strict_types=1);

use Illuminate\Support\Facades\DB;

/** Years of a shop, by the database itself: jobs, all closed but the last two hundred, their events, and parts. */
final readonly class FullShop
{
    private const OPEN = 200;

    public function __construct(private int $user) {}

    /** So many jobs in all; names from three lists, so that words are as frequent as in a real shop. */
    public function jobs(int $wanted): void
    {
        $from = 1 + (int) DB::table('repair_jobs')->where('number', '>', 1000)->max('number') - 1000;
        if ($from > $wanted) {
            return;
        }
        $from = max(1, $from);
        $names = static fn(string $word, int $n): string => implode(
            ',',
            array_map(static fn(int $i): string => "'$word$i'", range(1, $n)),
        );
        $first = 'elt(1 + seq mod 50, ' . $names('First', 50) . ')';
        $last = 'elt(1 + (seq div 50) mod 400, ' . $names('Lastname', 400) . ')';
        $open = $wanted - self::OPEN;
        // Those that were open are closed before others come, and ids grow with time: no page is split in the middle.
        DB::table('repair_jobs')->where('number', '>', 1000)->whereNull('handed_over_at')->update([
            'handed_over_at' => now()->subYears(3),
            'closed_as' => 'handed-over',
        ]);
        DB::statement(<<<SQL
            insert into repair_jobs (id, number, version, phone, model_code, imei, customer, opened_by,
                handed_over_at, closed_as, created_at, updated_at)
            select concat('00000000-0000-7000-8000-', lpad(hex(seq), 12, '0')), seq + 1000, 1, 'quillon-vesper',
                'QV-2110', lpad(seq, 15, '4'), concat($first, ' ', $last), $this->user,
                if(seq > $open, null, date_sub(now(), interval ($wanted - seq) minute)),
                if(seq > $open, null, 'handed-over'), now(), now()
            from seq_{$from}_to_$wanted
            SQL);
        foreach ([
            "concat('t', lpad(number, 4, '0'))",
            'number',
            "lower(substring_index(customer, ' ', 1))",
            "lower(substring_index(customer, ' ', -1))",
            "'quillon'",
            "'vesper'",
            "'2110'",
            'imei',
        ] as $word) {
            DB::statement(
                "insert ignore into job_words select $word, number from repair_jobs where number >= ? order by 1, 2",
                [$from + 1000],
            );
        }
    }

    /** So many events for each job that has none, half of them confirmed steps. */
    public function events(int $each): void
    {
        $events = $each - 1;
        $from = (int) DB::table('bench_events')->where('job_id', 'like', '00000000-0000-7000-8000-%')->max('seq');
        $last = DB::table('bench_events')->where('seq', $from)->value('job_id');
        DB::statement(<<<SQL
            insert into bench_events (id, job_id, type, at, data, user_id)
            select concat('00000000-0000-7000-9000-', lpad(hex(j.number * 1000 + n.seq), 12, '0')), j.id,
                if(n.seq mod 2 = 0, 'problem', 'confirm'), 1700000000000 + j.number * 60000 + n.seq,
                '{"step":"open/lift-panel","text":"as it was told"}', $this->user
            from repair_jobs j join seq_0_to_$events n
            where j.id > ? and j.id like '00000000-0000-7000-8000-%'
            order by j.id, n.seq
            SQL, [is_string($last) ? $last : '00000000-0000-0000-0000-000000000000']);
    }

    /** So many parts, one of three fitted. */
    public function parts(int $wanted): void
    {
        if (DB::table('shelf_items')->where('label', 'like', 'P-%')->exists()) {
            return;
        }
        DB::statement(<<<SQL
            insert into shelf_items (label, name, kind, model_codes, supplier, batch, state, place,
                version, created_at, updated_at, search)
            select concat('P-', seq), concat('Display ', seq), 'display-assembly', json_array('QV-2110'),
                'Norvend Panels', concat('NP-', seq div 50), if(seq mod 3 = 0, 'fitted', 'new'),
                concat('A', seq mod 90), 1, now(), now(),
                concat('P-', seq, ' Display ', seq, ' Norvend Panels NP-', seq div 50, ' A', seq mod 90, ' QV-2110')
            from seq_1_to_$wanted
            SQL);
        DB::statement(
            "insert into shelf_item_codes select id, concat('XX-', id mod 400) from shelf_items where label like 'P-%'",
        );
    }

    public function analysed(): void
    {
        DB::statement('analyze table repair_jobs, job_words, bench_events, shelf_items, shelf_item_codes');
    }
}
