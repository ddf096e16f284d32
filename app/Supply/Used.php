<?php

declare(strict_types=1);

namespace App\Supply;

use App\Models\Job;
use App\Models\RollCut;
use App\Models\SupplyUse;
use App\Phones\PhoneRef;
use Facelift\Supply\Demand;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Carbon;

/** What the jobs of the last weeks wanted. */
final readonly class Used
{
    /** weeks looked back on */
    public const WEEKS = 8;
    private const DAY = 86_400.0;

    public Carbon $since;
    /** weeks that the record covers: a shop that began lately has a shorter one */
    public float $weeks;

    public function __construct()
    {
        $this->since = Carbon::now()->subWeeks(self::WEEKS);
        $first = Job::query()->whereNotNull('accepted_at')->min('accepted_at');
        $age = is_string($first) ? Carbon::parse($first)->diffInSeconds(Carbon::now(), true) / (7 * self::DAY) : 0.0;
        $this->weeks = max(1.0, min((float) self::WEEKS, $age));
    }

    /** @return array<string, array<string, int>> jobs that the customer agreed to, by phone and kind of part */
    public function parts(): array
    {
        $rows = Job::query()
            ->toBase()
            ->where('accepted_at', '>=', $this->since)
            ->whereNotNull('kind')
            ->groupBy('phone', 'kind')
            ->selectRaw('phone, kind, count(*) as jobs')
            ->get();
        $all = [];
        foreach ($rows as $row) {
            $phone = PhoneRef::read(Text::of($row->phone))->file;
            $kind = Text::of($row->kind);
            $all[$phone][$kind] = ($all[$phone][$kind] ?? 0) + (int) Text::of($row->jobs);
        }

        return $all;
    }

    /** @return array<string, Demand> of tape, m, by width */
    public function tape(): array
    {
        return $this->by(
            RollCut::query()
                ->toBase()
                ->where('created_at', '>=', $this->since)
                ->groupBy('width', 'job_id')
                ->selectRaw('width as what, sum(mm) / 1000 as amount'),
        );
    }

    /** @return array<string, Demand> of supplies, ml or pieces, by kind */
    public function supplies(): array
    {
        return $this->by(
            SupplyUse::query()
                ->toBase()
                ->where('created_at', '>=', $this->since)
                ->groupBy('kind', 'job_id')
                ->selectRaw('kind as what, sum(amount) as amount'),
        );
    }

    /** @return array<string, Demand> */
    private function by(Builder $query): array
    {
        $amounts = [];
        foreach ($query->get() as $row) {
            $amount = (float) Text::of($row->amount);
            if ($amount > 0.0) {
                $amounts[Text::of($row->what)][] = $amount;
            }
        }

        return array_map(fn(array $a): Demand => new Demand($a, $this->weeks), $amounts);
    }
}
