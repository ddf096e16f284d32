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

    /** What the record keeps of every job that is closed, three of a hundred come back, and their sums by month. */
    public function facts(): void
    {
        $last = (int) DB::table('repair_jobs')->max('number');
        // Forty-eight a day; what a smaller shop had is kept anew.
        DB::table('job_facts')->where('batch', 'like', 'B-%')->delete();
        DB::statement(<<<SQL
            insert into job_facts (job_id, number, closed_at, way, supplier, kind, phone, technician, batch, gross, net,
                tax, part, consumables, planned, taken, promised_at, ready_at, back_days, back_what)
            select id, number, date_sub(now(), interval ($last - number) * 30 minute),
                elt(1 + number mod 4, 'precut-seal', 'tape', 'bead', 'tape-and-bead'),
                concat('Supplier ', number mod 7), elt(1 + number mod 3, 'display-assembly', 'glass-only', 'frame'),
                elt(1 + number mod 4, 'quillon-vesper', 'brasca-fern-4', 'brasca-fern-5', 'maruvi-sorrel'),
                number mod 5, concat('B-', number div 12), 14280, 12000, 2280, 5200, 310, 2400, 2500,
                date_sub(now(), interval ($last - number) * 30 minute),
                date_sub(now(), interval ($last - number) * 30 + cast(number mod 90 as signed) - 20 minute),
                if(number mod 33 = 0, number mod 61, null), if(number mod 33 = 0, 'edge-lifts', null)
            from repair_jobs
            where id like '00000000-0000-7000-8000-%' and handed_over_at is not null
            SQL);
        DB::table('record_sums')->truncate();
        foreach (['all', 'way', 'supplier', 'kind', 'phone', 'technician'] as $facet) {
            $value = $facet === 'all' ? "''" : $facet;
            DB::statement(<<<SQL
                insert into record_sums (month, facet, value, jobs, gross, net, tax, part, consumables, planned, taken,
                    timed, promised, kept)
                select date_format(closed_at, '%Y-%m-01'), '$facet', $value, count(*), sum(gross), sum(net), sum(tax),
                    sum(part), sum(consumables), sum(planned), sum(taken), count(*), count(*),
                    sum(ready_at <= promised_at)
                from job_facts group by 1, 3
                SQL);
        }
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
        DB::statement('analyze table repair_jobs, job_words, job_facts, record_sums, bench_events');
        DB::statement('analyze table shelf_items, shelf_item_codes');
    }
}
