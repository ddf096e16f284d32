<?php

declare(strict_types=1);

namespace Facelift\Cut\Internal;

use Facelift\Anatomy\Bond;
use Facelift\Anatomy\Stretch;
use Facelift\Cut\EdgeOpening;
use Facelift\Cut\HeatBy;
use Facelift\Cut\Passes;
use Facelift\Heat\Binding;
use Facelift\Heat\HeatingEnd;
use Facelift\Heat\PaceCurve;
use Facelift\Heat\PartingChance;
use Facelift\Heat\Session;

/**
 * One way round an edge, heated.
 *
 * @internal
 */
final class Worked
{
    /** Seconds to drip alcohol beside the blade and let it creep in (common practice, no source). */
    private const ALCOHOL = 15.0;
    /** Six of one bond are a lot; more than so many are no plan (common practice, no source). */
    private const MOST_HEATINGS = 12;
    /** After so many heatings it shows how it goes. */
    private const TELLING = 3;
    /** A piece shorter than this is not worth a pick before the next heating, mm (common practice, no source). */
    private const WORTH = 15.0;
    /** A blade that takes twice as long as planned drags: what is held warm is given no more time than that. */
    private const DRAGS = 2.0;

    private readonly Opened $opened;
    private readonly bool $holds;
    private PaceCurve $pace;
    /** mm of straight edge cut since the source was taken away, and s that went by beside cutting */
    private float $since = 0.0;
    private float $beside = 0.0;
    /** s on the cooling curve at which cutting began; null before */
    private ?float $from = null;
    /** mm of straight edge in all, and of them cut by now */
    private float $all = 0.0;
    private float $done = 0.0;
    /** True if a limit has ended the last holding. */
    private bool $stopped = false;

    public function __construct(
        private readonly Bond $bond,
        private readonly Passes $passes,
        private readonly HeatBy $heat,
        private readonly Session $session,
    ) {
        $this->pace = $session->pace;
        $this->holds = $heat->approach->held && $heat->source->covers !== null;
        $this->opened = new Opened($bond, $session, $this->holds);
    }

    /**
     * @param list<Stretch> $round
     * @param int|null      $alcohol index of the stretch before which alcohol is used; null for none
     */
    public function along(array $round, ?int $alcohol): EdgeOpening
    {
        $cut = $this->bond->cut;
        $preheat = $this->heat->approach->preheat;
        $first = $preheat === null ? $this->heated(false) : $this->opened->preheated($preheat);
        if ($preheat !== null && $first->binding === Binding::Time) {
            $first = $this->heated(true);
        }
        if (!$first->parts || $cut === null) {
            return $this->opened->result($first->parts ? Binding::Time : $first->binding);
        }
        $this->opened->gap(Passes::FIRST_GAP, $cut->start, $this->holds);
        $this->beside = 0.0;
        $this->from = null;

        return $this->round($round, $alcohol);
    }

    /** @param list<Stretch> $left what is not cut yet, after a blade was held fast */
    public function again(array $left): EdgeOpening
    {
        $first = $this->heated(true);

        return $first->parts ? $this->round($left, null) : $this->opened->result($first->binding);
    }

    /**
     * @param list<Stretch> $round
     * @param int|null      $alcohol index of the stretch before which alcohol is used; null for none
     */
    private function round(array $round, ?int $alcohol): EdgeOpening
    {
        $heatings = 1;
        $heated = $this->session->covers();
        $this->all = array_sum(array_map($this->passes->effort(...), $round));
        foreach ($round as $i => $stretch) {
            $drips = $i === $alcohol;
            for ($left = $stretch; $left !== null; $left = $this->passes->behind($left, $piece)) {
                if ($heated < Passes::SHORTEST) {
                    $heated = $this->session->covers();
                    if (!$this->next() && $this->isHopeless(++$heatings)) {
                        return $this->opened->result(Binding::Time);
                    }
                }
                $all = $this->passes->upTo($left, $heated);
                $piece = $this->piece($all, $drips);
                if ($piece === null) {
                    $end = $this->heated(true);
                    $piece = $this->piece($all, $drips);
                    if ($piece === null || $this->isHopeless(++$heatings)) {
                        return $this->opened->result($end->binding === Binding::Target || $end->parts
                            ? Binding::Chance
                            : $end->binding);
                    }
                }
                if ($drips) {
                    $this->opened->alcohol(self::ALCOHOL, $stretch->side);
                    $this->pace = $this->session->pace->wet();
                    $this->from = null;
                    $drips = false;
                }
                $piece = $this->cut($piece);
                if ($piece === null) {
                    return $this->opened->result(Binding::Chance);
                }
                $heated -= $piece->length();
            }
        }

        return $this->opened->result(null);
    }

