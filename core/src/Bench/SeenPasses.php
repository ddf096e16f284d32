<?php

declare(strict_types=1);

namespace Facelift\Bench;

use Facelift\Anatomy\Bond;
use Facelift\Condition\Condition;
use Facelift\Cut\Alcohol;
use Facelift\Cut\Pass;
use Facelift\Heat\AdhesiveState;
use Facelift\Heat\Curves;
use Facelift\Heat\HeatRecord;
use Facelift\Heat\Sample;
use Facelift\Heat\Source;
use Facelift\Heat\Uncertainty;

/** Every pass of a run that is through, with what is known of how it went. */
final readonly class SeenPasses
{
    private const EVERY = 2.0;
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
        $last = $done === [] ? 0 : max(array_map(static fn(Event $e): int => $e->at, $done));
        $record = HeatLog::of($this->run, $bond->id, $last);
        if ($record === null) {
            return [];
        }
        $state = $this->condition->bondIsForeign() ? AdhesiveState::Foreign : AdhesiveState::Fresh;
        $source = $this->source === null ? $this->run->plan->basis->source : ($this->source)($bond->id);
        $samples = $this->samples($bond, $record, $last, $source);
        $hottest = $this->samples($bond, $record, $last, Uncertainty::of($source, $state)->hottest($source));
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
            $seen[] = new SeenPass(
                $bond->id,
                $id,
                $move->way->length,
                max(0.0, ($done[$id]->at - $from) / 1000),
                self::at($samples, ($from - $record->from) / 1000),
                self::at($samples, ($done[$id]->at - $record->from) / 1000),
                self::off($samples, $hottest, ($done[$id]->at - $record->from) / 1000),
                Felt::tryFrom($done[$id]->text('felt')),
                $move->keptAt !== null,
                $wet,
                $bond->adhesive,
                $state,
            );
        }

        return $seen;
    }

    /** @return non-empty-list<Sample> */
    private function samples(Bond $bond, HeatRecord $record, int $last, Source $source): array
    {
        $basis = $this->run->plan->basis;
        $curves = Curves::after(HeatBefore::of($this->run, $bond->id, $record->from), $basis->phone, $bond);
        $seconds = max(0.0, min(($last - $record->from) / 1000, $record->lastChange() + HeatLog::FOLLOWED));
        $samples = $curves->run($record->programme($source, $seconds), self::EVERY);

        return $samples === [] ? throw new \LogicException('a run without its beginning') : $samples;
    }

    /**
     * One standard deviation, K.
     *
     * @param non-empty-list<Sample> $likely
     * @param non-empty-list<Sample> $hottest
     */
    private static function off(array $likely, array $hottest, float $second): float
    {
        $apart = self::at($hottest, $second) - self::at($likely, $second);

        return max(self::READ_OFF, $apart / Uncertainty::NINETY_FIVE);
    }

    /** @param non-empty-list<Sample> $samples */
    private static function at(array $samples, float $second): float
    {
        $before = $samples[0];
        foreach ($samples as $sample) {
            if ($sample->second > $second) {
                break;
            }
            $before = $sample;
        }

        return $before->bond;
    }
}
