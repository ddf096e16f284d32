<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Heat\Comparison;
use App\Heat\SourcesInUse;
use App\Heat\WindowsInUse;
use App\Models\Job;
use App\Phones\PhoneLibrary;
use Facelift\Anatomy\Replacement;
use Facelift\Anatomy\ReplacementKind;
use Facelift\Condition\Condition;
use Facelift\Condition\ConditionReader;
use Facelift\Heat\Approach;
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
    public function __construct(
        private PhoneLibrary $phones,
        private ShopBook $book,
        private Comparison $comparison,
        private SealWishes $seals,
        private Planner $planner,
        private WindowsInUse $windows,
        private MinutesInUse $minutes,
        private SourcesInUse $sources,
    ) {}

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

    /** Made with a source that somebody chose, beside all that there are. */
    public function plan(Job $job, Source $source, Approach $approach): Plan
    {
        $request = $this->request($job, $job->kind ?? ReplacementKind::DisplayAssembly);

        return $this->planner
            ->plan($request->heatedBy($source, $approach))
            ->among($this->comparison->of($request, $this->book->rules()->holds));
    }

    /** Made again with the same source while the phone stands open: beside the sources that were compared before. */
    public function again(Job $job, Source $source, Approach $approach, Plan $before): Plan
    {
        $request = $this->request($job, $job->kind ?? ReplacementKind::DisplayAssembly);

        return $this->planner->plan($request->heatedBy($source, $approach))->among($before->strategies);
    }

    /** What a plan of a job is made from; heated on the usual plate until something else is said. */
    public function request(Job $job, ReplacementKind $kind): Request
    {
        $phone = $this->phones->phone($job->phone);
        $rules = $this->book->rules();

        return new Request(
            $phone,
            $phone->replacement($kind),
            $this->condition($job),
            $this->sources->learnt(Source::plate(Usual::PLATE)),
            wish: $job->old_panel,
            school: $job->school,
            picks: $rules->picks,
            chance: $rules->chance / 100,
            seal: $this->seals->wish($job),
            data: $job->quote?->data?->way->way,
            windows: $this->windows->windows(),
            minutes: $this->minutes->minutes(),
        );
    }

    /** The plan that a price and a choice of part are made from: with the source that opens the phone best. */
    public function firstLook(Job $job, ReplacementKind $kind): Plan
    {
        return $this->comparison->bestPlan($this->request($job, $kind), $this->book->rules()->holds);
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
