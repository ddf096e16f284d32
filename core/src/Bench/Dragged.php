<?php

declare(strict_types=1);

namespace Facelift\Bench;

use Facelift\Anatomy\Bond;
use Facelift\Anatomy\CutEdge;
use Facelift\Anatomy\Stretch;
use Facelift\Condition\Condition;
use Facelift\Cut\AtEnd;
use Facelift\Cut\EdgeOpening;
use Facelift\Cut\HeatBy;
use Facelift\Cut\OpeningPlanner;
use Facelift\Cut\Pass;
use Facelift\Cut\Passes;
use Facelift\Heat\AdhesiveState;
use Facelift\Heat\AdhesiveWindow;
use Facelift\Heat\Curves;
use Facelift\Heat\HeatRecord;
use Facelift\Heat\Sample;
use Facelift\Heat\Session;
use Facelift\Heat\Source;
use Facelift\Heat\Uncertainty;
use Facelift\Plan\Plan;
use Facelift\Plan\Reopening;
use Facelift\Plan\Step;
use Facelift\Plan\StepKind;

/**
 * A blade that drags ends its pass where it stands; what is left of the edge is planned again from how warm the phone
 * is.
 *
 * That it dragged where the bond was estimated to part tells something: the adhesive is taken to part that much hotter
 * from here on, as far as there is still a plan with it.
 */
