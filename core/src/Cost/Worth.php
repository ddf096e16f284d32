<?php

declare(strict_types=1);

namespace Facelift\Cost;

use Facelift\Document\Reason;
use Facelift\Quantity\Money;

/** Whether a repair is worth its price, against what the phone is worth. */
final readonly class Worth
{
    /** Above this share of the phone's worth a repair is poor value (common practice, no source). */
    private const POOR = 0.6;

    /**
     * @param Money|null $worth what the phone is worth; null if nobody has said
     */
    public static function of(Money $price, ?Money $worth, bool $dataNeeded): Reason
    {
        if ($worth === null || $worth->isZero()) {
            return new Reason('worth-unknown');
        }
        $share = $price->ratioTo($worth);
        $figures = ['price' => (string) $price, 'worth' => (string) $worth, 'percent' => (int) round(100 * $share)];

        return match (true) {
            $share <= self::POOR => new Reason('worth-it', $figures),
            $dataNeeded => new Reason('poor-value-but-data', $figures),
            default => new Reason('poor-value', $figures),
        };
    }
}
