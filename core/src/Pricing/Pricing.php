<?php

declare(strict_types=1);

namespace Facelift\Pricing;

use Facelift\Anatomy\ReplacementKind;
use Facelift\Chip\ChipWork;
use Facelift\Cost\BreakEven;
use Facelift\Cost\JobCost;
use Facelift\Cost\Loss;
use Facelift\Cost\Price;
use Facelift\Cost\ShopRules;
use Facelift\Cost\Worth;
use Facelift\Fit\AfterSwap;
use Facelift\Fit\DataWay;
use Facelift\Plan\Guess;
use Facelift\Plan\Plan;
use Facelift\Plan\Risk;
use Facelift\Plan\Risks;
use Facelift\Plan\Uses;
use Facelift\Quantity\Money;
use Facelift\Record\GlassOnlyAdvice;
use Facelift\Record\Rate;

/** From the plans for a phone and the parts on the shelf to the ways of doing the job, with their prices. */
final readonly class Pricing
{
    /**
     * @param Rate $glassRecord the shop's own glass-only tries
     * @param Rate $chipRecord  the shop's own chips that were moved
     */
    public function __construct(private ShopRules $rules, private Rate $glassRecord, private Rate $chipRecord) {}

    /**
     * @param list<Plan>      $plans one per kind of part that exists for the phone
     * @param list<ShelfPart> $shelf parts sold for its model code, free or reserved for this job
     *
     * @return list<Option> one per plan, in its order
     */
    public function options(Asked $asked, array $plans, array $shelf): array
    {
        $chosen = array_map(
            static fn(Plan $p): ?Chosen => Chosen::from($shelf, $p->basis->replacement->kind, $asked),
            $plans,
        );
        $assembly = $this->assemblyCost($plans, $chosen);

        return array_map(
            fn(Plan $plan, ?Chosen $part): Option => $this->option($asked, $plan, $part, $assembly),
            $plans,
            $chosen,
        );
    }

    /**
     * What a display assembly costs if the phone's own panel is lost: the cheapest of the other kinds.
     *
     * @param list<Plan>        $plans
     * @param list<Chosen|null> $chosen
     */
    private function assemblyCost(array $plans, array $chosen): ?Money
    {
        $least = null;
        foreach ($plans as $i => $plan) {
            $part = $chosen[$i]?->part->cost;
            if ($part === null || $plan->basis->replacement->kind === ReplacementKind::GlassOnly) {
                continue;
            }
            $cost = $this->jobCost($plan, $part, [])->plain();
            $least = $least === null ? $cost : Money::smaller($least, $cost);
        }

        return $least;
    }

    private function option(Asked $asked, Plan $plan, ?Chosen $chosen, ?Money $assembly): Option
    {
        $risks = (new Risks())->of($plan, 1.0 - $this->glassRecord->expected());
        $part = $chosen?->part->cost;
        if ($chosen === null || $part === null || ($plan->basis->isGlassOnly() && $assembly === null)) {
            return new Option($plan, $chosen, $risks, null);
        }
        $plain = $this->jobCost($plan, $part, [])->plain();
        // A panel ruined while fitting is bought and fitted again; glass that takes the panel with it becomes an
        // assembly job.
        $again = $plan->basis->isGlassOnly() && $assembly !== null ? $assembly : $plain;
        $losses = [...self::losses($risks, $again), ...$this->unknown($plan)];
        $priced = $this->priced($asked, $plan, $this->jobCost($plan, $part, $losses));

        return new Option(
            $plan,
            $chosen,
            $risks,
            $priced,
            $plan->basis->isGlassOnly() ? $this->glass($plan, new BreakEven($plain, $again)) : null,
            $this->chip($plan, $chosen, $part),
        );
    }

    /** Null unless there is a chip to move, a place for it, and heat that it and the panel stand. */
    private function chip(Plan $plan, Chosen $chosen, Money $part): ?ChipOffer
    {
        $chip = $plan->basis->phone->panel->data?->chip;
        $way = AfterSwap::of($plan->basis->phone->panel, $plan->basis->replacement->kind, $chosen->part->offer->sheet)
            ->by(DataWay::Chip);
        if ($chip === null || $way === null) {
            return null;
        }
        $work = ChipWork::of($chip);

        return $work->works() ? ChipOffer::of($work, $this->chipRecord, $part, $this->rules) : null;
    }

    /**
     * What is kept back for a phone that nobody has drawn: half of what it takes at the longest (common practice, no
     * source).
     *
     * @return list<Loss>
     */
    private function unknown(Plan $plan): array
    {
        $more = Guess::of($plan)?->reserve($plan) ?? 0.0;
        $labour = $this->rules->hourlyRate->times((int) round($more))->dividedBy(3600)->toCents();

        return $more > 0.0 ? [new Loss('unknown-inside', 0.5, $labour)] : [];
    }

    /** @param list<Loss> $losses */
    private function jobCost(Plan $plan, Money $part, array $losses): JobCost
    {
        return JobCost::of(
            $part,
            $plan->handsOn(),
            Uses::of($plan),
            $losses,
            $this->rules,
        );
    }

    /**
     * @param list<Risk> $risks
     *
     * @return list<Loss> of the risks after which a display is bought again
     */
    private static function losses(array $risks, Money $again): array
    {
        $ruinous = array_filter($risks, static fn(Risk $r): bool => $r->costsADisplay());

        return array_values(
            array_map(static fn(Risk $r): Loss => new Loss($r->code, $r->probability, $again), $ruinous),
        );
    }

    private function priced(Asked $asked, Plan $plan, JobCost $cost): Priced
    {
        $fixed = $this->rules->fixedFor($asked->id, $plan->basis->replacement->kind);
        $price = Price::of($cost->expected(), $this->rules, $fixed);
        $worth = $asked->worth ?? $this->rules->worth[$asked->id] ?? null;

        return new Priced($cost, $price, Worth::of($price->gross, $worth, $asked->condition->dataNeeded));
    }

    private function glass(Plan $plan, BreakEven $even): GlassOnly
    {
        $technology = $plan->basis->phone->panel->technology;

        return new GlassOnly(GlassOnlyAdvice::of($even, $this->glassRecord, $technology), $even->rate());
    }
}
