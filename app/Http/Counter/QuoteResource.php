<?php

declare(strict_types=1);

namespace App\Http\Counter;

use App\Models\Claim;
use App\Models\ClaimPayment;
use Carbon\CarbonInterface;
use Facelift\Cost\Quote;
use Facelift\Cost\QuoteDocument;
use Illuminate\Support\Carbon;

/** Accepted quotes and claims as the page gets them. */
final readonly class QuoteResource
{
    /** @return array<string, mixed> */
    public static function accepted(Quote $quote, ?CarbonInterface $at, bool $withMargin): array
    {
        $kept = (new QuoteDocument())->write($quote);
        $money = array_replace((new QuoteDocument())->charge($quote->charge), $withMargin ? [] : ['inside' => null]);

        return ['at' => $at?->toIso8601ZuluString(), 'money' => $money]
            + array_diff_key($kept, ['item' => 0, 'handsOn' => 0, 'customer' => 0]);
    }

    /** @return array<string, mixed> */
    public static function claim(Claim $claim): array
    {
        return [
            'id' => $claim->id,
            'job' => ['id' => $claim->job_id, 'tag' => $claim->job->tag(), 'customer' => $claim->job->customer],
            'policy' => $claim->policy,
            'asked' => $claim->asked,
            'authorised' => $claim->authorised,
            'reference' => $claim->reference,
            'state' => $claim->state,
            'dueOn' => $claim->due_on?->toDateString(),
            'paid' => (string) $claim->paid(),
            'open' => $claim->due_on === null ? '0.00' : (string) $claim->open(),
            'overdue' => $claim->isOverdue(Carbon::today()),
            'payments' => $claim->payments
                ->sortBy('paid_on')
                ->values()
                ->map(
                    static fn(ClaimPayment $p): array => [
                        'amount' => $p->amount,
                        'paidOn' => $p->paid_on->toDateString(),
                    ],
                )
                ->all(),
        ];
    }
}
