<?php

declare(strict_types=1);

namespace App\Phones;

use App\Heat\Comparison;
use App\Words\Words;
use Facelift\Anatomy\Missing;
use Facelift\Anatomy\Phone;
use Facelift\Anatomy\PhoneHints;
use Facelift\Anatomy\PhoneReader;
use Facelift\Anatomy\Replacement;
use Facelift\Condition\Condition;
use Facelift\Condition\Observation;
use Facelift\Document\Fault;
use Facelift\Document\Unreadable;
use Facelift\Heat\Source;
use Facelift\Heat\Usual;
use Facelift\Plan\Plan;
use Facelift\Plan\Request;
use Facelift\Plan\Step;
use Facelift\Plan\Warning;
use Facelift\Route\NoWayIn;

/**
 * A phone file on the workbench: what is wrong with it, what is to be asked, and the plan it gives for every kind of
 * part.
 */
final readonly class PhoneBench
{
    /** @param float $patience kinds of part that are not begun within this are left out, and said to be, s */
    public function __construct(
        private Words $words,
        private Comparison $comparison,
        private float $patience = 6.0,
    ) {}

    /**
     * @param array<string, mixed> $document
     *
     * @return array{
     *     faults: list<array{path: string, reason: string}>, hints: list<mixed>,
     *     missing: list<array{code: string, figures: mixed, at: string}>,
     *     plans: list<array<string, mixed>>
     * }
     */
    public function check(array $document): array
    {
        try {
            $phone = (new PhoneReader())->read($document);
        } catch (Unreadable $e) {
            return [
                'faults' => array_map(
                    static fn(Fault $f): array => ['path' => $f->path, 'reason' => $f->reason],
                    $e->faults,
                ),
                'hints' => [],
                'missing' => [],
                'plans' => [],
            ];
        }

        $until = microtime(true) + $this->patience;

        return [
            'faults' => [],
            'hints' => array_map(static fn($r): array => $r->toArray(), (new PhoneHints())->of($phone)),
            'missing' => array_map(
                static fn(Missing $m): array => $m->reason->toArray() + ['at' => $m->at],
                Missing::of($phone),
            ),
            'plans' => array_map(
                fn(Replacement $r): array => microtime(true) < $until
                    ? $this->plan($phone, $r)
                    : ['warnings' => [$this->words->say('phone-check.no-time')], 'steps' => []] + self::unplanned($r),
                array_values($phone->replacements),
            ),
        ];
    }

    /** @return array<string, mixed> */
    private function plan(Phone $phone, Replacement $replacement): array
    {
        $empty = self::unplanned($replacement);
        try {
            $plan = $this->firstThatWorks($phone, $replacement);
        } catch (NoWayIn $e) {
            return ['warnings' => [$e->getMessage()], 'steps' => []] + $empty;
        }

        return [
            'works' => $plan->works(),
            'handsOn' => round($plan->handsOn()),
            'waiting' => round($plan->waiting()),
            'changes' => $plan->changes,
            'optimal' => $plan->route->removals->optimal,
            'warnings' => array_map(
                fn(Warning $w): string => $this->words->reason($w->reason),
                $plan->remarks->warnings,
            ),
            'steps' => array_map(
                fn(Step $s): array => [
                    'id' => $s->id,
                    'text' => $this->words->coded('step.' . $s->kind()->value, $s->act->figures),
                    'subjects' => $s->act->subjects,
                ],
                array_values($plan->steps),
            ),
        ] + $empty;
    }

    /** @return array<string, mixed> */
    private static function unplanned(Replacement $replacement): array
    {
        return [
            'id' => $replacement->id,
            'kind' => $replacement->kind->value,
            'name' => $replacement->name,
            'works' => false,
            'handsOn' => 0,
            'waiting' => 0,
            'changes' => 0,
            'optimal' => false,
        ];
    }

    private function firstThatWorks(Phone $phone, Replacement $replacement): Plan
    {
        $condition = Condition::observed([Observation::CrackedGlass]);

        return $this->comparison->bestPlan(
            new Request($phone, $replacement, $condition, Source::plate(Usual::PLATE)),
            true,
        );
    }
}
