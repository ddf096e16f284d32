<?php

declare(strict_types=1);

namespace App\Counter;

use App\Models\Job;
use App\Phones\PhoneLibrary;
use Facelift\Cost\Quote;
use Facelift\Cost\QuoteDocument;
use Facelift\Cost\Repricing;
use Facelift\Cost\ShopRules;
use Facelift\Document\Unreadable;
use JsonException;

/** What other rules of pricing would have done to the last quotes that were accepted. */
final readonly class RulesEffect
{
    private const LAST = 20;

    public function __construct(private PhoneLibrary $phones) {}

    /** @return list<array<string, string>> newest first; a quote that cannot be read any more is left out */
    public function of(ShopRules $rules): array
    {
        $repricing = new Repricing($rules);
        $rows = [];
        $jobs = Job::query()
            ->whereNotNull('accepted_at')
            ->orderByDesc('accepted_at')
            ->limit(self::LAST)
            ->get(['id', 'number', 'phone', 'quote', 'accepted_at']);
        foreach ($jobs as $job) {
            $quote = self::quote($job);
            if ($quote === null || $quote->warranty) {
                continue;
            }
            $price = $repricing->of($quote->charge->inside, $job->phone, $quote->kind);
            $rows[] = [
                'tag' => $job->tag(),
                'phone' => $this->phones->nameOf($job->phone),
                'kind' => $quote->kind->value,
                'was' => (string) $quote->charge->gross,
                'now' => (string) $price->gross,
                'margin' => (string) $price->margin,
            ];
        }

        return $rows;
    }

    /** Null if it cannot be read any more: that is the job's own affair. */
    private static function quote(Job $job): ?Quote
    {
        $kept = $job->getRawOriginal('quote');
        try {
            return is_string($kept)
                ? (new QuoteDocument())->read(json_decode($kept, true, 64, JSON_THROW_ON_ERROR))
                : null;
        } catch (Unreadable|JsonException) {
            return null;
        }
    }
}
