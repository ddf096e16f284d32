<?php

declare(strict_types=1);

namespace Facelift\Bench;

use Facelift\Anatomy\Bond;
use Facelift\Condition\Condition;
use Facelift\Cut\Alcohol;
use Facelift\Cut\Pass;
use Facelift\Heat\AdhesiveState;
use Facelift\Heat\Sample;
use Facelift\Heat\Source;
use Facelift\Heat\Uncertainty;

/** Every pass of a run that is through, with what is known of how it went. */
final readonly class SeenPasses
{
    /** K: no estimate of a bond's temperature is better than this (engineering estimate) */
    private const READ_OFF = 1.0;

    /**
     * @param Condition                     $condition of the phone, as the plan was made for
     * @param (\Closure(string): Source)|null $source    of a bond, as readings have corrected it; null for the plan's
     */
    public function __construct(
        private Run $run,
        private Condition $condition,
        private ?\Closure $source = null,
    ) {}

    /** @return list<SeenPass> in the order of the plan; none of a bond that was cut cold */
    public function all(): array
    {
        $seen = [];
        foreach (array_keys($this->run->plan->sealing->openings) as $bond) {
            array_push($seen, ...$this->of($this->run->plan->basis->phone->bonds[$bond]));
        }

        return $seen;
    }

    /** @return list<SeenPass> */
    private function of(Bond $bond): array
    {
        $done = $this->run->state->done;
        $heat = SeenHeat::of($this->run, $bond);
        if ($heat === null) {
            return [];
        }
        $record = $heat->record;
        $state = $this->condition->bondIsForeign() ? AdhesiveState::Foreign : AdhesiveState::Fresh;
        $source = $this->source === null ? $this->run->plan->basis->source : ($this->source)($bond->id);
        $window = $this->run->plan->sealing->openings[$bond->id]->window;
        $samples = $heat->by($source);
        $hottest = $heat->by(Uncertainty::of($source, $state)->hottest($source));
        $seen = [];
        $before = null;
        $wet = false;
        foreach ($this->run->plan->steps as $id => $step) {
            $move = $step->act->move?->bond === $bond->id ? $this->run->plan->moveOf($step) : null;
            $wet = $wet || ($move instanceof Alcohol && isset($done[$id]));
            $from = $before === null ? null : $done[$before]->at ?? null;
            $before = $id;
            if (!$move instanceof Pass || !isset($done[$id]) || $from === null) {
                continue;
            }
            $starts = SeenHeat::at($samples, ($from - $record->from) / 1000)->bond;
            $end = ($done[$id]->at - $record->from) / 1000;
            $ends = SeenHeat::at($samples, $end)->bond;
            $seen[] = new SeenPass(
                $bond->id,
                $id,
                $move->way->length,
                max(0.0, ($done[$id]->at - $from) / 1000),
                $starts,
                $ends,
                self::off($samples, $hottest, $end),
                $ends - $window->low,
                $window->from->off ?? Uncertainty::windowOf($state),
                Felt::tryFrom($done[$id]->text('felt')),
                $move->keptAt !== null,
                $wet,
                $bond->adhesive,
                $state,
            );
        }

        return $seen;
    }

    /**
     * One standard deviation, K.
     *
     * @param non-empty-list<Sample> $likely
     * @param non-empty-list<Sample> $hottest
     */
    private static function off(array $likely, array $hottest, float $second): float
    {
        $apart = SeenHeat::at($hottest, $second)->bond - SeenHeat::at($likely, $second)->bond;

        return max(self::READ_OFF, $apart / Uncertainty::NINETY_FIVE);
    }
}
