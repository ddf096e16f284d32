<?php

declare(strict_types=1);

namespace Facelift\Plan;

use Facelift\Anatomy\Face;
use Facelift\Anatomy\Tool;
use Facelift\Document\Reason;
use Facelift\Proof\Gate;

/**
 * One step at the bench.
 *
 * Its id means nothing: it is there to be named by events and by the steps that wait for it. Until a step is put in
 * its place in a
 * plan it has none.
 */
final readonly class Step
{
    /** s of hands where nothing else is said (common practice, no source) */
    private const USUAL = 10.0;

    /**
     * @param list<Reason> $because why it stands here
     * @param list<string> $after   ids of steps that must be done first
     */
    public function __construct(
        public string $id,
        public Phase $phase,
        public Act $act,
        public Manner $manner,
        public array $because,
        public array $after,
        public Effects $effects,
    ) {}

    /** @param Face $face that lies up */
    public static function of(StepKind $kind, Face $face, string ...$subjects): self
    {
        $act = new Act($kind, array_values($subjects));

        return new self(
            '',
            Phase::Prepare,
            $act,
            new Manner(
                $face,
                null,
                self::USUAL,
                0.0,
                [],
            ),
            [],
            [],
            Effects::none(),
        );
    }

    /** @param array<string, string|float|int> $figures what the wording needs */
    public function saying(array $figures): self
    {
        return $this->doing($this->act->saying($figures));
    }

    public function testing(Gate $gate): self
    {
        return $this->doing($this->act->testing($gate));
    }

    public function move(MoveOf $move): self
    {
        return $this->doing($this->act->moving($move));
    }

    public function noting(Reason ...$notes): self
    {
        return $this->doing($this->act->noting(...$notes));
    }

    /** @param Tool|null $tool null for bare hands */
    public function with(?Tool $tool): self
    {
        return $tool === null ? $this : $this->done($this->manner->with($tool));
    }

    /**
     * @param float $hands s
     * @param float $wait  s that need no hands
     */
    public function taking(float $hands, float $wait = 0.0): self
    {
        return $this->done($this->manner->taking($hands, $wait));
    }

    public function minding(Hazard ...$hazards): self
    {
        return $this->done($this->manner->minding(...$hazards));
    }

    public function warming(Warmth $warmth): self
    {
        return $this->done($this->manner->warming($warmth));
    }

    /** Its clock keeps a hand busy. */
    public function attended(bool $is = true): self
    {
        return $is ? $this->done($this->manner->attended()) : $this;
    }

    /** The battery has to be unplugged for it. */
    public function batteryOff(): self
    {
        return $this->done($this->manner->batteryOff());
    }

    public function because(Reason ...$because): self
    {
        $all = [...$this->because, ...array_values($because)];

        return new self(
            $this->id,
            $this->phase,
            $this->act,
            $this->manner,
            $all,
            $this->after,
            $this->effects,
        );
    }

    public function leaving(Effects $effects): self
    {
        return new self(
            $this->id,
            $this->phase,
            $this->act,
            $this->manner,
            $this->because,
            $this->after,
            $effects,
        );
    }

    /** @param list<string> $after */
    public function placed(string $id, Phase $phase, array $after): self
    {
        $once = array_values(array_unique($after));

        return new self(
            $id,
            $phase,
            $this->act,
            $this->manner,
            $this->because,
            $once,
            $this->effects,
        );
    }

    /** It waits for these as well. */
    public function after(string ...$ids): self
    {
        return $this->placed($this->id, $this->phase, [...$this->after, ...array_values($ids)]);
    }

    public function kind(): StepKind
    {
        return $this->act->kind;
    }

    /** True if it is about this element of the phone file before any other. */
    public function isAbout(string $id): bool
    {
        return ($this->act->subjects[0] ?? null) === $id;
    }

    /** True if it has a clock. */
    public function waits(): bool
    {
        return $this->manner->wait > 0;
    }

    /** True if the programmer does it, so that nobody has to say that it was done. */
    public function isByProgrammer(): bool
    {
        $kinds = [StepKind::ReadMemory, StepKind::WriteMemory];

        return \in_array($this->kind(), $kinds, true) && ($this->act->figures['blocks'] ?? 0) > 0;
    }

    /** The bond that a source heats with it; null if it heats none. */
    public function heatedBond(): ?string
    {
        return $this->act->kind->isHeating() ? $this->act->move?->bond : null;
    }

    private function doing(Act $act): self
    {
        return new self(
            $this->id,
            $this->phase,
            $act,
            $this->manner,
            $this->because,
            $this->after,
            $this->effects,
        );
    }

    /** The same, whose hands take so many times as long by the shop's record. */
    public function inTimes(float $times): self
    {
        return $this->done(
            $this->manner->taking($times * $this->manner->hands, $this->manner->wait)->inTimes($times),
        );
    }

    private function done(Manner $manner): self
    {
        return new self(
            $this->id,
            $this->phase,
            $this->act,
            $manner,
            $this->because,
            $this->after,
            $this->effects,
        );
    }
}
