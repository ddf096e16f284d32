<?php

declare(strict_types=1);

namespace App\Http\Counter;

use Facelift\Cost\QuoteDocument;
use Facelift\Plan\Guess;
use Facelift\Plan\Plan;
use Facelift\Plan\Risk;
use Facelift\Plan\Risks;
use Facelift\Pricing\Chosen;
use Facelift\Pricing\Option;

/** One way of doing the job, as the page gets it. */
final readonly class OptionResource
{
    /**
     * What the work is like; the same for every role.
     *
     * @return array<string, mixed>
     */
    public static function work(Option $option): array
    {
        $plan = $option->plan;
        $glass = $option->glass;

        return [
            'kind' => $option->kind()->value,
            'name' => $plan->basis->replacement->name,
            'moved' => array_map($plan->basis->phone->nameOf(...), $plan->route->moved),
            'disturbed' => [
                'off' => $plan->route->ids(),
                'moved' => $plan->route->moved,
            ],
            'removals' => count($plan->route->ids()),
            'steps' => count($plan->steps),
            'screws' => count($plan->mat->places),
            'handsOn' => round($plan->handsOn()),
            'guess' => self::guess($plan),
            'waiting' => round($plan->waiting()),
            'works' => $plan->works(),
            'glass' => $glass?->advice->toArray(),
            'breakEven' => $glass === null ? null : round(100 * $glass->breakEven, 1),
            'item' => $option->chosen === null ? null : self::item($option->chosen),
        ] + self::risks($option->risks);
    }

    /**
     * What it costs.
     *
     * @param bool $withMargin true for roles that may see what the shop earns
     *
     * @return array<string, mixed>|null null if it has no price
     */
    public static function money(Option $option, bool $withMargin): ?array
    {
        if ($option->priced === null) {
            return null;
        }
        $charge = (new QuoteDocument())->charge($option->priced->charge());

        return array_replace($charge, $withMargin ? [] : ['inside' => null]);
    }

    /** @return array<string, mixed> */
    private static function item(Chosen $chosen): array
    {
        return [
            'id' => $chosen->part->item,
            'label' => $chosen->part->label,
            'name' => $chosen->part->name,
            'verdict' => $chosen->fitting->verdict()->value,
        ];
    }

    /**
     * @param list<Risk> $risks
     *
     * @return array<string, mixed>
     */
    private static function risks(array $risks): array
    {
        $paired = array_filter($risks, static fn(Risk $r): bool => $r->code === 'paired-part');

        return [
            'paired' => array_values(array_map(static fn(Risk $r): string => $r->subject, $paired)),
            'risks' => array_map(static fn(Risk $r): array => [
                'code' => $r->code,
                'subject' => $r->subject,
                'percent' => round(100 * $r->probability, 1),
            ], $risks),
            'risk' => round(100 * Risks::together($risks), 1),
        ];
    }

    /** @return array<string, int|float>|null what nobody knows of the phone yet; null if nothing is assumed */
    private static function guess(Plan $plan): ?array
    {
        $guess = Guess::of($plan);

        return $guess === null ? null : [
            'assumed' => count($guess->assumed),
            'fewest' => $guess->fewest,
            'most' => $guess->most,
            'least' => round($guess->least),
            'longest' => round($guess->longest),
        ];
    }
}