final readonly class Dragged
{
    /** Less than so many mm of a pass are none. */
    private const NOTHING = 1.0;
    /** K above a temperature at which it dragged that it is taken to part at, and how far that goes at most. */
    private const ABOVE = 1.0;
    private const HARDER = 6.0;

    private Plan $plan;

    /**
     * @param Condition $condition of the phone, as the plan was made for
     * @param Source    $source    as planned, or as readings have corrected it
     */
    public function __construct(private Run $run, private Condition $condition, private Source $source)
    {
        $this->plan = $run->plan;
    }

    /** True if the blade can drag at a step: a pass that is at hand, through a bond that was heated. */
    public function canBeAt(string $step): bool
    {
        $at = $this->run->next();
        $opening = $at === null ? null : $this->plan->sealing->openings[$at->act->move->bond ?? ''] ?? null;

        return $at !== null && $at->id === $step && $at->kind() === StepKind::CutPass
            && $opening !== null && !$opening->isCold();
    }

    /** True if enough of a pass is through to call it one. */
    public function isBegun(string $step, float $mm): bool
    {
        return $this->cut($this->pass($this->plan->steps[$step]), $this->plan->steps[$step], $mm) !== null;
    }

    /**
     * The plan from here on. The step has to be one that `canBeAt` says yes to.
     *
     * @param float $mm  where the blade stands, from the side's left or top end
     * @param int   $now ms since 1970
     *
     * @return Plan|null null if no plan can be made any more: the ladder has the next word
     */
    public function from(string $step, float $mm, int $now): ?Plan
    {
        $at = $this->plan->steps[$step];
        $pass = $this->pass($at);
        $index = $at->act->move->index ?? 0;
        $bond = $this->plan->basis->phone->bonds[$at->act->move->bond ?? ''];
        $record = HeatLog::of($this->run, $bond->id, $now)
            ?? throw new \LogicException('a pass before any heat');
        $here = $this->warm($bond, $record, $now);
        $cut = $this->cut($pass, $at, $mm);
        $left = $this->left($at, $pass, $cut);
        $rest = $left === [] ? null : $this->rest(
            $bond,
            $record,
            $left,
            $here,
            $now,
        );
        if ($rest === null) {
            return null;
        }
        $reopening = new Reopening($this->plan, $this->condition);
        if ($cut === null) {
            // Nothing of it is through: it is planned again with the rest.
            return $reopening->after($index - 1, $this->plan->sealing->openings[$bond->id]->moves[$index - 1], $rest);
        }
        $seconds = max(1.0, ($now - $this->begun($at, $now)) / 1000);
        $made = new Pass(
            $pass->way->along($cut, $seconds),
            $seconds,
            new AtEnd($here->bond, $here->battery, 0.0),
            $pass->chance,
            $pass->keptAt,
            $pass->next,
        );

        return $reopening->after($index, $made, $rest);
    }

    /** @param non-empty-list<Stretch> $left */
    private function rest(
        Bond $bond,
        HeatRecord $record,
        array $left,
        Sample $here,
        int $now,
    ): ?EdgeOpening {
        $before = $this->plan->sealing->openings[$bond->id];
        $harder = min(self::HARDER, max(0.0, $here->bond + self::ABOVE - $before->window->low));
        foreach ($harder > 0.0 ? [$harder, $harder / 2, 0.0] : [0.0] as $by) {
            $rest = $this->planned(
                $bond,
                $record,
                $left,
                $before->window->lowerBy(-$by),
                $now,
            );
            if ($rest->works()) {
                return $rest;
            }
        }

        return null;
    }

    /** @param non-empty-list<Stretch> $left */
    private function planned(
        Bond $bond,
        HeatRecord $record,
        array $left,
        AdhesiveWindow $window,
        int $now,
    ): EdgeOpening {
        $b = $this->plan->basis;
        $state = $this->condition->bondIsForeign() ? AdhesiveState::Foreign : AdhesiveState::Fresh;
        $session = Session::resumed(
            $b->phone,
            $bond,
            $this->source,
            $window,
            $this->plan->sealing->openings[$bond->id]->limits,
            Uncertainty::of($this->source, $state, $window),
            HeatBefore::of($this->run, $bond->id, $record->from),
            static fn(Source $s) => $record->programme($s, max(0.0, ($now - $record->from) / 1000)),
        );
        $heat = new HeatBy(
            $this->source,
            $b->old,
            $b->room,
            $state,
            false,
            $b->approach,
            $b->chance,
        );

        return (new OpeningPlanner())->rest(
            $b->phone,
            $bond,
            $this->condition,
            $heat,
            $session,
            $left,
        );
    }

    private function warm(Bond $bond, HeatRecord $record, int $now): Sample
    {
        $curves = Curves::after(
            HeatBefore::of($this->run, $bond->id, $record->from),
            $this->plan->basis->phone,
            $bond,
        );
        $seconds = max(0.0, ($now - $record->from) / 1000);

        return $curves->lanes($record->programme($this->source, $seconds))->sample($seconds);
    }

    /** @return Stretch|null what is through; null if that is next to nothing */
    private function cut(Pass $pass, Step $step, float $mm): ?Stretch
    {
        $stretch = $pass->way->stretch;
        $at = max($stretch->from, min($stretch->to, $mm)) - $stretch->from;
        $cut = $this->passes($step)->goesBack($stretch->side)
            ? $stretch->part($at, $stretch->length())
            : $stretch->part(0.0, $at);

        return $cut->length() < self::NOTHING ? null : $cut;
    }

    /**
     * What is still to be cut of the bond, in the order of the blade; pieces of one stretch made whole again.
     *
     * @param Stretch|null $cut of the pass at hand
     *
     * @return list<Stretch>
     */
    private function left(Step $step, Pass $pass, ?Stretch $cut): array
    {
        $behind = $cut === null ? $pass->way->stretch : $this->passes($step)->behind($pass->way->stretch, $cut);
        $left = $behind === null || $behind->length() < Passes::SHORTEST / 4 ? [] : [$behind];
        $moves = $this->plan->sealing->openings[$step->act->move->bond ?? '']->moves;
        foreach (\array_slice($moves, ($step->act->move->index ?? 0) + 1) as $move) {
            if (!$move instanceof Pass) {
                continue;
            }
            $last = $left[\count($left) - 1] ?? null;
            $whole = $last?->joined($move->way->stretch);
            if ($whole === null) {
                $left[] = $move->way->stretch;
            } else {
                $left[\count($left) - 1] = $whole;
            }
        }

        return array_values($left);
    }

    /** ms since 1970 at which a pass began: when the step before it was done */
    private function begun(Step $step, int $now): int
    {
        $ids = array_keys($this->plan->steps);
        $before = $ids[(int) array_search($step->id, $ids, true) - 1] ?? null;

        return $before === null ? $now : $this->run->state->done[$before]->at ?? $now;
    }

    private function pass(Step $step): Pass
    {
        $move = $this->plan->moveOf($step);

        return $move instanceof Pass ? $move : throw new \LogicException('a step that is no pass');
    }

    private function passes(Step $step): Passes
    {
        $b = $this->plan->basis;
        $bond = $b->phone->bonds[$step->act->move->bond ?? ''];

        return new Passes(
            $b->phone,
            $bond,
            $bond->cut instanceof CutEdge ? $bond->cut : throw new \LogicException('a bond that no blade goes round'),
            $this->condition,
            $b->old,
        );
    }
}