    /** True if it will take more heatings than are a plan, going on as it went so far. */
    private function isHopeless(int $heatings): bool
    {
        return $heatings > self::MOST_HEATINGS
            || ($heatings > self::TELLING && $heatings * $this->all > self::MOST_HEATINGS * 2 * $this->done);
    }

    private function heated(bool $again): HeatingEnd
    {
        [$this->since, $this->beside, $this->from, $this->stopped] = [0.0, 0.0, null, false];

        return $this->opened->heated($again);
    }

    /** @return bool true if the next stretch is warm already: the source has gone ahead */
    private function next(): bool
    {
        [$this->since, $this->beside, $this->from] = [0.0, 0.0, null];
        if ($this->holds && $this->session->nextIsWarm()) {
            $this->opened->on();

            return true;
        }
        $this->opened->elsewhere();

        return false;
    }

    /** As much of it as is likely to be cut in time; null if that is not worth beginning. */
    private function piece(Stretch $all, bool $drips): ?Stretch
    {
        if ($this->holds) {
            return $this->stopped ? null : $all;
        }
        $pace = $drips ? $this->session->pace->wet() : $this->pace;
        $left = $this->chance($pace, $drips ? self::ALCOHOL : 0.0)->reachedWith($this->heat->chance) - $this->since;
        $piece = $left <= 0.0 ? null : $this->passes->within($all, $left);
        // What is begun is worth a pick, unless the bond is as warm as it gets.
        $worth = $piece !== null && ($piece === $all || $piece->length() >= self::WORTH || $this->since === 0.0);

        return $worth ? $piece : null;
    }

    /** Until the bond grips, with everything that was cut since it was heated. */
    private function chance(PaceCurve $pace, float $later = 0.0): PartingChance
    {
        $curve = $this->session->cooling();
        $from = ($this->from ?? $this->session->cooled()) + $this->beside + $later;

        return PartingChance::along(
            $curve,
            $pace,
            $this->session->uncertainty,
            $from,
            $curve->length(),
        );
    }

    /** @return Stretch|null what was cut; null if it would not be through, or not likely enough */
    private function cut(Stretch $piece): ?Stretch
    {
        return $this->holds ? $this->heldAlong($piece) : $this->cutAlong($piece);
    }

    private function cutAlong(Stretch $piece): ?Stretch
    {
        $effort = $this->passes->effort($piece);
        $chance = $this->chance($this->pace);
        $this->from ??= $this->session->cooled();
        $seconds = $this->session->cooling()->secondsFor($this->pace, $effort, $this->session->cooled());
        if ($seconds === null) {
            return null;
        }
        $this->since += $effort;
        $this->done += $effort;
        $this->beside += Passes::PICK;
        $way = $this->passes->way($piece, $effort / $seconds);
        $this->opened->cut($way, $seconds + Passes::PICK, $chance->cases($this->since));

        return $piece;
    }

    private function heldAlong(Stretch $piece): ?Stretch
    {
        $effort = $this->passes->effort($piece);
        $held = $this->session->hold($effort);
        $cut = $held->ended === null ? $piece : $this->passes->within($piece, $held->reached);
        if ($cut === null) {
            return null;
        }
        $done = $this->passes->effort($cut);
        $this->done += $done;
        $cases = PartingChance::along(
            $held->curve,
            $this->pace,
            $this->session->uncertainty,
            0.0,
            $held->seconds,
        )
            ->inTimes(self::DRAGS)
            ->cases($done);
        if (array_sum($cases) < $this->heat->chance) {
            return null;
        }
        $this->opened->held($this->passes->way($cut, $done / $held->seconds), $held->seconds, $cases);
        if ($held->ended !== null) {
            $this->opened->rested();
            $this->stopped = true;
        }

        return $cut;
    }
}
