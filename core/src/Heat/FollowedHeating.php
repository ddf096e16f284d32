<?php

declare(strict_types=1);

namespace Facelift\Heat;

/** The heat of a bond as it really went, and what follows from here on. Estimates. */
final readonly class FollowedHeating
{
    /** Looked ahead, s. */
    private const AHEAD = 300.0;
    private const EVERY = 4.0;
    /**
     * Followed for this long after the heat was last put on or taken off, s: after that nothing new is to be learnt,
     * and a job may lie for days.
     */
    private const FOLLOWED = 1800.0;

    /**
     * @param float        $clock   s from the first heating
     * @param list<Sample> $samples up to now and some minutes ahead
     */
    private function __construct(
        public HeatRecord $record,
        public AdhesiveWindow $window,
        public Limits $limits,
        public float $clock,
        public array $samples,
    ) {}

    /**
     * @param Source $source as it was planned, or as readings have corrected it
     * @param int    $now    ms since 1970
     */
    public static function of(
        HeatRecord $record,
        Curves $curves,
        Source $source,
        AdhesiveWindow $window,
        Limits $limits,
        int $now,
    ): self {
        $clock = max(0.0, min(($now - $record->from) / 1000, $record->lastChange() + self::FOLLOWED));

        return new self(
            $record,
            $window,
            $limits,
            $clock,
            $curves->run($record->programme($source, $clock + self::AHEAD), self::EVERY),
        );
    }

    /**
     * @return array{float, Binding}|null s from the first heating at which to lift off, and why; null if no heat is
     *     on, or none of it comes within sight
     */
    public function lift(): ?array
    {
        // What is held is taken away when it is cut through, not when it is warm.
        foreach ($this->record->on && !$this->record->isHeld() ? $this->samples : [] as $s) {
            $ends = $s->bond >= $this->window->target() ? Binding::Target : $this->limits->firstReached($s);
            if ($ends !== null && $s->second >= $this->clock - self::EVERY) {
                return [$s->second, $ends];
            }
        }

        return null;
    }

    /**
     * When the bond grips again, or did: s from the first heating. A bond that never let go grips from the moment it
     * was lifted off.
     *
     * @return float|null null while heat is on, or if it does not grip within sight
     */
    public function grips(): ?float
    {
        if ($this->record->on) {
            return null;
        }
        $lifted = $this->record->lastChange();
        foreach ($this->samples as $i => $s) {
            if ($s->second < $lifted || $s->bond >= $this->window->low) {
                continue;
            }
            $before = $this->samples[$i - 1] ?? null;
            if ($before === null || $before->bond < $this->window->low) {
                return max($lifted, $before->second ?? 0.0);
            }
            $part = ($before->bond - $this->window->low) / ($before->bond - $s->bond);

            return max($lifted, $before->second + $part * ($s->second - $before->second));
        }

        return null;
    }

    /**
     * Seconds that the bond was worked at: on the source, or warm enough to part. A phone that merely lies there is
     * not worked at.
     */
    public function worked(): float
    {
        $worked = 0.0;
        foreach ($this->past() as $i => $s) {
            $before = $this->samples[$i - 1] ?? null;
            if ($before !== null && ($s->bond >= $this->window->low || $this->isHeated($before->second))) {
                $worked += $s->second - $before->second;
            }
        }

        return $worked;
    }

    /** Share of what the panel bears that is used up by now. */
    public function panelUsed(): float
    {
        return PanelBudget::used($this->past());
    }

    public function panelHurt(): bool
    {
        return $this->limits->panelHurt($this->past());
    }

    /** As it is now. */
    public function now(): Sample
    {
        $past = $this->past();

        return $past[\count($past) - 1] ?? $this->samples[0];
    }

    private function isHeated(float $second): bool
    {
        foreach ($this->record->heats as $heat) {
            if ($second >= $heat->on && $second < $heat->off) {
                return true;
            }
        }

        return false;
    }

    /** @return list<Sample> */
    private function past(): array
    {
        return array_values(array_filter($this->samples, fn(Sample $s): bool => $s->second <= $this->clock));
    }
}
