<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\Job;
use App\Phones\PhoneLibrary;
use Facelift\Anatomy\Replacement;
use Facelift\Anatomy\ReplacementKind;
use Facelift\Condition\Condition;
use Facelift\Condition\ConditionReader;
use Facelift\Fit\OldPanel;
use Facelift\Heat\Source;
use Facelift\Heat\Usual;
use Facelift\Plan\Plan;
use Facelift\Plan\Planner;
use Facelift\Plan\Request;
use Facelift\Pricing\Asked;
use Facelift\Quantity\Money;

/** From a job to what the core computes from it. */
final readonly class Planning
{
    /** Tried where the usual setting does not do, in this order, °C. */
    private const OTHER_SETS = [95.0, 75.0];

    public function __construct(private PhoneLibrary $phones, private ShopBook $book) {}

    public function condition(Job $job): Condition
    {
        return $job->condition === null ? Condition::observed([]) : (new ConditionReader())->read($job->condition);
    }

    /** The phone as a price, and the choice of its part, need to know it. */
    public function asked(Job $job): Asked
    {
        return new Asked(
            $job->phone,
            $this->phones->phone($job->phone),
            $job->model_code,
            $job->colour,
            $this->condition($job),
            $job->worth === null ? null : Money::of($job->worth),
        );
    }

    public function plan(Job $job, Source $source): Plan
    {
        return $this->planFor($job, $job->kind ?? ReplacementKind::DisplayAssembly, $source);
    }

    public function planFor(Job $job, ReplacementKind $kind, Source $source): Plan
    {
        return (new Planner())->plan($this->request($job, $kind, $source));
    }

    /** What a plan of a job is made from. */
    public function request(Job $job, ReplacementKind $kind, Source $source): Request
    {
        $phone = $this->phones->phone($job->phone);

        return new Request(
            $phone,
            $phone->replacement($kind),
            $this->condition($job),
            $source,
            wish: $job->old_panel,
            school: $job->school,
            picks: $this->book->rules()->picks,
        );
    }

    /**
     * The plan with the usual plate; where that does not do, with the gentlest setting that does, and at last without
     * saving the old panel.
     */
    public function firstLook(Job $job, ReplacementKind $kind): Plan
    {
        $phone = $this->phones->phone($job->phone);
        $tries = [
            [Usual::PLATE, OldPanel::Save],
            ...array_map(static fn(float $set): array => [$set, OldPanel::Save], self::OTHER_SETS),
            [Usual::PLATE, OldPanel::GiveUp],
        ];
        $first = null;
        foreach ($tries as [$set, $old]) {
            $plan = (new Planner())->plan(
                new Request(
                    $phone,
                    $phone->replacement($kind),
                    $this->condition($job),
                    Source::plate($set),
                    wish: $old,
                    picks: $this->book->rules()->picks,
                ),
            );
            $first ??= $plan;
            if ($plan->works()) {
                return $plan;
            }
        }

        return $first;
    }

    /** @return list<Plan> one for every kind of part that exists for the phone */
    public function plans(Job $job): array
    {
        $kinds = array_map(
            static fn(Replacement $r): ReplacementKind => $r->kind,
            array_values($this->phones->phone($job->phone)->replacements),
        );

        return array_map(fn(ReplacementKind $kind): Plan => $this->firstLook($job, $kind), $kinds);
    }
}
