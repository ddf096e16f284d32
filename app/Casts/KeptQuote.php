<?php

declare(strict_types=1);

namespace App\Casts;

use Facelift\Cost\Quote;
use Facelift\Cost\QuoteDocument;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * The quote that was accepted.
 *
 * @implements CastsAttributes<Quote, Quote>
 */
final class KeptQuote implements CastsAttributes
{
    /** A quote that was only read is not written again. */
    public bool $withoutObjectCaching = true;

    /** @param array<string, mixed> $attributes */
    public function get(Model $model, string $key, mixed $value, array $attributes): ?Quote
    {
        return is_string($value)
            ? (new QuoteDocument())->read(json_decode($value, true, 64, JSON_THROW_ON_ERROR))
            : null;
    }

    /** @param array<string, mixed> $attributes */
    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return $value instanceof Quote
            ? json_encode((new QuoteDocument())->write($value), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE)
            : null;
    }
}
