<?php

declare(strict_types=1);

namespace App\Http\Counter;

use App\Counter\AcceptQuote;
use App\Counter\Promise;
use App\Counter\Quoting;
use App\Counter\RefuseQuote;
use App\Jobs\Planning;
use App\Jobs\ShopBook;
use App\Jobs\Stations;
use App\Models\Job;
use App\Models\User;
use App\Papers\CounterPapers;
use App\Phones\PhoneLibrary;
use Facelift\Anatomy\ReplacementKind;
use Facelift\Cost\DataDecisionFormat;
use Facelift\Diagnosis\Diagnostician;
use Facelift\Pricing\Option;
use Facelift\Schedule\Right;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Gate;

final readonly class QuoteController
{
    /** More than this nobody compares at a counter. */
    private const MOST_OPTIONS = 3;

    public function __construct(private Quoting $quoting, private Stations $stations, private ShopBook $book) {}

    public function show(
        Request $request,
        Job $job,
        Planning $planning,
        PhoneLibrary $phones,
        Promise $promise,
    ): JsonResponse {
        $this->stations->mustReach('quote', $job);
        $rules = $this->book->rules();
        $condition = $planning->condition($job);
        $finding = (new Diagnostician())->diagnose($condition, $phones->phone($job->phone)->panel->technology);
        $options = $this->quoting->options($job);
        $user = $request->user();
        $promise->anew();
        $rows = ScopeResource::kinds($finding, $condition, $options, Gate::allows('seeMargin', Job::class));
        foreach ($rows as $i => $row) {
            $promised = $promise->reckoned($job, $options[$i]->plan, $options[$i]->chosen?->part->item);
            $rows[$i] = $row + [
                'promise' => $promised === null ? null : self::moment($promised->promised->said),
                'promiseFrom' => $promised === null ? null : [
                    'likely' => self::moment($promised->promised->likely),
                    'alone' => self::moment($promised->promised->alone),
                    'certainty' => $promise->certainty(),
                    'ahead' => $promise->ahead($job),
                    'movedBy' => array_map(
                        static fn(array $m): array => ['what' => $m[0], 'until' => self::moment($m[1])],
                        $promised->movedBy(),
                    ),
                ],
                'data' => array_map((new DataDecisionFormat())->way(...), $options[$i]->afterSwap()->ways),
                'chip' => $options[$i]->chip === null ? null : ChipResource::of($options[$i]),
            ];
        }

        return new JsonResponse([
            'currency' => $rules->currency,
            'taxPercent' => round(100 * (float) $rules->taxRate, 2),
            'roundTo' => (string) $rules->roundTo,
            'payer' => $job->paidByInsurer() ? 'insurer' : 'customer',
            'expert' => $user instanceof User && $user->may(Right::Expert),
            'claim' => $job->claim === null ? null : QuoteResource::claim($job->claim->load('job', 'payments')),
            'options' => array_slice(self::ordered($job, $rows), 0, self::MOST_OPTIONS),
            'withoutPart' => array_values(array_map(
                static fn(Option $o): ReplacementKind => $o->plan->basis->replacement->kind,
                array_filter(
                    $options,
                    static fn(Option $o, int $i): bool => $o->chosen === null && $rows[$i]['suits'] === true,
                    ARRAY_FILTER_USE_BOTH,
                ),
            )),
        ]);
    }

    public function accept(AcceptQuoteRequest $request, Job $job, AcceptQuote $accept): JobResource
    {
        return new JobResource(
            $accept(
                $job,
                $request->version(),
                $request->string('kind')->toString(),
                $request->integer('item'),
                $request->string('gross')->toString(),
                $request->boolean('warranty'),
                $request->decided(),
            )->load('part'),
        );
    }

    public function refuse(RefuseQuoteRequest $request, Job $job, RefuseQuote $refuse): JobResource
    {
        return new JobResource(
            $refuse($job, $request->version(), $request->string('reason')->trim()->toString())->load('part'),
        );
    }

    public function pdf(Job $job, CounterPapers $papers): Response
    {
        return new Response($papers->quote($job), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => 'inline; filename="' . $job->tag() . '-quote.pdf"',
        ]);
    }

    /**
     * The kind chosen in Scope first, then the recommended one, then what suits, then the rest; what has no price is
     * left out.
     *
     * @param list<array<string, mixed>> $rows
     *
     * @return list<array<string, mixed>>
     */
    private static function ordered(Job $job, array $rows): array
    {
        $rows = array_values(
            array_filter(
                $rows,
                static fn(array $r): bool => $r['money'] !== null
                    && ($r['suits'] === true || $r['kind'] === $job->kind?->value),
            ),
        );
        usort(
            $rows,
            static fn(array $a, array $b): int => [$a['kind'] !== $job->kind?->value, $a['recommended'] !== true] <=> [
                $b['kind'] !== $job->kind?->value,
                $b['recommended'] !== true,
            ],
        );

        return $rows;
    }

    private static function moment(int $ms): string
    {
        return Carbon::createFromTimestampMs($ms)->toIso8601ZuluString();
    }
}
