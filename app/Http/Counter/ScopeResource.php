<?php

declare(strict_types=1);

namespace App\Http\Counter;

use App\Http\Reasons;
use Facelift\Condition\Condition;
use Facelift\Diagnosis\Finding;
use Facelift\Plan\Plan;
use Facelift\Plan\ScopeAdvice;
use Facelift\Plan\WayDifference;
use Facelift\Pricing\Option;
use Facelift\Quantity\Money;

/** What is broken and what would do, as the page gets it. */
final readonly class ScopeResource
{
    /**
     * @param list<Option> $options
     * @param bool              $withMargin true for roles that may see what the shop earns
     *
     * @return array<string, mixed>
     */
    public static function of(
        Finding $finding,
        Condition $condition,
        array $options,
        bool $withMargin,
        string $currency,
    ): array {
        return [
            'finding' => FindingResource::of($finding),
            'currency' => $currency,
            'kinds' => self::kinds($finding, $condition, $options, $withMargin),
        ];
    }

    /**
     * @param list<Option> $options
     *
     * @return list<array<string, mixed>>
     */
    public static function kinds(Finding $finding, Condition $condition, array $options, bool $withMargin): array
    {
        $advice = (new ScopeAdvice())->weigh(
            $condition,
            $finding,
            array_map(static fn(Option $o): Plan => $o->plan, $options),
            array_map(static fn(Option $o): ?Money => $o->priced?->cost->expected(), $options),
            array_map(static fn(Option $o): bool => $o->pays(), $options),
        );

        $beside = $advice['recommended'] ?? 0;

        return array_map(
            static fn(int $i): array => OptionResource::work($options[$i]) + [
                'differs' => $i === $beside
                        ? []
                        : Reasons::of((new WayDifference())->between($options[$i]->plan, $options[$beside]->plan)),
                'recommended' => $advice['recommended'] === $i,
                'suits' => $advice['suits'][$i],
                // What the shop pays is for those who may see the margin.
                'because' => Reasons::of(
                    array_values(
                        array_filter(
                            $advice['because'][$i],
                            static fn($r): bool => $withMargin || !isset($r->figures['amount']),
                        ),
                    ),
                ),
                'money' => OptionResource::money($options[$i], $withMargin),
                'customer' => Reasons::of($options[$i]->customer()),
            ],
            array_keys($options),
        );
    }
}
