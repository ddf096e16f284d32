<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Claim;
use App\Models\ClaimPayment;
use App\Models\Job;
use Illuminate\Support\Carbon;

/** Accepted quotes and claims as the page gets them. */
final readonly class QuoteResource
{
    /** @return array<string, mixed> */
    public static function accepted(Job $job, bool $withMargin): array
    {
        $quote = $job->quote ?? [];
        $money = is_array($quote['money'] ?? null) ? $quote['money'] : [];
        if (is_array($money['worth'] ?? null)) {
            // Kept as JSON: an empty map must not come back as a list.
            $money['worth']['figures'] = (object) ($money['worth']['figures'] ?? []);
        }
        if (!$withMargin) {
            $money['inside'] = null;
        }

        return [
            'at' => $job->accepted_at?->toIso8601ZuluString(), 'kind' => $quote['kind'] ?? null, 'name' => $quote['name'] ?? null, 'label' => $quote['label'] ?? null, 'part' => $quote['part'] ?? null,
            'money' => $money, 'warranty' => $quote['warranty'] ?? false, 'payer' => $quote['payer'] ?? 'customer', 'insured' => $quote['insured'] ?? '0.00', 'due' => $quote['due'] ?? '0.00',
        ];
    }

    /** @return array<string, mixed> */
    public static function claim(Claim $claim): array
    {
        return [
            'id' => $claim->id, 'job' => ['id' => $claim->job_id, 'tag' => $claim->job->tag(), 'customer' => $claim->job->customer], 'policy' => $claim->policy, 'asked' => $claim->asked, 'authorised' => $claim->authorised,
            'reference' => $claim->reference, 'state' => $claim->state, 'dueOn' => $claim->due_on?->toDateString(), 'paid' => (string) $claim->paid(), 'open' => $claim->due_on === null ? '0.00' : (string) $claim->open(),
            'overdue' => $claim->isOverdue(Carbon::today()),
            'payments' => $claim->payments->sortBy('paid_on')->values()->map(static fn(ClaimPayment $p): array => ['amount' => $p->amount, 'paidOn' => $p->paid_on->toDateString()])->all(),
        ];
    }
}
