<?php

declare(strict_types=1);

namespace Facelift\Proof\Fault;

use Facelift\Anatomy\PhoneFunction;
use Facelift\Proof\How;

/** A function tested at a place in the plan. */
final readonly class TestSeen
{
    /** Chance that a function on no list of suspicions fails (common practice, no source). */
    public const ELSEWHERE = 0.001;

    /** @param Sign|null $sign how it fails; null if nobody said, or it passes */
    public function __construct(
        public PhoneFunction $function,
        public int $at,
        public bool $passes,
        public How $how = How::OneByOne,
        public ?Sign $sign = null,
    ) {}

    /** Chance that the test shows a fault that is there: one tap for many shows little (common practice, no source). */
    private function notices(): float
    {
        return match ($this->how) {
            How::OnThePhone => 0.98,
            How::OneByOne => 0.95,
            How::Together => 0.5,
        };
    }

    /** Chance that a suspicion alone makes it end as it did not pass. */
    public function failsBy(Suspicion $suspicion): float
    {
        if ($suspicion->since > $this->at) {
            return 0.0;
        }
        $shown = $this->sign?->given($suspicion->kind) ?? 1.0;

        return $this->notices() * $suspicion->reaches($this->function) * $shown;
    }

    /** Chance that something on no list makes it fail so. */
    public function failsElsewhere(): float
    {
        return self::ELSEWHERE * ($this->sign?->given(null) ?? 1.0);
    }
}
