<?php

declare(strict_types=1);

namespace App\Record;

use App\Models\JobFact;
use App\Phones\PhoneLibrary;
use Facelift\Record\Facet;

/** The jobs behind a figure, the latest first. */
final readonly class Behind
{
    public const PAGE = 50;

    public function __construct(private PhoneLibrary $phones) {}

    /**
     * @param Question|null $hits   only those that it happened to; null for all. Of failed parts no job is known
     * @param int|null      $before number of the job that was shown last
     *
     * @return array<string, mixed>
     */
    public function of(
        Facet $facet,
        string $value,
        Period $period,
        ?Question $hits,
        ?int $before,
    ): array {
        $query = JobFact::query()
            ->whereBetween('closed_at', $period->span())
            ->orderByDesc('closed_at')
            ->orderByDesc('number')
            ->limit(self::PAGE + 1);
        if ($facet !== Facet::All) {
            $query->where($facet->value, $value);
        }
        if ($before !== null) {
            $at = JobFact::query()->where('number', $before)->value('closed_at');
            $query->whereRaw('(closed_at, number) < (?, ?)', [$at, $before])->where('closed_at', '<=', $at);
        }
        match ($hits) {
            Question::Comebacks => $query->whereBetween('back_days', [0, $period->days]),
            Question::Promises => $query->whereColumn('ready_at', '>', 'promised_at'),
            Question::Failures, null => null,
        };
        $found = $query->get();

        return [
            'data' => $found->take(self::PAGE)->map(fn(JobFact $f): array => [
                'id' => $f->job_id,
                'tag' => sprintf('T-%04d', $f->number),
                'phone' => $this->phones->nameOf($f->phone),
                'closed' => $f->closed_at->toIso8601ZuluString(),
                'kind' => $f->kind,
                'way' => $f->way,
                'supplier' => $f->supplier,
                'batch' => $f->batch,
                'backAfter' => $f->back_days,
                'backWith' => $f->back_what,
                'late' => $f->keptPromise() === false,
            ])->values(),
            'next' => $found->count() > self::PAGE ? $found[self::PAGE - 1]?->number : null,
        ];
    }
}
